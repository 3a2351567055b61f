// Where a shape lies along evenly spread heights: enough to count what shows or what is muddy of it.
#pragma once

#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// The places, in mm from the left and rising, at which the borders of a shape cross the heights
/// `first_mm + k * step_mm`, 0 <= k < count; an even number at each, the shape lies between the first and the
/// second, the third and the fourth (even-odd rule). A point of the border belongs to what lies below it.
std::vector<std::vector<double>> crossingsOf(const Rings& shape, double first_mm, double step_mm, int count);

/// Is a place within what lies between the crossings of one height?
bool isBetween(const std::vector<double>& crossings, double x_mm);

}  // namespace havlo
