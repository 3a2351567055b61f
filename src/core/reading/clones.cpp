// The same stamp twice side by side, alike in every way, reads as a copy.
#include <algorithm>

#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "core/reading/about.h"
#include "core/viewpoint/scale.h"

namespace havlo {

void readClones(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  const auto alike = [&](const Impression& p, const Impression& q) {
    return p.stamp == q.stamp && p.ink == q.ink && p.generation == q.generation &&
           std::fabs(p.turn_deg - q.turn_deg) < 3 && p.part == q.part;
  };
  // Prints of one stamp from the left: what stands too far aside is not asked.
  std::vector<std::vector<int>> prints(plan.stamps.size());
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (plan.impressions[i].row.empty()) prints[ix(a.stampOf[i])].push_back(static_cast<int>(i));
  const auto x = [&](int i) { return plan.impressions[ix(i)].at.x; };
  for (auto& list : prints)
    std::stable_sort(list.begin(), list.end(), [&](int i, int k) { return x(i) < x(k); });
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Role role = roleAt(a, static_cast<int>(i));
    // Waves, bricks and clouds are patterns; rows are meant to repeat.
    if (!factsOf(role).stands() || !plan.impressions[i].row.empty()) continue;
    const Stamp& stamp = stampAt(a, static_cast<int>(i));
    const double aside = 1.6 * stamp.width_mm;
    const auto& list = prints[ix(a.stampOf[i])];
    std::vector<size_t> near;
    for (auto it = std::lower_bound(list.begin(), list.end(), x(static_cast<int>(i)) - aside,
                                    [&](int k, double left) { return x(k) < left; });
         it != list.end() && x(*it) <= x(static_cast<int>(i)) + aside; ++it)
      if (ix(*it) > i) near.push_back(ix(*it));
    std::sort(near.begin(), near.end());
    for (size_t k : near) {
      const Impression &p = plan.impressions[i], &q = plan.impressions[k];
      const double dx = std::fabs(p.at.x - q.at.x), dy = std::fabs(p.at.y - q.at.y);
      if (dx > aside || dy > 0.06 * stamp.height_mm || !alike(p, q)) continue;
      if (sameFigure(plan, static_cast<int>(i), static_cast<int>(k))) continue;
      const Box bp = a.meetings.placed[i]->onPanel.box(), bq = a.meetings.placed[k]->onPanel.box();
      if (bp.empty() || bq.empty()) continue;
      // One cropped by the edge or half hidden differs enough.
      const auto whole = [&](size_t n) {
        const Placed& at = *a.meetings.placed[n];
        return at.areaOnPanel_mm2 > 0.9 * at.area_mm2 && a.visible[n].behind.empty();
      };
      if (!whole(i) || !whole(k)) continue;
      const int moves = q.hero ? static_cast<int>(i) : static_cast<int>(k);
      Finding f{FindingKind::Clones, Level::Note, {static_cast<int>(i), static_cast<int>(k)}, dx, {}};
      const Point at = thingAt(plan, moves).at;
      double by = 0.1 * stamp.height_mm;
      if (plan.view && stamp.realHeight && std::holds_alternative<OnGround>(thingAt(plan, moves).depth)) {
        // As far as its size allows.
        const StandingBand band = standingBand(*plan.view, *stamp.realHeight, Millimetres{stamp.height_mm});
        const double up = band.high_mm - at.y, down = at.y - band.low_mm;
        by = up >= down ? std::min(by, up) : -std::min(by, down);
      }
      if (std::fabs(by) > 0.065 * stamp.height_mm) f.fix = moveTo(moves, {at.x, at.y + by});
      out.push_back(std::move(f));
    }
  }
}

}  // namespace havlo
