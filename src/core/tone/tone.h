// Paler with distance (engine section 7): Koschmieder's law, with visibility where 2 % of the contrast is
// left.
#pragma once

#include <string>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// Share of contrast left at a distance. Source: Koschmieder 1924, 2 % form: exp(-3.912 d / V). 0 at
/// infinity.
double contrastLeft(Metres distance, Metres visibility);

struct ToneReading {
  int impression = 0;
  double wanted = 0;           ///< strength, 0 to 1
  double actual = 0;           ///< of its generation
  int proposedGeneration = 1;  ///< of its own ink, the nearest to what is wanted
};

/// @param distances_m  by impression; empty result without a visibility
std::vector<ToneReading> readTones(const Plan& plan, const std::vector<double>& distances_m);

}  // namespace havlo
