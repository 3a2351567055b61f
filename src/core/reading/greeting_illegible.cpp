// Letters want a contrast of 4.5 to their ground, large ones 3 (WCAG 2, success criterion 1.4.3).
#include "core/reading/about.h"

namespace havlo {

void readGreetingIllegible(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks) return;
  for (const Greeting& g : a.looks->greetings) {
    const Placed& p = *a.meetings.placed[ix(g.impression)];
    if (p.areaOnPanel_mm2 <= 0) continue;
    const double wanted = ratioWanted(*p.outline->stamp);
    if (g.ratio >= wanted) continue;
    Finding f{FindingKind::GreetingIllegible,
              g.ratio < 0.6 * wanted ? Level::Fault : Level::Warn,
              {g.impression},
              g.ratio,
              {}};
    f.other = wanted;
    const std::vector<LegibleWay> ways = waysToLegible(plan, g);
    if (!ways.empty()) f.fix = ways.front().fix;
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
