#include "core/guides/guides.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <optional>

#include "core/guides/hidden.h"
#include "core/outline/shape_ops.h"
#include "core/viewpoint/ground.h"
#include "core/viewpoint/room.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kPlain_mm = 0.08;  // outlines of shadows are drawn no finer
constexpr double kBorder_mm = 1e-6;

struct Sheet {
  std::function<void(Screen&)> hold;  // what may hide lines; asked for when the first one is drawn
  Box panel;
  std::vector<Guide> out;
  std::optional<Screen> screen;

  void add(const SeenLine& line, GuideKind kind, GuideOf of, int index) {
    const auto in = clipped(line, panel);
    if (!in) return;
    if (!screen) hold(screen.emplace());
    for (const SeenLine& part : screen->visible(*in)) out.push_back({part, kind, of, index});
  }
  /// A line on the edge of the panel is where something was cut off, not a line to draw.
  bool onEdge(Point p, Point q) const {
    const auto both = [](double a, double b, double at) {
      return std::fabs(a - at) < kBorder_mm && std::fabs(b - at) < kBorder_mm;
    };
    return both(p.x, q.x, panel.left) || both(p.x, q.x, panel.right) || both(p.y, q.y, panel.bottom) ||
           both(p.y, q.y, panel.top);
  }
};

/// Things hide what is farther, but not the shadow on the ground before them.
void hold(Screen& screen, const DepthOrder& depth, std::span<const PlacedRef> placed) {
  for (size_t i = 0; i < placed.size(); ++i) {
    const double d = depth.distance_m(static_cast<int>(i));
    if (!std::isfinite(d) || placed[i]->areaOnPanel_mm2 <= 0) continue;
    screen.add({placed[i]->silhouette, 1 / d, 0, 0});
  }
}

void addRows(Sheet& sheet, const Plan& plan, const DepthOrder& depth) {
  std::map<std::string, std::vector<int>> rows;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (!plan.impressions[i].row.empty()) rows[plan.impressions[i].row].push_back(static_cast<int>(i));
  for (auto& [name, things] : rows) {
    std::sort(things.begin(), things.end(),
              [&](int a, int b) { return depth.distance_m(a) < depth.distance_m(b); });
    if (things.size() < 2 || !std::isfinite(depth.distance_m(things[0]))) continue;
    const Point a = plan.impressions[ix(things.front())].at, b = plan.impressions[ix(things.back())].at;
    if (std::fabs(b.y - a.y) < 1e-6) continue;
    const double t = (plan.view->horizon_mm - a.y) / (b.y - a.y);
    if (t <= 0) continue;
    sheet.add({a, {a.x + t * (b.x - a.x), plan.view->horizon_mm}, 1 / depth.distance_m(things[0]), 0},
              GuideKind::Construction, GuideOf::Row, things[0]);
  }
}

void addShadows(Sheet& sheet, const Plan& plan, const DepthOrder& depth, std::span<const PlacedRef> placed) {
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  for (const CastShadow& shadow : castShadows(plan, depth, placed))
    for (const Ring& ring : simplified(shadow.shape, Millimetres{kPlain_mm}))
      for (size_t i = 0; i < ring.size(); ++i) {
        const Point p = ring[i], q = ring[(i + 1) % ring.size()];
        if (!sheet.onEdge(p, q))
          sheet.add({p, q, projection.inverseOfGround(p.y), projection.inverseOfGround(q.y)}, GuideKind::Ink,
                    GuideOf::Shadow, shadow.impression);
      }
}

/// What stands in water that mirrors is seen again upside down below its foot, as far as the water reaches.
void addReflections(Sheet& sheet, const Plan& plan, const DepthOrder& depth,
                    std::span<const PlacedRef> placed) {
  for (const GroundMark& mark : plan.ground) {
    if (!mark.mirrors) continue;
    const Rings water = intersection(areaOf(mark, *plan.view, plan.card.panel), rectangle(sheet.panel));
    if (water.empty()) continue;
    for (size_t i = 0; i < placed.size(); ++i) {
      const double d = depth.distance_m(static_cast<int>(i));
      if (!std::isfinite(d)) continue;
      const double foot = groundHeight(*plan.view, Metres{d}).value;
      Rings mirrored = placed[i]->silhouette;
      for (Ring& ring : mirrored)
        for (Point& p : ring) p.y = 2 * foot - p.y;
      if (!boxOf(mirrored).meets(boxOf(water))) continue;
      for (const Ring& ring : simplified(intersection(mirrored, water), Millimetres{kPlain_mm}))
        for (size_t k = 0; k < ring.size(); ++k) {
          const Point p = ring[k], q = ring[(k + 1) % ring.size()];
          if (!sheet.onEdge(p, q))
            sheet.add({p, q, 1 / d, 1 / d}, GuideKind::Ink, GuideOf::Reflection, static_cast<int>(i));
        }
    }
  }
}

}  // namespace

std::vector<Guide> guidesOf(const Plan& plan, const DepthOrder& depth, std::span<const PlacedRef> placed,
                            const GuideWish& wish) {
  if (!plan.view) return {};
  const View& view = *plan.view;
  const PanelSize& panel = plan.card.panel;
  std::vector<std::pair<DrawnThing, int>> marks;
  for (size_t k = 0; k < plan.ground.size(); ++k)
    marks.emplace_back(drawnOf(plan.ground[k], view, panel), static_cast<int>(k));
  std::optional<DrawnThing> room;
  if (plan.room) room = drawnOf(*plan.room, view, panel);
  const auto all = [&](Screen& screen) {
    hold(screen, depth, placed);
    for (const auto& [drawn, k] : marks)
      for (const SeenFace& face : drawn.faces) screen.add(face);
    if (room)
      for (const SeenFace& face : room->faces) screen.add(face);
  };
  Sheet sheet{all, panel.box(), {}, {}};
  if (wish.construction) {
    sheet.add({{0, view.horizon_mm}, {panel.width_mm, view.horizon_mm}, 0, 0}, GuideKind::Construction,
              GuideOf::Horizon, 0);
    if (room)
      for (const SeenLine& l : room->construction) sheet.add(l, GuideKind::Construction, GuideOf::Room, 0);
    for (const auto& [drawn, k] : marks)
      for (const SeenLine& l : drawn.construction) sheet.add(l, GuideKind::Construction, GuideOf::Ground, k);
    addRows(sheet, plan, depth);
  }
  if (room)
    for (const SeenLine& l : room->ink) sheet.add(l, GuideKind::Ink, GuideOf::Room, 0);
  for (const auto& [drawn, k] : marks)
    for (const SeenLine& l : drawn.ink) sheet.add(l, GuideKind::Ink, GuideOf::Ground, k);
  if (wish.shadows) addShadows(sheet, plan, depth, placed);
  if (wish.reflections) addReflections(sheet, plan, depth, placed);
  return std::move(sheet.out);
}

std::vector<GuideChain> chained(const std::vector<Guide>& guides) {
  std::vector<GuideChain> out;
  for (const Guide& g : guides) {
    const auto meets = [](Point a, Point b) {
      return std::fabs(a.x - b.x) < 1e-9 && std::fabs(a.y - b.y) < 1e-9;
    };
    if (!out.empty() && out.back().kind == g.kind && out.back().of == g.of && out.back().index == g.index &&
        meets(out.back().points.back(), g.line.a)) {
      out.back().points.push_back(g.line.b);
    } else {
      out.push_back({{g.line.a, g.line.b}, g.kind, g.of, g.index});
    }
  }
  return out;
}

}  // namespace havlo
