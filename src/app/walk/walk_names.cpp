#include "app/walk/walk_names.h"

#include <algorithm>
#include <cmath>
#include <limits>

namespace havlo {
namespace {

constexpr int kLines = 5;

/// Boxes by where they stand across the walk: of hundreds only those near by are asked. What stands beside
/// the room counts in its first or last column.
class Boxes {
 public:
  Boxes(const QRectF& room, const std::vector<QRectF>& all)
      : m_left(room.left()),
        m_columns(static_cast<size_t>(std::clamp(room.width() / kColumn, 0.0, 1e4)) + 1) {
    for (const QRectF& r : all) put(r);
  }
  void put(const QRectF& r) {
    if (r.isEmpty()) return;
    const size_t first = columnOf(r.left()), last = columnOf(r.right());
    for (size_t k = first; k <= last; ++k)
      m_columns[k].push_back({r.left(), r.right(), r.top(), r.bottom(), first});
  }
  /// How many a box runs over.
  long under(const QRectF& box) const {
    if (box.isEmpty()) return 0;
    const double left = box.left(), right = box.right(), top = box.top(), bottom = box.bottom();
    const size_t first = columnOf(left), last = columnOf(right);
    long count = 0;
    for (size_t k = first; k <= last; ++k)
      for (const One& r : m_columns[k])  // one that stands in several columns counts in the first
        if (r.top < bottom && r.bottom > top && r.left < right && r.right > left &&
            std::max(r.first, first) == k)
          ++count;
    return count;
  }

 private:
  struct One {
    double left, right, top, bottom;
    size_t first;  // column
  };
  static constexpr double kColumn = 24;  // px
  double m_left;
  std::vector<std::vector<One>> m_columns;
  size_t columnOf(double x) const {
    return static_cast<size_t>(
        std::clamp((x - m_left) / kColumn, 0.0, static_cast<double>(m_columns.size() - 1)));
  }
};

}  // namespace

std::vector<WalkNameSpot> placeWalkNames(const std::vector<WalkName>& names, const std::vector<QRectF>& taken,
                                         const std::vector<QRectF>& inTheWay, const QRectF& room) {
  Boxes written(room, taken), below(room, inTheWay);
  constexpr int kFull = 40;  // so many without room one after the other: the rest has none either
  int without = 0;
  std::vector<WalkNameSpot> out;
  for (const WalkName& name : names) {
    if (without >= kFull && !name.must) {
      out.push_back({});
      continue;
    }
    const double w = name.size.width(), h = name.size.height();
    WalkNameSpot best;
    QRectF bestLeader;
    double least = std::numeric_limits<double>::infinity();
    for (int lift = 0; lift < kLines && 2 * lift < least; ++lift) {
      for (const double lean : {0.5, 0.0, 1.0, 0.25, 0.75}) {  // how much of the name is left of its flat
        const double left =
            std::clamp(name.foot.x() - lean * w, room.left(), std::max(room.left(), room.right() - w));
        const QRectF box(left, name.foot.y() - (lift + 1) * h - 1, w, h);
        if (box.top() < room.top()) continue;
        const double away = 2 * lift + 3 * std::abs(lean - 0.5);
        if (away >= least) continue;
        const bool led = lift > 0;
        const QRectF leader =
            led ? QRectF(name.foot.x() - 0.5, box.bottom(), 1, name.foot.y() - box.bottom() - 1) : QRectF();
        const long names_over = written.under(box) + (led ? written.under(leader) : 0);
        if (names_over > 0 && !name.must) continue;
        const double apart = 100 * double(names_over) + away;
        if (apart >= least) continue;
        const double cost = apart + 10 * double(below.under(box));
        if (cost >= least) continue;
        least = cost;
        best = {box, led};
        bestLeader = leader;
      }
    }
    without = best.box.isEmpty() ? without + 1 : 0;
    if (!best.box.isEmpty()) {
      written.put(best.box);
      if (best.led) below.put(bestLeader);
    }
    out.push_back(best);
  }
  return out;
}

}  // namespace havlo
