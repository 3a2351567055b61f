#include "core/analysis/analysis.h"

namespace havlo {

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
