// Room on the panel: where nothing stands and little changes.
#pragma once

#include <cstdint>
#include <optional>
#include <vector>

#include "core/raster/raster.h"

namespace havlo {

/// Pixels of a grid that are free. Row 0 at the top.
struct FreeMap {
  Grid grid;
  std::vector<uint8_t> free;
  bool at(int x, int y) const { return free[ix(y) * ix(grid.width) + ix(x)] != 0; }
};

/// The largest rectangle of free pixels, in pixels: left, top, width, height. Empty width if there is none.
/// Exact. Source: the largest rectangle under a histogram, row by row, with a stack; from memory.
struct PixelBox {
  int x = 0, y = 0, width = 0, height = 0;
  bool operator==(const PixelBox&) const = default;
};
PixelBox largestFree(const FreeMap& map);
Box boxOf(const Grid& grid, const PixelBox& box);

/// Where a rectangle of that size fits best: the middle of the place with the widest margin all round; of
/// equal ones the one nearest to `wish`. Nothing if it does not fit at all.
struct FreePlace {
  Point centre;
  double margin_mm = 0;  ///< free on every side, at least
};
std::optional<FreePlace> placeFor(const FreeMap& map, double width_mm, double height_mm, Point wish);

}  // namespace havlo
