// Drills: a finished card is shown, the learner says in which order to stamp and which masks lie when; the
// press shows what comes of it.
#pragma once

#include <string>
#include <vector>

#include "core/analysis/analysis.h"

namespace havlo {

/// What the learner laid down: pressings and washes in order, each with the things that lie covered.
struct DrillStep {
  bool wash = false;
  int index = 0;             ///< impression or wash
  std::vector<int> covered;  ///< impressions, by rising index
  bool operator==(const DrillStep&) const = default;
};

/// Every pressing and wash of the plan once, mixed up, nothing covered.
std::vector<DrillStep> mixedUp(const Plan& plan, uint64_t seed);

struct DrillResult {
  Simulation pressed;
  RunSheet sheet;       ///< as the learner has it, with the masks they laid
  int masksOn = 0;      ///< covers laid
  int needless = 0;     ///< covers laid that no pressing or wash was kept out by
  int masksOnBest = 0;  ///< covers laid in the plan's own run sheet
  int stars = 0;  ///< 0 not as shown; 1 right; 2 no needless cover; 3 and no more covering than the best
};

/// Presses the learner's steps. Covers stay lying from step to step where both say so.
/// @error BadInput if a pressing or wash is missing or there twice; Stopped
Result<DrillResult> pressDrill(const Plan& plan, const Analysis& analysis,
                               const std::vector<DrillStep>& steps, const ArtSource* art, double dpi,
                               const Progress& progress = {}, const StepWatcher& watch = {});

/// The steps of the plan's own run sheet as a drill's answer.
std::vector<DrillStep> answerOf(const Analysis& analysis);

}  // namespace havlo
