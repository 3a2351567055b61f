// Paler with distance (engine section 7): Koschmieder's law, with visibility where 2 % of the contrast is
// left. What counts is the contrast that is seen: of what is printed against the ground around it, in light
// that is measured, not the strength of the film of ink.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/colour/colour.h"
#include "core/plan/plan.h"

namespace havlo {

/// Share of contrast left at a distance. Source: Koschmieder 1924, 2 % form: exp(-3.912 d / V). 0 at
/// infinity.
double contrastLeft(Metres distance, Metres visibility);

struct ToneReading {
  int impression = 0;
  double wanted = 0;  ///< share of its contrast that should be left, 0 to 1
  double actual = 0;  ///< share that this pressing leaves of what a freshly inked one has on its ground
  double seen = 0;    ///< the same of the darkest ink of its hue in the plan: pale inks count as far
  int proposedGeneration =
      1;  ///< the nearest to what is wanted: of its own ink, unless another of the same hue is
  std::string proposedInk;  ///< much nearer
  double proposed = 0;      ///< the share that would leave
};

/// What a thing is printed on, and what lies around it, in linear light.
struct ToneGround {
  LinearRgb under, around;
};

/// Weber's contrast of a print with the ground around it; of what is lighter than its ground, by its own
/// light: 0 to 1.
double contrastOn(const ToneGround& ground, const Ink& ink, int generation);

/// @param distances_m  by impression; empty result without a visibility
/// @param grounds  by impression; empty: everything on bare paper
std::vector<ToneReading> readTones(const Plan& plan, const std::vector<double>& distances_m,
                                   const std::vector<ToneGround>& grounds = {});

/// The distance at which a strength is wanted; the inverse of contrastLeft. @param strength  0 to 1
Metres distanceFor(double strength, Metres visibility);

/// Strength of the film that prints as dark as that share of a freshly inked print, on white: what a test
/// strip measured as 0.49 prints as 0.49. @param share  of the darkness in greys of sRGB, 0 to 1
double strengthFor(const Ink& ink, double share);

/// Shares of the first one's darkness that the pressings on a test strip have, from the darkness of each: the
/// first is 1, none is stronger than the one before.
/// @param darkness  mean darkness over the paper of each pressing, first to last, any scale
/// @error  BadInput for fewer than two pressings or a first one that cannot be told from paper
Result<std::vector<double>> strengthsOf(const std::vector<double>& darkness);

}  // namespace havlo
