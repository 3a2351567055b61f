// Paler with distance (engine section 7): Koschmieder's law, with visibility where 2 % of the contrast is
// left.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// Share of contrast left at a distance. Source: Koschmieder 1924, 2 % form: exp(-3.912 d / V). 0 at
/// infinity.
double contrastLeft(Metres distance, Metres visibility);

struct ToneReading {
  int impression = 0;
  double wanted = 0;  ///< strength, 0 to 1
  double actual = 0;  ///< of its generation
  double seen = 0;    ///< the same against the darkest ink of its hue in the plan: pale inks count as far
  int proposedGeneration =
      1;  ///< the nearest to what is wanted: of its own ink, unless another of the same hue is
  std::string proposedInk;  ///< much nearer
  double proposed = 0;      ///< the strength that would give
};

/// @param distances_m  by impression; empty result without a visibility
std::vector<ToneReading> readTones(const Plan& plan, const std::vector<double>& distances_m);

/// The distance at which a strength is wanted; the inverse of contrastLeft. @param strength  0 to 1
Metres distanceFor(double strength, Metres visibility);

/// Strengths of the pressings on a test strip, from the darkness of each: the first is 1, none is stronger
/// than the one before.
/// @param darkness  mean darkness over the paper of each pressing, first to last, any scale
/// @error  BadInput for fewer than two pressings or a first one that cannot be told from paper
Result<std::vector<double>> strengthsOf(const std::vector<double>& darkness);

}  // namespace havlo
