// What an sRGB colour is to the light and to the eye.
#pragma once

#include "core/plan/plan.h"

namespace havlo {

/// The sRGB transfer curve (IEC 61966-2-1): channel 0..1 to linear light and back.
double linearOf(double channel);
double channelOf(double linear);

/// CIE L* of an sRGB colour (D65), 0 to 100.
double lightnessOf(Colour colour);

/// CIE 1976 L*a*b*, D65 white.
struct Lab {
  double L = 0, a = 0, b = 0;
};
/// @param red, green, blue  linear light, 0 to 1
Lab labOf(double red, double green, double blue);
Lab labOf(Colour colour);

/// CIE 1976 colour difference: the distance in Lab. About 2.3 can just be told apart (common figure, from
/// memory).
double differenceOf(const Lab& one, const Lab& other);

}  // namespace havlo
