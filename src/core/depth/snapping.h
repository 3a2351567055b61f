// Lines that catch a thing while it is moved: the card's middle and thirds, its edges and border, other feet,
// the horizon.
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "core/depth/placed.h"
#include "core/plan/plan.h"

namespace havlo {

struct SnapLine {
  enum class To { Middle, Third, Foot, Horizon, Border, Edge };
  To to = To::Middle;
  bool upright = true;  ///< a line x = at_mm, else y = at_mm
  double at_mm = 0;
  int side = 0;    ///< third, border, edge: 0 left or lower, 1 right or upper
  int other = -1;  ///< foot: whose
};

struct Snapped {
  Point foot;                          ///< where it comes to lie
  std::optional<SnapLine> across, up;  ///< what caught it sideways, and in height
};

/// @param moving    indices of what moves along: their own feet catch nothing
/// @param foot      where the maker holds it, panel mm
/// @param reach_mm  farther away nothing is caught
/// Feet are caught by thirds, the middle and other feet; the middle of what is printed by the card's middle;
/// its edges by the card's edges and border; what does not stand on the ground comes to lie on the horizon.
Snapped snapped(const Plan& plan, std::span<const PlacedRef> placed, const std::vector<int>& moving,
                int impression, Point foot, double reach_mm);

}  // namespace havlo
