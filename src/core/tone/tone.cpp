// Wanted strength against the generations at hand.
#include "core/tone/tone.h"

#include <cmath>

namespace havlo {

double contrastLeft(Metres distance, Metres visibility) {
  if (!std::isfinite(distance.value)) return 0;
  return std::exp(-3.912 * distance.value / visibility.value);
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
    double best = 1e300;
    for (int g = 1; g <= static_cast<int>(ink.generations.size()); ++g)
      if (const double off = std::fabs(strengthOf(ink, g) - t.wanted); off < best)
        best = off, t.proposedGeneration = g;
    out.push_back(t);
  }
  return out;
}

}  // namespace havlo
