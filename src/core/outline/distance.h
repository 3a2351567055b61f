// Distance from a point to a shape.
#pragma once

#include "core/outline/shape.h"

namespace havlo {

struct NearestPoint {
  Point at;                ///< on the shape; the point itself when it is inside
  double distance_mm = 0;  ///< 0 inside
};

/// @param rings  not empty
NearestPoint nearestPoint(const Rings& rings, Point p);

}  // namespace havlo
