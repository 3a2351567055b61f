// Every two impressions that come close on the panel: who is in front, how much they share, and whether the
// back one's ink reaches the front one, so that it needs covering.
#pragma once

#include <array>
#include <limits>
#include <memory>
#include <span>
#include <vector>

#include "core/depth/depth_order.h"
#include "core/depth/placed.h"

namespace havlo {

/// Pairs sharing less than this are not overlapping (mm²). Settled in the plan format.
inline constexpr double kLeastOverlap_mm2 = 0.05;

/// Things farther apart than this have nothing to do with each other (mm).
inline constexpr double kMeet_mm = 2.0;

/// Where the near points of a border lie.
struct NearPoints {
  std::vector<Point> hull;                  ///< of all of them, on the panel, while straight
  std::array<std::vector<Point>, 2> sides;  ///< hulls left and right of the thing's middle, stamp frame
};

/// What another's ink, spread for the hand, does to a thing, and the stretch of the silhouette's border that
/// it comes over, on the panel.
struct NeededEdge {
  bool any = false;      ///< it falls on more than kLeastInked_mm2 of the thing
  bool inside = false;   ///< it lies inside without coming over the border
  bool straight = true;  ///< all of it within 0.3 mm of one straight line
  /// All of it within 0.3 mm of two straight lines, one on either side of the thing's middle.
  bool twoStraight = true;
  std::shared_ptr<const NearPoints> near;  ///< while it may be straight; shared, as thousands are copied

  bool mayBeStraight() const { return straight || twoStraight; }
  /// Strips of tape that do instead of a mask: 0 if none do, one, or two.
  int strips() const;
};
/// Between two strips of tape on one thing there must be as much as this: nobody lays them closer.
inline constexpr double kBetweenStrips_mm = 4;

/// How near the border of one thing comes to the outline of another; what it was found with.
struct Gap {
  double within_mm = -1;  ///< how far was looked; below 0: nobody has looked yet
  double gap_mm = std::numeric_limits<double>::infinity();  ///< infinite: farther than that
};

struct Meeting {
  int front = 0, back = 0;
  bool contradictory = false;  ///< each is said to be in front of the other
  double area_mm2 = 0;         ///< of shared silhouette on the panel
  NeededEdge edge;             ///< of the front, against the back's ink
  Gap gap;                     ///< see findGaps()
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

/// Does ink of `back` fall on more than kLeastInked_mm2 of `front` on the panel, where none of `hiding` lies?
bool inkFallsOn(const Placed& front, const Placed& back, std::span<const Placed* const> hiding = {});

/// The same for colour that falls where `seen` (panel coordinates) says.
bool colourFallsOn(const Placed& front, const CellMap& seen, std::span<const Placed* const> hiding = {});

/// Adds near points to an edge; stays cheap once it is known not to be straight.
/// @param points  on the panel, on the border of `front`
void addToEdge(NeededEdge& edge, const std::vector<Point>& points, const Placed& front);
void addToEdge(NeededEdge& edge, const NeededEdge& more);

}  // namespace havlo
