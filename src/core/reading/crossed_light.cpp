// All shading agrees with one light.
#include <cmath>

#include "core/analysis/analysis.h"
#include "core/light/light.h"

namespace havlo {
namespace {

/// The way a word points, seen from above: 0 from the right, anticlockwise.
double degreesOf(LitFrom from) {
  switch (from) {
    case LitFrom::Behind:
      return 90;
    case LitFrom::Left:
      return 180;
    case LitFrom::Front:
      return 270;
    case LitFrom::Right:
    case LitFrom::Unsaid:
      break;
  }
  return 0;
}

constexpr double kCrossed_deg = 60;  // a quarter either way of the word is still that word
constexpr double kAgainst_deg =
    105;  // seen on the card: a side is wrong when the sun stands beyond the other one

/// Against a sun seen in the picture: from behind is right anywhere, a side is right toward its image.
double offTheSun(LitFrom from, Point toSun) {
  if (from == LitFrom::Behind || length(toSun) < 1) return 0;
  if (from == LitFrom::Front) return 180;
  const double side = from == LitFrom::Right ? toSun.x : -toSun.x;
  const double off = std::acos(std::clamp(side / length(toSun), -1.0, 1.0)) * 180 / 3.14159265358979323846;
  return off <= kAgainst_deg ? 0 : off;
}

}  // namespace

void readCrossedLight(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  const auto light = sceneLight(plan);
  if (!light) return;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    const double d = analysis.depth->distance_m(static_cast<int>(i));
    if (thing.lit == LitFrom::Unsaid || !std::isfinite(d)) continue;
    const ScenePoint to = towards(*light, projection.atDistance(thing.at, d));
    if (std::hypot(to.x, to.away) < 1e-6) continue;
    const double true_deg = std::atan2(to.away, to.x) * 180 / 3.14159265358979323846;
    const auto sun = lightInSky(plan);
    const Point middle = analysis.meetings.placed[i]->box.centre();
    const double off = sun ? offTheSun(thing.lit, *sun - middle)
                           : std::fabs(std::remainder(degreesOf(thing.lit) - true_deg, 360.0));
    if (off <= kCrossed_deg) continue;
    Finding f{FindingKind::CrossedLight, Level::Warn, {static_cast<int>(i)}, off, {}};
    Fix fix;
    fix.what = Fix::What::LightAsScene;
    fix.impression = static_cast<int>(i);
    f.fix = std::move(fix);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
