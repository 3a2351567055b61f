#include "core/mask/pen_work.h"

#include <cmath>

#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kPenStep_mm = 0.25;

/// Millimetres of the rings' border at which `counts` holds, looked at every quarter of a millimetre.
template <typename F>
double borderWhere(const Rings& rings, F counts) {
  double sum = 0;
  for (const auto& ring : rings)
    for (size_t k = 0; k < ring.size(); ++k) {
      const Point a = ring[k], b = ring[(k + 1) % ring.size()];
      const double length = std::hypot(b.x - a.x, b.y - a.y);
      const int steps = static_cast<int>(std::ceil(length / kPenStep_mm));
      for (int s = 0; s < steps; ++s) {
        const double at = (s + 0.5) / steps;
        if (counts(Point{a.x + (b.x - a.x) * at, a.y + (b.y - a.y) * at})) sum += length / steps;
      }
    }
  return sum;
}

}  // namespace

std::vector<PenWork> penWork(const Plan& plan, const Meetings& meetings, const std::vector<Visible>& visible,
                             const std::vector<std::vector<int>>& leaveOut) {
  std::vector<PenWork> out;
  const Box panel = plan.card.panel.box();
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    if ((leaveOut[i].empty() && thing.part.empty()) || isStampedApart(thing.school)) continue;
    const Placed& placed = *meetings.placed[i];
    const auto hiddenAt = [&](Point p, int but) {
      for (int f : visible[i].behind)
        if (f != but && covers(meetings.placed[ix(f)]->silhouette, p)) return true;
      return !panel.contains(p);
    };
    double length = 0;
    for (int f : leaveOut[i]) {
      const double mm = borderWhere(meetings.placed[ix(f)]->silhouette, [&](Point p) {
        return placed.outline->inked.at(placed.placing.toFrame(p)) && !hiddenAt(p, f);
      });
      length += plan.impressions[ix(f)].school == School::WipeOff ? mm / 2 : mm;
    }
    const Rings& whole = placed.outline->stamp->silhouette;
    length += borderWhere(placed.outline->part, [&](Point p) {
      return covers(whole, p) && placed.outline->inked.at(p) && !hiddenAt(placed.placing.toPanel(p), -1);
    });
    if (length >= 1) out.push_back({static_cast<int>(i), length});
  }
  return out;
}

}  // namespace havlo
