// What leads the eye along: looks, rows, paths.
#pragma once

#include "core/focus/looks.h"

namespace havlo {

/// Every line of the plan, and whether it leads to the hero. @param hero  impression, or -1: none leads
std::vector<EyeLine> eyeLines(const Plan& plan, const Analysis& analysis, int hero);

}  // namespace havlo
