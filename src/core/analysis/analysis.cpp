#include "core/analysis/analysis.h"

namespace havlo {

Analysis::Analysis() = default;
Analysis::Analysis(const Analysis&) = default;
Analysis::Analysis(Analysis&&) noexcept = default;
Analysis& Analysis::operator=(const Analysis&) = default;
Analysis& Analysis::operator=(Analysis&&) noexcept = default;
Analysis::~Analysis() = default;

int Analysis::masksToCut() const {
  int sum = 0;
  for (const JointPaper& j : needs.joints) sum += j.cut;
  for (const StampMasks& m : stampMasks) sum += m.cut;
  return sum;
}

PressInput Analysis::press(const Plan& plan, const ArtSource* art) const {
  return {plan, meetings, washes, knots.frontToBack, stack, masks, stampOf, needs, art, &regions, hand.get()};
}

}  // namespace havlo
