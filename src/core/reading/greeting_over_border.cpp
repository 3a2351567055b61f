// A greeting too near the edge is touched by trimming, tape or the mat. One that runs off is the off-panel
// rule's.
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readGreetingOverBorder(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  const double border = std::max({kSafeBorder_mm, plan.card.tape_mm + 1, plan.card.bare_mm + 1});
  const Box safe = plan.card.panel.box().grown(-border);
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    if (!factsOf(roleAt(a, static_cast<int>(k))).words) continue;
    const Placed& p = *a.meetings.placed[k];
    if (p.area_mm2 <= 0 || p.areaOnPanel_mm2 < 0.999 * p.area_mm2) continue;
    const Box b = p.box;
    const double over =
        std::max({safe.left - b.left, b.right - safe.right, safe.bottom - b.bottom, b.top - safe.top});
    if (over <= 0.05) continue;
    Finding f{FindingKind::GreetingOverBorder, Level::Warn, {static_cast<int>(k)}, border - over, {}};
    const auto inward = [](double low, double high, double from, double to) {
      if (high - low > to - from) return (from + to - low - high) / 2;
      return low < from ? from - low : high > to ? to - high : 0.0;
    };
    const Point at = plan.impressions[k].at;
    f.fix = moveTo(static_cast<int>(k), {at.x + inward(b.left, b.right, safe.left, safe.right),
                                         at.y + inward(b.bottom, b.top, safe.bottom, safe.top)});
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
