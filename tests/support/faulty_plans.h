// Small plans made wrong on purpose, one fault each, with the finding expected. All data is invented.
#pragma once

#include <vector>

#include "core/reading/finding.h"

namespace havlo::testing {

struct FaultyPlan {
  const char* name;
  FindingKind kind;
  Plan plan;
  bool mendable = true;  ///< its fix silences it
};

/// The faults of the viewpoint and the light.
std::vector<FaultyPlan> faultyViews();

}  // namespace havlo::testing
