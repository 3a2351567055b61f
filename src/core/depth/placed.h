// An impression brought to its place on the panel.
#pragma once

#include <memory>

#include "core/depth/stamp_outline.h"
#include "core/outline/shared_area.h"

namespace havlo {

struct Placed {
  OutlineRef outline;
  Placing placing;
  Rings silhouette;            ///< panel coordinates, not clipped
  Box box;                     ///< of the silhouette
  SweepEdges onPanel;          ///< the silhouette clipped to the finished panel
  double area_mm2 = 0;         ///< whole silhouette
  double areaOnPanel_mm2 = 0;  ///< of the part on the finished panel
  // What it was made from, so that an unchanged impression can be taken over.
  Point at;
  double turn_deg = 0;
  Box panel;
};
using PlacedRef = std::shared_ptr<const Placed>;

PlacedRef place(const OutlineRef& outline, const Impression& impression, const Box& panel);

}  // namespace havlo
