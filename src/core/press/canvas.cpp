// Beer-Lambert: a film of strength s lets c^s of the light through, per channel.
#include "core/press/canvas.h"

#include <algorithm>
#include <cmath>
#include <optional>

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

constexpr int kByteSteps = 1 << 16;

/// sRGB byte by the linear value: in the darks, where the curve is steepest, a step is a twentieth of a byte.
const std::vector<uint8_t>& byteTable() {
  static const std::vector<uint8_t> table = [] {
    std::vector<uint8_t> t(kByteSteps + 1);
    for (size_t i = 0; i < t.size(); ++i)
      t[i] = static_cast<uint8_t>(std::lround(255 * channelOf(static_cast<double>(i) / kByteSteps)));
    return t;
  }();
  return table;
}

/// The film of an ink for strengths from 0 to `strength`, in even steps fine enough to interpolate between.
class WashTable {
 public:
  WashTable(Colour colour, double opacity, double strength) {
    for (size_t k = 0; k < m_multiply.size(); ++k) {
      const InkFilm film(colour, opacity, strength * static_cast<double>(k) / kSteps);
      m_multiply[k] = film.multiply, m_add[k] = film.add;
    }
  }
  struct Film {
    LinearRgb multiply, add;
    void lay(LinearRgb& p) const {
      for (size_t c = 0; c < 3; ++c) p[c] = p[c] * multiply[c] + add[c];
    }
  };
  /// @param share  of the wash's strength, 0 to 1
  Film film(double share) const {
    const double place = share * kSteps;
    const auto k = static_cast<size_t>(place);
    const auto part = static_cast<float>(place - static_cast<double>(k));
    const auto between = [part](float a, float b) { return a + part * (b - a); };
    Film out;
    for (size_t c = 0; c < 3; ++c) {
      out.multiply[c] = between(m_multiply[k][c], m_multiply[k + 1][c]);
      out.add[c] = between(m_add[k][c], m_add[k + 1][c]);
    }
    return out;
  }

 private:
  static constexpr int kSteps = 512;
  std::array<LinearRgb, kSteps + 2> m_multiply, m_add;
};

}  // namespace

float srgbOf(float linear) {
  const float at = std::sqrt(std::clamp(linear, 0.0f, 1.0f)) * kTableSteps;
  const auto i = static_cast<size_t>(at);
  const float part = at - static_cast<float>(i);
  const auto& t = srgbTable();
  return t[i] + part * (t[i + 1] - t[i]);
}

Canvas::Canvas(const Grid& grid, Colour paper)
    : m_grid(grid),
      m_pixels(ix(grid.width) * ix(grid.height), linearOf(paper)),
      m_within{0, 0, grid.width, grid.height} {}

void Canvas::onlyWithin(const Box& part) {
  const Tile t = tileFor(m_grid, part);
  m_within = {t.x, t.y, t.x + t.width, t.y + t.height};
}

Canvas::Pixels Canvas::common(const Tile& t) const {
  return {std::max(t.x, m_within.left), std::max(t.y, m_within.top), std::min(t.x + t.width, m_within.right),
          std::min(t.y + t.height, m_within.bottom)};
}

void Canvas::apply(const Tile& t, const InkFilm& film) {
  const Pixels part = common(t);
  for (int y = part.top; y < part.bottom; ++y) {
    const uint8_t* row = t.row(y);
    for (int x = part.left; x < part.right; ++x) {
      const uint8_t cover = row[x - t.x];
      if (!cover) continue;
      const float a = static_cast<float>(cover) / 255;
      LinearRgb& p = m_pixels[index(x, y)];
      for (size_t k = 0; k < 3; ++k) p[k] += a * (p[k] * film.multiply[k] + film.add[k] - p[k]);
    }
  }
}

void Canvas::applyWash(const Tile& t, const Ink& ink, double strength, const WashFalloff& falloff) {
  const Pixels part = common(t);
  if (part.width() == 0 || part.height() == 0) return;
  const WashTable table(ink.colour, ink.opacity, strength);
  for (int y = part.top; y < part.bottom; ++y) {
    const uint8_t* row = t.row(y);
    double share = falloff.shareAt(m_grid.centre(part.left, y));
    auto whole = table.film(share);  // where nothing is left out, which is nearly everywhere
    for (int x = part.left; x < part.right; ++x) {
      const uint8_t cover = row[x - t.x];
      if (!cover) continue;
      if (!falloff.sameAlongRows()) share = falloff.shareAt(m_grid.centre(x, y)), whole = table.film(share);
      (cover == 255 ? whole : table.film(share * cover / 255)).lay(m_pixels[index(x, y)]);
    }
  }
}

void Canvas::applyShare(const Tile& t, Colour colour, double opacity, double strength) {
  const Pixels part = common(t);
  if (part.width() == 0 || part.height() == 0) return;
  std::array<std::optional<InkFilm>, 256> films;  // by coverage, made when it is met
  for (int y = part.top; y < part.bottom; ++y) {
    const uint8_t* row = t.row(y);
    for (int x = part.left; x < part.right; ++x) {
      const uint8_t cover = row[x - t.x];
      if (!cover) continue;
      std::optional<InkFilm>& film = films[cover];
      if (!film) film.emplace(colour, opacity, strength * cover / 255);
      LinearRgb& p = m_pixels[index(x, y)];
      for (size_t c = 0; c < 3; ++c) p[c] = p[c] * film->multiply[c] + film->add[c];
    }
  }
}

void Canvas::weaken(const Tile& t, const Ink& ink, double strength, const WashFalloff& falloff,
                    const Tile& share, double by) {
  const WashTable table(ink.colour, ink.opacity, strength);
  constexpr float kLeast = 1e-4f;  // what lets nothing through cannot be taken away again
  for (int y = std::max(t.y, share.y); y < std::min(t.y + t.height, share.y + share.height); ++y)
    for (int x = std::max(t.x, share.x); x < std::min(t.x + t.width, share.x + share.width); ++x) {
      const double laid = falloff.shareAt(m_grid.centre(x, y)) * t.at(x, y) / 255;
      const double less = by * share.at(x, y) / 255;
      if (laid <= 0 || less <= 0) continue;
      const auto was = table.film(laid), now = table.film(laid * (1 - less));
      LinearRgb& p = m_pixels[index(x, y)];
      for (size_t c = 0; c < 3; ++c)
        if (was.multiply[c] > kLeast)
          p[c] = (p[c] - was.add[c]) / was.multiply[c] * now.multiply[c] + now.add[c];
    }
}

std::vector<uint8_t> Canvas::bytes() const {
  const uint8_t* table = byteTable().data();
  std::vector<uint8_t> out(ix(m_within.width()) * ix(m_within.height()) * 3);
  uint8_t* to = out.data();
  for (int y = m_within.top; y < m_within.bottom; ++y)
    for (int x = m_within.left; x < m_within.right; ++x)
      for (float v : m_pixels[index(x, y)])
        *to++ = table[static_cast<int>(std::clamp(v, 0.0f, 1.0f) * kByteSteps + 0.5f)];
  return out;
}

}  // namespace havlo
