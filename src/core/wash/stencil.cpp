#include "core/wash/stencil.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace havlo {
namespace {

/// Rows of openings: where the n-th begins and how far the next is. Centred in the room there is.
struct Row {
  int count = 0;
  double first = 0, pitch = 0;
};
Row rowIn(double from, double to, double size, double bar) {
  Row r;
  r.pitch = size + bar;
  r.count = std::max(0, static_cast<int>(std::floor((to - from + bar) / r.pitch + 1e-9)));
  r.first = from + (to - from - (r.count * r.pitch - bar)) / 2;
  return r;
}

Ring disc(Point c, double r) {
  Ring out;
  for (int k = 0; k < 32; ++k) {
    const double a = 2 * std::numbers::pi * k / 32;
    out.push_back({c.x + r * std::cos(a), c.y + r * std::sin(a)});
  }
  return out;
}

}  // namespace

Rings stencilPattern(StencilPattern pattern, const Box& area, double size_mm) {
  const double size = std::max(2.0, size_mm), bar = std::max(kLeastBar_mm, size * 0.35);
  Rings out;
  const auto box = [&](double x, double y, double w, double h) {
    out.push_back({{x, y}, {x + w, y}, {x + w, y + h}, {x, y + h}});
  };
  switch (pattern) {
    case StencilPattern::Dots: {
      const Row across = rowIn(area.left, area.right, size, bar),
                up = rowIn(area.bottom, area.top, size, bar);
      for (int r = 0; r < up.count; ++r)
        for (int c = 0; c < across.count; ++c)
          out.push_back(disc({across.first + c * across.pitch + size / 2, up.first + r * up.pitch + size / 2},
                             size / 2));
      break;
    }
    case StencilPattern::Bricks: {
      const double high = std::max(2.0, size * 0.4);
      const Row up = rowIn(area.bottom, area.top, high, kLeastBar_mm);
      for (int r = 0; r < up.count; ++r) {
        // Every other course is set off by half a brick.
        const double off = r % 2 ? (size + kLeastBar_mm) / 2 : 0;
        const Row across = rowIn(area.left + off, area.right, size, kLeastBar_mm);
        for (int c = 0; c < across.count; ++c)
          box(area.left + off + c * across.pitch, up.first + r * up.pitch, size, high);
      }
      break;
    }
    case StencilPattern::Stripes: {
      const Row across = rowIn(area.left, area.right, size, bar);
      for (int c = 0; c < across.count; ++c)
        box(across.first + c * across.pitch, area.bottom, size, area.height());
      break;
    }
    case StencilPattern::Waves: {
      const double swing = size / 2, band = size + swing;
      const Row up = rowIn(area.bottom, area.top, band, bar);
      const int steps = std::max(8, static_cast<int>(area.width() / 3));
      for (int r = 0; r < up.count; ++r) {
        Ring wave;
        const double y = up.first + r * up.pitch + swing / 2;
        const auto rise = [&](double x) {
          return swing / 2 * std::sin(2 * std::numbers::pi * (x - area.left) / (6 * size));
        };
        for (int k = 0; k <= steps; ++k) {
          const double x = area.left + area.width() * k / steps;
          wave.push_back({x, y + rise(x)});
        }
        for (int k = steps; k >= 0; --k) {
          const double x = area.left + area.width() * k / steps;
          wave.push_back({x, y + size + rise(x)});
        }
        out.push_back(std::move(wave));
      }
      break;
    }
  }
  return out;
}

}  // namespace havlo
