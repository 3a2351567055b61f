// What a knife follows on one sheet, and in which order.
#pragma once

#include <string>
#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// Most points of a cut file; the masks of a large card have some thousands.
inline constexpr size_t kMostCutPoints = 300'000;

/// One line for the knife. Points in mm, origin at the sheet's lower-left corner, y up; a closed line ends
/// where it begins.
struct CutLine {
  std::string id;  ///< which mask or piece it belongs to; may be empty
  Ring points;
  bool closed = true;
};

/// The id of a short cut in the waste that turns a trailing blade into a known direction.
inline constexpr const char* kBladeScratch = "blade";

/// One sheet with its cuts and what is only drawn on it.
struct CutSheet {
  double width_mm = 0, height_mm = 0;
  std::vector<CutLine> cuts;   ///< in the order in which they are cut
  std::vector<CutLine> marks;  ///< for a pen or the eye, never for the knife
};

/// The order for a knife: what lies inside another line before that line (a hole before its piece, so that
/// the piece has not moved), and from each end to the nearest next start. Closed lines begin at their point
/// nearest to the knife.
/// @param start  where the knife waits, sheet coordinates
std::vector<CutLine> inCuttingOrder(std::vector<CutLine> lines, Point start = {});

}  // namespace havlo
