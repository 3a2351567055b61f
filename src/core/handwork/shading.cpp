#include "core/handwork/shading.h"

#include <algorithm>
#include <cmath>

#include "core/light/light.h"

namespace havlo {

Point lightOnCard(const Plan& plan, Point at, double distance_m) {
  constexpr Point kUsual{-0.6, 0.8};
  const std::optional<SceneLight> light = sceneLight(plan);
  if (!light || !plan.view) return kUsual;
  if (const auto sun = lightInSky(plan)) {
    const Point d = *sun - at;  // it is seen on the card: shade away from where it stands
    return length(d) > 1 ? d * (1 / length(d)) : kUsual;
  }
  constexpr double kFar_m = 1e6;
  const double d = std::isfinite(distance_m) ? distance_m : kFar_m;
  const ScenePoint from{0, plan.view->eyeHeight_m, d};
  const ScenePoint to = towards(*light, from);
  const Point seen{to.x, to.up};
  return length(seen) > 0.05 ? seen * (1 / length(seen)) : Point{0, 1};
}

double shadeAt(Shade shade, Point p, const Box& part, Point light, double inside_mm) {
  if (shade == Shade::Flat) return 1;
  double t = 0;
  if (shade == Shade::Edge) {
    t = 1 - inside_mm / kEdgeShade_mm;
  } else {
    const double reach = (std::fabs(light.x) * part.width() + std::fabs(light.y) * part.height()) / 2;
    const double toward = reach > 0 ? dot(p - part.centre(), light) / reach : 0;
    t = shade == Shade::AwayFromLight ? (1 - toward) / 2 : (1 + toward) / 2;
  }
  t = std::clamp(t, 0.0, 1.0);
  return kPalest + (1 - kPalest) * t * t * (3 - 2 * t);
}

}  // namespace havlo
