// Parts of stamps that were found already: the same stamps come back with every plan that is opened.
#pragma once

#include "core/region/stamp_regions.h"

namespace havlo {

/// The parts of a stamp's drawing, found once; those used longest ago are forgotten. From any thread.
/// @param art  draws stamps; may be null
RegionsRef knownRegions(const StampRef& stamp, const ArtSource* art);

}  // namespace havlo
