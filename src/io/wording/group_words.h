// What is said of several things at once, and of what catches a thing while it is moved.
#pragma once

#include <QString>
#include <vector>

#include "core/depth/snapping.h"
#include "core/plan/plan.h"
#include "core/viewpoint/crowd.h"

namespace havlo {

/// "the hare", "3 things": as the object of a sentence. @param impressions  indices, at least one
QString thingsName(const Plan& plan, const std::vector<int>& impressions);
/// The same as a label: "Hare", "3 things".
QString thingsLabel(const Plan& plan, const std::vector<int>& impressions);

/// What caught it: "level with the hare", "in the middle", "at the border".
QString snapWords(const Plan& plan, const SnapLine& line);

/// How a crowd came out, in a sentence or two.
QString crowdWords(const CrowdWish& wish, const CrowdPlan& crowd);

}  // namespace havlo
