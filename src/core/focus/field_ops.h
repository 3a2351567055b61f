// What is done to whole fields.
#pragma once

#include "core/focus/saliency.h"

namespace havlo {

/// Half as large: 5-tap binomial (1 4 6 4 1)/16 both ways, borders repeated, every other pixel.
Field halved(const Field& f);
/// Between pixel centres, linearly.
Field resized(const Field& f, int width, int height);
/// The greatest value within a square of 2 near + 1 pixels about each.
Field greatestWithin(const Field& f, int near);

}  // namespace havlo
