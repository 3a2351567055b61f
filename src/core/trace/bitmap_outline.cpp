// The potrace bridge.
#include "core/trace/bitmap_outline.h"

#include <potracelib.h>

#include <cmath>
#include <memory>

#include "core/units/decimal.h"

namespace havlo {
namespace {

constexpr double kFlat_mm = 0.02;

/// potrace wants rows of machine words, the leftmost pixel in the highest bit, the lowest row first.
struct Words {
  std::vector<potrace_word> bits;
  potrace_bitmap_t map{};

  explicit Words(const Bitmap& b) {
    constexpr int kBits = 8 * sizeof(potrace_word);
    map.w = b.width, map.h = b.height, map.dy = (b.width + kBits - 1) / kBits;
    bits.assign(ix(map.dy) * ix(b.height), 0);
    for (int y = 0; y < b.height; ++y) {
      potrace_word* row = bits.data() + ix(b.height - 1 - y) * ix(map.dy);
      for (int x = 0; x < b.width; ++x)
        if (b.at(x, y)) row[x / kBits] |= potrace_word{1} << (kBits - 1 - x % kBits);
    }
    map.map = bits.data();
  }
};

void flatten(Point a, const Curve& c, Ring& out) {
  if (c.bent) {
    const double reach = std::hypot(c.first.x - a.x, c.first.y - a.y) +
                         std::hypot(c.second.x - c.first.x, c.second.y - c.first.y) +
                         std::hypot(c.end.x - c.second.x, c.end.y - c.second.y);
    const int n = std::max(2, static_cast<int>(std::ceil(std::sqrt(reach / kFlat_mm) * 0.6)));
    for (int k = 1; k < n; ++k) {
      const double t = static_cast<double>(k) / n, u = 1 - t;
      out.push_back(
          {u * u * u * a.x + 3 * u * u * t * c.first.x + 3 * u * t * t * c.second.x + t * t * t * c.end.x,
           u * u * u * a.y + 3 * u * u * t * c.first.y + 3 * u * t * t * c.second.y + t * t * t * c.end.y});
    }
  }
  out.push_back(c.end);
}

}  // namespace

BitmapOutline outlineOf(const Bitmap& bitmap, double speck_mm2) {
  BitmapOutline out;
  if (bitmap.width <= 0 || bitmap.height <= 0) return out;
  Words words(bitmap);
  const std::unique_ptr<potrace_param_t, void (*)(potrace_param_t*)> how(potrace_param_default(),
                                                                         potrace_param_free);
  how->turdsize = static_cast<int>(speck_mm2 * bitmap.pxPerMm * bitmap.pxPerMm);
  how->alphamax = 1.0;
  how->opttolerance = 0.2;
  const std::unique_ptr<potrace_state_t, void (*)(potrace_state_t*)> state(
      potrace_trace(how.get(), &words.map), potrace_state_free);
  if (!state || state->status != POTRACE_STATUS_OK) return out;
  const auto mm = [&](potrace_dpoint_t p) { return Point{p.x / bitmap.pxPerMm, p.y / bitmap.pxPerMm}; };
  for (const potrace_path_t* path = state->plist; path; path = path->next) {
    const potrace_curve_t& curve = path->curve;
    std::vector<Curve> chain;
    Ring ring;
    Point at = mm(curve.c[curve.n - 1][2]);
    for (int i = 0; i < curve.n; ++i) {
      const auto& c = curve.c[i];
      std::vector<Curve> sides;
      if (curve.tag[i] == POTRACE_CORNER) {
        sides = {{false, {}, {}, mm(c[1])}, {false, {}, {}, mm(c[2])}};
      } else {
        sides = {{true, mm(c[0]), mm(c[1]), mm(c[2])}};
      }
      for (const Curve& side : sides) {
        flatten(at, side, ring);
        at = side.end;
        chain.push_back(side);
      }
    }
    out.curves.push_back(std::move(chain));
    out.rings.push_back(std::move(ring));
  }
  return out;
}

std::string pathData(const BitmapOutline& outline, Point origin, double height_mm) {
  std::string d;
  const auto put = [&](const char* letter, Point p) {
    d += letter + decimal(p.x - origin.x, 2) + "," + decimal(height_mm - (p.y - origin.y), 2);
  };
  for (const auto& chain : outline.curves) {
    if (chain.empty()) continue;
    put("M", chain.back().end);
    for (const Curve& c : chain) {
      if (c.bent) {
        put("C", c.first);
        put(" ", c.second);
        put(" ", c.end);
      } else {
        put("L", c.end);
      }
    }
    d += "Z";
  }
  return d;
}

}  // namespace havlo
