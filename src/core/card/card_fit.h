// How panel, mats and base lie on each other: sizes of every layer, the sheet the base is cut from with its
// score, and what does not fit.
#pragma once

#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// One layer of the card, from the top: panel, mats, front of the base. Panel coordinates: the panel is at
/// the origin, larger layers begin left of and below it.
struct Layer {
  enum class What { Panel, Mat, Base };
  What what = What::Panel;
  int mat = -1;  ///< index of the mat
  Box box;
};

enum class Fold { Left, Right, Top, Bottom, None };
/// The fold the plan names; an unknown word counts as none.
Fold foldOf(const CardBase& base);
const char* wordOf(Fold fold);

enum class MisfitKind {
  LayerTooLarge,       ///< `layer` does not lie within the one below; `by_mm` sticks out in all
  ShiftedOver,         ///< off-centre by so much that `layer` sticks out of the one below by `by_mm`
  UnequalReveal,       ///< the base is off its size: line up two sides and trim the others by `by_mm`
  FootOffPanel,        ///< an impression's foot is outside the panel
  ImpressionOffPanel,  ///< nothing of it lies on the panel any more
  IntoBareBorder       ///< an impression reaches into the border that is to stay bare by `by_mm`
};

struct Misfit {
  MisfitKind kind = MisfitKind::LayerTooLarge;
  int layer = -1;       ///< index in CardFit::layers, for layers
  int impression = -1;  ///< for impressions
  double by_mm = 0, byHeight_mm = 0;
  bool serious = true;
};

struct CardFit {
  std::vector<Layer> layers;                             ///< from the top
  Box work;                                              ///< the panel with its working allowance
  double baseSheetWidth_mm = 0, baseSheetHeight_mm = 0;  ///< the base opened flat; 0 without a base
  bool scoreUpright = false;                             ///< the score runs parallel to the upright sides
  double scoreAt_mm = 0;    ///< from the left or the bottom edge of the opened base
  double thickness_mm = 0;  ///< of panel, mats and a folded base together, without foam
  std::vector<Misfit> misfits;
};

/// A base may be off its size by this much before it is worth a word.
inline constexpr double kOffSize_mm = 0.4;

CardFit fitCard(const Plan& plan);

/// The base that shows `reveal_mm` all round outside the outermost mat.
CardBase baseFor(const Card& card, double reveal_mm, Fold fold);

/// How much of the layer below shows on every side of a layer, mm. @param layer  index, not the last
struct Reveals {
  double left_mm = 0, right_mm = 0, bottom_mm = 0, top_mm = 0;
};
Reveals revealsOf(const CardFit& fit, int layer);

/// The card with the rim of one layer dragged so that `reveal_mm` of it shows on that side. What lies on it
/// stays in its middle and the layer is cut larger or smaller (a mat all round, a base across); with
/// `oneSide` the layer keeps its size and what lies on it goes off-centre on purpose. The panel stays as it
/// is.
/// @param layer  index in fitCard().layers, from 1
enum class Side { Left, Right, Bottom, Top };
Card withReveal(const Card& card, int layer, Side side, double reveal_mm, bool oneSide);

/// How much the base shows outside the outermost layer on its narrower pair of sides; 0 without a base.
double revealOf(const Card& card);

/// The card on this base: the panel and what lies between fill it up to `reveal_mm` all round.
/// Sizes may come out too small for a panel; withPanel refuses those.
Card onBase(const Card& card, const CardBase& base, double reveal_mm);

/// How much a base that came out off-size is trimmed (engine section 11): the panel with its mats is lined up
/// at the fold, and at the left or the bottom, and the rest is cut off at the sides across from there.
struct Trimming {
  double fromWidth_mm = 0, fromHeight_mm = 0;  ///< never negative
  bool tooSmall = false;                       ///< the base is smaller than what lies on it
};
Trimming trimmingOf(const Card& card, double reveal_mm);

}  // namespace havlo
