// Fill, open, inset; then say what that leaves uncovered or covers too much.
#include "core/mask/mask_shape.h"

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kHair_mm = 0.5;

Rings filled(const Stamp& stamp, const Supplies& supplies) {
  return withSmallHolesFilled(stamp.silhouette,
                              Millimetres{supplies.leastHole_mm.value_or(supplies.leastCut_mm)});
}

}  // namespace

MaskRef maskOf(const Stamp& stamp, const Supplies& supplies) {
  auto out = std::make_shared<MaskShape>();
  out->mask = openedAndInset(filled(stamp, supplies), Millimetres{supplies.leastCut_mm / 2},
                             Millimetres{supplies.maskInset_mm});
  const SweepEdges silhouette(stamp.silhouette), mask(out->mask);
  const double shared = sharedArea(silhouette, mask);
  out->uncovered_mm2 = std::fmax(0, sweptArea(silhouette) - shared);
  out->overcovered_mm2 = std::fmax(0, sweptArea(mask) - shared);
  return out;
}

Rings thinPartsOf(const Stamp& stamp, const Supplies& supplies) {
  const Rings whole = filled(stamp, supplies);
  const Rings body = opened(whole, Millimetres{supplies.leastCut_mm / 2});
  Rings out;
  for (const Rings& piece : pieces(body.empty() ? whole : difference(whole, body))) {
    const Box box = boxOf(piece);
    if (std::fmax(box.width(), box.height()) > 2 * supplies.leastCut_mm + kHair_mm)
      out.insert(out.end(), piece.begin(), piece.end());
  }
  return out;
}

}  // namespace havlo
