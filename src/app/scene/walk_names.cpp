#include "app/scene/walk_names.h"

#include <algorithm>
#include <limits>

namespace havlo {
namespace {

constexpr int kLines = 5;

long touched(const std::vector<QRectF>& many, const QRectF& box) {
  return std::count_if(many.begin(), many.end(), [&](const QRectF& r) { return r.intersects(box); });
}

}  // namespace

std::vector<WalkNameSpot> placeWalkNames(const std::vector<WalkName>& names, std::vector<QRectF> taken,
                                         std::vector<QRectF> inTheWay, const QRectF& room) {
  std::vector<WalkNameSpot> out;
  for (const WalkName& name : names) {
    const double w = name.size.width(), h = name.size.height();
    WalkNameSpot best;
    QRectF bestLeader;
    double least = std::numeric_limits<double>::infinity();
    for (int lift = 0; lift < kLines; ++lift) {
      for (const double lean : {0.5, 0.0, 1.0, 0.25, 0.75}) {  // how much of the name is left of its flat
        const double left =
            std::clamp(name.foot.x() - lean * w, room.left(), std::max(room.left(), room.right() - w));
        const QRectF box(left, name.foot.y() - (lift + 1) * h - 1, w, h);
        if (box.top() < room.top()) continue;
        const bool led = lift > 0;
        const QRectF leader =
            led ? QRectF(name.foot.x() - 0.5, box.bottom(), 1, name.foot.y() - box.bottom() - 1) : QRectF();
        const long names_over = touched(taken, box) + (led ? touched(taken, leader) : 0);
        if (names_over > 0 && !name.must) continue;
        const double cost = 100 * double(names_over) + 10 * double(touched(inTheWay, box)) + 2 * lift +
                            3 * std::abs(lean - 0.5);
        if (cost >= least) continue;
        least = cost;
        best = {box, led};
        bestLeader = leader;
      }
    }
    if (!best.box.isEmpty()) {
      taken.push_back(best.box);
      if (best.led) inTheWay.push_back(bestLeader);
    }
    out.push_back(best);
  }
  return out;
}

}  // namespace havlo
