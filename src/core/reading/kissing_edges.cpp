// Outlines that touch, or nearly touch, without overlapping: the eye cannot tell which is in front and sticks
// there.
#include "core/outline/distance.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {
namespace {

constexpr double kKiss_mm = 1.0;  // of hands as they usually are; farther of hands that err more
constexpr double kApart_mm = 3.0;

/// Least distance between two outlines, with where; nothing if they overlap or are farther than that.
std::optional<std::pair<NearestPoint, Point>> kissOf(const Placed& p, const Placed& q, double within_mm) {
  const Box near = q.onPanel.box().grown(within_mm);
  std::optional<std::pair<NearestPoint, Point>> best;
  for (Point b : p.outline->border) {
    const Point at = p.placing.toPanel(b);
    if (!near.contains(at) || !p.panel.contains(at)) continue;
    const NearestPoint n = nearestPoint(q.silhouette, at);
    if (n.distance_mm > within_mm || !p.panel.contains(n.at)) continue;
    if (!best || n.distance_mm < best->first.distance_mm) best = std::pair(n, at);
  }
  return best;
}

}  // namespace

void readKissingEdges(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  const double kiss_mm = kKiss_mm * plan.habits.moreThanUsual();
  for (const Meeting& m : a.meetings.list) {
    if (m.overlaps()) continue;
    const Role f = roleAt(a, m.front), b = roleAt(a, m.back);
    const bool backdrop = factsOf(f).backdrop || factsOf(b).backdrop;
    // A foot on a bank, a bird on a perch, a row of posts: these are meant to touch.
    if (backdrop || holdsOn(plan, m.front, m.back) || holdsOn(plan, m.back, m.front)) continue;
    if (sameFigure(plan, m.front, m.back)) continue;
    const Impression &front = thingAt(plan, m.front), &back = thingAt(plan, m.back);
    if (!front.row.empty() && front.row == back.row) continue;
    const Placed &p = *a.meetings.placed[ix(m.front)], &q = *a.meetings.placed[ix(m.back)];
    if (!p.onPanel.box().meets(q.onPanel.box(), kiss_mm)) continue;
    const auto kiss = kissOf(p, q, kiss_mm);
    if (!kiss) continue;
    Finding finding{FindingKind::KissingEdges, Level::Warn, {m.front, m.back}, kiss->first.distance_mm, {}};
    // The one that is not the hero and holds nothing goes aside; farther apart along the way they already
    // lie.
    const int moves = front.hero ? m.back : m.front;
    const Box mine = a.meetings.placed[ix(moves)]->box;
    const Box other = a.meetings.placed[ix(moves == m.front ? m.back : m.front)]->box;
    const double way = mine.centre().x < other.centre().x ? -1 : 1;
    const Point at = thingAt(plan, moves).at;
    finding.fix = moveTo(
        moves, {at.x + way * (kApart_mm * plan.habits.moreThanUsual() - kiss->first.distance_mm), at.y});
    out.push_back(std::move(finding));
  }
}

}  // namespace havlo
