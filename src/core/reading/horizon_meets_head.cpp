// A horizon that runs through a head seems to cut it off; one that just touches the crown pins it down.
#include <cmath>

#include "core/analysis/analysis.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kHead = 0.22;   // share of the printed height that is head. Common practice, no source.
constexpr double kCrown = 0.03;  // above the crown, still touching to the eye

}  // namespace

void readHorizonMeetsHead(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  if (!plan.view) return;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Placed& thing = *analysis.meetings.placed[i];
    const Role role = thing.outline->stamp->role;
    const bool upright = std::fabs(std::remainder(plan.impressions[i].turn_deg, 360.0)) < 30;
    if (!factsOf(role).lives() || !upright || thing.areaOnPanel_mm2 <= 0) continue;
    const Box box = thing.box;
    const double down = box.top - plan.view->horizon_mm;
    if (down < -kCrown * box.height() || down > kHead * box.height()) continue;
    out.push_back({FindingKind::HorizonMeetsHead, Level::Note, {static_cast<int>(i)}, down, {}});
  }
}

}  // namespace havlo
