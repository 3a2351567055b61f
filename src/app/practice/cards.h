// The cards that drills ask about: the maker's own first, then those that ship.
#pragma once

#include <memory>
#include <vector>

#include "core/analysis/analysis.h"

namespace havlo {

/// A card with what is known of it; the analysis of one that ships is made by whoever needs it, on a worker.
struct PracticeCard {
  std::shared_ptr<const Plan> plan;
  AnalysisRef analysis;  ///< null: not made yet
};

/// @param own  the open card; left out where it is empty  @param turn  by which the shipped ones are turned
std::vector<PracticeCard> cardsToPractise(const PracticeCard& own, uint64_t turn);

}  // namespace havlo
