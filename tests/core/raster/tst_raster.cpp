// Pixels of the panel: sizes and places by arithmetic, coverage against exact areas.
#include <QTest>
#include <cmath>

#include "core/raster/raster.h"
#include "tests/support/program.h"

using namespace havlo;

class TstRaster : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aGridHasThePixelsOfItsPanel() {
    const Grid g({0, 0, 254, 127}, 100);  // ten inches by five
    QCOMPARE(g.width, 1000);
    QCOMPARE(g.height, 500);
    QVERIFY(std::abs(g.pixelArea_mm2() - 0.254 * 0.254) < 1e-9);
    const Point first = g.centre(0, 0), last = g.centre(999, 499);
    QVERIFY(std::abs(first.x - 0.127) < 1e-9 && std::abs(first.y - (127 - 0.127)) < 1e-9);
    QVERIFY(std::abs(last.x - (254 - 0.127)) < 1e-9 && std::abs(last.y - 0.127) < 1e-9);
    QCOMPARE(Grid({0, 0, 1, 1}, 1).width, 1);  // never none
    QVERIFY(std::abs(dpiWithin({0, 0, 254, 254}, 300, 1e6) - 100) < 0.5);
    QCOMPARE(dpiWithin({0, 0, 254, 254}, 50, 1e6), 50.0);
  }

  void aTileIsNothingBeyondItsEdges() {
    Tile t;
    t.x = 3, t.y = 5, t.width = 2, t.height = 2, t.cover = {1, 2, 3, 4};
    const int expected[4][4] = {{0, 0, 0, 0}, {0, 1, 2, 0}, {0, 3, 4, 0}, {0, 0, 0, 0}};
    for (int y = 0; y < 4; ++y)
      for (int x = 0; x < 4; ++x) QCOMPARE(static_cast<int>(t.at(2 + x, 4 + y)), expected[y][x]);
  }

  void coverageIsTheArea() {
    const Grid g({0, 0, 50, 40}, 127);  // five pixels a millimetre
    Ring disc;
    for (int k = 0; k < 720; ++k)
      disc.push_back({25 + 12.3 * std::cos(k * M_PI / 360), 20 + 12.3 * std::sin(k * M_PI / 360)});
    const double area = M_PI * 12.3 * 12.3;
    const auto sum = [](const Tile& t) {
      double s = 0;
      for (uint8_t c : t.cover) s += c / 255.0;
      return s;
    };
    QVERIFY(std::abs(sum(softTile(g, {disc})) * g.pixelArea_mm2() - area) < 0.004 * area);
    QVERIFY(std::abs(sum(hardTile(g, {disc})) * g.pixelArea_mm2() - area) < 0.01 * area);
  }
};

HAVLO_TEST(TstRaster)
#include "tst_raster.moc"
