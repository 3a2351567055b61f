// Fits from few numbers: a prior that says common practice, and what was seen. Every posterior here has a
// closed form or is summed over a grid. Source: Gelman et al., Bayesian Data Analysis (3rd ed. 2013),
// chapters 2 and 3, from memory.
#pragma once

#include <span>
#include <vector>

namespace havlo {

/// One fitted number.
struct Fit {
  double value = 0;
  double sd = 0;      ///< standard deviation of what is believed of it
  double weight = 0;  ///< how many observations it rests on, beside the prior
};

/// Standard deviation of errors with mean 0: scaled inverse chi-square. Errors more than 3.5 times as large
/// count as so large: a stamp that slipped is no habit. `weight` is how many errors measured without fault
/// say as much.
/// @param usual  what is believed beforehand, worth `worth` observations
/// @param errors  each with the standard deviation with which it was measured
struct SeenError {
  double value = 0, sd = 0;
};
Fit fitSpread(double usual, double worth, std::span<const SeenError> errors);

/// A factor from ratios, log-normal: normal with known spread of one observation.
/// @param spread  of the logarithm of one ratio; `worth` of the prior at 1, in observations
/// @param ratios  > 0; ratios beyond 3.5 spreads of the rest count as so far
Fit fitFactor(double spread, double worth, std::span<const double> ratios);

/// A mean: normal with known spread of one observation.
Fit fitMean(double usual, double worth, double spread, std::span<const double> values);

/// The factor on what is said of a threshold (how long ink dries, how often a mask may lie), told by what was
/// seen short of it or beyond. On a grid of factors; log-normal prior at 1.
struct Against {
  double ratio = 1;      ///< what happened over what is said
  bool shortOf = false;  ///< it was too early: it smudged, or the mask was good still
};
Fit fitThreshold(std::span<const Against> seen);

}  // namespace havlo
