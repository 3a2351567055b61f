// Arrangements proposed: where the chosen things could go so that sizes, depth, overlaps and plain space come
// right and the hero is seen first. A seeded search; the best of it are read like any plan and proven by the
// press.
#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/focus/looks.h"

namespace havlo {

struct ArrangeWish {
  std::vector<std::string> locked;  ///< impressions that stay where they are
  std::vector<std::string> add;     ///< stamps of the plan to be put on the card besides
  uint64_t seed = 1;                ///< the same seed gives the same proposals; another one others
  int proposals = 3;
  int tries = 2500;  ///< moves tried in each search: effort in steps, not in time
  double proof_dpi = 75;
};

struct Proposal {
  Plan plan;
  AnalysisRef analysis;  ///< with looks
  double score = 0;      ///< readingScore()
  bool proven = false;
  int moved = 0;     ///< impressions that stand elsewhere than before
  double apart = 1;  ///< from the nearest other proposal: mean way things moved between the two, of the panel
};

struct Arrangements {
  Proposal now;                     ///< the plan as it is, for comparison
  std::vector<Proposal> proposals;  ///< best first; fewer than asked for if there are no more that differ
};

/// Things that stay without being locked: what is a backdrop, what stands in a row, what holds on to another
/// thing (it goes with that).
bool staysPut(const Plan& plan, int impression);

/// @error BadInput without a hero, or if nothing may move; Stopped
Result<Arrangements> suggestArrangements(const Plan& plan, const ArtSource* art, const ArrangeWish& wish = {},
                                         const Progress& progress = {});

}  // namespace havlo
