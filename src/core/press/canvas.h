// The simulated paper: linear-light RGB per pixel, and what ink does to it (engine section 6, settled
// readings).
#pragma once

#include <vector>

#include "core/colour/colour.h"
#include "core/press/raster.h"

namespace havlo {

class WashFalloff;

/// Ink of one pressing: out = (1 - o s) below c^s + o s c per linear-light channel.
struct InkFilm {
  LinearRgb multiply;  ///< (1 - o s) c^s
  LinearRgb add;       ///< o s c
  InkFilm(Colour colour, double opacity, double strength);
};

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

  /// sRGB bytes, 3 a pixel, row by row from the top.
  std::vector<uint8_t> bytes() const;

 private:
  Grid m_grid;
  std::vector<LinearRgb> m_pixels;

  size_t index(int x, int y) const { return ix(y) * ix(m_grid.width) + ix(x); }
};

/// sRGB channel 0..255, not rounded, of a linear-light value.
float srgbOf(float linear);

}  // namespace havlo
