// Running off the edge is a fine effect; being gone altogether, or a greeting cut short, is not.
#include <algorithm>

#include "core/analysis/analysis.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kBarelyThere = 0.1;
constexpr double kWhole = 0.999;

/// The smallest move that brings a stretch [low, high] into [0, room], or as far in as it fits.
double inward(double low, double high, double room) {
  if (high - low > room) return (room - high - low) / 2;
  return low < 0 ? -low : high > room ? room - high : 0;
}

}  // namespace

void readOffPanel(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Placed& thing = *analysis.meetings.placed[i];
    const double share = thing.area_mm2 > 0 ? thing.areaOnPanel_mm2 / thing.area_mm2 : 0;
    const bool greeting = factsOf(thing.outline->stamp->role).words;
    if (share >= (greeting ? kWhole : kBarelyThere)) continue;
    const bool fault = share <= 0 || greeting;
    Finding f{FindingKind::OffPanel, fault ? Level::Fault : Level::Warn, {static_cast<int>(i)}, share, {}};
    const Box box = thing.box;
    if (!box.empty()) {
      const Point at = plan.impressions[i].at;
      f.fix = Fix{Fix::What::MoveFoot,
                  static_cast<int>(i),
                  -1,
                  {at.x + inward(box.left, box.right, plan.card.panel.width_mm),
                   at.y + inward(box.bottom, box.top, plan.card.panel.height_mm)}};
    }
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
