// Histograms for the largest rectangle, a summed-area table for where a given one fits.
#include "core/focus/plain_space.h"

#include <algorithm>
#include <cmath>

namespace havlo {

PixelBox largestFree(const FreeMap& map) {
  const int w = map.grid.width, h = map.grid.height;
  PixelBox best;
  std::vector<int> tall(ix(w) + 1, 0), stack;
  for (int y = 0; y < h; ++y) {
    for (int x = 0; x < w; ++x) {
      int& t = tall[ix(x)];
      t = map.at(x, y) ? t + 1 : 0;
    }
    stack.clear();
    for (int x = 0; x <= w; ++x) {
      const int here = x < w ? tall[ix(x)] : 0;
      while (!stack.empty() && tall[ix(stack.back())] >= here) {
        const int high = tall[ix(stack.back())];
        stack.pop_back();
        const int from = stack.empty() ? 0 : stack.back() + 1;
        if (high * (x - from) > best.width * best.height) best = {from, y - high + 1, x - from, high};
      }
      stack.push_back(x);
    }
  }
  return best;
}

Box boxOf(const Grid& g, const PixelBox& b) {
  if (b.width <= 0) return {};
  return {b.x / g.pxPerMmX(), g.panelHeight_mm - (b.y + b.height) / g.pxPerMmY(),
          (b.x + b.width) / g.pxPerMmX(), g.panelHeight_mm - b.y / g.pxPerMmY()};
}

std::optional<FreePlace> placeFor(const FreeMap& map, double width_mm, double height_mm, Point wish) {
  const Grid& g = map.grid;
  const auto stride = ix(g.width) + 1;
  std::vector<int> taken(stride * (ix(g.height) + 1), 0);
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) {
      const auto k = ix(y) * stride + ix(x);
      taken[k + stride + 1] = taken[k + stride] + taken[k + 1] - taken[k] + (map.at(x, y) ? 0 : 1);
    }
  const auto isFree = [&](int x0, int y0, int x1, int y1) {
    if (x0 < 0 || y0 < 0 || x1 > g.width || y1 > g.height) return false;
    const auto at = [&](int x, int y) { return taken[ix(y) * stride + ix(x)]; };
    return at(x1, y1) - at(x0, y1) - at(x1, y0) + at(x0, y0) == 0;
  };
  const int w = static_cast<int>(std::ceil(width_mm * g.pxPerMmX())),
            h = static_cast<int>(std::ceil(height_mm * g.pxPerMmY()));
  std::optional<FreePlace> best;
  double bestAway = 0;
  int most = 0;
  for (int y = 0; y + h <= g.height; ++y)
    for (int x = 0; x + w <= g.width; ++x) {
      // Only what is as wide as the best so far is looked at further.
      const auto freeBy = [&](int m) { return isFree(x - m, y - m, x + w + m, y + h + m); };
      if (!freeBy(most)) continue;
      const Point centre{(x + w / 2.0) / g.pxPerMmX(), g.panelHeight_mm - (y + h / 2.0) / g.pxPerMmY()};
      const double away = std::hypot(centre.x - wish.x, centre.y - wish.y);
      int margin = most;
      while (freeBy(margin + 1)) ++margin;
      if (best && margin == most && away >= bestAway) continue;
      most = margin;
      best = FreePlace{centre, margin / std::max(g.pxPerMmX(), g.pxPerMmY())};
      bestAway = away;
    }
  return best;
}

}  // namespace havlo
