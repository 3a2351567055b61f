// What was reckoned for plans that were open lately: one that is opened again, or brought back by undo, need
// not wait for it a second time. All windows share it; from the interface thread only.
#pragma once

#include "core/analysis/analysis.h"

namespace havlo {

/// What is known of a plan, or null. @param ordered  with the best order; else as it is read at first
/// @param art  who draws stamps now
AnalysisRef knownAnalysis(const Plan& plan, const ArtSource* art, bool ordered);
void keepAnalysis(const std::shared_ptr<const Plan>& plan, const AnalysisRef& analysis, bool ordered);

}  // namespace havlo
