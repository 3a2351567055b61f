// What depth and masks need to know of a stamp (or of the part of it that is stamped), computed once per
// stamp.
#pragma once

#include <memory>
#include <vector>

#include "core/plan/plan.h"
#include "core/raster/art_source.h"
#include "core/raster/cell_map.h"

namespace havlo {

/// How far a hand may put ink beside where it is planned. Settled in the plan format.
inline constexpr double kHandSpread_mm = 0.5;
/// Ink on less than this of a thing needs no paper on it (mm²). Settled in the plan format.
inline constexpr double kLeastInked_mm2 = 0.1;
/// Width of the line that a stamp without art and without `solid` prints inside its silhouette.
inline constexpr double kOutlineWidth_mm = 0.4;

struct StampOutline {
  StampRef stamp;
  Rings part;                 ///< as in the impression; empty for the whole stamp
  Rings silhouette;           ///< what it covers: silhouette and part, stamp frame
  Rings ink;                  ///< what prints, stamp frame; for stamps with art the silhouette stands for it
  CellMap inked;              ///< where ink may come, stamp frame: the drawing, spread by kHandSpread_mm
  CellMap covered;            ///< the silhouette
  double area_mm2 = 0;        ///< of the silhouette
  std::vector<Point> border;  ///< points along the silhouette's border, close enough for measuring to 0.01 mm
};
using OutlineRef = std::shared_ptr<const StampOutline>;

/// @param part  stamp frame; empty for the whole stamp
/// @param whole  the same stamp's outline without a part, if it is known; saves work
/// @param art  draws stamps; without it the silhouette stands for a drawing
OutlineRef outlineOf(const StampRef& stamp, const Rings& part, const StampOutline* whole = nullptr,
                     const ArtSource* art = nullptr);

/// What a stamp without art prints: its silhouette if solid, else a 0.4 mm line inside it; limited to the
/// part, whose cut edge is not outlined.
Rings printedShape(const Stamp& stamp, const Rings& part);

}  // namespace havlo
