// Which stamp stands right where, and where a foot comes to rest.
#pragma once

#include <span>
#include <vector>

#include "core/depth/depth_order.h"
#include "core/depth/placed.h"
#include "core/plan/plan.h"

namespace havlo {

/// A stamp's size at a spot of the ground.
struct FittingStamp {
  int stamp = 0;     ///< index of the input
  double ratio = 1;  ///< printed over expected height
  bool fits = false;
};
/// All that have a real height, those nearest to their typical height first.
/// @param foot_mm  height of the spot on the panel; at and above the horizon nothing fits
std::vector<FittingStamp> stampsAt(const View& view, std::span<const StampRef> stamps, double foot_mm);

/// Where a foot that comes near something to stand or hang on comes to rest.
struct Rest {
  enum class On { Ground, GroundEdge, Contact, Top, RoomBox };
  On on = On::Ground;
  Point at;                    ///< the foot
  std::optional<Depth> depth;  ///< absent: as it was
  int other = -1;              ///< the thing, ground mark or box
};
/// @param foot      where the maker holds it, panel mm
/// @param reach_mm  farther away nothing is caught
/// @return nothing within reach: absent
std::optional<Rest> restFor(const Plan& plan, int impression, Point foot, double reach_mm,
                            std::span<const PlacedRef> placed);

/// Whether a point at this distance lies on top of a box of the plan's room. @return its index, or -1
int boxUnder(const Plan& plan, Point foot, double distance_m);

}  // namespace havlo
