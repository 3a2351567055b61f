// Which stamping orders are valid, and what a given one breaks.
#pragma once

#include <vector>

#include "core/depth/knots.h"

namespace havlo {

/// `first` must be stamped before `then`, for depth.
struct OrderRule {
  int first = 0, then = 0;
  bool ahead = false;  ///< in one knot, and masked: a mask laid ahead does it the other way round
};
/// Of each overlapping pair, by the front's school: masked and resisted fronts that the back's ink would fall
/// on go first, overprinted ones last unless both inks let everything through; left-out, wiped and popped-up
/// ones do not care. Without circles: of a knot only those rules are here that its own line keeps. @param
/// bare  by impression: nothing of it can be covered, so that nothing is won by stamping it first; empty:
/// all can
std::vector<OrderRule> orderRules(const Plan& plan, const Meetings& meetings, const Knots& knots,
                                  const std::vector<char>& bare = {});

/// Rules that this order breaks, so that ink comes where it must not.
std::vector<OrderRule> brokenRules(const std::vector<OrderRule>& rules, const std::vector<int>& order);

/// The maker's own order made whole: unnamed impressions are put in where the rules allow, pop-ups at the
/// end.
std::vector<int> completed(const Plan& plan, const std::vector<int>& otherwise);

}  // namespace havlo
