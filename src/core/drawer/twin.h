// Whether a stamp that comes in is one that is there already.
#pragma once

#include <span>

#include "core/plan/plan.h"

namespace havlo {

/// How alike two stamps are, 0 to 1: what both cover over what either covers, laid on each other by the
/// middles of their prints. 0 where their sizes differ by more than 1 mm. Two prints of one stamp, scanned,
/// are above 0.9.
double likeness(const Stamp& a, const Stamp& b);

/// From here on two stamps are taken for one. Common practice, no source.
inline constexpr double kTwinLikeness = 0.9;

/// The first of `known` that is the stamp; -1: none. @param known  null entries are passed over
int twinOf(const Stamp& stamp, std::span<const StampRef> known);

}  // namespace havlo
