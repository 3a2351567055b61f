// When each step of the run sheet begins, for rules about damp ink.
#pragma once

#include <vector>

#include "core/runsheet/run_sheet.h"

namespace havlo {

/// Minutes from the beginning at which each step's work begins and ends.
struct StepTime {
  double begins = 0, ends = 0;
};
inline std::vector<StepTime> stepTimes(const RunSheet& sheet) {
  std::vector<StepTime> out;
  double now = 0;
  for (const Step& s : sheet.steps) {
    const double begins = now + s.wait;
    now = begins + s.minutes;
    out.push_back({begins, now});
  }
  return out;
}

}  // namespace havlo
