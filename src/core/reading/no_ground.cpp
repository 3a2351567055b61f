// Ground under the feet: not open water, and in a room the floor between its walls.
#include <algorithm>
#include <cmath>

#include "core/analysis/analysis.h"
#include "core/outline/distance.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/ground.h"
#include "core/viewpoint/room.h"

namespace havlo {
namespace {

constexpr double kBank_mm = 0.5;

/// Animals swim and boats float; these do not.

std::optional<Finding> inWater(const Plan& plan, int i, Point foot, const Stamp& stamp) {
  if (stamp.home == Home::Usual ? !factsOf(stamp.role).wantsLand : stamp.home != Home::Land) return {};
  for (size_t k = 0; k < plan.ground.size(); ++k) {
    const GroundMark& mark = plan.ground[k];
    if (mark.kind != GroundKind::Canal && mark.kind != GroundKind::Water) continue;
    const Rings area = areaOf(mark, *plan.view, plan.card.panel);
    if (!covers(area, foot)) continue;
    const NearestPoint bank = nearestOnBorder(area, foot);
    Finding f{FindingKind::NoGround, Level::Warn, {i}, bank.distance_mm, {}};
    f.mark = static_cast<int>(k);
    // A little onto the bank.
    const double beyond = 1 + kBank_mm / std::max(0.01, bank.distance_mm);
    const Point to{foot.x + beyond * (bank.at.x - foot.x), foot.y + beyond * (bank.at.y - foot.y)};
    if (to.y < plan.view->horizon_mm) f.fix = Fix{Fix::What::MoveFoot, i, -1, to};
    Fix floats;
    floats.what = Fix::What::SayHome, floats.impression = i, floats.home = Home::Water;
    f.instead = std::move(floats);
    return f;
  }
  return {};
}

std::optional<Finding> offTheFloor(const Plan& plan, int i, Point foot) {
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  const RoomSize size = sizeOf(*plan.room, *plan.view, plan.card.panel);
  ScenePoint at = projection.onGround(foot);
  const double slack = 0.02 * size.back_m;
  if (at.away <= size.back_m + slack && at.x >= size.left_m - slack && at.x <= size.right_m + slack)
    return {};
  at.away = std::min(at.away, size.back_m);
  at.x = std::clamp(at.x, size.left_m, size.right_m);
  const Point to = projection.toPanel(at);
  return Finding{FindingKind::NoGround,
                 Level::Warn,
                 {i},
                 std::hypot(to.x - foot.x, to.y - foot.y),
                 Fix{Fix::What::MoveFoot, i, -1, to}};
}

}  // namespace

void readNoGround(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  if (!plan.view || (plan.ground.empty() && !plan.room)) return;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Impression& thing = plan.impressions[k];
    if (!std::holds_alternative<OnGround>(thing.depth) || thing.at.y >= plan.view->horizon_mm) continue;
    const Stamp& stamp = *analysis.meetings.placed[k]->outline->stamp;
    auto found = inWater(plan, static_cast<int>(k), thing.at, stamp);
    if (!found && plan.room) found = offTheFloor(plan, static_cast<int>(k), thing.at);
    if (found) out.push_back(std::move(*found));
  }
}

}  // namespace havlo
