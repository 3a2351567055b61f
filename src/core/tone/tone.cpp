// Wanted strength against the generations at hand.
#include "core/tone/tone.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

namespace havlo {

double contrastLeft(Metres distance, Metres visibility) {
  if (!std::isfinite(distance.value)) return 0;
  return std::exp(-3.912 * distance.value / visibility.value);
}

namespace {

constexpr double kMuchNearer = 0.12;  // in strength, before another ink is worth the change
constexpr double kSameHue = 45;       // levels of sRGB, after lightness is taken out

/// What an ink prints at full strength, as darkness from 0 to 1. By Rec. 709 weights on the plain channels.
double darknessOf(const Ink& ink) {
  return 1 - (0.2126 * ink.colour.red + 0.7152 * ink.colour.green + 0.0722 * ink.colour.blue) / 255;
}

bool sameHue(Colour a, Colour b) {
  const auto apart = [](Colour c) {
    const double mean = (c.red + c.green + c.blue) / 3.0;
    return std::array{c.red - mean, c.green - mean, c.blue - mean};
  };
  const auto x = apart(a), y = apart(b);
  return std::fabs(x[0] - y[0]) + std::fabs(x[1] - y[1]) + std::fabs(x[2] - y[2]) < kSameHue;
}

/// Strength of another ink's pressing, on the scale of the present one.
double strengthOn(const Ink& mine, const Ink& other, int generation) {
  const double dark = darknessOf(mine);
  return dark > 0 ? strengthOf(other, generation) * darknessOf(other) / dark : strengthOf(other, generation);
}

void propose(const Plan& plan, const Ink& mine, ToneReading& t) {
  double best = 1e300;
  const auto consider = [&](const Ink& ink, double handicap) {
    for (int g = 1; g <= static_cast<int>(ink.generations.size()); ++g) {
      const double strength = strengthOn(mine, ink, g);
      if (const double off = std::fabs(strength - t.wanted) + handicap; off < best)
        best = off, t.proposedGeneration = g, t.proposedInk = ink.id, t.proposed = strength;
    }
  };
  consider(mine, 0);
  for (const Ink& ink : plan.inks)
    if (ink.id != mine.id && ink.kind == mine.kind && sameHue(ink.colour, mine.colour))
      consider(ink, kMuchNearer);
}

}  // namespace

Metres distanceFor(double strength, Metres visibility) {
  if (strength <= 0) return Metres{std::numeric_limits<double>::infinity()};
  return Metres{-std::log(std::fmin(strength, 1.0)) * visibility.value / 3.912};
}

Result<std::vector<double>> strengthsOf(const std::vector<double>& darkness) {
  if (darkness.size() < 2) return Error{ErrorCode::BadInput, "a test strip needs at least two pressings", {}};
  if (!(darkness[0] > 0.02))
    return Error{ErrorCode::BadInput, "the first pressing cannot be told from paper", {}};
  std::vector<double> out;
  for (const double d : darkness) {
    const double s = std::clamp(d / darkness[0], 0.0, 1.0);
    out.push_back(out.empty() ? 1.0 : std::min(s, out.back()));
  }
  return out;
}

std::vector<ToneReading> readTones(const Plan& plan, const std::vector<double>& distances_m) {
  std::vector<ToneReading> out;
  if (!plan.view || !plan.view->visibility_m) return out;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& impression = plan.impressions[i];
    const Ink& ink = *plan.ink(impression.ink);
    ToneReading t;
    t.impression = static_cast<int>(i);
    t.wanted = contrastLeft(Metres{distances_m[i]}, Metres{*plan.view->visibility_m});
    t.actual = strengthOf(ink, impression.generation);
    double darkest = darknessOf(ink);
    for (const Ink& other : plan.inks)
      if (sameHue(other.colour, ink.colour)) darkest = std::fmax(darkest, darknessOf(other));
    t.seen = darkest > 0 ? t.actual * darknessOf(ink) / darkest : t.actual;
    propose(plan, ink, t);
    out.push_back(std::move(t));
  }
  return out;
}

}  // namespace havlo
