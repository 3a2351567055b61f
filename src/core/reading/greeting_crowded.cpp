// A greeting wants room: nothing that stands for itself over it, under it or close beside it.
#include "core/reading/about.h"

namespace havlo {

void readGreetingCrowded(const Plan&, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks) return;
  constexpr double kLeast_mm2 = 6;
  for (const Greeting& g : a.looks->greetings) {
    if (g.crowded_mm2 < kLeast_mm2 || g.crowding < 0) continue;
    Finding f{FindingKind::GreetingCrowded, Level::Warn, {g.impression, g.crowding}, g.crowded_mm2, {}};
    if (g.better) f.fix = moveTo(g.impression, *g.better);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
