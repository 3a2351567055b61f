// What a change would do to what is seen first, before it is made.
#pragma once

#include <optional>
#include <set>
#include <string>
#include <tuple>
#include <vector>

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

/// What a finding is about, whatever its number: kind, things, blend and mark by their names.
using FindingKey = std::tuple<FindingKind, std::vector<std::string>, std::string, std::string>;
FindingKey keyOf(const Plan& plan, const Finding& finding);
/// Of what is not known. @param seriousOnly  without notes
std::set<FindingKey> keysOf(const Plan& plan, const Analysis& analysis, bool seriousOnly);

/// What the reading is worth, so that plans can be compared: 100 for nothing wrong, less for every finding,
/// more for a hero that is seen first by far. Common practice, no source.
double readingScore(const Analysis& analysis);

}  // namespace havlo
