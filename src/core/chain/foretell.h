// What a change would do to what is seen first, before it is made.
#pragma once

#include <optional>

#include "core/analysis/analysis.h"
#include "core/focus/looks.h"

namespace havlo {

struct Foretold {
  double share = 0;  ///< the hero's share of the pull
  int rank = 0;      ///< 1 = seen first
  int warnings = 0;  ///< faults and warnings left, those known left out
};

/// Findings that are faults or warnings and not known.
int warningsOf(const Analysis& analysis);

/// What the reading is worth, so that plans can be compared: 100 for nothing wrong, less for every finding,
/// more for a hero that is seen first by far. Common practice, no source.
double readingScore(const Analysis& analysis);

}  // namespace havlo
