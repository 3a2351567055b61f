// Figures that are made of several presses: one to the eye, and one to the hand that moves them.
#pragma once

#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// By impression, the one that stands for its figure: of several that make one the hero, else the first; of
/// all others itself.
std::vector<int> figureLeads(const Plan& plan);

/// Two presses of one figure.
inline bool sameFigure(const Plan& plan, int one, int other) {
  const std::string& figure = plan.impressions[ix(one)].figure;
  return !figure.empty() && figure == plan.impressions[ix(other)].figure;
}

/// All presses of a thing's figure, itself among them, in the plan's order.
std::vector<int> figureOf(const Plan& plan, int thing);

}  // namespace havlo
