// A scan or photo of stamped impressions, and what is found on it. Pixels stay in this room and in io.
#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <vector>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/outline/shape.h"

namespace havlo {

/// Grey pixels, row by row from the top, 0 black to 255 white; of a coloured picture the darkest channel, so
/// that pale yellow ink counts as ink.
struct Scan {
  int width = 0, height = 0;
  std::vector<uint8_t> grey;
  double pxPerMm = 0;  ///< 0: not known yet

  bool empty() const { return width <= 0 || height <= 0; }
  double widthMm() const { return pxPerMm > 0 ? width / pxPerMm : 0; }
  double heightMm() const { return pxPerMm > 0 ? height / pxPerMm : 0; }
};

/// Most pixels of a scan: a whole A4 sheet at 1200 dpi has 139 million.
inline constexpr double kMostScanPixels = 160e6;
/// Most and least pixels along a side: the libraries that turn pictures count to 32 767.
inline constexpr int kMostScanSide = 30000, kLeastScanSide = 16;

/// Pixel coordinates, x right, y down, in a scan.
using PixelPoint = Point;

/// The scan made smaller, for looking at. @param longest_px  of its longer side, at most; its scale goes with
/// it
Scan reduced(const Scan& scan, int longest_px);

/// A photo of a flat sheet as if seen from straight above. @param corners  of a known rectangle: upper left,
/// upper right, lower right, lower left  @param width_mm, height_mm  its true size, > 0
/// @param keep  Around: the whole picture, as far as it lies near the rectangle; Rectangle: what lies in it;
///              Tell: that, if it is a sheet on a darker table
/// @return it straightened, with its scale set
/// @error  BadInput if the corners do not form a convex four-sided shape in this order, or it is too small
enum class Straighten { Around, Rectangle, Tell };
Result<Scan> straightened(const Scan& photo, const std::array<PixelPoint, 4>& corners, double width_mm,
                          double height_mm, Straighten keep = Straighten::Around);

/// Side and line width of the calibration square that Havlo prints, mm.
inline constexpr double kCalibrationSide_mm = 60, kCalibrationLine_mm = 3;

/// The corners of the printed calibration square: upper left, upper right, lower right, lower left.
std::optional<std::array<PixelPoint, 4>> findCalibrationSquare(const Scan& scan);

/// How far the sheet lies askew, from its long straight edges or their shadows; 0 when none is seen.
/// @return degrees anticlockwise as seen, within ±12
Degrees sheetSkew(const Scan& scan);

}  // namespace havlo
