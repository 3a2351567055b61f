// Random plans from a seed: stamps of several shapes, depths of all kinds, schools, parts, washes.
#pragma once

#include <cstdint>

#include "core/plan/plan.h"

namespace havlo::testing {

struct RandomOptions {
  int impressions = 8;
  int stamps = 4;
  int points = 24;  ///< corners of the round silhouettes
  double least_mm = 8, most_mm = 45;
  bool smooth = false;  ///< round silhouettes with soft lobes, as real stamps have, instead of spikes
  bool parts = true;
  bool schools = true;   ///< else all are masked
  bool sayings = false;  ///< some inFrontOf, which may make cycles
  bool washes = true;
  bool depths = false;  ///< washes lie anywhere in the stack, some of them of opaque white
  Box panel{0, 0, 127, 178};
};

Plan randomPlan(uint32_t seed, const RandomOptions& options = {});

}  // namespace havlo::testing
