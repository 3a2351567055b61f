// The simulated paper: linear-light RGB per pixel, and what ink does to it (engine section 6, settled
// readings).
#pragma once

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

  /// sRGB bytes, 3 a pixel, row by row from the top.
  std::vector<uint8_t> bytes() const;

 private:
  Grid m_grid;
  std::vector<LinearRgb> m_pixels;

  size_t index(int x, int y) const { return ix(y) * ix(m_grid.width) + ix(x); }
};

/// 255 inside the rings, and outside them what a tool with so soft an edge leaves: a smooth step to 0 over
/// `soft_mm`.
Tile fieldTile(const Grid& grid, const Rings& rings, double soft_mm);

/// sRGB channel 0..255, not rounded, of a linear-light value.
float srgbOf(float linear);

}  // namespace havlo
