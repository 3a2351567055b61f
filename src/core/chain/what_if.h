// What a slip at the table would do: the plan pressed with one thing done otherwise, against what was
// planned.
#pragma once

#include "core/analysis/analysis.h"

namespace havlo {

struct WhatIf {
  enum class Kind {
    Shuffle,     ///< stamped in a random order, masks as that order needs them
    ForgetMask,  ///< `impression` is never covered
    OtherInk,    ///< `impression` is stamped in `ink`
    Misplaced,   ///< `impression` is stamped `by` and `turn` off; its mask is laid where it lies
    OneMask      ///< no mask of `impression`'s stamp is ever remade
  };
  Kind kind = Kind::Shuffle;
  int impression = -1;
  std::string ink;  ///< id in the plan
  Point by;         ///< mm
  double turn_deg = 0;
  uint32_t seed = 1;  ///< of the shuffle
};

/// The plan as it would really be made.
struct Slip {
  std::shared_ptr<const Plan> plan;
  AnalysisRef analysis;  ///< with the run sheet as it was carried out
  std::optional<int> maskLife;
};
/// @error BadInput if there is no such impression or ink
Result<Slip> slipped(const Plan& plan, const Analysis& analysis, const WhatIf& what);

/// Presses the slip and compares with what `plan` intends.
/// @error Stopped, or as slipped()
Result<Simulation> tryOut(const Plan& plan, const Analysis& analysis, const WhatIf& what,
                          const ArtSource* art, double dpi, const Progress& progress = {},
                          const StepWatcher& watch = {});

}  // namespace havlo
