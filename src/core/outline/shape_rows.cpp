#include "core/outline/shape_rows.h"

#include <algorithm>
#include <cmath>

namespace havlo {

std::vector<std::vector<double>> crossingsOf(const Rings& shape, double first_mm, double step_mm, int count) {
  std::vector<std::vector<double>> out(ix(std::max(0, count)));
  const auto rowBelow = [&](double y) {
    return static_cast<int>(std::floor(std::clamp((y - first_mm) / step_mm, -1.0, double(count))));
  };
  for (const Ring& ring : shape)
    for (size_t i = 0; i < ring.size(); ++i) {
      Point a = ring[i], b = ring[(i + 1) % ring.size()];
      if (a.y > b.y) std::swap(a, b);
      const int to = std::min(count - 1, rowBelow(b.y));
      for (int k = std::max(0, rowBelow(a.y) + 1); k <= to; ++k)
        out[ix(k)].push_back(a.x + (first_mm + k * step_mm - a.y) / (b.y - a.y) * (b.x - a.x));
    }
  for (auto& row : out) std::sort(row.begin(), row.end());
  return out;
}

bool isBetween(const std::vector<double>& crossings, double x_mm) {
  return (std::upper_bound(crossings.begin(), crossings.end(), x_mm) - crossings.begin()) % 2 == 1;
}

}  // namespace havlo
