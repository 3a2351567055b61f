// The simulated paper: linear-light RGB per pixel, and what ink does to it (engine section 6, settled
// readings).
#pragma once

#include <algorithm>
#include <vector>

#include "core/colour/colour.h"
#include "core/raster/raster.h"

namespace havlo {

class WashFalloff;

class Canvas {
 public:
  Canvas() = default;
  Canvas(const Grid& grid, Colour paper);

  const Grid& grid() const { return m_grid; }
  const LinearRgb& at(int x, int y) const { return m_pixels[index(x, y)]; }
  void set(int x, int y, const LinearRgb& c) { m_pixels[index(x, y)] = c; }

  /// From now on only pixels in this part of the panel are inked: what has changed is composited anew and
  /// the rest of an earlier picture kept.
  void onlyWithin(const Box& part);
  /// The pixels of that part, or all: left, top, right, bottom, the last two not included.
  struct Pixels {
    int left = 0, top = 0, right = 0, bottom = 0;
    int width() const { return std::max(0, right - left); }
    int height() const { return std::max(0, bottom - top); }
  };
  const Pixels& within() const { return m_within; }

  void apply(const Tile& coverage, const InkFilm& film);
  /// A film of strength · share · coverage; the wash's falloff gives the share at each pixel.
  void applyWash(const Tile& coverage, const Ink& ink, double strength, const WashFalloff& falloff);

  /// A film of strength · coverage.
  void applyShare(const Tile& coverage, Colour colour, double opacity, double strength);
  /// Makes a film that was laid in strength · coverage weaker by a share of itself, as if less of it had been
  /// laid. Exact while what was laid over it lets everything through.
  /// @param share  by pixel, 0 to 255
  void weaken(const Tile& coverage, const Ink& ink, double strength, const WashFalloff& falloff,
              const Tile& share, double by);

  /// sRGB bytes, 3 a pixel, row by row from the top; of within() alone.
  std::vector<uint8_t> bytes() const;

 private:
  Grid m_grid;
  std::vector<LinearRgb> m_pixels;
  Pixels m_within;

  /// Where a tile and within() lie on one another.
  Pixels common(const Tile& t) const;

  size_t index(int x, int y) const { return ix(y) * ix(m_grid.width) + ix(x); }
};

/// 255 inside the rings, and outside them what a tool with so soft an edge leaves: a smooth step to 0 over
/// `soft_mm`.
Tile fieldTile(const Grid& grid, const Rings& rings, double soft_mm);

/// sRGB channel 0..255, not rounded, of a linear-light value.
float srgbOf(float linear);

}  // namespace havlo
