// Patterns that a stencil is usually cut with.
#pragma once

#include "core/outline/shape.h"

namespace havlo {

enum class StencilPattern { Dots, Bricks, Stripes, Waves };

/// Openings that fill a box, whole ones only, with bars between them that hold the stencil together.
/// @param size_mm  of one opening: a dot across, a brick along, a stripe or a wave across; at least 2
Rings stencilPattern(StencilPattern pattern, const Box& area, double size_mm);

/// Bars narrower than this tear. Common practice, no source.
inline constexpr double kLeastBar_mm = 1.2;

}  // namespace havlo
