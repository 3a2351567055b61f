#include "core/outline/border_index.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/outline/distance.h"

namespace havlo {
namespace {

constexpr size_t kRun = 16;  // sides

/// Square of the distance from a box, 0 within it.
double fromBox2(const Box& box, Point p) {
  const double x = std::max({box.left - p.x, 0.0, p.x - box.right});
  const double y = std::max({box.bottom - p.y, 0.0, p.y - box.top});
  return x * x + y * y;
}

}  // namespace

BorderIndex::BorderIndex(const Rings& rings) {
  for (const Ring& ring : rings)
    for (size_t k = 0; k < ring.size(); ++k) {
      // A run ends with its ring: the next may be far away.
      if (k % kRun == 0) m_runs.push_back({{}, m_sides.size(), m_sides.size()});
      const Side side{ring[k], ring[(k + 1) % ring.size()]};
      m_sides.push_back(side);
      Run& run = m_runs.back();
      run.box.include(side.a), run.box.include(side.b);
      run.last = m_sides.size();
    }
}

double BorderIndex::nearest2(const Run& run, Point p) const {
  double least = std::numeric_limits<double>::infinity();
  for (size_t k = run.first; k < run.last; ++k) {
    const auto& [a, b] = m_sides[k];
    const Point off = nearestOnSide(a, b, p) - p;
    least = std::min(least, off.x * off.x + off.y * off.y);
  }
  return least;
}

double BorderIndex::signedDistance(Point p) const {
  // The run whose box is nearest first: hardly another can be nearer then.
  const Run* first = nullptr;
  double nearest = std::numeric_limits<double>::infinity();
  bool inside = false;
  for (const Run& run : m_runs) {
    if (const double d = fromBox2(run.box, p); d < nearest) nearest = d, first = &run;
    if (p.y < run.box.bottom || p.y > run.box.top || p.x > run.box.right) continue;
    for (size_t k = run.first; k < run.last; ++k) {
      const auto& [b, a] = m_sides[k];
      if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y)) inside = !inside;
    }
  }
  if (!first) return nearest;
  double least = nearest2(*first, p);
  for (const Run& run : m_runs)
    if (&run != first && fromBox2(run.box, p) < least) least = std::min(least, nearest2(run, p));
  return inside ? -std::sqrt(least) : std::sqrt(least);
}

}  // namespace havlo
