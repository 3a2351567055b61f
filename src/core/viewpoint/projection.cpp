#include "core/viewpoint/projection.h"

#include <algorithm>
#include <cmath>

#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kNearest = 0.05, kFarthest = 1e4;  // of the near distance

ScenePoint between(ScenePoint p, ScenePoint q, double t) {
  return {p.x + t * (q.x - p.x), p.up + t * (q.up - p.up), p.away + t * (q.away - p.away)};
}

}  // namespace

Projection::Projection(const View& view, double panelWidth_mm)
    : m_horizon(view.horizon_mm),
      m_vanishX(vanishX(view, panelWidth_mm)),
      m_eye(view.eyeHeight_m),
      m_focal(view.horizon_mm * view.nearDistance_m / view.eyeHeight_m),
      m_nearest(view.nearDistance_m * kNearest),
      m_farthest(view.nearDistance_m * kFarthest) {}

ScenePoint Projection::atDistance(Point p, double away_m) const {
  const double s = away_m / m_focal;
  return {(p.x - m_vanishX) * s, m_eye + (p.y - m_horizon) * s, away_m};
}

ScenePoint Projection::onGround(Point p) const {
  const double inverse = std::max(inverseOfGround(p.y), 1 / m_farthest);
  ScenePoint g = atDistance(p, 1 / inverse);
  g.up = 0;
  return g;
}

double Projection::inverseOfGround(double y_mm) const {
  return std::max(0.0, (m_horizon - y_mm) / (m_focal * m_eye));
}

std::optional<SeenLine> seenLine(const Projection& projection, ScenePoint p, ScenePoint q) {
  const double least = projection.nearest_m();
  if (p.away < least && q.away < least) return {};
  if (p.away < least) p = between(p, q, (least - p.away) / (q.away - p.away));
  if (q.away < least) q = between(p, q, (least - p.away) / (q.away - p.away));
  p.away = std::max(p.away, least), q.away = std::max(q.away, least);
  return SeenLine{projection.toPanel(p), projection.toPanel(q), 1 / p.away, 1 / q.away};
}

// Liang and Barsky's clipping against the four sides.
std::optional<SeenLine> clipped(const SeenLine& line, const Box& box) {
  const double dx = line.b.x - line.a.x, dy = line.b.y - line.a.y;
  double from = 0, to = 1;
  const auto side = [&](double towards, double room) {  // towards * t <= room
    if (towards == 0) return room >= 0;
    const double t = room / towards;
    if (towards < 0) {
      from = std::max(from, t);
    } else {
      to = std::min(to, t);
    }
    return from < to;
  };
  if (!side(-dx, line.a.x - box.left) || !side(dx, box.right - line.a.x) ||
      !side(-dy, line.a.y - box.bottom) || !side(dy, box.top - line.a.y))
    return {};
  // Kept in the box also where huge coordinates have eaten the digits.
  const auto at = [&](double t) {
    return Point{std::clamp(line.a.x + t * dx, box.left, box.right),
                 std::clamp(line.a.y + t * dy, box.bottom, box.top)};
  };
  const auto inverse = [&](double t) { return line.inverseA + t * (line.inverseB - line.inverseA); };
  return SeenLine{at(from), at(to), inverse(from), inverse(to)};
}

std::optional<SeenFace> seenFace(const Projection& projection, const std::vector<ScenePoint>& corners) {
  const double least = projection.nearest_m();
  std::vector<ScenePoint> kept;
  for (size_t i = 0; i < corners.size(); ++i) {
    const ScenePoint p = corners[i], q = corners[(i + 1) % corners.size()];
    if (p.away >= least) kept.push_back(p);
    if ((p.away >= least) != (q.away >= least))
      kept.push_back(between(p, q, (least - p.away) / (q.away - p.away)));
  }
  if (kept.size() < 3) return {};
  SeenFace face;
  face.shape.emplace_back();
  for (const ScenePoint& p : kept) face.shape[0].push_back(projection.toPanel(p));
  // 1/distance through the three corners that span the most.
  const Ring& r = face.shape[0];
  double most = 0;
  for (size_t k = 1; k + 1 < r.size(); ++k) {
    const double ux = r[k].x - r[0].x, uy = r[k].y - r[0].y, vx = r[k + 1].x - r[0].x,
                 vy = r[k + 1].y - r[0].y;
    const double det = ux * vy - uy * vx;
    if (std::fabs(det) <= most) continue;
    most = std::fabs(det);
    const double z0 = 1 / kept[0].away, du = 1 / kept[k].away - z0, dv = 1 / kept[k + 1].away - z0;
    face.b = (du * vy - dv * uy) / det;
    face.c = (dv * ux - du * vx) / det;
    face.a = z0 - face.b * r[0].x - face.c * r[0].y;
  }
  if (most < 1e-6) return {};
  return face;
}

}  // namespace havlo
