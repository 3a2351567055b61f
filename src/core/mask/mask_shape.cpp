// Fill, open, inset; then say what that leaves uncovered or covers too much.
#include "core/mask/mask_shape.h"

#include "core/outline/shape_ops.h"

namespace havlo {
namespace {

constexpr double kHair_mm = 0.5;

}  // namespace

MaskRef maskOf(const Stamp& stamp, const Supplies& supplies) {
  auto out = std::make_shared<MaskShape>();
  const Millimetres leastHole{supplies.leastHole_mm.value_or(supplies.leastCut_mm)};
  const Rings filled = withSmallHolesFilled(stamp.silhouette, leastHole);
  const Rings body = opened(filled, Millimetres{supplies.leastCut_mm / 2});
  out->mask = body.empty() ? Rings{} : offset(body, Millimetres{-supplies.maskInset_mm});
  out->uncovered = out->mask.empty() ? stamp.silhouette : difference(stamp.silhouette, out->mask);
  out->uncovered_mm2 = areaOf(out->uncovered);
  out->overcovered_mm2 = out->mask.empty() ? 0 : areaOf(difference(out->mask, stamp.silhouette));
  // Corners and leaf edges that opening rounds are not parts; a part sticks out by more than a cut is wide, twice over.
  for (const Rings& piece : pieces(body.empty() ? stamp.silhouette : difference(filled, body))) {
    const Box box = boxOf(piece);
    if (std::fmax(box.width(), box.height()) > 2 * supplies.leastCut_mm + kHair_mm)
      out->thinParts.insert(out->thinParts.end(), piece.begin(), piece.end());
  }
  return out;
}

}  // namespace havlo
