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

/// Carries the fix out on a copy and looks at it. Nothing without a hero, or if it cannot be carried out.
/// @param kept  tiles of earlier looks; null for none
std::optional<Foretold> foretell(const Plan& plan, const Analysis& analysis, const Fix& fix,
                                 const ArtSource* art, std::shared_ptr<TileStore> kept = {});

/// Findings that are faults or warnings and not known.
int warningsOf(const Analysis& analysis);

/// What the reading is worth, so that plans can be compared: 100 for nothing wrong, less for every finding,
/// more for a hero that is seen first by far. Common practice, no source.
double readingScore(const Analysis& analysis);

}  // namespace havlo
