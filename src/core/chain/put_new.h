// A stamp comes onto the card: its right size sets the height, the reading says how far left or right, and
// its distance how pale it is pressed.
#pragma once

#include <optional>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

struct Analysis;

/// goodSpot(), unless the reading minds it there or hardly half of it would show: then as near to that as the
/// reading minds least, at the same height. Places within a twenty-fourth of the card's width of each other
/// count as one.
/// @param known  what was found for this plan, or for one like it; null: all is found anew
Point clearSpot(const Plan& plan, const Stamp& stamp, const Analysis* known = nullptr);

/// The plan with one more print of that stamp, as a maker would press it there: another one of its kind as
/// the one before, land and sky in their usual colours, and what stands no stronger than its distance leaves
/// of it, where the reading would mind that at once.
/// @param foot   absent: clearSpot()
/// @param known  as there
/// @error  BadInput for a stamp that is not there, a plan without ink, a foot far off the panel
Result<Plan> withStampPut(const Plan& plan, const std::string& stamp, std::optional<Point> foot = {},
                          const Analysis* known = nullptr);

}  // namespace havlo
