// Cells of a stamp's frame against distances and areas known otherwise.
#include <QTest>
#include <cmath>

#include "core/outline/distance.h"
#include "core/outline/shared_area.h"
#include "core/raster/cell_map.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

Rings star(int points, double outer, double inner) {
  Ring ring;
  for (int k = 0; k < 2 * points; ++k) {
    const double a = M_PI * k / points, r = k % 2 ? inner : outer;
    ring.push_back({31 + r * std::cos(a), -7 + r * std::sin(a)});
  }
  return {ring};
}

}  // namespace

class TstCellMap : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // A cell is a square of 0.2 mm: what is farther from the border than its diagonal is known for sure.
  void cellsAgreeWithTheShape() {
    const Rings shape = star(5, 14, 6);
    const CellMap map(shape);
    const Box box = boxOf(shape).grown(2);
    for (int k = 0; k < 4000; ++k) {
      const Point p{box.left + box.width() * ((k * 37) % 400) / 400.0,
                    box.bottom + box.height() * ((k * 911) % 4000) / 4000.0};
      const Rings border = shape;
      if (nearestPoint(border, p).distance_mm > 0 && !covers(shape, p)) {
        if (nearestPoint(border, p).distance_mm > 0.3) QVERIFY(!map.at(p));
      } else if (covers(shape, p)) {
        double edge = 1e300;
        for (size_t i = 0; i < shape[0].size(); ++i) {
          const Point a = shape[0][i], d = shape[0][(i + 1) % shape[0].size()] - a;
          const double t = std::clamp(dot(p - a, d) / dot(d, d), 0.0, 1.0);
          edge = std::min(edge, distance(p, a + d * t));
        }
        if (edge > 0.3) QVERIFY(map.at(p));
      }
    }
  }

  // Spread by r: in where the nearest point is nearer than r less two cells, out where it is farther than r
  // more.
  void spreadingAgreesWithTheNearestPoint() {
    const Rings shape = star(7, 11, 8);
    for (const double by : {0.5, 1.0, 2.0}) {
      const CellMap map = CellMap::spread(shape, by);
      const Box box = boxOf(shape).grown(5);
      for (int k = 0; k < 3000; ++k) {
        const Point p{box.left + box.width() * ((k * 37) % 300) / 300.0,
                      box.bottom + box.height() * ((k * 911) % 3000) / 3000.0};
        const double d = covers(shape, p) ? 0 : nearestPoint(shape, p).distance_mm;
        if (d < by - 0.4) QVERIFY(map.at(p));
        if (d > by + 0.4) QVERIFY(!map.at(p));
      }
    }
  }

  // Minkowski: a square of side a spread by r covers a² + 4ar + πr².
  void theAreaOfASpreadSquare() {
    const CellMap map = CellMap::spread(rectangle({3, 3, 13, 13}), 2);
    int cells = 0;
    for (int x = 0; x < 200; ++x)
      for (int y = 0; y < 200; ++y) cells += map.at({0.05 + x * 0.1, 0.05 + y * 0.1});
    const double expected = 100 + 80 + M_PI * 4;
    QVERIFY2(std::abs(cells * 0.01 - expected) < 6, qPrintable(QString::number(cells * 0.01)));
  }

  // Taking the panel's own turn: rows of the map run upward, as the frame does.
  void theMapIsNotUpsideDown() {
    const CellMap map(Rings{{{0, 0}, {10, 0}, {0, 20}}});
    QVERIFY(map.at({8, 1}) && !map.at({8, 19}) && map.at({1, 17}));
  }

  void nothingIsNowhere() {
    QVERIFY(CellMap().empty() && !CellMap().at({0, 0}));
    QVERIFY(CellMap(Rings{}).empty() && CellMap::spread(Rings{}, 1).empty());
    QVERIFY(!CellMap(rectangle({0, 0, 400, 400})).empty());
  }
};

HAVLO_TEST(TstCellMap)
#include "tst_cell_map.moc"
