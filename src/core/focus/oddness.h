// What is odd among the things of a picture, whether it has more of something or less: how far a thing lies
// outside the spread of the others, in each of several simple features for itself. Source: Rosenholtz 1999
// and Rosenholtz, Nagy & Bell 2004 (a target stands out by its Mahalanobis distance from the distribution of
// the features around it), from memory; differs in working thing by thing, and in a spread that is never less
// than what is clearly seen.
#pragma once

#include <vector>

#include "core/colour/colour.h"
#include "core/focus/saliency.h"

namespace havlo {

/// What can be told of a thing at a glance.
struct ThingLook {
  double pixels = 0;    ///< that show
  Lab colour{0, 0, 0};  ///< mean of them
  double texture = 0;   ///< standard deviation of L* in it: an outline differs from what is filled
  double lying = 0,
         leaning = 0;  ///< cosine and sine of twice the direction it is long in, times how long it is
  double filled = 0;   ///< share of its box that shows: a frame differs from a sheet
  double size = 0;     ///< logarithm of the square root of the pixels
};

/// @param owner  thing per pixel, or -1 @param things  their number
std::vector<ThingLook> thingLooks(const LabPicture& picture, const std::vector<int>& owner, int things);

/// Fewer things than this have no common look to be odd against.
inline constexpr int kFewestAlike = 6;

/// How odd each thing is among the others, 0 (like them, or they are not alike themselves) to 1 (odd at
/// sight).
/// @param counts  whether a thing is compared at all: backdrops are not
std::vector<double> oddnessOf(const std::vector<ThingLook>& looks, const std::vector<char>& counts);

}  // namespace havlo
