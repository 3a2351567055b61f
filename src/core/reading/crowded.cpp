// A picture needs a place where nothing is: without one the hero has nothing to stand out from.
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readCrowded(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks || plan.impressions.size() < 5) return;
  constexpr double kLeast = 0.04;  // of the panel, the largest plain rectangle
  const Looks& l = *a.looks;
  const double share =
      l.plainest.width() * l.plainest.height() / (plan.card.panel.width_mm * plan.card.panel.height_mm);
  if (share >= kLeast) return;
  // What would be missed least: the thing with the smallest pull that carries nothing.
  int least = -1;
  for (auto it = l.ranking.rbegin(); it != l.ranking.rend() && least < 0; ++it) {
    const int i = *it;
    const Role role = roleAt(a, i);
    if (!factsOf(role).stands() || thingAt(plan, i).hero) continue;
    bool carries = false;
    for (size_t k = 0; k < plan.impressions.size(); ++k)
      carries = carries || holdsOn(plan, static_cast<int>(k), i);
    if (!carries && a.meetings.placed[ix(i)]->areaOnPanel_mm2 > 0) least = i;
  }
  if (least < 0) return;
  Fix fix;
  fix.what = Fix::What::TakeOut, fix.impression = least;
  out.push_back({FindingKind::Crowded, Level::Warn, {least}, share, std::move(fix)});
}

}  // namespace havlo
