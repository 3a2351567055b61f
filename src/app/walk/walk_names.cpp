#include "app/walk/walk_names.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <unordered_map>

namespace havlo {
namespace {

constexpr int kLines = 5;

/// Boxes by where they stand across the walk: of hundreds only those near by are asked.
class Boxes {
 public:
  explicit Boxes(const std::vector<QRectF>& all) {
    for (const QRectF& r : all) put(r);
  }
  void put(const QRectF& r) {
    if (r.isEmpty()) return;
    const int first = columnOf(r.left());
    for (int k = first; k <= columnOf(r.right()); ++k)
      m_columns[k].push_back({r.left(), r.right(), r.top(), r.bottom(), first});
  }
  /// How many a box runs over.
  long under(const QRectF& box) const {
    if (box.isEmpty()) return 0;
    const double left = box.left(), right = box.right(), top = box.top(), bottom = box.bottom();
    const int first = columnOf(left);
    long count = 0;
    for (int k = first; k <= columnOf(right); ++k) {
      const auto column = m_columns.find(k);
      if (column == m_columns.end()) continue;
      for (const One& r : column->second)  // one that stands in several columns counts in the first
        if (r.top < bottom && r.bottom > top && r.left < right && r.right > left &&
            std::max(r.first, first) == k)
          ++count;
    }
    return count;
  }

 private:
  struct One {
    double left, right, top, bottom;
    int first;  // column
  };
  std::unordered_map<int, std::vector<One>> m_columns;
  static int columnOf(double x) { return static_cast<int>(std::floor(x / 24)); }
};

}  // namespace

std::vector<WalkNameSpot> placeWalkNames(const std::vector<WalkName>& names, const std::vector<QRectF>& taken,
                                         const std::vector<QRectF>& inTheWay, const QRectF& room) {
  Boxes written(taken), below(inTheWay);
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
