// Lines that end where a stamp was left out in part: a pen joins them at the end.
#pragma once

#include "core/depth/meetings.h"
#include "core/depth/visible.h"

namespace havlo {

struct PenWork {
  int thing = 0;         ///< impression whose lines are joined
  double length_mm = 0;  ///< of the strokes, along the edge at which its ink ends
};

/// What is left to the pen: along the fronts that were taped over on the rubber (of what was wiped off the
/// half, for a wiped edge is soft: common practice, no source), and along the straight edge of a part; only
/// where the stamp's ink comes and nothing nearer hides it.
/// @param leaveOut  impression -> fronts left out of its own pressing
std::vector<PenWork> penWork(const Plan& plan, const Meetings& meetings, const std::vector<Visible>& visible,
                             const std::vector<std::vector<int>>& leaveOut);

}  // namespace havlo
