// The one viewpoint: how far a foot on the ground is, and how tall a thing must print there (engine section
// 2). Pinhole projection with a vertical picture plane and flat ground; y is measured up from the panel's
// bottom edge.
#pragma once

#include <optional>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// Distance of the ground seen at height `y` of the panel; infinite at and above the horizon.
Metres groundDistance(const View& view, Millimetres y);

/// Height on the panel at which ground of this distance is seen; the horizon for an infinite distance.
Millimetres groundHeight(const View& view, Metres distance);

/// Printed height of a thing standing with its foot at `foot`, below the horizon.
Millimetres printedHeight(const View& view, Metres realHeight, Millimetres foot);

/// The strip of the panel, in y, where the foot of a stamp may be: least and greatest, limits included.
struct StandingBand {
  double low_mm = 0, high_mm = 0;
  bool contains(double y_mm) const;
};
StandingBand standingBand(const View& view, const RealHeight& real, Millimetres printed);

enum class ScaleVerdict { Fits, TooTall, TooShort, NotOnGround };

/// Scale of one ground impression whose stamp has a real height.
struct ScaleReading {
  int impression = 0;
  std::optional<double> distance_m, expected_mm, ratio, implied_m;  ///< absent when not on the ground
  double printed_mm = 0;
  StandingBand band;
  ScaleVerdict verdict = ScaleVerdict::Fits;
};

/// One impression's scale; nothing for things that do not stand on the ground or have no real height.
std::optional<ScaleReading> readScale(const Plan& plan, int impression);
std::vector<ScaleReading> readScales(const Plan& plan);

/// Where the foot goes when a thing is moved along its line of sight to another distance: it keeps its place
/// on the ground line that runs to the vanishing point. @param to  > 0
Point slidAlongSight(const View& view, double panelWidth_mm, Point foot, Metres to);

double vanishX(const View& view, double panelWidth_mm);

}  // namespace havlo
