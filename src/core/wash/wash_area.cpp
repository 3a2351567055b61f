// Falloff is linear over the box of the area: along one axis, radial, or inward from the edges.
#include "core/wash/wash_area.h"

#include <algorithm>
#include <cmath>

#include "core/colour/colour.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {

WashFalloff::WashFalloff(const Plan& plan, const Wash& wash)
    : m_box(boxOf(wash.area)), m_from(wash.from), m_reach(wash.reach), m_even(isRaised(wash.way)) {
  const WashLimit* limit = wash.bound() ? plan.limit(wash.bound()->id) : nullptr;
  if (m_from != WashFrom::Limit || !limit) return;
  m_limit.emplace(*limit, wash.bound()->side, plan.card.panel.width_mm);
  m_span_mm = spanOf(wash, *limit, plan.card.panel.width_mm);
}

double WashFalloff::shareAt(Point p) const {
  if (m_reach <= 0) return 0;
  if (m_even) return 1;
  const double u = (p.x - m_box.left) / m_box.width(), v = (p.y - m_box.bottom) / m_box.height();
  double away = 0;
  switch (m_from) {
    case WashFrom::Bottom:
      away = v;
      break;
    case WashFrom::Top:
      away = 1 - v;
      break;
    case WashFrom::Left:
      away = u;
      break;
    case WashFrom::Right:
      away = 1 - u;
      break;
    case WashFrom::Centre:
      away = std::hypot(2 * u - 1, 2 * v - 1);
      break;
    case WashFrom::Edges:
      away = 2 * std::min({u, 1 - u, v, 1 - v});
      break;
    case WashFrom::Middle:
      away = std::fabs(2 * v - 1);
      break;
    case WashFrom::Limit:
      if (!m_limit) return 0;
      away = std::max(0.0, m_limit->at(p)) / m_span_mm;
      break;
  }
  return std::clamp(1 - away / m_reach, 0.0, 1.0);
}

namespace {

/// The places no farther from a limit than `by` mm, on the wash's side.
Rings nearLimit(const WashLimit& limit, LimitSide side, const Box& panel, double by) {
  const Rings allowed = allowedBy(limit, side, panel);
  if (limit.isEdge()) {
    WashLimit far = limit;
    const double shift = side == LimitSide::Above ? by : -by;
    far.left_mm += shift, far.right_mm += shift;
    return difference(allowed, allowedBy(far, side, panel));
  }
  if (limit.kind == LimitKind::Rays) {
    Ring disc;
    for (int k = 0; k < 128; ++k) {
      const double a = k * 2 * 3.14159265358979323846 / 128;
      disc.push_back({limit.at.x + by * std::cos(a), limit.at.y + by * std::sin(a)});
    }
    return intersection(allowed, {disc});
  }
  const double out = side == LimitSide::Outside ? by : -by;
  WashLimit far = limit;
  if (limit.kind == LimitKind::Oval || limit.kind == LimitKind::Circle) {
    const double share = 1 + out / (std::min(limit.opening.width(), limit.opening.height()) / 2);
    if (share <= 0) return allowed;
    const Point c = limit.opening.centre();
    const double rx = limit.opening.width() / 2 * share, ry = limit.opening.height() / 2 * share;
    far.opening = {c.x - rx, c.y - ry, c.x + rx, c.y + ry};
    const Rings ring = openingOf(far, panel);
    return side == LimitSide::Outside ? intersection(allowed, ring) : difference(allowed, ring);
  }
  const Rings moved = offset(openingOf(limit, panel), Millimetres{out});
  return side == LimitSide::Outside ? intersection(allowed, moved) : difference(allowed, moved);
}

}  // namespace

double spanOf(const Wash& wash, const WashLimit& limit, double panelWidth_mm) {
  const LimitSide side = wash.bound()->side;
  // Sampled on the area's own box: exact for level edges and discs in the middle of it.
  const Box b = boxOf(wash.area);
  double far = 0;
  if (limit.kind == LimitKind::Circle || limit.kind == LimitKind::Oval) {
    const double inner = std::min(limit.opening.width(), limit.opening.height()) / 2;
    far = side == LimitSide::Inside ? inner : std::min(b.width(), b.height()) / 2 - inner;
  } else if (limit.kind == LimitKind::Stencil && side == LimitSide::Inside) {
    for (const Ring& ring : limit.shape)
      far = std::max(far, std::min(boxOf(Rings{ring}).width(), boxOf(Rings{ring}).height()) / 2);
  } else if (limit.kind == LimitKind::Rectangle || limit.kind == LimitKind::Arch) {
    const double inner = std::min(limit.opening.width(), limit.opening.height()) / 2;
    if (side == LimitSide::Inside) {
      far = inner;
    } else {
      const LimitDistance distance(limit, side, panelWidth_mm);
      for (Point p : {Point{b.left, b.centre().y}, Point{b.right, b.centre().y},
                      Point{b.centre().x, b.bottom}, Point{b.centre().x, b.top}})
        far = std::max(far, distance.at(p));
    }
  } else {
    const LimitDistance distance(limit, side, panelWidth_mm);
    for (const Ring& ring : wash.area)
      for (Point p : ring) far = std::max(far, distance.at(p));
  }
  return std::max(1.0, far);
}

namespace {

/// Where a tool that blends this area puts any ink, whatever paper lies there.
Rings blendedArea(const Plan& plan, const Wash& wash) {
  const Box panel = plan.card.panel.box(), b = boxOf(wash.area);
  if (wash.reach <= 0 || wash.strength <= 0) return {};
  const double soft = wash.softness_mm;
  const Rings area =
      soft > 0 ? offset(clippedTo(panel.grown(2 * soft), wash.area), Millimetres{soft}) : wash.area;
  if (isRaised(wash.way)) return area;
  const double w = b.width() * wash.reach, h = b.height() * wash.reach;
  Box reach = b.grown(soft);
  switch (wash.from) {
    case WashFrom::Bottom:
      reach.top = std::min(reach.top, b.bottom + h);
      break;
    case WashFrom::Top:
      reach.bottom = std::max(reach.bottom, b.top - h);
      break;
    case WashFrom::Left:
      reach.right = std::min(reach.right, b.left + w);
      break;
    case WashFrom::Right:
      reach.left = std::max(reach.left, b.right - w);
      break;
    case WashFrom::Middle:
      reach.bottom = b.centre().y - h / 2, reach.top = b.centre().y + h / 2;
      break;
    case WashFrom::Limit: {
      const WashLimit* limit = wash.bound() ? plan.limit(wash.bound()->id) : nullptr;
      if (!limit) return {};
      return intersection(area, nearLimit(*limit, wash.bound()->side, panel,
                                          wash.reach * spanOf(wash, *limit, panel.width())));
    }
    case WashFrom::Centre: {
      Ring ellipse;
      for (int k = 0; k < 128; ++k) {
        const double a = k * 2 * 3.14159265358979323846 / 128;
        ellipse.push_back({b.centre().x + w / 2 * std::cos(a), b.centre().y + h / 2 * std::sin(a)});
      }
      return intersection(area, {ellipse});
    }
    case WashFrom::Edges: {
      const Box plain{b.left + w / 2, b.bottom + h / 2, b.right - w / 2, b.top - h / 2};
      return plain.width() > 0 && plain.height() > 0 ? difference(area, rectangle(plain)) : area;
    }
  }
  return clippedTo(reach, area);
}

}  // namespace

Rings reachedArea(const Plan& plan, const Wash& wash) {
  const Box panel = plan.card.panel.box();
  Rings out = clippedTo(panel, blendedArea(plan, wash));
  for (const WashBound& bound : wash.limits)
    if (const WashLimit* limit = plan.limit(bound.id); limit && !out.empty())
      out = intersection(out, allowedBy(*limit, bound.side, panel));
  return out;
}

double softShare(double outside_mm, double softness_mm) {
  if (outside_mm <= 0) return 1;
  if (outside_mm >= softness_mm) return 0;
  const double t = 1 - outside_mm / softness_mm;
  return t * t * (3 - 2 * t);
}

std::vector<int> washOrder(const Plan& plan) {
  std::vector<int> order;
  for (size_t i = 0; i < plan.washes.size(); ++i) order.push_back(static_cast<int>(i));
  const auto light = [&](int i) { return lightnessOf(plan.ink(plan.washes[ix(i)].ink)->colour); };
  std::stable_sort(order.begin(), order.end(), [&](int a, int b) { return light(a) > light(b); });
  return order;
}

}  // namespace havlo
