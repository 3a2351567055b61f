// Where a stamp is put that comes onto the card.
#pragma once

#include <optional>

#include "core/plan/plan.h"

namespace havlo {

/// Where its size is right, on the card, in the middle or where there is room; a second of its kind beside
/// the first. What has no real height comes into the sky. @param wanted  the foot's x, mm, if that is to stay
Point goodSpot(const Plan& plan, const Stamp& stamp, std::optional<double> wanted = {});

/// Where another print of this stamp has room, beside the one that was put on last.
std::optional<Point> besideItsLike(const Plan& plan, const Stamp& stamp);

/// A first thing too large for where it can stand, or through whose head the horizon would run, lowers the
/// eyes: nothing else minds yet. Else the plan as it is.
Plan seenByFirst(const Plan& plan, const Stamp& stamp);

}  // namespace havlo
