// A test strip: one stamp pressed again and again without inking, side by side on a scanned sheet.
#pragma once

#include "core/trace/sheet.h"

namespace havlo {

/// Strength of each pressing, first to last in reading order: its ink over the first one's.
/// @return the first is 1, none is stronger than the one before
/// @error  as readSheet; BadInput for fewer than two impressions, or impressions of unlike sizes
Result<std::vector<double>> readTestStrip(const Scan& scan, const Progress& progress = {});

}  // namespace havlo
