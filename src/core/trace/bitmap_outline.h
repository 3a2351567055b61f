// Clean outlines of a bitmap. potrace is included in bitmap_outline.cpp only.
#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// Ink or not, row by row from the top.
struct Bitmap {
  int width = 0, height = 0;
  std::vector<uint8_t> ink;  ///< 0 or not 0
  double pxPerMm = 1;

  bool at(int x, int y) const { return ink[ix(y) * ix(width) + ix(x)]; }
};

/// One side of a curved ring: straight to `end` where `bent` is false, else a cubic Bézier curve.
struct Curve {
  bool bent = false;
  Point first, second, end;
};

struct BitmapOutline {
  Rings rings;  ///< flattened to 0.02 mm; mm, origin at the bitmap's lower left corner, y up
  std::vector<std::vector<Curve>> curves;  ///< one closed chain a ring
};

/// @param speck_mm2  areas smaller than this are dropped
/// Source: potrace (Selinger 2003, "Potrace: a polygon-based tracing algorithm")
BitmapOutline outlineOf(const Bitmap& bitmap, double speck_mm2);

/// SVG path data in a frame: `origin` (mm, y up) becomes the frame's lower left corner, y down from its top;
/// even-odd, to 0.01 mm.
std::string pathData(const BitmapOutline& outline, Point origin, double height_mm);

}  // namespace havlo
