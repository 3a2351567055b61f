// Flat shapes as the plan holds them: points and rings with even-odd filling, and rigid placing on the panel.
// Operations that need a geometry library are in shape_ops.h; exact shared areas are in shared_area.h.
#pragma once

#include <cmath>
#include <limits>
#include <vector>

#include "core/base/index.h"
#include "core/units/units.h"

namespace havlo {

/// A point in mm, in panel coordinates or in a stamp frame.
struct Point {
  double x = 0;
  double y = 0;
  bool operator==(const Point&) const = default;
};

constexpr Point operator+(Point a, Point b) { return {a.x + b.x, a.y + b.y}; }
constexpr Point operator-(Point a, Point b) { return {a.x - b.x, a.y - b.y}; }
constexpr Point operator*(Point p, double by) { return {p.x * by, p.y * by}; }
constexpr double dot(Point a, Point b) { return a.x * b.x + a.y * b.y; }
/// Twice the signed area spanned by two arrows; positive when `b` lies anticlockwise of `a`.
constexpr double cross(Point a, Point b) { return a.x * b.y - a.y * b.x; }
inline double length(Point p) { return std::hypot(p.x, p.y); }
inline double distance(Point a, Point b) { return length(b - a); }
/// Within the 100 m that any plan may use.
inline bool sane(Point p) { return std::fabs(p.x) <= 1e5 && std::fabs(p.y) <= 1e5; }
inline Point midway(Point a, Point b, double share) { return a + (b - a) * share; }

using Ring = std::vector<Point>;
/// Any number of rings filled by the even-odd rule; closing points are optional.
using Rings = std::vector<Ring>;

/// An axis-parallel box in mm; empty when left > right.
struct Box {
  double left = std::numeric_limits<double>::infinity();
  double bottom = std::numeric_limits<double>::infinity();
  double right = -std::numeric_limits<double>::infinity();
  double top = -std::numeric_limits<double>::infinity();

  bool operator==(const Box&) const = default;
  bool empty() const { return left > right || bottom > top; }
  double width() const { return empty() ? 0 : right - left; }
  double height() const { return empty() ? 0 : top - bottom; }
  Point centre() const { return {(left + right) / 2, (bottom + top) / 2}; }
  void include(Point p) {
    left = std::fmin(left, p.x), right = std::fmax(right, p.x);
    bottom = std::fmin(bottom, p.y), top = std::fmax(top, p.y);
  }
  bool contains(Point p) const { return p.x >= left && p.x <= right && p.y >= bottom && p.y <= top; }
  bool meets(const Box& o, double margin_mm = 0) const {
    return !empty() && !o.empty() && left <= o.right + margin_mm && o.left <= right + margin_mm &&
           bottom <= o.top + margin_mm && o.bottom <= top + margin_mm;
  }
  Box grown(double by_mm) const { return {left - by_mm, bottom - by_mm, right + by_mm, top + by_mm}; }
  Box common(const Box& o) const {
    return {std::fmax(left, o.left), std::fmax(bottom, o.bottom), std::fmin(right, o.right),
            std::fmin(top, o.top)};
  }
};

inline Box boxOf(const Rings& rings) {
  Box box;
  for (const Ring& ring : rings)
    for (Point p : ring) box.include(p);
  return box;
}

inline Rings rectangle(const Box& b) {
  return {{{b.left, b.bottom}, {b.right, b.bottom}, {b.right, b.top}, {b.left, b.top}}};
}

/// Where a stamp frame lies on the panel: turned anticlockwise about `foot` (stamp frame), which comes to
/// `at`.
class Placing {
 public:
  Placing() = default;
  Placing(Point foot, Point at, Degrees turn)
      : m_cos(std::cos(turn.value * kPi / 180)),
        m_sin(std::sin(turn.value * kPi / 180)),
        m_foot(foot),
        m_at(at) {
    if (std::fmod(turn.value, 90) == 0) m_cos = std::round(m_cos), m_sin = std::round(m_sin);
  }

  Point toPanel(Point p) const {
    const double dx = p.x - m_foot.x, dy = p.y - m_foot.y;
    return {m_at.x + m_cos * dx - m_sin * dy, m_at.y + m_sin * dx + m_cos * dy};
  }
  Point toFrame(Point p) const {
    const double dx = p.x - m_at.x, dy = p.y - m_at.y;
    return {m_foot.x + m_cos * dx + m_sin * dy, m_foot.y - m_sin * dx + m_cos * dy};
  }
  Rings toPanel(const Rings& rings) const {
    return mapped(rings, [this](Point p) { return toPanel(p); });
  }

 private:
  static constexpr double kPi = 3.14159265358979323846;

  template <typename F>
  static Rings mapped(const Rings& rings, F f) {
    Rings out(rings.size());
    for (size_t r = 0; r < rings.size(); ++r) {
      out[r].reserve(rings[r].size());
      for (Point p : rings[r]) out[r].push_back(f(p));
    }
    return out;
  }

  double m_cos = 1;
  double m_sin = 0;
  Point m_foot;
  Point m_at;
};

}  // namespace havlo
