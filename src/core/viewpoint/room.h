// Rooms in one-point perspective: walls, floor, ceiling, openings and furniture from the same equations as
// the ground outdoors. All measures in metres follow from the back wall's place on the panel.
#pragma once

#include "core/viewpoint/ground.h"

namespace havlo {

/// The room's real measures, m.
struct RoomSize {
  double left_m = 0, right_m = 0;  ///< side walls, right of the line of sight
  double back_m = 0;               ///< distance of the back wall
  double ceiling_m = 0;            ///< its height over the floor; may be below the eye
  double width_m() const { return right_m - left_m; }
};

RoomSize sizeOf(const Room& room, const View& view, const PanelSize& panel);

DrawnThing drawnOf(const Room& room, const View& view, const PanelSize& panel);

}  // namespace havlo
