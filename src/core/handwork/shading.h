// How dark a hand-coloured part is from place to place.
#pragma once

#include "core/handwork/hand_kind.h"

namespace havlo {

/// What is left of the strength where a shaded part is palest. Common practice, no source.
inline constexpr double kPalest = 0.3;
/// A shade along an edge is this wide. Common practice, no source.
inline constexpr double kEdgeShade_mm = 2.5;

/// From where a thing is lit, on the card: a unit vector. Without a light, from the upper left.
Point lightOnCard(const Plan& plan, Point at, double distance_m);

/// Share of the strength at a point. With t the place along the light over the part's box, 0 where it is lit
/// and 1 away from it, and s(t) = t²(3 − 2t): kPalest + (1 − kPalest)·s(t) away from the light, s(1 − t)
/// towards it; along an edge s(1 − d / kEdgeShade_mm) of the distance d to it.
double shadeAt(Shade shade, Point p, const Box& part, Point light, double inside_mm);

}  // namespace havlo
