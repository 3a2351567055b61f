// Cards of any size at one density, to see how cost grows.
#pragma once

#include "core/plan/plan.h"

namespace havlo::testing {

/// As dense as 100 impressions on 178 × 178 mm; 30 blends and 300 colourings for every 400.
Plan denseCard(int impressions);

}  // namespace havlo::testing
