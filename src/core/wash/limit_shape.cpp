// Edges are functions of x; openings are closed rings.
#include "core/wash/limit_shape.h"

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <numbers>

#include "core/outline/shape_ops.h"

namespace havlo {
namespace {

constexpr double kBeyond_mm = 10;  // pieces reach past the panel, to be held there
constexpr double kStrip_mm = 40;   // depth of an edge's strip
constexpr double kRim_mm = 25;     // of paper about an opening: a blending tool slips no farther

/// Smooth noise in [-1, 1] from a lattice of one value a unit.
double noise(int seed, double t) {
  const auto at = [&](int64_t k) {
    uint64_t h = static_cast<uint64_t>(k) * 0x9E3779B97F4A7C15ull +
                 static_cast<uint64_t>(seed) * 0xC2B2AE3D27D4EB4Full;
    h ^= h >> 30, h *= 0xBF58476D1CE4E5B9ull, h ^= h >> 27, h *= 0x94D049BB133111EBull, h ^= h >> 31;
    return static_cast<double>(h >> 11) / 4503599627370496.0 - 1;
  };
  const double k = std::floor(t), f = t - k, s = f * f * (3 - 2 * f);
  return at(static_cast<int64_t>(k)) * (1 - s) + at(static_cast<int64_t>(k) + 1) * s;
}

Ring edgeLine(const WashLimit& edge, const Box& panel) {
  Ring line;
  const double left = panel.left - kBeyond_mm, right = panel.right + kBeyond_mm;
  const int steps =
      edge.kind == LimitKind::Straight ? 1 : std::clamp(static_cast<int>(right - left), 2, 4000);
  for (int k = 0; k <= steps; ++k) {
    const double x = left + (right - left) * k / steps;
    line.push_back({x, edgeHeight(edge, panel.width(), x)});
  }
  return line;
}

/// Closed by a level line.
Rings closedAt(Ring line, double y) {
  line.push_back({line.back().x, y});
  line.push_back({line.front().x, y});
  return {std::move(line)};
}

Ring ellipse(Point c, double rx, double ry) {
  Ring out;
  for (int k = 0; k < 128; ++k)
    out.push_back({c.x + rx * std::cos(2 * std::numbers::pi * k / 128),
                   c.y + ry * std::sin(2 * std::numbers::pi * k / 128)});
  return out;
}

Ring arch(const Box& b) {
  const double r = std::min(b.width() / 2, b.height()), spring = b.top - r;
  Ring out{{b.left, b.bottom}, {b.right, b.bottom}};
  for (int k = 0; k <= 64; ++k)
    out.push_back({b.centre().x + b.width() / 2 * std::cos(std::numbers::pi * k / 64),
                   spring + r * std::sin(std::numbers::pi * k / 64)});
  return out;
}

/// Wedges as wide as the gaps between them.
Rings rays(const WashLimit& l, const Box& panel) {
  const double far = 2 * (panel.width() + panel.height()) + std::hypot(l.at.x, l.at.y);
  const double pitch = l.rays > 1 ? (l.last_deg - l.first_deg) / (l.rays - 1) : 12;
  const double half = std::clamp(std::fabs(pitch) / 4, 0.25, 20.0) * std::numbers::pi / 180;
  constexpr double kStart_mm = 4;  // the slits meet no nearer than this, or the stencil falls apart
  Rings out;
  for (int k = 0; k < l.rays; ++k) {
    const double a = (l.first_deg + pitch * k) * std::numbers::pi / 180;
    const auto at = [&](double r, double b) {
      return Point{l.at.x + r * std::cos(b), l.at.y + r * std::sin(b)};
    };
    out.push_back({at(kStart_mm, a - half), at(far, a - half), at(far, a + half), at(kStart_mm, a + half)});
  }
  return out;
}

}  // namespace

double edgeHeight(const WashLimit& e, double width, double x) {
  const double base = e.left_mm + (width > 0 ? (e.right_mm - e.left_mm) * x / width : 0);
  if (e.kind == LimitKind::Wavy)
    return base + e.wave_mm / 2 * std::sin(2 * std::numbers::pi * (x - width / 2) / e.length_mm);
  if (e.kind == LimitKind::Torn) {
    const double t = x / e.length_mm;
    return base + e.wave_mm / 2 *
                      (0.6 * noise(e.seed, 2 * t) + 0.25 * noise(e.seed + 1, 7 * t) +
                       0.15 * noise(e.seed + 2, 23 * t));
  }
  return base;
}

bool servesTurnedRound(const WashLimit& l) {
  return l.kind == LimitKind::Straight || l.kind == LimitKind::Wavy;
}

Rings openingOf(const WashLimit& l, const Box& panel) {
  const Box& b = l.opening;
  switch (l.kind) {
    case LimitKind::Oval:
    case LimitKind::Circle:
      return {ellipse(b.centre(), b.width() / 2, b.height() / 2)};
    case LimitKind::Rectangle:
      return rectangle(b);
    case LimitKind::Arch:
      return {arch(b)};
    case LimitKind::Rays:
      return rays(l, panel);
    case LimitKind::Stencil:
      return l.shape;
    default:
      return {};
  }
}

Rings allowedBy(const WashLimit& l, LimitSide side, const Box& panel) {
  const Box around = panel.grown(kBeyond_mm);
  if (l.isEdge()) {
    const Ring line = edgeLine(l, panel);
    Box all = around;
    for (Point p : line) all.include({p.x, p.y + 1}), all.include({p.x, p.y - 1});
    return closedAt(line, side == LimitSide::Above ? all.top : all.bottom);
  }
  const Rings opening = openingOf(l, panel);
  return side == LimitSide::Inside ? opening : difference(rectangle(around), opening);
}

LimitDistance::LimitDistance(WashLimit limit, LimitSide side, double panelWidth_mm)
    : m_limit(std::move(limit)),
      m_side(side),
      m_panelWidth_mm(panelWidth_mm),
      m_border(m_limit.kind == LimitKind::Stencil ? m_limit.shape : Rings{}) {}

double LimitDistance::at(Point p) const {
  const WashLimit& l = m_limit;
  if (l.isEdge()) {
    const double above = p.y - edgeHeight(l, m_panelWidth_mm, p.x);
    return m_side == LimitSide::Above ? above : -above;
  }
  const Box& b = l.opening;
  const Point c = b.centre();
  double outside = 0;
  switch (l.kind) {
    case LimitKind::Rays:
      return std::hypot(p.x - l.at.x, p.y - l.at.y);
    case LimitKind::Oval:
    case LimitKind::Circle: {
      const double rx = b.width() / 2, ry = b.height() / 2;
      outside = (std::hypot((p.x - c.x) / rx, (p.y - c.y) / ry) - 1) * std::min(rx, ry);
      break;
    }
    case LimitKind::Stencil:
      outside = m_border.signedDistance(p);
      break;
    default: {
      const double spring = l.kind == LimitKind::Arch ? b.top - std::min(b.width() / 2, b.height()) : b.top;
      if (l.kind == LimitKind::Arch && p.y > spring) {
        const double r = std::min(b.width() / 2, b.height());
        outside =
            (std::hypot((p.x - c.x) / (b.width() / 2), (p.y - spring) / r) - 1) * std::min(b.width() / 2, r);
        break;
      }
      const double dx = std::max(b.left - p.x, p.x - b.right), dy = std::max(b.bottom - p.y, p.y - b.top);
      outside = dx > 0 && dy > 0
                    ? std::hypot(dx, dy)
                    : std::max(dx, l.kind == LimitKind::Arch ? std::max(b.bottom - p.y, dx) : dy);
      break;
    }
  }
  return m_side == LimitSide::Outside ? outside : -outside;
}

Rings limitPiece(const WashLimit& l, LimitSide side, const Box& panel) {
  if (l.isEdge()) {
    const Ring line = edgeLine(l, panel);
    double low = line[0].y, high = line[0].y;
    for (Point p : line) low = std::min(low, p.y), high = std::max(high, p.y);
    return closedAt(line, side == LimitSide::Above ? low - kStrip_mm : high + kStrip_mm);
  }
  const Rings opening = openingOf(l, panel);
  if (side == LimitSide::Outside) return opening;
  if (l.kind == LimitKind::Rays) {
    const Box sheet = panel.grown(kBeyond_mm);
    return difference(rectangle(sheet), opening);
  }
  return difference(rectangle(boxOf(opening).grown(kRim_mm)), opening);
}

Box fitted(const WashLimit& frame, const Box& held) {
  if (held.empty() || frame.kind == LimitKind::Stencil) return frame.opening;
  Box b = held.grown(frame.larger_mm);
  // An oval or an arch holds a box only if it is wider than it: by the square root of 2 for an oval.
  if (frame.kind == LimitKind::Oval || frame.kind == LimitKind::Circle) {
    const Point c = held.centre();
    double rx = held.width() / std::sqrt(2.0) + frame.larger_mm,
           ry = held.height() / std::sqrt(2.0) + frame.larger_mm;
    if (frame.kind == LimitKind::Circle)
      rx = ry = std::hypot(held.width(), held.height()) / 2 + frame.larger_mm;
    b = {c.x - rx, c.y - ry, c.x + rx, c.y + ry};
  }
  if (frame.kind == LimitKind::Arch) {
    // Both upper corners on the round: half as high again as it is wide is enough for a half circle.
    const double half = held.width() / std::sqrt(2.0) + frame.larger_mm;
    const double c = held.centre().x;
    b = {c - half, held.bottom - frame.larger_mm, c + half, 0};
    b.top = held.top + frame.larger_mm + half * (1 - 1 / std::sqrt(2.0));
  }
  return b;
}

}  // namespace havlo
