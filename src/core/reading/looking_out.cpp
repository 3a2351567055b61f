// A figure that looks out of the picture takes the eye with it. It needs more room before it than behind it.
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readLookingOut(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  // Of the panel's width that should lie before its middle.
  constexpr double kHeroAhead = 0.28, kAhead = 0.15;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const int i = static_cast<int>(k);
    const Stamp& stamp = stampAt(a, i);
    if (!factsOf(stamp.role).lives() || stamp.facing == Facing::None) continue;
    const Placed& p = *a.meetings.placed[k];
    const Box box = p.onPanel.box();
    if (box.empty() || a.visible[k].share <= kHiddenShare) continue;
    const double width = plan.card.panel.width_mm, middle = box.centre().x;
    const double ahead = (stamp.facing == Facing::Left ? middle : width - middle) / width;
    const bool hero = plan.impressions[k].hero;
    if (ahead >= (hero ? kHeroAhead : kAhead)) continue;
    // Something it looks at between it and the edge keeps the eye inside.
    bool kept = false;
    for (size_t o = 0; o < plan.impressions.size() && !kept; ++o) {
      if (o == k || factsOf(roleAt(a, static_cast<int>(o))).backdrop) continue;
      const Box b = a.meetings.placed[o]->onPanel.box();
      if (b.empty() || b.top < box.bottom || b.bottom > box.top) continue;
      kept = stamp.facing == Facing::Left ? b.centre().x < box.left : b.centre().x > box.right;
    }
    if (kept && !hero) continue;
    Finding f{FindingKind::LookingOut, hero ? Level::Warn : Level::Note, {i}, ahead, {}};
    const double to = stamp.facing == Facing::Left ? width * 0.62 : width * 0.38;
    f.fix = moveTo(i, {plan.impressions[k].at.x + to - middle, plan.impressions[k].at.y});
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
