// What one kind of work by hand is: how it is listed, what it must come after, what it costs and how it
// looks. A new kind is a class in a file of its own and an entry in hand_kind.cpp; order, run sheet, press,
// proof and command line take it from there.
#pragma once

#include <memory>
#include <string_view>
#include <vector>

#include "core/colour/colour.h"
#include "core/handwork/act_list.h"
#include "core/mask/mask_needs.h"
#include "core/region/stamp_regions.h"

namespace havlo {

/// What handwork is judged from.
struct HandScene {
  const Plan& plan;
  const Meetings& meetings;
  const WashMeetings& washes;
  const Stack& stack;
  const std::vector<int>& stampOf;
  const std::vector<RegionsRef>& regions;  ///< by stamp; null where no colouring asked for them
};

/// Over or under what a mark by hand lies.
enum class HandLayer {
  None,       ///< leaves nothing
  UnderInk,   ///< beside the lines of its thing, which cover, and no farther than what shows of it
  OverThing,  ///< over its thing, and no farther than what shows of it
  Behind,     ///< ends at whatever stands
  OverAll,
  InWash  ///< takes colour out of a wash
};

/// Where among the work by hand a kind of it is done, earlier ones first.
enum class HandTurn { Lifting, Lines, Colouring, LateLines, Accents, Rest };

/// One act by hand with all that order, hands and press need to know of it.
struct HandWork {
  HandAct act;
  int ink = -1;  ///< index in the plan; -1: none
  Box box;       ///< on the panel, where it lies; empty: nowhere in particular
  double area_mm2 = 0, length_mm = 0;
  int count = 1;
  double minutes = 0;                 ///< on one card
  double dry_min = 0;                 ///< until it may be touched
  bool wet = false, alcohol = false;  ///< moves what does not hold
  bool clear = true;  ///< its film lets everything through: it may lie before or after other such films
  std::vector<int> after, before;  ///< acts
  std::vector<int> bare;           ///< impressions, rising, on which no paper may lie meanwhile
  HandTurn turn = HandTurn::Rest;
  HandLayer layer = HandLayer::None;
  std::vector<double> within;  ///< order in that turn, by the first that differs
  bool soon = false;           ///< done as soon as it may be, not with the rest
  std::string gone;            ///< what it refers to and is not there; then nothing is done
  double open_mm = 0;          ///< of a coloured part: length of its border where no line is

  /// Is anything done? Not where a part stays bare, or what it refers to is gone.
  bool does() const { return act.kind == ByHand::Own || layer != HandLayer::None; }
};

/// One film that an act leaves.
struct HandFilm {
  Tile tile;
  Colour colour;
  double opacity = 0, strength = 1;
  bool byShare = false;  ///< the tile is a share of the strength, not of the pixel
};

class HandKind {
 public:
  virtual ~HandKind() = default;
  virtual std::string_view word() const = 0;  ///< in the names of acts
  virtual const std::string& id(const Plan& plan, int index) const = 0;
  virtual void list(const Plan& plan, std::vector<HandAct>& out) const = 0;
  /// Fills in all but `act`.
  virtual void judge(const HandScene& scene, HandWork& work) const = 0;
  /// What it leaves on the card if nothing is in its way.
  virtual std::vector<HandFilm> films(const HandScene&, const HandWork&, const Grid&) const { return {}; }
};
const HandKind& kindOf(ByHand kind);

/// All of a plan's work by hand.
class Handwork {
 public:
  Handwork() = default;
  explicit Handwork(const HandScene& scene);
  const std::vector<HandWork>& all() const { return m_all; }
  bool empty() const { return m_all.empty(); }
  /// On one card, everything taken up once for each thing that is done in one go.
  double minutes() const;
  /// What lies on what, lowest first: by the depth of what they are on, what ends at standing things, what
  /// lies over everything; on one thing lines that let colour through, colour, lines that cover, accents;
  /// among equals the plan's list. Indices.
  const std::vector<int>& lowestFirst() const { return m_lowestFirst; }
  /// By act by hand: on which things no paper may lie then.
  std::vector<std::vector<int>> bare() const;

 private:
  std::vector<HandWork> m_all;
  std::vector<int> m_lowestFirst;
};

/// The stamps whose regions a plan's handwork needs, by stamp index.
std::vector<char> wantsRegions(const Plan& plan, const std::vector<int>& stampOf);

// ---- for the kinds

/// Length of a line.
double lengthOf(const std::vector<Point>& along);
/// Strokes with round ends; one of two equal points is a dot.
Tile strokesTile(const Grid& grid, const Rings& strokes, double width_mm);
/// A disc at every point.
Tile discsTile(const Grid& grid, const std::vector<Point>& at, double size_mm);
/// What lies on a thing waits for it and for what stands before it; what lies freely, for all that is there.
void afterWhatIsThere(const HandScene& scene, HandWork& work, bool clear);
/// Index of an ink; -1: none of that id.
int inkIndex(const Plan& plan, const std::string& id);

}  // namespace havlo
