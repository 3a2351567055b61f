// How far many points lie from one shape's border.
#pragma once

#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// The sides of a shape in short runs with a box each: most runs are too far away, or at another height, to
/// be looked at. What it says is what nearestOnBorder() and covers() say, side by side.
class BorderIndex {
 public:
  explicit BorderIndex(const Rings& rings);
  /// Distance to the border in mm, negative within the shape (even-odd); infinite without a border.
  double signedDistance(Point p) const;

 private:
  struct Run {
    Box box;
    size_t first = 0, last = 0;  ///< of its sides, last not among them
  };
  struct Side {
    Point a, b;
  };
  std::vector<Side> m_sides;
  std::vector<Run> m_runs;

  double nearest2(const Run& run, Point p) const;
};

}  // namespace havlo
