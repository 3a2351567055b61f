// The card as a stack of papers: what lies on what and how high, how thick and heavy all of it is, and the
// envelope that takes it.
#pragma once

#include <span>
#include <string_view>
#include <vector>

#include "core/card/card_fit.h"
#include "core/depth/placed.h"

namespace havlo {

/// Weight of paper, g/m² for every mm of thickness. Common practice, no source: 240 g/m² card is about 0.3 mm
/// thick.
inline constexpr double kUsualDensity_gsmPerMm = 800;
/// By how much an envelope is wider and higher than what goes in. Common practice, no source: 3 mm or an
/// eighth of an inch, more for what is thick.
double envelopeRoom_mm(double thickness_mm);

/// One sheet of the finished card, seen from the front.
struct StackedSheet {
  enum class What { Base, Mat, Panel, PopUp, Piece };
  What what = What::Panel;
  int index = -1;     ///< of the mat, the impression or the piece
  Rings outline;      ///< panel coordinates
  double low_mm = 0;  ///< under side over the table
  double thickness_mm = 0;
  Colour colour;
  double area_mm2 = 0;  ///< of the sheet, all leaves
  double weight_g = 0;
  double foam_mm = 0;  ///< under it
};

enum class StackFaultKind {
  OnGone,         ///< a piece lies on one that is not there
  OffTheCard,     ///< nothing of it lies on what it is glued on
  HangsOver,      ///< it reaches `by_mm` over the rim and is not cut flush
  NoEnvelope,     ///< no usual envelope takes the card
  TooThick,       ///< by `by_mm` thicker than the maker's post takes
  TooHeavy,       ///< by `by_mm` grams
  EnvelopeTight,  ///< the envelope of the plan is too small by `by_mm`
  FlapTooLarge    ///< larger than its envelope by `by_mm`, or there is none
};

struct StackFault {
  StackFaultKind kind = StackFaultKind::OnGone;
  int piece = -1;
  double by_mm = 0;
};

/// An envelope that takes the card.
struct EnvelopeFit {
  std::string_view name, source;
  double width_mm = 0, height_mm = 0;
};

struct CardStack {
  std::vector<StackedSheet> sheets;    ///< lowest first
  double width_mm = 0, height_mm = 0;  ///< of the folded card with all that hangs over
  double thickness_mm = 0;             ///< at its thickest, foam and what lies inside among it
  double weight_g = 0;                 ///< without the envelope
  std::vector<EnvelopeFit> envelopes;  ///< usual ones that take it, smallest first
  std::vector<StackFault> faults;
};

CardStack stackOf(const Plan& plan, std::span<const PlacedRef> placed);

/// Usual envelopes, square ones among them, that take something so large and thick; smallest area first.
std::vector<EnvelopeFit> envelopesFor(double width_mm, double height_mm, double thickness_mm);

double weightOf(const PiecePaper& paper, double area_mm2);

}  // namespace havlo
