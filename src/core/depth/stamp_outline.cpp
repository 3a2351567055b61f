// Silhouette, ink and border points of a stamp or a part of it.
#include "core/depth/stamp_outline.h"

#include <algorithm>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kBorderStep_mm = 0.25;
constexpr double kMostBorderPoints = 20000;

double lengthOf(const Rings& rings) {
  double sum = 0;
  for (const Ring& ring : rings)
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      sum += std::hypot(b.x - a.x, b.y - a.y);
    }
  return sum;
}

std::vector<Point> borderPoints(const Rings& rings) {
  const double step = std::fmax(kBorderStep_mm, lengthOf(rings) / kMostBorderPoints);
  std::vector<Point> out;
  for (const Ring& ring : rings)
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      const int parts = std::max(1, static_cast<int>(std::ceil(std::hypot(b.x - a.x, b.y - a.y) / step)));
      for (int k = 0; k < parts; ++k)
        out.push_back({a.x + (b.x - a.x) * k / parts, a.y + (b.y - a.y) * k / parts});
    }
  return out;
}

/// Where the stamp's ink may come: of its drawing if that can be drawn, within the part.
CellMap inkedCells(const Stamp& stamp, const Rings& ink, const Rings& part, const ArtSource* art) {
  if (stamp.art.empty() || !art) return CellMap::spread(ink, kHandSpread_mm);
  Point origin;
  const Grid grid =
      cellGrid({0, 0, stamp.width_mm, stamp.height_mm}, kHandSpread_mm + CellMap::kCell_mm, origin);
  const std::optional<Tile> drawn =
      art->draw(stamp, Placing({0, 0}, {-origin.x, -origin.y}, Degrees{0}), grid);
  if (!drawn) return CellMap::spread(ink, kHandSpread_mm);
  Tile whole = tileFor(grid, {0, 0, grid.panelWidth_mm, grid.panelHeight_mm});
  for (int y = drawn->y; y < drawn->y + drawn->height; ++y)
    std::copy(drawn->row(y), drawn->row(y) + drawn->width, whole.row(y) + drawn->x);
  if (!part.empty()) {
    Rings moved = part;
    for (Ring& ring : moved)
      for (Point& p : ring) p = p - origin;
    keepOnly(whole, hardTile(grid, moved));
  }
  return CellMap::spread(whole, grid, origin, kHandSpread_mm);
}

}  // namespace

Rings printedShape(const Stamp& stamp, const Rings& part) {
  Rings ink = stamp.silhouette;
  if (!stamp.solid) {
    const Rings inner = offset(ink, Millimetres{-kOutlineWidth_mm});
    if (!inner.empty()) ink = difference(ink, inner);
  }
  return part.empty() ? ink : intersection(ink, part);
}

OutlineRef outlineOf(const StampRef& stamp, const Rings& part, const StampOutline* whole,
                     const ArtSource* art) {
  auto out = std::make_shared<StampOutline>();
  out->stamp = stamp;
  out->part = part;
  out->silhouette = part.empty() ? stamp->silhouette : intersection(stamp->silhouette, part);
  const bool plain = stamp->art.empty() && !stamp->solid;
  out->ink = !plain ? out->silhouette : whole ? intersection(whole->ink, part) : printedShape(*stamp, part);
  out->area_mm2 = sweptArea(SweepEdges(out->silhouette));
  out->inked = inkedCells(*stamp, out->ink, part, art);
  out->covered = CellMap(out->silhouette);
  out->border = borderPoints(out->silhouette);
  return out;
}

}  // namespace havlo
