// Outlines that touch, or nearly touch, without overlapping: the eye cannot tell which is in front and sticks
// there.
#include <algorithm>
#include <limits>

#include "core/outline/distance.h"
#include "core/outline/shared_area.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {
namespace {

constexpr double kKiss_mm = 1.0;  // of hands as they usually are; farther of hands that err more
constexpr double kApart_mm = 3.0;

/// Least distance of the points of one border from the other outline, on the panel, mm; infinite if all are
/// farther away than that.
double gapOf(const Placed& p, const Placed& q, double within_mm) {
  const Box near = q.onPanel.box().grown(within_mm).common(p.panel);
  std::vector<Point> points;
  for (Point b : p.outline->border)
    if (const Point at = p.placing.toPanel(b); near.contains(at)) points.push_back(at);
  constexpr double kFar = std::numeric_limits<double>::infinity();
  if (points.empty()) return kFar;
  // Of hundreds of sides only those that come near one of the points are asked.
  Box reach;
  for (Point at : points) reach.include(at);
  reach = reach.grown(within_mm);
  std::vector<std::pair<Point, Point>> sides;
  for (const Ring& ring : q.silhouette)
    for (size_t i = 0, k = ring.size() - 1; i < ring.size(); k = i++) {
      Box side;
      side.include(ring[k]), side.include(ring[i]);
      if (reach.meets(side)) sides.emplace_back(ring[k], ring[i]);
    }
  double best = kFar;
  for (Point at : points) {
    NearestPoint nearest{{}, kFar};
    for (const auto& [a, b] : sides) {
      const Point on = nearestOnSide(a, b, at);
      if (const double d = distance(on, at); d < nearest.distance_mm) nearest = {on, d};
    }
    if (nearest.distance_mm > within_mm) continue;
    if (covers(q.silhouette, at)) return 0;
    if (p.panel.contains(nearest.at)) best = std::min(best, nearest.distance_mm);
  }
  return best;
}

double kissOfHands_mm(const Plan& plan) { return kKiss_mm * plan.habits.moreThanUsual(); }

/// Things whose outlines should not nearly touch.
bool shouldPart(const Plan& plan, const Analysis& a, const Meeting& m, double kiss_mm) {
  if (m.overlaps()) return false;
  const Role f = roleAt(a, m.front), b = roleAt(a, m.back);
  const bool backdrop = factsOf(f).backdrop || factsOf(b).backdrop;
  // A foot on a bank, a bird on a perch, a row of posts: these are meant to touch.
  if (backdrop || holdsOn(plan, m.front, m.back) || holdsOn(plan, m.back, m.front)) return false;
  if (sameFigure(plan, m.front, m.back)) return false;
  const Impression &front = thingAt(plan, m.front), &back = thingAt(plan, m.back);
  if (!front.row.empty() && front.row == back.row) return false;
  const Placed &p = *a.meetings.placed[ix(m.front)], &q = *a.meetings.placed[ix(m.back)];
  return p.onPanel.box().meets(q.onPanel.box(), kiss_mm);
}

}  // namespace

void findGaps(const Plan& plan, Analysis& a) {
  const double kiss_mm = kissOfHands_mm(plan);
  for (Meeting& m : a.meetings.list)
    if (m.gap.within_mm != kiss_mm && shouldPart(plan, a, m, kiss_mm))
      m.gap = {kiss_mm, gapOf(*a.meetings.placed[ix(m.front)], *a.meetings.placed[ix(m.back)], kiss_mm)};
}

void readKissingEdges(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  const double kiss_mm = kissOfHands_mm(plan);
  for (const Meeting& m : a.meetings.list) {
    if (!shouldPart(plan, a, m, kiss_mm)) continue;
    const Placed &p = *a.meetings.placed[ix(m.front)], &q = *a.meetings.placed[ix(m.back)];
    const double gap_mm = m.gap.within_mm == kiss_mm ? m.gap.gap_mm : gapOf(p, q, kiss_mm);
    if (gap_mm > kiss_mm) continue;
    const Impression& front = thingAt(plan, m.front);
    Finding finding{FindingKind::KissingEdges, Level::Warn, {m.front, m.back}, gap_mm, {}};
    // The one that is not the hero and holds nothing goes aside; farther apart along the way they already
    // lie.
    const int moves = front.hero ? m.back : m.front;
    const Box mine = a.meetings.placed[ix(moves)]->box;
    const Box other = a.meetings.placed[ix(moves == m.front ? m.back : m.front)]->box;
    const double way = mine.centre().x < other.centre().x ? -1 : 1;
    const Point at = thingAt(plan, moves).at;
    finding.fix = moveTo(moves, {at.x + way * (kApart_mm * plan.habits.moreThanUsual() - gap_mm), at.y});
    out.push_back(std::move(finding));
  }
}

}  // namespace havlo
