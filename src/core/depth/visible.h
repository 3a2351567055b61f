// How much of each impression shows from behind the things in front of it.
#pragma once

#include <vector>

#include "core/depth/meetings.h"

namespace havlo {

/// Shares below this count as wholly hidden; only they are measured to the end.
inline constexpr double kHiddenShare = 0.02;

struct Visible {
  double share = 1;  ///< of the silhouette on the panel; exact when at most kHiddenShare, else at least more
                     ///< than it; to a thousandth among more than 48 covers
  std::vector<int> behind;  ///< the fronts that cover any of it, overprinted ones left out
  // What it was measured from.
  PlacedRef thing;
  std::vector<PlacedRef> fronts;
};

/// By impression. @param before  an earlier result; what is unchanged is taken over
std::vector<Visible> findVisible(const Plan& plan, const Meetings& meetings,
                                 const std::vector<Visible>* before = nullptr);

}  // namespace havlo
