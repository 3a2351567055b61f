#include "core/light/light.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/room.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kLowest = 0.0174524;     // sine of one degree: a lower light throws endless shadows
constexpr double kLeastShadow_mm2 = 0.5;  // smaller ones nobody sees
constexpr double kSideways = 0.5;         // a light this far to the side is said to come from there

ScenePoint unit(ScenePoint v) {
  const double l = std::sqrt(v.x * v.x + v.up * v.up + v.away * v.away);
  return l > 0 ? ScenePoint{v.x / l, v.up / l, v.away / l} : ScenePoint{0, 1, 0};
}

/// Keeps a far light a degree above the horizon.
SceneLight far(ScenePoint direction) {
  SceneLight light;
  direction = unit(direction);
  if (direction.up < kLowest) {
    light.raised = true;
    const double level = std::hypot(direction.x, direction.away);
    const double scale = level > 0 ? std::sqrt(1 - kLowest * kLowest) / level : 0;
    direction = {direction.x * scale, kLowest, direction.away * scale};
  }
  light.at = direction;
  return light;
}

/// The part of a ring where `inside` is not negative; the value runs evenly along each side.
template <typename Point_, typename Inside, typename Mix>
std::vector<Point_> cutBy(const std::vector<Point_>& ring, Inside inside, Mix mix) {
  std::vector<Point_> out;
  out.reserve(ring.size() + 4);
  for (size_t i = 0; i < ring.size(); ++i) {
    const Point_ &p = ring[i], &q = ring[i + 1 == ring.size() ? 0 : i + 1];
    const double a = inside(p), b = inside(q);
    if (a >= 0) out.push_back(p);
    if ((a >= 0) != (b >= 0)) out.push_back(mix(p, q, a / (a - b)));
  }
  return out;
}

Point mixed(Point p, Point q, double t) { return {p.x + t * (q.x - p.x), p.y + t * (q.y - p.y)}; }
ScenePoint mixed(ScenePoint p, ScenePoint q, double t) {
  return {p.x + t * (q.x - p.x), p.up + t * (q.up - p.up), p.away + t * (q.away - p.away)};
}

ScenePoint fallen(const SceneLight& light, ScenePoint p) {
  if (!light.nearBy) {
    const double k = p.up / light.at.up;
    return {p.x - k * light.at.x, 0, p.away - k * light.at.away};
  }
  const double k = light.at.up / (light.at.up - p.up);
  return {light.at.x + k * (p.x - light.at.x), 0, light.at.away + k * (p.away - light.at.away)};
}

/// How far back a point goes for each metre it lies to the right of its thing's foot, so that the thing is
/// not thinner to the light than it is thick.
double turnedBy(const SceneLight& light, ScenePoint foot) {
  const ScenePoint to = towards(light, foot);
  const double level = std::hypot(to.x, to.away);
  if (level < 1e-9) return 0;
  const double x = to.x / level, away = to.away / level;
  if (std::fabs(away) >= kThickness) return 0;
  return (away - (away < 0 ? -kThickness : kThickness)) / x;
}

/// Rings without the points that lie nearer than this to the one before them.
Rings sparse(const Rings& rings, double step_mm) {
  if (step_mm <= 0) return rings;
  Rings out;
  for (const Ring& ring : rings) {
    Ring few;
    for (const Point p : ring)
      if (few.empty() || distance(few.back(), p) >= step_mm) few.push_back(p);
    if (few.size() >= 3) out.push_back(std::move(few));
  }
  return out;
}

/// A thing as an upright body in the scene: its rings above the ground and below a lantern.
class Upright {
 public:
  Upright(const Projection& projection, const SceneLight& light, Point anchor, const Rings& silhouette,
          double away_m)
      : m_ground_y(projection.toPanel({0, 0, away_m}).y) {
    const double most_y = light.nearBy ? projection.toPanel({0, 0.98 * light.at.up, away_m}).y : 1e9;
    m_foot = projection.atDistance({anchor.x, m_ground_y}, away_m);
    const double turned = turnedBy(light, m_foot);
    const auto mix = [](Point p, Point q, double t) { return mixed(p, q, t); };
    for (const Ring& ring : silhouette) {
      Ring upright = cutBy(
          ring, [&](Point p) { return p.y - m_ground_y; }, mix);
      upright = cutBy(
          upright, [&](Point p) { return most_y - p.y; }, mix);
      std::vector<ScenePoint> body;
      body.reserve(upright.size());
      for (const Point p : upright) {
        ScenePoint at = projection.atDistance(p, away_m);
        // No farther than half of the way to the viewer: what is wider than it is far away is no body.
        at.away += std::clamp(turned * (at.x - m_foot.x), -0.5 * away_m, 0.5 * away_m);
        body.push_back(at);
        m_least = {std::min(m_least.x, at.x), std::min(m_least.up, at.up), std::min(m_least.away, at.away)};
        m_most = {std::max(m_most.x, at.x), std::max(m_most.up, at.up), std::max(m_most.away, at.away)};
      }
      if (body.size() >= 3) m_rings.push_back(std::move(body));
    }
  }
  const std::vector<std::vector<ScenePoint>>& rings() const { return m_rings; }
  /// Of the level box around it.
  std::array<ScenePoint, 8> corners() const {
    std::array<ScenePoint, 8> out;
    for (unsigned k = 0; k < 8; ++k)
      out[k] = {k & 1 ? m_most.x : m_least.x, k & 2 ? m_most.up : m_least.up,
                k & 4 ? m_most.away : m_least.away};
    return out;
  }
  double groundHeight_mm() const { return m_ground_y; }
  ScenePoint foot() const { return m_foot; }

 private:
  double m_ground_y;
  ScenePoint m_foot;
  ScenePoint m_least{1e300, 1e300, 1e300}, m_most{-1e300, -1e300, -1e300};
  std::vector<std::vector<ScenePoint>> m_rings;
};

ScenePoint mixedScene(const ScenePoint& p, const ScenePoint& q, double t) { return mixed(p, q, t); }

/// An upright plane that shadows fall on.
struct Receiver {
  int thing = -1;            ///< impression, or a wall
  ScenePoint at;             ///< a point of it
  double nx = 0, naway = 1;  ///< its level normal
  Rings shape;               ///< what of it there is
  Box box;                   ///< of that
  SweepEdges onPanel;        ///< what of that is on the panel
  double away_m = 0;
};

constexpr double kApart = 1e-3;  // of the ray: what lies in the plane throws nothing on it

/// Whether a body's shadow surely misses a receiver, told by the box around the body: its corners' shadows,
/// seen on the panel, have the whole shadow between them, as long as all of them lie before the viewer.
bool fallsBeside(const Projection& projection, const SceneLight& light, const Upright& body,
                 const Receiver& receiver, const Box& panel) {
  if (body.rings().empty()) return true;
  if (light.nearBy) return false;
  const ScenePoint t{-light.at.x, -light.at.up, -light.at.away};
  const double down = t.x * receiver.nx + t.away * receiver.naway;
  if (std::fabs(down) < 1e-9) return true;
  bool reaches = false, told = true;
  Box box;
  for (const ScenePoint& p : body.corners()) {
    const double k =
        ((receiver.at.x - p.x) * receiver.nx + (receiver.at.away - p.away) * receiver.naway) / down;
    reaches = reaches || k >= kApart;
    const ScenePoint hit{p.x + k * t.x, p.up + k * t.up, p.away + k * t.away};
    if (hit.away > 1e-6) {
      box.include(projection.toPanel(hit));
    } else {
      told = false;
    }
  }
  return !reaches || (told && !(box.meets(receiver.box) && box.meets(panel)));
}

/// A body's shadow on a plane, on the panel; nothing where it does not come between the light and the plane.
Rings thrownOn(const Projection& projection, const SceneLight& light, const Upright& body,
               const Receiver& receiver) {
  Rings out;
  const auto side = [&](const ScenePoint& p) {
    return (receiver.at.x - p.x) * receiver.nx + (receiver.at.away - p.away) * receiver.naway;
  };
  for (const auto& ring : body.rings()) {
    // How far along the ray the plane lies, by corner; only what the light reaches first throws a shadow.
    const auto travel = [&](const ScenePoint& p) {
      if (!light.nearBy) return ScenePoint{-light.at.x, -light.at.up, -light.at.away};
      return ScenePoint{p.x - light.at.x, p.up - light.at.up, p.away - light.at.away};
    };
    const auto along = [&](const ScenePoint& p) {
      const ScenePoint t = travel(p);
      const double down = t.x * receiver.nx + t.away * receiver.naway;
      return std::fabs(down) < 1e-9 ? -1.0 : side(p) / down;
    };
    const std::vector<ScenePoint> before = cutBy(
        ring, [&](const ScenePoint& p) { return along(p) - kApart; }, mixedScene);
    std::vector<ScenePoint> hits;
    for (const ScenePoint& p : before) {
      const ScenePoint t = travel(p);
      const double k = std::max(0.0, along(p));
      hits.push_back({p.x + k * t.x, p.up + k * t.up, p.away + k * t.away});
    }
    hits = cutBy(
        hits, [](const ScenePoint& p) { return p.up; }, mixedScene);
    hits = cutBy(
        hits, [&](const ScenePoint& p) { return p.away - projection.nearest_m(); }, mixedScene);
    Ring seen;
    for (const ScenePoint& p : hits) seen.push_back(projection.toPanel(p));
    if (seen.size() >= 3) out.push_back(std::move(seen));
  }
  return out;
}

/// Whether a thing at a distance d in metres stands upright in the scene, not nearer than can be drawn: such
/// things cast shadows and shadows fall on them.
bool standsInScene(const Projection& projection, const Placed& thing, double d) {
  return std::isfinite(d) && d >= projection.nearest_m() && factsOf(thing.outline->stamp->role).stands();
}

/// Things that stand, the walls of the room, and walls along the ground.
std::vector<Receiver> receiversOf(const Plan& plan, const Projection& projection, const DepthOrder& depth,
                                  std::span<const PlacedRef> placed, std::span<const Rings> shapes) {
  std::vector<Receiver> out;
  for (size_t i = 0; i < placed.size(); ++i) {
    const double d = depth.distance_m(static_cast<int>(i));
    if (!standsInScene(projection, *placed[i], d)) continue;
    Receiver r;
    r.thing = static_cast<int>(i), r.at = {0, 0, d}, r.away_m = d;
    r.shape = shapes[i], r.box = boxOf(r.shape), r.onPanel = placed[i]->onPanel;
    out.push_back(std::move(r));
  }
  const auto wall = [&](ScenePoint a, ScenePoint b, double height_m) {
    const double run = std::hypot(b.x - a.x, b.away - a.away);
    if (run < 1e-6 || std::min(a.away, b.away) < projection.nearest_m()) return;
    Receiver s;
    s.at = a, s.nx = -(b.away - a.away) / run, s.naway = (b.x - a.x) / run;
    s.away_m = std::min(a.away, b.away);
    s.shape = {{projection.toPanel(a), projection.toPanel(b), projection.toPanel({b.x, height_m, b.away}),
                projection.toPanel({a.x, height_m, a.away})}};
    s.box = boxOf(s.shape);
    s.onPanel = SweepEdges(clippedTo(plan.card.panel.box(), s.shape));
    out.push_back(std::move(s));
  };
  if (plan.room) {
    const RoomSize size = sizeOf(*plan.room, *plan.view, plan.card.panel);
    const double near = std::max(projection.nearest_m(), 0.02 * size.back_m);
    wall({size.left_m, 0, size.back_m}, {size.right_m, 0, size.back_m}, size.ceiling_m);
    if (near < size.back_m) {
      wall({size.left_m, 0, near}, {size.left_m, 0, size.back_m}, size.ceiling_m);
      wall({size.right_m, 0, size.back_m}, {size.right_m, 0, near}, size.ceiling_m);
    }
  }
  for (const GroundMark& mark : plan.ground) {
    if (mark.kind != GroundKind::Wall) continue;
    for (size_t k = 1; k < mark.along.size(); ++k) {
      if (std::max(mark.along[k - 1].y, mark.along[k].y) >= projection.horizon_mm() - 0.01) continue;
      wall(projection.onGround(mark.along[k - 1]), projection.onGround(mark.along[k]), mark.height_m);
    }
  }
  return out;
}

}  // namespace

std::optional<SceneLight> sceneLight(const Plan& plan) {
  if (!plan.light || !plan.view) return {};
  const Light& l = *plan.light;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  if (!l.at) {
    const double a = l.direction_deg * std::numbers::pi / 180,
                 h = std::clamp(l.height_deg, -90.0, 90.0) * std::numbers::pi / 180;
    return far({std::cos(a) * std::cos(h), std::sin(h), std::sin(a) * std::cos(h)});
  }
  if (l.ground_mm && *l.ground_mm < projection.horizon_mm()) {
    SceneLight light;
    light.nearBy = true;
    const ScenePoint below = projection.onGround({l.at->x, *l.ground_mm});
    light.at = projection.atDistance(*l.at, below.away);
    const double least = 0.01 * projection.eyeHeight_m();
    if (light.at.up < least) light.at.up = least, light.raised = true;
    return light;
  }
  const double f = projection.focal_mm();
  const double x = (l.at->x - projection.vanishX_mm()) / f, y = (l.at->y - projection.horizon_mm()) / f;
  // Below the horizon lies the point the rays run to; the light itself is opposite, behind the viewer.
  return y >= 0 ? far({x, y, 1}) : far({-x, -y, -1});
}

ScenePoint towards(const SceneLight& light, ScenePoint from) {
  if (!light.nearBy) return light.at;
  return unit({light.at.x - from.x, light.at.up - from.up, light.at.away - from.away});
}

std::optional<Point> lightInSky(const Plan& plan) {
  if (!plan.light || !plan.light->at || !plan.view || plan.light->at->y <= plan.view->horizon_mm) return {};
  if (plan.light->ground_mm && *plan.light->ground_mm < plan.view->horizon_mm) return {};  // a lantern
  return plan.light->at;
}

SeenLight seenLight(const Plan& plan, const SceneLight& light, Point at, ScenePoint thing) {
  const ScenePoint to = towards(light, thing);
  if (const auto sun = lightInSky(plan)) {
    const Point d = *sun - at;
    const double far = length(d);
    return {far > 1 ? d.x / far : 0, std::max(0.0, to.away)};
  }
  return {std::clamp(to.x * 1.4, -1.0, 1.0), std::clamp(to.away, 0.0, 1.0)};
}

LitFrom litFrom(const SceneLight& light, ScenePoint thing) {
  const ScenePoint to = towards(light, thing);
  const double level = std::hypot(to.x, to.away);
  if (level < 1e-9) return LitFrom::Front;  // straight from above: neither side is in shade
  if (std::fabs(to.x) >= kSideways * level) return to.x > 0 ? LitFrom::Right : LitFrom::Left;
  return to.away > 0 ? LitFrom::Behind : LitFrom::Front;
}

std::optional<ScenePoint> shadowOf(const SceneLight& light, ScenePoint point) {
  if (light.nearBy && point.up >= light.at.up) return {};
  const ScenePoint s = fallen(light, point);
  return s.away > 0 ? std::optional(s) : std::nullopt;
}

std::vector<CastShadow> castShadows(const Plan& plan, const DepthOrder& depth,
                                    std::span<const PlacedRef> placed) {
  std::vector<CastShadow> out;
  const auto light = sceneLight(plan);
  if (!light) return out;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  const Box panel = plan.card.panel.box();
  for (size_t i = 0; i < placed.size(); ++i) {
    const double d = depth.distance_m(static_cast<int>(i));
    if (!standsInScene(projection, *placed[i], d)) continue;
    const Upright body(projection, *light, placed[i]->at, placed[i]->silhouette, d);
    CastShadow shadow;
    shadow.impression = static_cast<int>(i);
    shadow.foot = {placed[i]->at.x, body.groundHeight_mm()};
    Box reach;
    for (const auto& ring : body.rings()) {
      std::vector<ScenePoint> onGround;
      onGround.reserve(ring.size());
      for (const ScenePoint& p : ring) onGround.push_back(fallen(*light, p));
      onGround = cutBy(
          onGround, [&](const ScenePoint& p) { return p.away - projection.nearest_m(); }, mixedScene);
      onGround = cutBy(
          onGround, [&](const ScenePoint& p) { return projection.farthest_m() - p.away; }, mixedScene);
      Ring seen;
      seen.reserve(onGround.size());
      for (const ScenePoint& p : onGround) seen.push_back(projection.toPanel(p)), reach.include(seen.back());
      shadow.shape.push_back(std::move(seen));
    }
    shadow.shape = clippedTo(panel, shadow.shape);
    if (shadow.shape.empty()) continue;
    shadow.runsOff = reach.left < panel.left || reach.right > panel.right || reach.bottom < panel.bottom;
    // The way it falls: the shadow of a short rod at the foot.
    const ScenePoint base = projection.onGround(shadow.foot);
    const double rod =
        0.05 * (light->nearBy ? std::min(light->at.up, projection.eyeHeight_m()) : projection.eyeHeight_m());
    const Point tip = projection.toPanel([&] {
      ScenePoint s = fallen(*light, {base.x, rod, base.away});
      // Short enough to stay before the viewer.
      const double limit = 0.5 * base.away;
      if (s.away < limit && s.away < base.away)
        s = mixed(base, s, (base.away - limit) / (base.away - s.away));
      return s;
    }());
    shadow.turn_deg = std::atan2(tip.y - shadow.foot.y, tip.x - shadow.foot.x) * 180 / std::numbers::pi;
    out.push_back(std::move(shadow));
  }
  return out;
}

std::vector<UprightShadow> uprightShadows(const Plan& plan, const DepthOrder& depth,
                                          std::span<const PlacedRef> placed, Millimetres step) {
  std::vector<UprightShadow> out;
  const auto light = sceneLight(plan);
  if (!light) return out;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  const Box panel = plan.card.panel.box();
  std::vector<Rings> shapes;
  for (const PlacedRef& p : placed) shapes.push_back(sparse(p->silhouette, step.value));
  const std::vector<Receiver> receivers = receiversOf(plan, projection, depth, placed, shapes);
  for (size_t i = 0; i < placed.size(); ++i) {
    const double d = depth.distance_m(static_cast<int>(i));
    if (!standsInScene(projection, *placed[i], d)) continue;
    const Upright body(projection, *light, placed[i]->at, shapes[i], d);
    for (const Receiver& receiver : receivers) {
      if (receiver.thing == static_cast<int>(i) || (receiver.thing >= 0 && receiver.away_m == d)) continue;
      if (fallsBeside(projection, *light, body, receiver, panel)) continue;
      const Rings thrown = thrownOn(projection, *light, body, receiver);
      const Box box = boxOf(thrown);
      if (box.empty() || !box.meets(receiver.box) || !box.meets(panel)) continue;
      if (sharedArea(SweepEdges(thrown), receiver.onPanel) < kLeastShadow_mm2) continue;
      out.push_back({static_cast<int>(i), receiver.thing,
                     clippedTo(panel, intersection(thrown, receiver.shape)), receiver.away_m});
    }
  }
  return out;
}

}  // namespace havlo
