// Prints pulled from an inked plate: the one case in which a picture comes out the other way round.
#pragma once

#include "core/plan/plan.h"

namespace havlo {

/// The stamp the other way round about its upright middle: silhouette, drawing, foot, what it holds on to,
/// the way it faces. Twice gives the first again but for how its drawing is written.
Stamp mirrored(const Stamp& stamp);

/// As it prints: a plate's own picture turned round, or a print's turned back. Does nothing when it is so
/// already.
Stamp asPlate(const Stamp& stamp, bool plate);

}  // namespace havlo
