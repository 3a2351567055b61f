// Marks by which a cutting machine finds a printed sheet that lies a little elsewhere than it should.
#pragma once

#include <span>

#include "core/base/result.h"
#include "core/cutting/cut_sheet.h"

namespace havlo {

/// Round spots of this radius, their middles so far from the sheet's edges; nothing is cut nearer to the edge
/// than kMarkRoom_mm.
inline constexpr double kMarkRadius_mm = 2, kMarkInset_mm = 8, kMarkRoom_mm = 13;

/// Four spots: three in corners, the fourth, at the upper right, stands in along the top, so that a sheet
/// laid the other way round is told. Sheet coordinates. @return none for a sheet too small for them
std::vector<Point> registrationMarks(double width_mm, double height_mm);

/// The same as lines for a pen, closed; ids "register-1" to "register-4".
std::vector<CutLine> registrationLines(double width_mm, double height_mm);

/// The middles of the round marks of a sheet, as the file gives them in its order, whatever their ids.
std::vector<Point> marksOn(const CutSheet& sheet);

/// How a sheet lies on the machine: turned, moved, and stretched by the printer along and across.
struct SheetFit {
  double xx = 1, xy = 0, yx = 0, yy = 1;
  Point by;
  double off_mm = 0;      ///< the farthest a mark was seen from where the fit has it
  bool wrongWay = false;  ///< it lies upside down or on its side: the marks fit only turned
  Point operator()(Point p) const { return {xx * p.x + xy * p.y + by.x, yx * p.x + yy * p.y + by.y}; }
};

/// By least squares from marks as they should lie and as they are seen, in any order.
/// @error  BadInput: fewer than three seen, or none of the ways to lay the sheet explains them to
/// kWorstFit_mm
Result<SheetFit> fitSheet(std::span<const Point> expected, std::span<const Point> seen);
inline constexpr double kWorstFit_mm = 1.0;

/// The lines where they lie on the sheet as it lies.
std::vector<CutLine> laidOn(std::vector<CutLine> lines, const SheetFit& fit);

}  // namespace havlo
