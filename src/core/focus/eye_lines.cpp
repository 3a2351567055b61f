// A line leads to the hero if it comes within a few millimetres of it, ahead of where it starts.
#include "core/focus/eye_lines.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/analysis/analysis.h"
#include "core/outline/distance.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kLeads_mm = 6;
constexpr double kEyes = 0.85;  // of a figure's height: where it looks from

/// Smallest distance from the stretch to a shape, sampled every millimetre.
double missOf(Point from, Point to, const Rings& shape) {
  if (shape.empty()) return 1e9;
  const double length = std::hypot(to.x - from.x, to.y - from.y);
  const int n = std::clamp(static_cast<int>(length), 1, 2000);
  double best = 1e9;
  for (int k = 0; k <= n; ++k) {
    const double t = static_cast<double>(k) / n;
    const Point p{from.x + t * (to.x - from.x), from.y + t * (to.y - from.y)};
    best = std::min(best, nearestPoint(shape, p).distance_mm);
  }
  return best;
}

/// Where the line from `from` through `to` leaves the panel.
Point atBorder(Point from, Point to, const Box& panel) {
  const double dx = to.x - from.x, dy = to.y - from.y;
  double t = 1e9;
  if (dx > 1e-9) t = std::min(t, (panel.right - from.x) / dx);
  if (dx < -1e-9) t = std::min(t, (panel.left - from.x) / dx);
  if (dy > 1e-9) t = std::min(t, (panel.top - from.y) / dy);
  if (dy < -1e-9) t = std::min(t, (panel.bottom - from.y) / dy);
  if (t >= 1e9 || t < 0) return to;
  return {from.x + t * dx, from.y + t * dy};
}

}  // namespace

std::vector<EyeLine> eyeLines(const Plan& plan, const Analysis& a, int hero) {
  const Box panel = plan.card.panel.box();
  std::vector<EyeLine> out;
  const auto add = [&](EyeLine line) {
    if (hero < 0 || line.thing == hero) {
      line.misses_mm = 0, line.leads = line.thing == hero && hero >= 0;
    } else {
      line.misses_mm = missOf(line.from, line.to, a.meetings.placed[ix(hero)]->silhouette);
      line.leads = line.misses_mm <= kLeads_mm;
    }
    out.push_back(line);
  };
  std::map<std::string, std::vector<int>> rows;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    if (!thing.row.empty()) rows[thing.row].push_back(static_cast<int>(i));
    const Stamp& stamp = *a.meetings.placed[i]->outline->stamp;
    const bool looks = factsOf(stamp.role).lives() && stamp.facing != Facing::None;
    if (!looks || a.meetings.placed[i]->areaOnPanel_mm2 <= 0) continue;
    const Placing placing = placingOf(thing, stamp);
    const Point eye = placing.toPanel({stamp.width_mm / 2, stamp.height_mm * kEyes});
    const double way = stamp.facing == Facing::Left ? -1 : 1;
    const Point ahead = placing.toPanel({stamp.width_mm / 2 + way, stamp.height_mm * kEyes});
    if (!panel.contains(eye)) continue;
    add({EyeLineKind::Facing, static_cast<int>(i), -1, eye, atBorder(eye, ahead, panel), 0, false});
  }
  for (auto& [row, things] : rows) {
    if (things.size() < 3) continue;
    std::sort(things.begin(), things.end(),
              [&](int p, int q) { return a.depth->distance_m(p) < a.depth->distance_m(q); });
    const auto foot = [&](int i) { return plan.impressions[ix(i)].at; };
    const Point from = foot(things.front()), to = foot(things.back());
    if (std::hypot(to.x - from.x, to.y - from.y) < 5) continue;
    add({EyeLineKind::Row, things.front(), -1, from, to, 0, false});
  }
  for (size_t m = 0; m < plan.ground.size(); ++m) {
    const GroundMark& mark = plan.ground[m];
    const bool runs = mark.kind == GroundKind::Path || mark.kind == GroundKind::Canal ||
                      mark.kind == GroundKind::Rails || mark.kind == GroundKind::Wall;
    if (!runs || mark.along.size() < 2) continue;
    EyeLine line{EyeLineKind::Path, -1, static_cast<int>(m), mark.along.front(), mark.along.back(), 0, false};
    if (hero >= 0) {
      double best = 1e9;
      for (size_t k = 0; k + 1 < mark.along.size(); ++k)
        best =
            std::min(best, missOf(mark.along[k], mark.along[k + 1], a.meetings.placed[ix(hero)]->silhouette));
      line.misses_mm = best, line.leads = best <= kLeads_mm;
    }
    out.push_back(line);
  }
  return out;
}

}  // namespace havlo
