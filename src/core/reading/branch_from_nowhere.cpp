// A branch must begin somewhere: at the panel's edge, or in or behind another thing.
#include <algorithm>
#include <cmath>

#include "core/analysis/analysis.h"
#include "core/outline/distance.h"

namespace havlo {
namespace {

constexpr double kGap_mm = 1.0;

}  // namespace

void readBranchFromNowhere(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  const Box panel = plan.card.panel.box();
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Impression& thing = plan.impressions[k];
    const Stamp& stamp = *analysis.meetings.placed[k]->outline->stamp;
    for (const Contact& c : stamp.contacts) {
      if (c.kind != ContactKind::Start) continue;
      const Point start = placingOf(thing, stamp).toPanel(c.at);
      if (!panel.grown(-kGap_mm).contains(start)) continue;
      double gap = std::min(std::min(start.x - panel.left, panel.right - start.x),
                            std::min(start.y - panel.bottom, panel.top - start.y));
      Point to{start.x < panel.centre().x ? panel.left : panel.right, start.y};
      for (size_t other = 0; other < plan.impressions.size() && gap > kGap_mm; ++other) {
        if (other == k) continue;
        const NearestPoint near = nearestPoint(analysis.meetings.placed[other]->silhouette, start);
        if (near.distance_mm < gap) gap = near.distance_mm, to = near.at;
      }
      if (gap <= kGap_mm) continue;
      out.push_back({FindingKind::BranchFromNowhere,
                     Level::Warn,
                     {static_cast<int>(k)},
                     gap,
                     Fix{Fix::What::MoveFoot,
                         static_cast<int>(k),
                         -1,
                         {thing.at.x + to.x - start.x, thing.at.y + to.y - start.y}}});
    }
  }
}

}  // namespace havlo
