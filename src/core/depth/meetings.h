// Every two impressions that come close on the panel: who is in front, how much they share, and whether the
// back one's ink reaches the front one, so that it needs covering.
#pragma once

#include <vector>

#include "core/depth/depth_order.h"
#include "core/depth/placed.h"

namespace havlo {

/// Pairs sharing less than this are not overlapping (mm²). Settled in the plan format.
inline constexpr double kLeastOverlap_mm2 = 0.05;

/// The stretch of a silhouette's border that ink comes near, on the panel.
struct NeededEdge {
  bool any = false;         ///< ink comes within the margin, at the border or inside
  bool inside = false;      ///< ink lies inside without coming near the border
  bool straight = true;     ///< all of it within 0.3 mm of one straight line
  std::vector<Point> hull;  ///< of the near border points, while straight
};

struct Meeting {
  int front = 0, back = 0;
  bool contradictory = false;  ///< each is said to be in front of the other
  double area_mm2 = 0;         ///< of shared silhouette on the panel
  NeededEdge edge;             ///< of the front, against the back's ink
  bool overlaps() const { return area_mm2 > kLeastOverlap_mm2; }
};

/// The impressions of one moment, with their meetings; also the memory for the next moment.
struct Meetings {
  std::vector<PlacedRef> placed;
  std::vector<Meeting> list;         ///< by first index, then second
  std::vector<std::vector<int>> of;  ///< impression -> indices in list
};

/// @param before  an earlier result; what has not changed since is taken over, the answer is the same without
/// it
Meetings meet(std::vector<PlacedRef> placed, const DepthOrder& depth, const Meetings* before = nullptr);

/// Adds near points to an edge; stays cheap once it is known not to be straight.
void addToEdge(NeededEdge& edge, const std::vector<Point>& points);
void addToEdge(NeededEdge& edge, const NeededEdge& more);

}  // namespace havlo
