// d = D0 yh / (yh - y) and h = H (yh - y) / E: similar triangles between the eye, the ground and the panel.
#include "core/viewpoint/scale.h"

#include <cmath>
#include <limits>

namespace havlo {

Metres groundDistance(const View& view, Millimetres y) {
  if (y.value >= view.horizon_mm) return Metres{std::numeric_limits<double>::infinity()};
  return Metres{view.nearDistance_m * view.horizon_mm / (view.horizon_mm - y.value)};
}

Millimetres groundHeight(const View& view, Metres distance) {
  if (!std::isfinite(distance.value)) return Millimetres{view.horizon_mm};
  return Millimetres{view.horizon_mm * (1 - view.nearDistance_m / distance.value)};
}

Millimetres printedHeight(const View& view, Metres realHeight, Millimetres foot) {
  return Millimetres{realHeight.value * (view.horizon_mm - foot.value) / view.eyeHeight_m};
}

bool StandingBand::contains(double y_mm) const {
  const double slack = 1e-9 * std::fmax(1, std::fmax(std::fabs(low_mm), std::fabs(high_mm)));
  return y_mm >= low_mm - slack && y_mm <= high_mm + slack;
}

StandingBand standingBand(const View& view, const RealHeight& real, Millimetres printed) {
  const auto foot = [&](double real_m) {
    return view.horizon_mm - printed.value * view.eyeHeight_m / real_m;
  };
  return {foot(real.least_m), foot(real.most_m)};
}

std::optional<ScaleReading> readScale(const Plan& plan, int index) {
  const Impression& i = plan.impressions[ix(index)];
  if (!plan.view || !std::holds_alternative<OnGround>(i.depth)) return {};
  const StampRef stamp = plan.stamp(i.stamp);
  if (!stamp->realHeight) return {};
  const View& view = *plan.view;
  ScaleReading s;
  s.impression = index;
  s.printed_mm = stamp->height_mm;
  s.band = standingBand(view, *stamp->realHeight, Millimetres{s.printed_mm});
  const double below = view.horizon_mm - i.at.y;
  if (below <= 0) {
    s.verdict = ScaleVerdict::NotOnGround;
    return s;
  }
  s.distance_m = groundDistance(view, Millimetres{i.at.y}).value;
  s.expected_mm = printedHeight(view, Metres{stamp->realHeight->typical_m}, Millimetres{i.at.y}).value;
  s.ratio = s.printed_mm / *s.expected_mm;
  s.implied_m = s.printed_mm * view.eyeHeight_m / below;
  s.verdict = s.band.contains(i.at.y)   ? ScaleVerdict::Fits
              : i.at.y > s.band.high_mm ? ScaleVerdict::TooTall
                                        : ScaleVerdict::TooShort;
  return s;
}

std::vector<ScaleReading> readScales(const Plan& plan) {
  std::vector<ScaleReading> out;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (auto s = readScale(plan, static_cast<int>(i))) out.push_back(*s);
  return out;
}

double vanishX(const View& view, double panelWidth_mm) { return view.vanishX_mm.value_or(panelWidth_mm / 2); }

Point slidAlongSight(const View& view, double panelWidth_mm, Point foot, Metres to) {
  const double y = groundHeight(view, to).value;
  const double below = view.horizon_mm - foot.y;
  if (below <= 0) return {foot.x, y};
  const double vx = vanishX(view, panelWidth_mm);
  return {vx + (foot.x - vx) * (view.horizon_mm - y) / below, y};
}

}  // namespace havlo
