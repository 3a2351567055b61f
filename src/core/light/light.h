// The one light: where it comes from, which side of a thing it reaches, and the shadows it casts on flat
// ground (engine section 8). Every thing is taken as an upright flat that faces the viewer, turned a
// little toward a light from straight beside it, since it has some thickness.
#pragma once

#include <span>
#include <vector>

#include "core/depth/depth_order.h"
#include "core/depth/placed.h"
#include "core/viewpoint/projection.h"

namespace havlo {

/// The plan's light in the scene.
struct SceneLight {
  bool nearBy = false;  ///< a lantern: `at` is its place; else the direction to sun or moon, a unit vector
  ScenePoint at;        ///< x right, up, away
  bool raised = false;  ///< it was given on or below the horizon and is taken a degree above it
};
/// Nothing without a light or a view.
std::optional<SceneLight> sceneLight(const Plan& plan);

/// From a point of the scene towards the light, a unit vector. x right, up, away from the viewer.
ScenePoint towards(const SceneLight& light, ScenePoint from);

/// The image of sun or moon, if the light is one that stands in the picture's sky. A thing's light side is
/// the one toward it, whatever the true light does: so it is drawn, and so it is read. Common practice, no
/// source.
std::optional<Point> lightInSky(const Plan& plan);

/// From where a thing is lit as it is seen: -1 from the left to 1 from the right, and 0 to 1 from behind.
struct SeenLight {
  double across = 0, behind = 0;
};
/// @param at  a point of the thing on the panel @param thing  the same in the scene
SeenLight seenLight(const Plan& plan, const SceneLight& light, Point at, ScenePoint thing);

/// From where a thing there is lit, in one word: behind or front when that outweighs left and right.
LitFrom litFrom(const SceneLight& light, ScenePoint thing);

/// Where the light falls past a point onto the ground; nothing when it would come down
/// behind the viewer, or when the point is as high as a lantern. Source: intersection of the ray from the
/// light with the ground plane.
std::optional<ScenePoint> shadowOf(const SceneLight& light, ScenePoint point);

struct CastShadow {
  int impression = 0;
  Rings shape;           ///< on the panel, clipped to it; nothing hidden yet
  Point foot;            ///< on the ground below the thing's foot, panel
  double turn_deg = 0;   ///< which way it falls from the foot on the panel, anticlockwise from the right
  bool runsOff = false;  ///< beyond the panel's edge
};

/// A shadow that falls on something upright before it reaches the ground, or goes on up there.
struct UprightShadow {
  int impression = 0;  ///< that casts it
  int on = -1;         ///< impression that it falls on; -1: a wall
  Rings shape;         ///< on the panel, within what it falls on; what stands nearer may hide it
  double away_m = 0;   ///< distance of what it falls on, where it is nearest
};

/// By the things that cast one: at a finite distance, below the horizon. Sky pieces, landforms, water,
/// texture and greetings cast none.
std::vector<CastShadow> castShadows(const Plan& plan, const DepthOrder& depth,
                                    std::span<const PlacedRef> placed);

/// On other things that stand, on the walls of the room and on walls along the ground. Source: intersection
/// of the ray from the light with the upright plane.
/// @param step  for pictures: points of outlines nearer than this to the one before them are passed over
std::vector<UprightShadow> uprightShadows(const Plan& plan, const DepthOrder& depth,
                                          std::span<const PlacedRef> placed,
                                          Millimetres step = Millimetres{0});

/// A light straight from the side meets a flat's edge; things are thicker than that. Seen along the light, a
/// thing is taken to be at least this share of its width. Common practice, no source.
inline constexpr double kThickness = 0.25;

}  // namespace havlo
