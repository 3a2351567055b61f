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
/// An envelope's flap as it is seen closed, its point down: pointed where the envelope is about square, else
/// blunt. Common practice, no source.
Rings flapOutline(double envelopeWidth_mm, double envelopeHeight_mm);
/// The outline as wide and high as that; its corner stays. @param width_mm, height_mm  above 0
Rings resized(const Rings& outline, double width_mm, double height_mm);

}  // namespace havlo
