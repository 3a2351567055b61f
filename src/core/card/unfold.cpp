#include "core/card/unfold.h"

namespace havlo {

bool turnsUpward(const CardBase& base) {
  const Fold fold = foldOf(base);
  return fold == Fold::Top || fold == Fold::Bottom;
}

LeafPlace leafOf(const CardBase& base, Leaf leaf) {
  const double w = base.width_mm, h = base.height_mm;
  const Fold fold = foldOf(base);
  const Box left{0, 0, w, h}, right{w, 0, 2 * w, h}, low{0, 0, w, h}, high{0, h, w, 2 * h};
  // Turned over, what was at the one end lies at the other.
  switch (fold) {
    case Fold::Left:
    case Fold::Right: {
      const bool frontRight = fold == Fold::Left;
      const bool atRight = leaf == Leaf::Front         ? frontRight
                           : leaf == Leaf::Back        ? !frontRight
                           : leaf == Leaf::InsideFront ? !frontRight
                                                       : frontRight;
      return {leaf == Leaf::Front || leaf == Leaf::Back, atRight ? right : left, false};
    }
    case Fold::Top:
    case Fold::Bottom: {
      const bool frontLow = fold == Fold::Top;
      const bool atTop = leaf == Leaf::Front         ? !frontLow
                         : leaf == Leaf::Back        ? frontLow
                         : leaf == Leaf::InsideFront ? frontLow
                                                     : !frontLow;
      return {leaf == Leaf::Front || leaf == Leaf::Back, atTop ? high : low, leaf == Leaf::Back};
    }
    case Fold::None:
      break;
  }
  return {leaf == Leaf::Front, low, false};
}

}  // namespace havlo
