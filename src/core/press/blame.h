// Finds the step that made a pixel differ from the intention.
#pragma once

#include "core/press/press.h"

namespace havlo {

/// Walks through the steps at one pixel, as the press does.
/// @param in, tiles  what was pressed; `intended`, `plannedTiles`: what should have come out (often the same)
Blame blameAt(const PressInput& in, const RunSheet& sheet, PressTiles& tiles, const PressInput& intended,
              PressTiles& plannedTiles, int x, int y, int maskLife);

}  // namespace havlo
