// What is cut out of masking paper for a stamp (engine section 4).
#pragma once

#include <memory>

#include "core/plan/plan.h"

namespace havlo {

struct MaskShape {
  Rings mask;                  ///< stamp frame; empty when nothing of the stamp is wide enough to cut
  double uncovered_mm2 = 0;    ///< silhouette without the mask: the inset rim and parts too thin to cut
  double overcovered_mm2 = 0;  ///< mask outside the silhouette: filled holes
};
using MaskRef = std::shared_ptr<const MaskShape>;

/// mask = inset(open(fillSmallHoles(silhouette))), of the whole stamp.
MaskRef maskOf(const Stamp& stamp, const Supplies& supplies);

/// The parts that are too thin to cut: whiskers, strings; without rounded corners and leaf edges.
Rings thinPartsOf(const Stamp& stamp, const Supplies& supplies);

}  // namespace havlo
