// Placing is rigid: turn about the foot, then move.
#include "core/depth/placed.h"

namespace havlo {

PlacedRef place(const OutlineRef& outline, const Impression& impression, const Box& panel) {
  auto out = std::make_shared<Placed>();
  out->outline = outline;
  out->at = impression.at;
  out->turn_deg = impression.turn_deg;
  out->panel = panel;
  out->placing = placingOf(impression, *outline->stamp);
  out->silhouette = out->placing.toPanel(outline->silhouette);
  const SweepEdges whole(out->silhouette);
  out->area_mm2 = outline->area_mm2;
  out->box = whole.box();
  const bool inside =
      panel.contains({out->box.left, out->box.bottom}) && panel.contains({out->box.right, out->box.top});
  out->onPanel = inside ? whole : SweepEdges(clippedTo(panel, out->silhouette));
  out->areaOnPanel_mm2 = inside ? out->area_mm2 : sweptArea(out->onPanel);
  return out;
}

}  // namespace havlo
