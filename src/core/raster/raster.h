// Pixels of the panel or of a stamp's frame. Row 0 is the top; a pixel stands for its centre.
#pragma once

#include <cstdint>
#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// A panel divided into pixels. The picture spans the finished panel exactly.
struct Grid {
  int width = 0, height = 0;
  double panelWidth_mm = 0, panelHeight_mm = 0;

  Grid() = default;
  Grid(const Box& panel, double dpi);

  bool operator==(const Grid&) const = default;
  double pixelArea_mm2() const { return panelWidth_mm * panelHeight_mm / width / height; }
  double pxPerMmX() const { return width / panelWidth_mm; }
  double pxPerMmY() const { return height / panelHeight_mm; }
  Point centre(int x, int y) const {
    return {(x + 0.5) / pxPerMmX(), panelHeight_mm - (y + 0.5) / pxPerMmY()};
  }
};

/// The resolution wanted, or the highest at which a picture of the panel has no more than `mostPixels`.
double dpiWithin(const Box& panel, double wanted_dpi, double mostPixels);

/// A rectangle of coverage values, 0 to 255, on a grid.
struct Tile {
  int x = 0, y = 0, width = 0, height = 0;
  std::vector<uint8_t> cover;

  bool empty() const { return width <= 0 || height <= 0; }
  uint8_t* row(int gridY) { return cover.data() + ix(gridY - y) * ix(width); }
  const uint8_t* row(int gridY) const { return cover.data() + ix(gridY - y) * ix(width); }
  /// Coverage at a grid pixel; 0 outside the tile.
  uint8_t at(int gridX, int gridY) const {
    if (gridX < x || gridY < y || gridX >= x + width || gridY >= y + height) return 0;
    return row(gridY)[gridX - x];
  }
};

/// Tile that holds the box, clipped to the grid, all zero.
Tile tileFor(const Grid& grid, const Box& box_mm);

/// 255 for each pixel whose centre the rings (panel coordinates, even-odd) cover.
Tile hardTile(const Grid& grid, const Rings& rings);

/// Share of each pixel that the rings cover, from 4 lines a pixel with exact ends.
Tile softTile(const Grid& grid, const Rings& rings);

/// Sets to 0 the pixels of `tile` where `blocker` is not 0.
void block(Tile& tile, const Tile& blocker);

/// Takes coverage away where `blocker` is, fading over half a millimetre around it.
void blockSoftly(Tile& tile, const Tile& blocker, const Grid& grid);

/// The coverage spread evenly over a disc-like surrounding. @param by_mm  how far
Tile spread(const Tile& tile, const Grid& grid, double by_mm);

/// 255 wherever coverage of at least `least` lies no farther than `by_mm`; clipped to the tile.
Tile dilated(const Tile& tile, const Grid& grid, double by_mm, uint8_t least = 1);

/// Sets to 0 the pixels of `tile` where `part` is 0.
void keepOnly(Tile& tile, const Tile& part);

}  // namespace havlo
