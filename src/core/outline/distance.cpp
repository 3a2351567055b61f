// Nearest point on the sides of a shape.
#include "core/outline/distance.h"

#include <cmath>
#include <limits>

#include "core/outline/shared_area.h"

namespace havlo {

Point nearestOnSide(Point a, Point b, Point p) {
  const double dx = b.x - a.x, dy = b.y - a.y, length2 = dx * dx + dy * dy;
  const double along = (p.x - a.x) * dx + (p.y - a.y) * dy;
  const double t = along <= 0 ? 0 : along >= length2 ? 1 : along / length2;
  return {a.x + t * dx, a.y + t * dy};
}

NearestPoint nearestOnBorder(const Rings& rings, Point p) {
  Point best = p;
  double least = std::numeric_limits<double>::infinity();
  for (const Ring& ring : rings) {
    if (ring.empty()) continue;
    Point a = ring.back();
    for (const Point b : ring) {
      const Point q = nearestOnSide(a, b, p);
      const double x = q.x - p.x, y = q.y - p.y, d2 = x * x + y * y;
      if (d2 < least) least = d2, best = q;
      a = b;
    }
  }
  return {best, std::sqrt(least)};
}

NearestPoint nearestPoint(const Rings& rings, Point p) {
  return covers(rings, p) ? NearestPoint{p, 0} : nearestOnBorder(rings, p);
}

DeepestPoint deepestPoint(const Rings& rings) {
  // A coarse raster, then ever finer ones about the best place so far.
  constexpr int kSteps = 18;
  const Box whole = boxOf(rings);
  DeepestPoint best{whole.centre(), -1};
  Box box = whole;
  for (int round = 0; round < 3; ++round) {
    for (int i = 0; i <= kSteps; ++i)
      for (int j = 0; j <= kSteps; ++j) {
        const Point p{box.left + box.width() * i / kSteps, box.bottom + box.height() * j / kSteps};
        if (!covers(rings, p)) continue;
        const double d = nearestOnBorder(rings, p).distance_mm;
        if (d > best.radius_mm) best = {p, d};
      }
    const double w = box.width() * 1.5 / kSteps, h = box.height() * 1.5 / kSteps;
    box = {best.at.x - w, best.at.y - h, best.at.x + w, best.at.y + h};
  }
  best.radius_mm = std::fmax(0, best.radius_mm);
  return best;
}

}  // namespace havlo
