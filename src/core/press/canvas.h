// The simulated paper: linear-light RGB per pixel, and what ink does to it (engine section 6, settled readings).
#pragma once

#include <array>
#include <vector>

#include "core/plan/plan.h"
#include "core/press/raster.h"

namespace havlo {

using LinearRgb = std::array<float, 3>;

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
  /// Multiplies by c^(strength s(x, y)); `shareAt` gives s, 0 to 1.
  template <typename F>
  void applyWash(const Tile& coverage, Colour colour, double strength, F shareAt);

  /// sRGB bytes, 3 a pixel, row by row from the top.
  std::vector<uint8_t> bytes() const;

 private:
  Grid m_grid;
  std::vector<LinearRgb> m_pixels;

  size_t index(int x, int y) const {
    return static_cast<size_t>(y) * static_cast<size_t>(m_grid.width) + static_cast<size_t>(x);
  }
};

/// sRGB channel 0..255, not rounded, of a linear-light value.
float srgbOf(float linear);
LinearRgb linearOf(Colour colour);

/// c^s for s from 0 to `strength`, in even steps fine enough to interpolate between.
class WashTable {
 public:
  WashTable(Colour colour, double strength);
  LinearRgb at(double share) const {
    const double place = share * kSteps;
    const auto k = static_cast<size_t>(place);
    const auto part = static_cast<float>(place - static_cast<double>(k));
    LinearRgb out;
    for (size_t c = 0; c < 3; ++c) out[c] = m_steps[k][c] + part * (m_steps[k + 1][c] - m_steps[k][c]);
    return out;
  }

 private:
  static constexpr int kSteps = 512;
  std::array<LinearRgb, kSteps + 2> m_steps;
};

template <typename F>
void Canvas::applyWash(const Tile& t, Colour colour, double strength, F shareAt) {
  const WashTable table(colour, strength);
  for (int y = t.y; y < t.y + t.height; ++y) {
    const uint8_t* row = t.row(y);
    for (int x = t.x; x < t.x + t.width; ++x) {
      if (!row[x - t.x]) continue;
      const LinearRgb through = table.at(shareAt(m_grid.centre(x, y)));
      const float cover = static_cast<float>(row[x - t.x]) / 255;
      LinearRgb& p = m_pixels[index(x, y)];
      for (size_t k = 0; k < 3; ++k) p[k] *= 1 - cover + cover * through[k];
    }
  }
}

}  // namespace havlo
