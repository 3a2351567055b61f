// What an sRGB colour is to the light and to the eye.
#pragma once

#include <array>
#include <string_view>

#include "core/plan/plan.h"

namespace havlo {

/// Linear-light red, green and blue, 0 to 1.
using LinearRgb = std::array<float, 3>;

/// The sRGB transfer curve (IEC 61966-2-1): channel 0..1 to linear light and back.
double linearOf(double channel);
double channelOf(double linear);

LinearRgb linearOf(Colour colour);

/// CIE L* of an sRGB colour (D65), 0 to 100.
double lightnessOf(Colour colour);

/// CIE 1976 L*a*b*, D65 white.
struct Lab {
  double L = 0, a = 0, b = 0;
};
/// @param red, green, blue  linear light, 0 to 1
Lab labOf(double red, double green, double blue);
Lab labOf(Colour colour);
Lab labOf(const LinearRgb& colour);

/// The linear light of a Lab colour, D65; what no screen can show is cut off at 0 and 1.
LinearRgb linearOf(const Lab& lab);

/// Lab in polar form: chroma 0 and up, hue 0 to 360 degrees (meaningless for greys).
struct Lch {
  double L = 0, C = 0, h_deg = 0;
};
Lch lchOf(const Lab& lab);
Lab labOf(const Lch& lch);

/// CIE 1976 colour difference: the distance in Lab. About 2.3 can just be told apart (common figure, from
/// memory).
double differenceOf(const Lab& one, const Lab& other);

/// CIEDE2000 colour difference with unit weights.
/// Source: Sharma, Wu & Dalal 2005 (the formulae and their test pairs)
double ciede2000(const Lab& one, const Lab& other);

/// WCAG 2 relative luminance, 0 to 1.
double luminanceOf(const LinearRgb& colour);
/// WCAG 2 contrast ratio, 1 to 21. Text wants 4.5, large text (from 18 pt, or 14 pt bold) 3.
double contrastRatio(double oneLuminance, double otherLuminance);

/// What light two or more transparent films let through, one on the other: each c^s per linear channel
/// (Beer-Lambert, the press's own law).
LinearRgb throughFilm(const LinearRgb& below, const LinearRgb& ink, double strength);

/// Two films no more opaque than this commute: either may be first. Settled in the plan format.
inline constexpr double kClearFilm = 0.02;
/// An ink more opaque than this hides what is coloured over with it. Common practice, no source.
inline constexpr double kCovers = 0.5;

/// Ink of one pressing: out = (1 - o s) below c^s + o s c per linear-light channel.
struct InkFilm {
  LinearRgb multiply;  ///< (1 - o s) c^s
  LinearRgb add;       ///< o s c
  InkFilm(Colour colour, double opacity, double strength);
};

}  // namespace havlo
