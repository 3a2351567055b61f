// How the paper on a thing had been laid and cut, told by where the lines printed round it end.
#pragma once

#include <optional>
#include <span>

#include "core/compare/comparison.h"

namespace havlo {

/// Where a line printed over the paper's edge ends, at one place of the border.
struct PaperEnd {
  Point at, outward;        ///< panel mm, a place on the border; arrow of length 1
  double from = 0, to = 0;  ///< mm outside where the paper's edge should have been; between two where the
                            ///< front's own line hides the end
};

/// How one stiff paper lay that was shifted, turned and cut too large all round: mean and spread of what
/// explains the ends, those that are seen and those that are only known to be hidden (a censored regression:
/// Tobin, Estimation of relationships for limited dependent variables, Econometrica 26, 1958; summed by a
/// Metropolis walk: Gelman et al., Bayesian Data Analysis, chapter 11; both from memory). What hands usually
/// err is no part of what is told: a direction in which nothing is seen is told with a wide uncertainty.
/// @param middle  about which it turned, panel mm
/// @return nothing where too few places tell, or where no one paper explains what is seen
std::optional<SeenPaper> paperFrom(std::span<const PaperEnd> ends, Point middle);

}  // namespace havlo
