// All the weight on one side: the card seems to tip.
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readUnbalanced(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks || plan.impressions.size() < 3) return;
  constexpr double kTips = 0.17;  // of the width, from the middle
  const double width = plan.card.panel.width_mm, off = a.looks->weight.x / width - 0.5;
  if (std::fabs(off) < kTips) return;
  // The heaviest free thing on that side that can cross over.
  int heavy = -1;
  double most = 0;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const int i = static_cast<int>(k);
    const Placed& p = *a.meetings.placed[k];
    const Role role = roleAt(a, i);
    if (!factsOf(role).stands() || plan.impressions[k].hero || !plan.impressions[k].row.empty()) continue;
    if (std::holds_alternative<OnThing>(plan.impressions[k].depth) || p.onPanel.box().empty()) continue;
    const double arm = (p.onPanel.box().centre().x / width - 0.5) * (off > 0 ? 1 : -1);
    if (arm > 0.1 && arm * p.areaOnPanel_mm2 > most) most = arm * p.areaOnPanel_mm2, heavy = i;
  }
  Finding f{FindingKind::Unbalanced, Level::Note, {}, off, {}};
  if (heavy < 0) {
    for (size_t k = 0; k < plan.impressions.size() && heavy < 0; ++k) heavy = static_cast<int>(k);
    f.impressions = {heavy};
  } else {
    f.impressions = {heavy};
    const Point at = thingAt(plan, heavy).at;
    const Box b = a.meetings.placed[ix(heavy)]->box;
    f.fix = moveTo(heavy, {at.x + width - 2 * b.centre().x, at.y});
  }
  out.push_back(std::move(f));
}

}  // namespace havlo
