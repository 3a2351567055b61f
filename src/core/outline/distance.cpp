// Nearest point on the sides of a shape.
#include "core/outline/distance.h"

#include "core/outline/shared_area.h"

namespace havlo {

NearestPoint nearestPoint(const Rings& rings, Point p) {
  if (covers(rings, p)) return {p, 0};
  NearestPoint best{p, std::numeric_limits<double>::infinity()};
  for (const Ring& ring : rings)
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      const double dx = b.x - a.x, dy = b.y - a.y, length2 = dx * dx + dy * dy;
      const double along = length2 > 0 ? ((p.x - a.x) * dx + (p.y - a.y) * dy) / length2 : 0;
      const double t = std::fmin(1, std::fmax(0, along));
      const Point q{a.x + t * dx, a.y + t * dy};
      const double d = std::hypot(q.x - p.x, q.y - p.y);
      if (d < best.distance_mm) best = {q, d};
    }
  return best;
}

}  // namespace havlo
