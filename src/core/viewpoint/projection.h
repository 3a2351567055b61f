// Between the scene in metres and the panel in mm: a pinhole with an upright picture plane. What the view
// says (horizon, eye height, near distance) fixes its focal length: y below the horizon is f E / d, and at
// the bottom edge that is the horizon's height with d the near distance, so f = horizon * near / eye height.
#pragma once

#include <optional>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// A point of the scene, metres: right of the line of sight, up from flat ground, away from the viewer.
struct ScenePoint {
  double x = 0, up = 0, away = 0;
  bool operator==(const ScenePoint&) const = default;
};

class Projection {
 public:
  Projection(const View& view, double panelWidth_mm);

  double focal_mm() const { return m_focal; }
  double horizon_mm() const { return m_horizon; }
  double vanishX_mm() const { return m_vanishX; }
  double eyeHeight_m() const { return m_eye; }
  /// Nearer than this nothing is projected: a twentieth of the near distance, m.
  double nearest_m() const { return m_nearest; }
  /// Where ground at the horizon is taken to lie, so that everything stays finite, m.
  double farthest_m() const { return m_farthest; }

  /// @param p  `away` at least nearest_m()
  Point toPanel(ScenePoint p) const {
    const double s = m_focal / p.away;
    return {m_vanishX + s * p.x, m_horizon + s * (p.up - m_eye)};
  }
  /// The ground seen at a point of the panel; points at and above the horizon are taken farthest_m() away.
  ScenePoint onGround(Point p) const;
  /// What is seen at a point of the panel at this distance. @param away_m  > 0
  ScenePoint atDistance(Point p, double away_m) const;
  /// 1/m of the ground seen at this height of the panel; 0 at and above the horizon.
  double inverseOfGround(double y_mm) const;

 private:
  double m_horizon, m_vanishX, m_eye, m_focal, m_nearest, m_farthest;
};

/// A straight line seen on the panel. 1/distance runs evenly along it on the panel, so it is enough to know
/// it at both ends.
struct SeenLine {
  Point a, b;
  double inverseA = 0, inverseB = 0;  ///< 1/m; 0 infinitely far
};

/// The part of a line of the scene that lies before the viewer.
std::optional<SeenLine> seenLine(const Projection& projection, ScenePoint p, ScenePoint q);

/// The part of a line that lies in the box, if any.
std::optional<SeenLine> clipped(const SeenLine& line, const Box& box);

/// A flat piece of the scene seen on the panel: 1/distance is a + b x + c y over it.
struct SeenFace {
  Rings shape;
  double a = 0, b = 0, c = 0;
  double inverseAt(Point p) const { return a + b * p.x + c * p.y; }
};

/// A flat polygon of the scene, cut off at the nearest distance; nothing if none of it lies before the viewer
/// or it is seen edge on.
std::optional<SeenFace> seenFace(const Projection& projection, const std::vector<ScenePoint>& corners);

}  // namespace havlo
