// Beer-Lambert: a film of strength s lets c^s of the light through, per channel.
#include "core/press/canvas.h"

#include <algorithm>
#include <cmath>

#include "core/colour/colour.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

constexpr int kTableSteps = 1 << 14;

const std::vector<float>& srgbTable() {
  static const std::vector<float> table = [] {
    std::vector<float> t(kTableSteps + 2);
    // Even steps of the square root, so that dark values, where the curve is steep, are as exact as light
    // ones.
    for (size_t i = 0; i < t.size(); ++i) {
      const double root = static_cast<double>(i) / kTableSteps;
      t[i] = static_cast<float>(255 * channelOf(root * root));
    }
    return t;
  }();
  return table;
}

constexpr int kByteSteps = 1 << 12;

/// sRGB byte by the square root of the linear value.
const std::vector<uint8_t>& byteTable() {
  static const std::vector<uint8_t> table = [] {
    std::vector<uint8_t> t(kByteSteps + 1);
    for (size_t i = 0; i < t.size(); ++i) {
      const double root = static_cast<double>(i) / kByteSteps;
      t[i] = static_cast<uint8_t>(std::lround(255 * channelOf(root * root)));
    }
    return t;
  }();
  return table;
}

/// c^s for s from 0 to `strength`, in even steps fine enough to interpolate between.
class WashTable {
 public:
  WashTable(Colour colour, double strength) {
    const LinearRgb c = linearOf(colour);
    for (size_t k = 0; k < m_steps.size(); ++k) {
      const double s = strength * static_cast<double>(k) / kSteps;
      for (size_t i = 0; i < 3; ++i)
        m_steps[k][i] = static_cast<float>(std::pow(static_cast<double>(c[i]), s));
    }
  }
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

}  // namespace

float srgbOf(float linear) {
  const float at = std::sqrt(std::clamp(linear, 0.0f, 1.0f)) * kTableSteps;
  const auto i = static_cast<size_t>(at);
  const float part = at - static_cast<float>(i);
  const auto& t = srgbTable();
  return t[i] + part * (t[i + 1] - t[i]);
}

InkFilm::InkFilm(Colour colour, double opacity, double strength) {
  const LinearRgb c = linearOf(colour);
  for (size_t k = 0; k < 3; ++k) {
    multiply[k] =
        static_cast<float>((1 - opacity * strength) * std::pow(static_cast<double>(c[k]), strength));
    add[k] = static_cast<float>(opacity * strength * static_cast<double>(c[k]));
  }
}

Canvas::Canvas(const Grid& grid, Colour paper)
    : m_grid(grid), m_pixels(ix(grid.width) * ix(grid.height), linearOf(paper)) {}

void Canvas::apply(const Tile& t, const InkFilm& film) {
  for (int y = t.y; y < t.y + t.height; ++y) {
    const uint8_t* row = t.row(y);
    for (int x = t.x; x < t.x + t.width; ++x) {
      const uint8_t cover = row[x - t.x];
      if (!cover) continue;
      const float a = static_cast<float>(cover) / 255;
      LinearRgb& p = m_pixels[index(x, y)];
      for (size_t k = 0; k < 3; ++k) p[k] += a * (p[k] * film.multiply[k] + film.add[k] - p[k]);
    }
  }
}

void Canvas::applyWash(const Tile& t, Colour colour, double strength, const WashFalloff& falloff) {
  const WashTable table(colour, strength);
  for (int y = t.y; y < t.y + t.height; ++y) {
    const uint8_t* row = t.row(y);
    LinearRgb through = table.at(falloff.shareAt(m_grid.centre(t.x, y)));
    for (int x = t.x; x < t.x + t.width; ++x) {
      if (!row[x - t.x]) continue;
      if (!falloff.sameAlongRows()) through = table.at(falloff.shareAt(m_grid.centre(x, y)));
      LinearRgb& p = m_pixels[index(x, y)];
      for (size_t k = 0; k < 3; ++k) p[k] *= through[k];
    }
  }
}

std::vector<uint8_t> Canvas::bytes() const {
  const uint8_t* table = byteTable().data();
  std::vector<uint8_t> out(m_pixels.size() * 3);
  uint8_t* to = out.data();
  for (const LinearRgb& p : m_pixels)
    for (float v : p)
      *to++ = table[static_cast<int>(std::sqrt(std::clamp(v, 0.0f, 1.0f)) * kByteSteps + 0.5f)];
  return out;
}

}  // namespace havlo
