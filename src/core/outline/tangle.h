// Whether lines cross so often that taking them apart would never end. Asked before the geometry library is.
#pragma once

#include "core/outline/shape.h"

namespace havlo {

/// Counts crossings of the lines with each other and with themselves, up to a bound. @param closed  the last
/// point of every chain is joined to its first
/// @return whether there are more than `most`, or more pieces side by side than can be looked through
bool tangled(const Rings& chains, size_t most, bool closed = false);

}  // namespace havlo
