// The viewpoint found from what is there: each thing that stands on the ground with a real height says where
// the horizon must be (engine section 2: horizon = foot + printed height * eye height / real height).
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// What one thing says of the horizon.
struct HorizonWord {
  int impression = 0;
  double typical_mm = 0, low_mm = 0, high_mm = 0;  ///< at its typical, most and least height
  bool agrees = true;                              ///< the found horizon lies within low and high
};

struct FoundView {
  double horizon_mm = 0;   ///< may lie above the panel
  double eyeHeight_m = 0;  ///< found too, or the plan's own
  double offBy_mm = 0;     ///< root mean square of what the things say, weighted
  std::vector<HorizonWord> words;
  int odd = -1;  ///< the one without which all the others agree
};

/// Least squares over the things on the ground, each weighted by how narrow its range is.
/// @param impressions  those to ask; empty: all that stand on the ground and have a real height
/// @param eyesToo      finds the eye height as well, where at least two things differ in scale
/// @error  BadInput if the plan has no view, or nothing that stands on the ground has a real height
Result<FoundView> findView(const Plan& plan, const std::vector<int>& impressions, bool eyesToo);

/// Whose eyes: eye heights worth offering, m. Common practice, no source; figures from memory.
struct Eyes {
  const char* who;
  double eyeHeight_m;
};
const std::vector<Eyes>& usualEyes();

}  // namespace havlo
