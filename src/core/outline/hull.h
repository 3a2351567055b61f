// The hull of points: what a band drawn round them touches.
#pragma once

#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// Twice the area of a triangle, positive anticlockwise.
inline double cross(Point o, Point a, Point b) {
  return (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
}

/// Convex hull, anticlockwise, without points within its sides; fewer than three points as they are, once
/// each (Andrew 1979: monotone chain).
std::vector<Point> hullOf(std::vector<Point> points);

}  // namespace havlo
