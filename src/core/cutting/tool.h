// What a cutting machine's tool asks of the lines: a blade that trails behind its holder, a cut that has a
// width.
#pragma once

#include "core/cutting/cut_sheet.h"

namespace havlo {

struct CuttingTool {
  double trailing_mm = 0;  ///< 0 to kMostTrailing_mm: the blade's tip lies so far behind its holder's axis
  double width_mm =
      0;  ///< 0 to kMostCutWidth_mm: so much of the paper is lost along a line, as to a beam or a burr
  bool operator==(const CuttingTool&) const = default;
};
inline constexpr double kMostTrailing_mm = 1.5, kMostCutWidth_mm = 1.0;

/// The way of the tool's axis for lines that are to be cut. A mask keeps its size: its outline is moved
/// outward by half the cut's width, its holes inward. A trailing blade is led: its axis runs ahead of the
/// line, swivels about every corner, and goes on a little past where a closed line began. Before the first
/// line it is set by a short scratch in the waste (kBladeScratch), as nobody knows where it points.
/// @param lines  in cutting order  @param width_mm, height_mm  of the sheet, for the scratch
std::vector<CutLine> forTool(const std::vector<CutLine>& lines, const CuttingTool& tool, double width_mm,
                             double height_mm);

/// Where the tip of a trailing blade goes when its axis is led along the lines: it is dragged, whatever the
/// lines mean (the curve of a body on a taut string, the tractrix, in steps of a two-hundredth of a
/// millimetre). While it is up it keeps pointing where it pointed. @param pointing  unit vector from the axis
/// to the tip in the beginning
std::vector<CutLine> draggedTip(const std::vector<CutLine>& axis, double trailing_mm,
                                Point pointing = {0, 1});

}  // namespace havlo
