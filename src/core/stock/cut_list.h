// Which piece is cut from which sheet: guillotine cuts only, as a trimmer makes them, from the sheets and
// offcuts at hand.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/progress.h"
#include "core/outline/shape.h"

namespace havlo {

/// Which way the fibres of a paper run, in the frame of the sheet or piece. Across them it folds badly:
/// common practice, no source.
enum class Grain { Unknown, Upright, Level };

/// Something rectangular to be cut, so many times.
struct WantedPiece {
  std::string name;
  double width_mm = 0, height_mm = 0;
  int count = 1;
  bool turns = true;             ///< may lie sideways: not if it has a pattern
  Grain grain = Grain::Unknown;  ///< the way it needs its fibres; unknown: any
  bool operator==(const WantedPiece&) const = default;
};

/// Sheets of one size at hand; offcuts are sheets too. Where the grain of some is known, the others are taken
/// to have theirs along their longer side (common practice, no source).
struct StockSheet {
  std::string name;
  double width_mm = 0, height_mm = 0;
  int count = 1;
  Grain grain = Grain::Unknown;
  bool operator==(const StockSheet&) const = default;
};

/// One cut right across what is in hand, or one piece laid aside.
struct SheetCut {
  Box of;                ///< the part that is cut, in the sheet's frame
  bool upright = false;  ///< the cut runs upright, at x = at_mm; else level, at y = at_mm
  double at_mm = 0;
};

struct PlacedPiece {
  int piece = 0;  ///< index of the wish
  Box box;        ///< in the sheet's frame, from its lower left corner
  bool turned = false;
};

struct TrimmedSheet {
  int sheet = 0;  ///< index of the stock
  std::vector<PlacedPiece> pieces;
  std::vector<SheetCut> cuts;  ///< in the order in which they are made
  std::vector<Box> offcuts;    ///< worth keeping, largest first
  double waste_mm2 = 0;        ///< what is neither piece nor offcut
};

struct CutList {
  std::vector<TrimmedSheet> sheets;
  std::vector<int> left;      ///< wishes that find no room on what is at hand, once for every piece missing
  double used_mm2 = 0;        ///< area of the sheets that are cut
  double leastSheet_mm2 = 0;  ///< no way of cutting takes less sheet: a bound
  bool exact = false;         ///< no way of cutting takes less sheet
};

/// In files and on the command line; anything else is unknown.
constexpr const char* grainWord(Grain g) {
  return g == Grain::Upright ? "upright" : g == Grain::Level ? "level" : "";
}
constexpr Grain grainOf(std::string_view word) {
  return word == "upright" ? Grain::Upright : word == "level" ? Grain::Level : Grain::Unknown;
}

/// Least sheet first, then the fewest cuts, then the largest offcut.
/// @param kerf_mm  lost at every cut; a trimmer loses nothing, scissors want a little room
/// @param tries  orders tried beyond the first ones; effort is counted, so that every computer finds the same
/// @error  Stopped is not one: what was found until then is returned
CutList cutListFor(const std::vector<WantedPiece>& wanted, const std::vector<StockSheet>& stock,
                   double kerf_mm = 0, int tries = 2000, const Progress& progress = {});

/// The smallest part of a sheet that is kept for next time, side. Common practice, no source.
inline constexpr double kLeastOffcut_mm = 40;

}  // namespace havlo
