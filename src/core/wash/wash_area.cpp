// Falloff is linear over the box of the area: along one axis, radial, or inward from the edges.
#include "core/wash/wash_area.h"

#include <algorithm>
#include <cmath>

#include "core/colour/colour.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {

WashFalloff::WashFalloff(const Wash& wash)
    : m_box(boxOf(wash.area)), m_from(wash.from), m_reach(wash.reach) {}

double WashFalloff::shareAt(Point p) const {
  if (m_reach <= 0) return 0;
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
  }
  return std::clamp(1 - away / m_reach, 0.0, 1.0);
}

Rings reachedArea(const Wash& wash, const Box& panel) {
  const Box b = boxOf(wash.area);
  if (wash.reach <= 0 || wash.strength <= 0) return {};
  const double w = b.width() * wash.reach, h = b.height() * wash.reach;
  Box reach = b;
  switch (wash.from) {
    case WashFrom::Bottom:
      reach.top = b.bottom + h;
      break;
    case WashFrom::Top:
      reach.bottom = b.top - h;
      break;
    case WashFrom::Left:
      reach.right = b.left + w;
      break;
    case WashFrom::Right:
      reach.left = b.right - w;
      break;
    case WashFrom::Centre: {
      Ring ellipse;
      for (int k = 0; k < 128; ++k) {
        const double a = k * 2 * 3.14159265358979323846 / 128;
        ellipse.push_back({b.centre().x + w / 2 * std::cos(a), b.centre().y + h / 2 * std::sin(a)});
      }
      return clippedTo(panel, intersection(wash.area, {ellipse}));
    }
    case WashFrom::Edges: {
      const Box plain{b.left + w / 2, b.bottom + h / 2, b.right - w / 2, b.top - h / 2};
      const Rings rim =
          plain.width() > 0 && plain.height() > 0 ? difference(wash.area, rectangle(plain)) : wash.area;
      return clippedTo(panel, rim);
    }
  }
  return clippedTo(panel, clippedTo(reach, wash.area));
}

std::vector<int> washOrder(const Plan& plan) {
  std::vector<int> order;
  for (size_t i = 0; i < plan.washes.size(); ++i) order.push_back(static_cast<int>(i));
  const auto light = [&](int i) {
    return lightnessOf(plan.ink(plan.washes[static_cast<size_t>(i)].ink)->colour);
  };
  std::stable_sort(order.begin(), order.end(), [&](int a, int b) { return light(a) > light(b); });
  return order;
}

}  // namespace havlo
