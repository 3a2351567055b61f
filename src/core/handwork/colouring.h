// Parts of a drawing filled by hand.
#pragma once

#include <optional>

#include "core/handwork/hand_kind.h"

namespace havlo {

/// The parts that a colouring means on one impression. @param like  the impression whose colouring it is
std::vector<int> partsOf(const Plan& plan, const Colouring& colouring, const StampRegions& regions);

/// Coverage of parts of a stamp's drawing on a grid, under the edges of the lines; limited to the part of the
/// stamp that prints.
Tile partsTile(const Grid& grid, const Placed& placed, const StampRegions& regions,
               const std::vector<int>& parts);

/// Where the card differs when nothing but colourings has changed from one plan to the other, and inks were
/// added; empty: nowhere. Nothing if anything else has changed.
std::optional<Box> recoloured(const Plan& before, const Handwork& then, const Plan& plan,
                              const Handwork& now);

/// Where chosen parts lie on the panel.
Box boxOnCard(const Placed& placed, const StampRegions& regions, const std::vector<int>& parts);

}  // namespace havlo
