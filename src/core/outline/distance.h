// Distance from a point to a shape.
#pragma once

#include "core/outline/shape.h"

namespace havlo {

struct NearestPoint {
  Point at;                ///< on the shape; the point itself when it is inside
  double distance_mm = 0;  ///< 0 inside
};

/// Of the straight side from a to b the point nearest to p.
Point nearestOnSide(Point a, Point b, Point p);
/// @param rings  not empty
NearestPoint nearestPoint(const Rings& rings, Point p);
/// On the outline itself, also for points inside; of many points one asks a BorderIndex.
NearestPoint nearestOnBorder(const Rings& rings, Point p);

/// The roomiest place of a shape, to a hundredth of its size or better: where a label goes.
struct DeepestPoint {
  Point at;
  double radius_mm = 0;  ///< of the circle about it that lies in the shape
};
/// @param rings  not empty
DeepestPoint deepestPoint(const Rings& rings);

}  // namespace havlo
