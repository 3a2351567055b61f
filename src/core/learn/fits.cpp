#include "core/learn/fits.h"

#include <algorithm>
#include <cmath>

namespace havlo {
namespace {

constexpr double kFar = 3.5;
constexpr int kRounds = 30;

}  // namespace

Fit fitSpread(double usual, double worth, std::span<const SeenError> errors) {
  // Each error is believed as far as it was measured: what is measured badly takes the spread for its own and
  // moves it nowhere (expectation and maximization; Gelman et al., section 13.4, from memory).
  double variance = usual * usual, before = 0, told = 0;
  constexpr int kManyRounds = 500;
  for (int round = 0; round < kManyRounds && std::fabs(variance - before) > 1e-9 * variance; ++round) {
    before = variance;
    double sum = worth * usual * usual;
    told = 0;
    for (const SeenError& e : errors) {
      const double all = variance + e.sd * e.sd, far = kFar * std::sqrt(all);
      const double x = std::clamp(e.value, -far, far), share = variance / all;
      sum += share * share * x * x + share * e.sd * e.sd;
      told += share * share;
    }
    variance = std::max(1e-8, sum / (worth + static_cast<double>(errors.size())));
  }
  const double s = std::sqrt(variance);
  return {s, s / std::sqrt(2 * (worth + told)), told};
}

Fit fitMean(double usual, double worth, double spread, std::span<const double> values) {
  double mean = usual, before = usual + 1;
  for (int round = 0; round < kRounds && std::fabs(mean - before) > 1e-12; ++round) {
    before = mean;
    double sum = worth * usual;
    for (double v : values) sum += std::clamp(v, mean - kFar * spread, mean + kFar * spread);
    mean = sum / (worth + static_cast<double>(values.size()));
  }
  return {mean, spread / std::sqrt(worth + static_cast<double>(values.size())),
          static_cast<double>(values.size())};
}

Fit fitFactor(double spread, double worth, std::span<const double> ratios) {
  std::vector<double> logs;
  for (double r : ratios)
    if (r > 0 && std::isfinite(r)) logs.push_back(std::log(r));
  const Fit log = fitMean(0, worth, spread, logs);
  return {std::exp(log.value), std::exp(log.value) * log.sd, log.weight};
}

Fit fitThreshold(std::span<const Against> seen) {
  // Nothing turns at once: ink dries and paper frays over a quarter of its time or so. Common practice, no
  // source.
  constexpr double kSteep = 8, kPrior = 0.35, kReach = 2;
  constexpr int kSteps = 400;
  double sum = 0, mean = 0, square = 0, most = -1e300;
  std::vector<double> logs(kSteps + 1);
  const auto factorOf = [](int k) { return kReach * (2.0 * k / kSteps - 1); };
  for (int k = 0; k <= kSteps; ++k) {
    const double f = factorOf(k);
    double l = -f * f / (2 * kPrior * kPrior);
    for (const Against& t : seen) {
      const double x = kSteep * (std::log(std::max(1e-6, t.ratio)) - f);  // high: beyond it
      l -= t.shortOf ? std::log1p(std::exp(std::min(700.0, x))) : std::log1p(std::exp(std::min(700.0, -x)));
    }
    logs[static_cast<size_t>(k)] = l;
    most = std::max(most, l);
  }
  for (int k = 0; k <= kSteps; ++k) {
    const double w = std::exp(logs[static_cast<size_t>(k)] - most), f = factorOf(k);
    sum += w, mean += w * f, square += w * f * f;
  }
  mean /= sum, square = square / sum - mean * mean;
  return {std::exp(mean), std::exp(mean) * std::sqrt(std::max(0.0, square)),
          static_cast<double>(seen.size())};
}

}  // namespace havlo
