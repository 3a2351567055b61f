#include "core/light/light.h"

#include <algorithm>
#include <cmath>

#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kPi = 3.14159265358979323846;
constexpr double kLowest = 0.0174524;  // sine of one degree: a lower light throws endless shadows
constexpr double kSideways = 0.5;      // a light this far to the side is said to come from there

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

/// Sutherland and Hodgman's clipping to a box; bridges run along its sides.
Ring clippedTo(const Box& box, Ring ring) {
  const auto mix = [](Point p, Point q, double t) { return mixed(p, q, t); };
  ring = cutBy(
      ring, [&](Point p) { return p.x - box.left; }, mix);
  ring = cutBy(
      ring, [&](Point p) { return box.right - p.x; }, mix);
  ring = cutBy(
      ring, [&](Point p) { return p.y - box.bottom; }, mix);
  return cutBy(
      ring, [&](Point p) { return box.top - p.y; }, mix);
}

ScenePoint fallen(const SceneLight& light, ScenePoint p) {
  if (!light.nearBy) {
    const double k = p.up / light.at.up;
    return {p.x - k * light.at.x, 0, p.away - k * light.at.away};
  }
  const double k = light.at.up / (light.at.up - p.up);
  return {light.at.x + k * (p.x - light.at.x), 0, light.at.away + k * (p.away - light.at.away)};
}

}  // namespace

std::optional<SceneLight> sceneLight(const Plan& plan) {
  if (!plan.light || !plan.view) return {};
  const Light& l = *plan.light;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  if (!l.at) {
    const double a = l.direction_deg * kPi / 180, h = std::clamp(l.height_deg, -90.0, 90.0) * kPi / 180;
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
    if (!std::isfinite(d) || d < projection.nearest_m() || !factsOf(placed[i]->outline->stamp->role).stands())
      continue;
    const double ground_y = projection.toPanel({0, 0, d}).y;
    // Above the ground, and below a lantern: higher parts throw no shadow on the ground.
    const double most_y = light->nearBy ? projection.toPanel({0, 0.98 * light->at.up, d}).y : 1e9;
    CastShadow shadow;
    shadow.impression = static_cast<int>(i);
    shadow.foot = {placed[i]->at.x, ground_y};
    Box reach;
    const auto mix2 = [](Point p, Point q, double t) { return mixed(p, q, t); };
    const auto mix3 = [](ScenePoint p, ScenePoint q, double t) { return mixed(p, q, t); };
    for (const Ring& ring : placed[i]->silhouette) {
      Ring upright = cutBy(
          ring, [&](Point p) { return p.y - ground_y; }, mix2);
      upright = cutBy(
          upright, [&](Point p) { return most_y - p.y; }, mix2);
      std::vector<ScenePoint> onGround;
      onGround.reserve(upright.size());
      for (const Point p : upright) onGround.push_back(fallen(*light, projection.atDistance(p, d)));
      onGround = cutBy(
          onGround, [&](const ScenePoint& p) { return p.away - projection.nearest_m(); }, mix3);
      onGround = cutBy(
          onGround, [&](const ScenePoint& p) { return projection.farthest_m() - p.away; }, mix3);
      Ring seen;
      for (const ScenePoint& p : onGround) seen.push_back(projection.toPanel(p)), reach.include(seen.back());
      seen = clippedTo(panel, std::move(seen));
      if (seen.size() >= 3) shadow.shape.push_back(std::move(seen));
    }
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
    shadow.turn_deg = std::atan2(tip.y - shadow.foot.y, tip.x - shadow.foot.x) * 180 / kPi;
    out.push_back(std::move(shadow));
  }
  return out;
}

}  // namespace havlo
