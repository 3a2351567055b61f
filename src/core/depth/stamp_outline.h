// What depth and masks need to know of a stamp (or of the part of it that is stamped), computed once per
// stamp.
#pragma once

#include <memory>
#include <vector>

#include "core/outline/near_index.h"
#include "core/plan/plan.h"

namespace havlo {

/// Ink counts as reaching a thing from this far: hand placement and ink spread. Settled in the plan format.
inline constexpr double kInkMargin_mm = 2.0;
/// Width of the line that a stamp without art and without `solid` prints inside its silhouette.
inline constexpr double kOutlineWidth_mm = 0.4;

struct StampOutline {
  StampRef stamp;
  Rings part;                 ///< as in the impression; empty for the whole stamp
  Rings silhouette;           ///< what it covers: silhouette and part, stamp frame
  Rings ink;                  ///< what prints, stamp frame; for stamps with art the silhouette stands for it
  NearIndex inkNear;          ///< asks whether a point is within kInkMargin_mm of the ink
  double area_mm2 = 0;        ///< of the silhouette
  std::vector<Point> border;  ///< points along the silhouette's border, close enough for measuring to 0.01 mm
};
using OutlineRef = std::shared_ptr<const StampOutline>;

/// @param part  stamp frame; empty for the whole stamp
/// @param whole  the same stamp's outline without a part, if it is known; saves work
OutlineRef outlineOf(const StampRef& stamp, const Rings& part, const StampOutline* whole = nullptr);

/// What a stamp without art prints: its silhouette if solid, else a 0.4 mm line inside it; limited to the
/// part, whose cut edge is not outlined.
Rings printedShape(const Stamp& stamp, const Rings& part);

}  // namespace havlo
