// Terms of the cost, each in the same coin: 1 is about what one warning of the reading is worth.
#include "core/arrange/table.h"

#include <algorithm>
#include <cmath>
#include <numeric>

#include "core/focus/greeting.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kSmallLight = 0.15;  // of the panel: larger pieces of the sky are its background

}  // namespace

Table::Table(const Plan& plan, const Analysis& a, const std::vector<char>& fixed)
    : m_plan(plan),
      m_a(a),
      m_width(std::max(1, static_cast<int>(std::ceil(plan.card.panel.width_mm / kCell_mm)))),
      m_height(std::max(1, static_cast<int>(std::ceil(plan.card.panel.height_mm / kCell_mm)))),
      m_count(ix(m_width) * ix(m_height)),
      m_top(m_count.size()) {
  const size_t n = plan.impressions.size();
  m_host.assign(n, -1);
  for (size_t i = 0; i < n; ++i) {
    const Impression& thing = plan.impressions[i];
    const Placed& placed = *a.meetings.placed[i];
    const Stamp& stamp = *placed.outline->stamp;
    m_feet.push_back(thing.at);
    m_backdrop.push_back(factsOf(stamp.role).backdrop);
    m_alive.push_back(factsOf(stamp.role).lives());
    m_distance.push_back(a.depth->distance_m(static_cast<int>(i)));
    if (thing.hero && m_hero < 0) m_hero = static_cast<int>(i);
    if (factsOf(stamp.role).words && m_greeting < 0) m_greeting = static_cast<int>(i);
    if (const auto* on = std::get_if<OnThing>(&thing.depth)) m_host[i] = plan.indexOf(on->id);
    m_shapes.push_back(shapeOf(placed.silhouette, thing.at));
  }
  findWater();
  findLand();
  findPartners();
  for (size_t i = 0; i < n; ++i) {
    const Placed& placed = *a.meetings.placed[i];
    if (placed.outline->stamp->role == Role::Sky &&
        placed.areaOnPanel_mm2 < kSmallLight * plan.card.panel.width_mm * plan.card.panel.height_mm &&
        placed.areaOnPanel_mm2 > 0)
      m_lights.push_back(static_cast<int>(i));
  }
  cost();
  for (const int light : m_lights) m_lightsHidden.push_back(hiddenOf(light));
  for (size_t i = 0; i < n; ++i) {
    if (fixed[i] || m_host[i] >= 0) continue;
    m_pieces.push_back(movable(i));
  }
}

/// The silhouette about its foot, cell by cell.
Table::Shape Table::shapeOf(const Rings& silhouette, Point foot) {
  Shape shape;
  const Box b = boxOf(silhouette);
  const auto cell = [](double v) { return static_cast<int>(std::floor(v / kCell_mm)); };
  shape.x0 = cell(b.left - foot.x), shape.y0 = cell(b.bottom - foot.y);
  shape.width = std::min(400, cell(b.right - foot.x) - shape.x0 + 1);
  shape.height = std::min(400, cell(b.top - foot.y) - shape.y0 + 1);
  shape.cells.assign(ix(shape.width) * ix(shape.height), 0);
  for (int y = 0; y < shape.height; ++y)
    for (int x = 0; x < shape.width; ++x) {
      const Point p{foot.x + (shape.x0 + x + 0.5) * kCell_mm, foot.y + (shape.y0 + y + 0.5) * kCell_mm};
      if (!covers(silhouette, p)) continue;
      shape.cells[ix(y) * ix(shape.width) + ix(x)] = 1;
      ++shape.area;
    }
  return shape;
}

/// A thing that may be moved, with what rides on it and how far it may go.
Movable Table::movable(size_t i) const {
  const Box panel = m_plan.card.panel.box();
  const Impression& thing = m_plan.impressions[i];
  const Stamp& stamp = *m_a.meetings.placed[i]->outline->stamp;
  Movable p;
  p.impression = static_cast<int>(i);
  for (size_t k = 0; k < m_host.size(); ++k) {
    int host = m_host[k];
    while (host >= 0 && host != p.impression) host = m_host[ix(host)];
    if (host == p.impression) p.riders.push_back(static_cast<int>(k));
  }
  const Box b = m_a.meetings.placed[i]->box;
  // Heroes, greetings and the living stay whole; others may run off the edge by a third.
  const bool whole = thing.hero || factsOf(stamp.role).words || factsOf(stamp.role).lives();
  const double off = whole ? -3 : b.width() / 3;
  p.left = panel.left - off + (thing.at.x - b.left), p.right = panel.right + off - (b.right - thing.at.x);
  if (p.left > p.right) p.left = p.right = thing.at.x;
  p.ground = m_plan.view && std::holds_alternative<OnGround>(thing.depth);
  if (p.ground && stamp.realHeight) {
    const StandingBand band = standingBand(*m_plan.view, *stamp.realHeight, Millimetres{stamp.height_mm});
    p.low = std::max(band.low_mm, panel.bottom + 1),
    p.high = std::min(band.high_mm, m_plan.view->horizon_mm - 1);
  } else if (p.ground) {
    p.low = std::max(thing.at.y - 12, panel.bottom + 1),
    p.high = std::min(thing.at.y + 12, m_plan.view->horizon_mm - 1);
  } else {
    p.low = std::max(panel.bottom + 2 + (thing.at.y - b.bottom), thing.at.y - 25);
    p.high = std::min(panel.top - 2 - (b.top - thing.at.y), thing.at.y + 25);
  }
  if (p.low > p.high) p.low = p.high = thing.at.y;  // it fits nowhere: the reading says so
  return p;
}

/// Washes that stand for water, and water marked on the ground.
void Table::findWater() {
  std::vector<Rings> parts;
  for (const Wash& w : m_plan.washes)
    if (w.kind == WashKind::Water) parts.push_back(w.area);
  if (!parts.empty()) m_water = unionOf(parts);
  for (Point foot : m_feet) m_afloat.push_back(!m_water.empty() && covers(m_water, foot));
}

/// Landforms: what stands on one, higher than the flat ground reaches, stays on it.
void Table::findLand() {
  std::vector<Rings> parts;
  for (const PlacedRef& p : m_a.meetings.placed)
    if (p->outline->stamp->role == Role::Landform) parts.push_back(p->silhouette);
  if (!parts.empty()) m_land = unionOf(parts);
  for (size_t i = 0; i < m_feet.size(); ++i)
    m_ashore.push_back(!m_land.empty() && !m_backdrop[i] && m_plan.view &&
                       m_feet[i].y >= m_plan.view->horizon_mm && covers(m_land, m_feet[i]));
}

/// What is not said to be on a thing but stands on it all the same goes with it: pots on a bench, the presses
/// of one figure.
void Table::findPartners() {
  constexpr double kTouches_mm = 1.5, kBeside = 0.15;  // of the distance
  const std::vector<int> leads = figureLeads(m_plan);
  for (size_t i = 0; i < m_feet.size(); ++i) {
    if (m_host[i] >= 0 || m_backdrop[i]) continue;
    if (leads[i] != static_cast<int>(i)) {
      m_host[i] = leads[i];
      continue;
    }
    if (!std::holds_alternative<AtMetres>(m_plan.impressions[i].depth)) continue;
    if (!factsOf(m_a.meetings.placed[i]->outline->stamp->role).stands()) continue;
    for (size_t k = 0; k < m_feet.size() && m_host[i] < 0; ++k) {
      const Rings& other = m_a.meetings.placed[k]->silhouette;
      const double far = m_distance[i], its = m_distance[k];
      if (!(std::fabs(far - its) <= kBeside * std::max(far, its))) continue;
      if (k == i || m_backdrop[k] || m_host[k] == static_cast<int>(i) || m_feet[k].y >= m_feet[i].y - 1)
        continue;
      if (!boxOf(other).grown(kTouches_mm).contains(m_feet[i])) continue;
      if (nearestOnBorder(other, m_feet[i]).distance_mm <= kTouches_mm) m_host[i] = static_cast<int>(k);
    }
  }
}

/// Share of a light's cells that something stands before.
double Table::hiddenOf(int light) const {
  const auto k = ix(light);
  const Shape& s = m_shapes[k];
  const auto [cx, cy] = cellOf(m_feet[k]);
  int on = 0, hidden = 0;
  for (int y = 0; y < s.height; ++y)
    for (int x = 0; x < s.width; ++x) {
      const int px = cx + s.x0 + x, py = cy + s.y0 + y;
      if (!s.cells[ix(y) * ix(s.width) + ix(x)] || px < 0 || py < 0 || px >= m_width || py >= m_height)
        continue;
      ++on;
      hidden += m_top[ix(py) * ix(m_width) + ix(px)] >= 0;
    }
  return on > 0 ? static_cast<double>(hidden) / on : 0;
}

void Table::push(const Movable& piece, Point foot) {
  Point& at = m_feet[ix(piece.impression)];
  const Point by{foot.x - at.x, foot.y - at.y};
  at = foot;
  for (int r : piece.riders) {
    Point& p = m_feet[ix(r)];
    p = {p.x + by.x, p.y + by.y};
  }
}

double Table::distanceOf(int i) const {
  const auto k = ix(i);
  if (m_host[k] >= 0) return distanceOf(m_host[k]) - 1e-6;
  if (m_plan.view && std::holds_alternative<OnGround>(m_plan.impressions[k].depth))
    return groundDistance(*m_plan.view, Millimetres{m_feet[k].y}).value;
  return m_distance[k];
}

std::pair<int, int> Table::cellOf(Point foot) const {
  return {static_cast<int>(std::floor(foot.x / kCell_mm)), static_cast<int>(std::floor(foot.y / kCell_mm))};
}

double Table::cost() {
  const size_t n = m_shapes.size();
  std::vector<int> line(n);
  std::iota(line.begin(), line.end(), 0);
  std::vector<double> away(n);
  for (size_t i = 0; i < n; ++i) away[i] = distanceOf(static_cast<int>(i));
  std::stable_sort(line.begin(), line.end(), [&](int p, int q) { return away[ix(p)] < away[ix(q)]; });
  std::fill(m_top.begin(), m_top.end(), -1);
  std::vector<int> shows(n, 0), on(n, 0), touching(n, 0);
  double cost = 0, weight = 0, moment = 0;
  int overlaps = 0;
  for (int i : line) {
    const auto k = ix(i);
    if (m_backdrop[k]) continue;
    const Shape& s = m_shapes[k];
    const auto [cx, cy] = cellOf(m_feet[k]);
    for (int y = 0; y < s.height; ++y)
      for (int x = 0; x < s.width; ++x) {
        if (!s.cells[ix(y) * ix(s.width) + ix(x)]) continue;
        const int px = cx + s.x0 + x, py = cy + s.y0 + y;
        if (px < 0 || py < 0 || px >= m_width || py >= m_height) continue;
        ++on[k];
        int& top = m_top[ix(py) * ix(m_width) + ix(px)];
        if (top < 0) top = i, ++shows[k];
      }
    weight += on[k];
    moment += on[k] * (m_feet[k].x / m_plan.card.panel.width_mm - 0.5);
  }
  for (size_t i = 0; i < n; ++i) {
    if (m_backdrop[i] || m_shapes[i].area == 0) continue;
    const double seen = static_cast<double>(shows[i]) / m_shapes[i].area;
    const bool hero = static_cast<int>(i) == m_hero, greeting = static_cast<int>(i) == m_greeting;
    // What holds on to something is meant to be partly behind or before it.
    if (hero)
      cost += 30 * std::max(0.0, 0.99 - seen);
    else if (greeting)
      cost += 20 * (1 - seen);
    else if (m_host[i] < 0)
      cost += 5 * std::max(0.0, 0.55 - seen);
  }
  // Neighbours: outlines that touch without overlapping; copies side by side.
  for (size_t p = 0; p < n; ++p) {
    if (m_backdrop[p]) continue;
    for (size_t q = p + 1; q < n; ++q) {
      if (m_backdrop[q] || m_host[p] == static_cast<int>(q) || m_host[q] == static_cast<int>(p)) continue;
      const Shape &s = m_shapes[p], &t = m_shapes[q];
      if (m_plan.impressions[p].stamp == m_plan.impressions[q].stamp &&
          std::fabs(m_feet[p].y - m_feet[q].y) < 0.07 * s.height * kCell_mm &&
          std::fabs(m_feet[p].x - m_feet[q].x) < 1.7 * s.width * kCell_mm)
        cost += 1;
      const auto [ax, ay] = cellOf(m_feet[p]);
      const auto [bx, by] = cellOf(m_feet[q]);
      const int left = std::max(ax + s.x0, bx + t.x0) - 1,
                right = std::min(ax + s.x0 + s.width, bx + t.x0 + t.width) + 1;
      const int low = std::max(ay + s.y0, by + t.y0) - 1,
                high = std::min(ay + s.y0 + s.height, by + t.y0 + t.height) + 1;
      if (left >= right || low >= high) continue;
      int common = 0, near = 0;
      const auto at = [](const Shape& of, int x, int y) {
        return x >= 0 && y >= 0 && x < of.width && y < of.height && of.cells[ix(y) * ix(of.width) + ix(x)];
      };
      for (int y = low; y < high; ++y)
        for (int x = left; x < right; ++x) {
          if (!at(s, x - ax - s.x0, y - ay - s.y0)) continue;
          const int u = x - bx - t.x0, v = y - by - t.y0;
          if (at(t, u, v))
            ++common;
          else if (at(t, u + 1, v) || at(t, u - 1, v) || at(t, u, v + 1) || at(t, u, v - 1))
            ++near;
        }
      if (common > 0 && common < 4) cost += 1.2;
      if (common == 0 && near > 0) cost += 1.5;
      if (common >= 4) ++overlaps;
      const bool hero = static_cast<int>(p) == m_hero || static_cast<int>(q) == m_hero;
      // A hero wants room around it.
      if (hero && (common > 0 || near > 0)) cost += 0.6;
      // A bill in somebody's belly is no depth.
      if (common > 0 && m_alive[p] && m_alive[q]) cost += hero ? 3 : 1.5;
    }
  }
  // A few overlaps make depth.
  cost += 0.4 * std::max(0, 3 - overlaps);
  if (weight > 0) cost += 8 * std::max(0.0, std::fabs(moment / weight) - 0.06);
  const double width = m_plan.card.panel.width_mm;
  for (const Movable& p : m_pieces) {
    const auto k = ix(p.impression);
    // What floats stays on the water, what stands keeps out of it.
    if (p.ground && !m_water.empty()) {
      if (covers(m_water, m_feet[k]) != (m_afloat[k] != 0)) cost += 6;
      // What floats has water under bow and stern.
      const double half = 0.35 * m_shapes[k].width * kCell_mm;
      for (const double side : {-half, half})
        if (m_afloat[k]) {
          const Point end{m_feet[k].x + side, m_feet[k].y};
          if (end.x > 0 && end.x < m_plan.card.panel.width_mm && !covers(m_water, end)) cost += 2;
        }
    }
    if (m_ashore[k] && !covers(m_land, m_feet[k])) cost += 6;
    const Stamp& stamp = *m_a.meetings.placed[k]->outline->stamp;
    if (stamp.facing != Facing::None && factsOf(stamp.role).lives()) {
      const double ahead = stamp.facing == Facing::Left ? m_feet[k].x / width : 1 - m_feet[k].x / width;
      cost += 4 * std::max(0.0, 0.36 - ahead);
    }
  }
  for (size_t k = 0; k < m_lightsHidden.size(); ++k)
    cost += 8 * std::max(0.0, hiddenOf(m_lights[k]) - m_lightsHidden[k]);
  if (m_hero >= 0) cost += 9 * std::max(0.0, std::fabs(m_feet[ix(m_hero)].x / width - m_heroAt) - 0.05);
  // Plain space: the largest empty rectangle, by cells.
  FreeMap map;
  map.grid = Grid();
  map.grid.width = m_width, map.grid.height = m_height;
  map.free.resize(m_top.size());
  for (size_t k = 0; k < m_top.size(); ++k) map.free[k] = m_top[k] < 0 || m_top[k] == m_greeting;
  const PixelBox plain = largestFree(map);
  const double share = static_cast<double>(plain.width * plain.height) / static_cast<double>(m_top.size());
  cost += 12 * std::max(0.0, 0.14 - share);
  if (m_greeting >= 0) {
    const Shape& g = m_shapes[ix(m_greeting)];
    if (plain.width < g.width + 2 || plain.height < g.height + 2) cost += 3;
  }
  return cost;
}

}  // namespace havlo
