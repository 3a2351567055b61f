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

}  // namespace

Rings printedShape(const Stamp& stamp, const Rings& part) {
  Rings ink = stamp.silhouette;
  if (!stamp.solid) {
    const Rings inner = offset(ink, Millimetres{-kOutlineWidth_mm});
    if (!inner.empty()) ink = difference(ink, inner);
  }
  return part.empty() ? ink : intersection(ink, part);
}

OutlineRef outlineOf(const StampRef& stamp, const Rings& part, const StampOutline* whole) {
  auto out = std::make_shared<StampOutline>();
  out->stamp = stamp;
  out->part = part;
  out->silhouette = part.empty() ? stamp->silhouette : intersection(stamp->silhouette, part);
  const bool plain = stamp->art.empty() && !stamp->solid;
  out->ink = !plain ? out->silhouette : whole ? intersection(whole->ink, part) : printedShape(*stamp, part);
  out->area_mm2 = sweptArea(SweepEdges(out->silhouette));
  out->inkNear = NearIndex(out->ink, kInkMargin_mm);
  out->border = borderPoints(out->silhouette);
  return out;
}

}  // namespace havlo
