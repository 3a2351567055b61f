// Outlines that pieces of paper are often cut to.
#pragma once

#include "core/outline/shape.h"

namespace havlo {

/// A disc, from its box's lower left corner: a sun or a moon.
Rings discOutline(double diameter_mm);
/// A hill with one gentle rise, `below_mm` of it under the frame's origin, to be cut off at the panel's edge.
Rings hillOutline(double width_mm, double height_mm, double below_mm);
/// A sheet of that size with a shape cut out of it: what lies below shows through. Loose middles fall out, as
/// those of letters do. @param shape  in the sheet's frame
Rings cutThrough(const Box& sheet, const Rings& shape);
/// The outline as wide and high as that; its corner stays. @param width_mm, height_mm  above 0
Rings resized(const Rings& outline, double width_mm, double height_mm);

}  // namespace havlo
