// The card looked at otherwise: eyes half closed, colours left out.
#include <algorithm>
#include <cmath>

#include "core/focus/looks.h"

namespace havlo {
namespace {

/// Running mean over 2 r + 1 pixels, one way; borders repeated.
void boxBlur(std::vector<LinearRgb>& p, int width, int height, int r, bool along) {
  const int n = along ? width : height, lines = along ? height : width;
  std::vector<LinearRgb> line(ix(n));
  for (int k = 0; k < lines; ++k) {
    const auto index = [&](int i) { return along ? ix(k) * ix(width) + ix(i) : ix(i) * ix(width) + ix(k); };
    std::array<double, 3> sum{};
    const auto add = [&](int i, double sign) {
      const LinearRgb& c = p[index(std::clamp(i, 0, n - 1))];
      for (size_t ch = 0; ch < 3; ++ch) sum[ch] += sign * static_cast<double>(c[ch]);
    };
    for (int i = -r; i <= r; ++i) add(i, 1);
    for (int i = 0; i < n; ++i) {
      for (size_t ch = 0; ch < 3; ++ch) line[ix(i)][ch] = static_cast<float>(sum[ch] / (2 * r + 1));
      add(i + r + 1, 1);
      add(i - r, -1);
    }
    for (int i = 0; i < n; ++i) p[index(i)] = line[ix(i)];
  }
}

}  // namespace

Canvas squinted(const Canvas& card, double blur_mm) {
  const Grid& g = card.grid();
  // Three box blurs come close to a Gaussian of the same spread.
  const int r = std::max(1, static_cast<int>(std::lround(blur_mm * g.pxPerMmX() / std::sqrt(3.0))));
  std::vector<LinearRgb> p;
  p.reserve(ix(g.width) * ix(g.height));
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) p.push_back(card.at(x, y));
  for (int k = 0; k < 3; ++k) boxBlur(p, g.width, g.height, r, true), boxBlur(p, g.width, g.height, r, false);
  Canvas out = card;
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) out.set(x, y, p[ix(y) * ix(g.width) + ix(x)]);
  return out;
}

Canvas inValues(const Canvas& card, int greys) {
  const Grid& g = card.grid();
  const int steps = std::max(2, greys);
  std::vector<float> linear;
  for (int k = 0; k < steps; ++k) {
    // The luminance of this step of L*; a grey's three channels are that.
    const double L = 100.0 * k / (steps - 1), f = (L + 16) / 116;
    linear.push_back(static_cast<float>(L > 8 ? f * f * f : L / 903.2963));
  }
  Canvas out = card;
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) {
      const double L = labOf(card.at(x, y)).L;
      const auto k = ix(std::clamp(static_cast<int>(std::lround(L / 100 * (steps - 1))), 0, steps - 1));
      out.set(x, y, {linear[k], linear[k], linear[k]});
    }
  return out;
}

}  // namespace havlo
