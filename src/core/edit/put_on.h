// Where a stamp is put that comes onto the card.
#pragma once

#include <optional>

#include "core/colour/colour.h"
#include "core/plan/plan.h"

namespace havlo {

/// What does not stand in a scene but is part of its land.
enum class Lies {
  No,
  AtHorizon,  ///< hills, a far shore: they rise from the horizon
  OnGround    ///< ground, water, a texture: flat below the horizon, and whatever stands there stands on it
};
/// A landform is ground if it nearly fills what lies below the horizon. No, without a viewpoint.
Lies liesHow(const Plan& plan, const Stamp& stamp);
/// How far away it then is; what stands on the ground where it is put has none of its own.
std::optional<AtMetres> distanceOfLand(const Plan& plan, const Stamp& stamp, Point foot);

/// How far away a thing of the sky is that is there by itself: sun and moon behind everything, a cloud behind
/// the hills. Nothing for what belongs to somebody, as a kite, for birds, and for what has a real height.
std::optional<AtMetres> distanceInSky(const Stamp& stamp);

/// Behind all that stands; common practice, no source.
inline constexpr double kGround_m = 700, kHills_m = 1500, kClouds_m = 3000, kLights_m = 100000;

/// What land and sky are usually stamped in: the colour, and how far from the paper's an ink must be at least
/// (CIEDE2000). Common practice, no source.
struct UsualColour {
  Lab colour;
  double least;
};
inline constexpr UsualColour kHillsColour{{50, -4, -12}, 15}, kCloudsColour{{60, -3, -8}, 12},
    kLightsColour{{75, 20, 40}, 8}, kEarthColour{{38, 8, 14}, 15}, kWaterColour{{55, -4, -20}, 12};
/// Pressed again without inking: pale, so that what stands before it is stronger.
inline constexpr int kFarPressing = 2;

/// Land and sky in the ink of the plan that is nearest to the usual one, pale; what stands or belongs to
/// somebody, and words, as they are. @param impression  its id
Plan pressedAsUsual(const Plan& plan, const std::string& impression);

/// Where its size is right, on the card, in the middle or where there is room; a second of its kind beside
/// the first. Hills come to the horizon, ground and water below it, and what else has no real height into the
/// sky. @param wanted  the foot's x, mm, if that is to stay
Point goodSpot(const Plan& plan, const Stamp& stamp, std::optional<double> wanted = {});

/// Where another print of this stamp has room, beside the one that was put on last.
std::optional<Point> besideItsLike(const Plan& plan, const Stamp& stamp);

/// A first thing too large for where it can stand, or through whose head the horizon would run, lowers the
/// eyes: nothing else minds yet. Else the plan as it is.
Plan seenByFirst(const Plan& plan, const Stamp& stamp);

}  // namespace havlo
