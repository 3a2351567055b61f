// Steps of the run sheet that the hands do in one go, for a strip and a sheet that can be overlooked. At the
// table every step stands for itself; numbers are those of the steps.
#pragma once

#include <vector>

#include "core/runsheet/run_sheet.h"

namespace havlo {

struct StepGroup {
  enum class Kind {
    One,     ///< a step by itself
    Print,   ///< masks printed in several inks
    Cut,     ///< several masks cut one after the other
    Cover,   ///< masks cut, what they cover left to dry, laid
    Uncover  ///< several things uncovered one after the other
  };
  Kind kind = Kind::One;
  std::vector<int> steps;   ///< of the run sheet, in their order; at least one
  int first = 1, last = 1;  ///< their numbers among the steps that are shown, from 1
};

/// The steps that are shown (see stepsToShow), each in exactly one group, in their order.
std::vector<StepGroup> stepGroups(const RunSheet& sheet);

/// All that is covered, cut or lifted in a group, as one step; waits and minutes are the sums.
Step merged(const RunSheet& sheet, const StepGroup& group);

}  // namespace havlo
