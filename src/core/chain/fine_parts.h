// Ways out where the press finds parts of a thing that no mask covers, or gaps that none leaves open, as they
// are too fine to cut.
#pragma once

#include <optional>

#include "core/analysis/analysis.h"
#include "core/mask/mask_shape.h"

namespace havlo {

/// The part, or the hole, that a difference comes from which is too fine; nothing where it is of another
/// kind.
std::optional<FiddlyPart> finePart(const Plan& plan, const Analysis& analysis, const Difference& difference);

/// Those parts cut all the same.
/// @error BadInput if there is nothing of the kind to cut
Result<Plan> withFinePartsCut(const Plan& plan, const Analysis& analysis, const Simulation& simulation);

/// The blends that ran over those parts may do so.
/// @error BadInput if it was none of them
Result<Plan> withBlendsOverFineParts(const Plan& plan, const Analysis& analysis,
                                     const Simulation& simulation);

}  // namespace havlo
