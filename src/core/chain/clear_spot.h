// Where a stamp that comes onto the card is seen: its right size sets the height, the reading says how far
// left or right.
#pragma once

#include "core/plan/plan.h"

namespace havlo {

/// goodSpot(), unless the reading minds it there or hardly half of it would show: then as near to that as the
/// reading minds least, at the same height. Places within a twenty-fourth of the card's width of each other
/// count as one.
Point clearSpot(const Plan& plan, const Stamp& stamp);

}  // namespace havlo
