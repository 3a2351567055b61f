// Small plans made wrong on purpose, one fault each, with the finding expected. All data is invented.
#pragma once

#include <vector>

#include "core/analysis/finding.h"

namespace havlo::testing {

struct FaultyPlan {
  const char* name;
  FindingKind kind;
  Plan plan;
  bool mendable = true;  ///< its fix silences it
};

/// The faults of the viewpoint and the light.
std::vector<FaultyPlan> faultyViews();

/// A small scene in which nothing is wrong: a hero, a tree, a post and a greeting.
Plan soundCard();
/// The faults of the hero, the greeting, the inks and the background.
std::vector<FaultyPlan> faultyCards();

}  // namespace havlo::testing
