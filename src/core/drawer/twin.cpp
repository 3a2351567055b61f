#include "core/drawer/twin.h"

#include <cmath>

#include "core/outline/shape_ops.h"

namespace havlo {
namespace {

constexpr double kSizesDiffer_mm = 1.0;

Rings movedBy(Rings rings, Point by) {
  for (Ring& ring : rings)
    for (Point& p : ring) p = p + by;
  return rings;
}

}  // namespace

double likeness(const Stamp& a, const Stamp& b) {
  if (std::fabs(a.width_mm - b.width_mm) > kSizesDiffer_mm ||
      std::fabs(a.height_mm - b.height_mm) > kSizesDiffer_mm)
    return 0;
  if (a.silhouette.empty() || b.silhouette.empty()) return 0;
  const Point by{(a.width_mm - b.width_mm) / 2, (a.height_mm - b.height_mm) / 2};
  const double both = areaOf(intersection(a.silhouette, movedBy(b.silhouette, by)));
  const double either = areaOf(a.silhouette) + areaOf(b.silhouette) - both;
  return either > 0 ? both / either : 0;
}

int twinOf(const Stamp& stamp, std::span<const StampRef> known) {
  for (size_t k = 0; k < known.size(); ++k)
    if (known[k] && likeness(stamp, *known[k]) >= kTwinLikeness) return static_cast<int>(k);
  return -1;
}

}  // namespace havlo
