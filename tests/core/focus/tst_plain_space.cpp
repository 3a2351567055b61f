// The largest free rectangle and the widest place, against brute force and against GEOS.
#include <geos_c.h>

#include <QTest>
#include <cmath>

#include "core/base/random.h"
#include "core/focus/plain_space.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/units/decimal.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

FreeMap randomMap(uint64_t seed, int w, int h, double taken) {
  Random r(seed);
  FreeMap m;
  m.grid = Grid();
  m.grid.width = w, m.grid.height = h, m.grid.panelWidth_mm = w,
  m.grid.panelHeight_mm = h;  // a pixel is a millimetre
  m.free.resize(ix(w) * ix(h));
  for (auto& f : m.free) f = r.unit() >= taken;
  return m;
}

bool allFree(const FreeMap& m, int x0, int y0, int x1, int y1) {
  if (x0 < 0 || y0 < 0 || x1 > m.grid.width || y1 > m.grid.height) return false;
  for (int y = y0; y < y1; ++y)
    for (int x = x0; x < x1; ++x)
      if (!m.at(x, y)) return false;
  return true;
}

int bruteLargest(const FreeMap& m) {
  int best = 0;
  for (int y0 = 0; y0 < m.grid.height; ++y0)
    for (int x0 = 0; x0 < m.grid.width; ++x0)
      for (int y1 = y0 + 1; y1 <= m.grid.height; ++y1)
        for (int x1 = x0 + 1; x1 <= m.grid.width; ++x1)
          if ((x1 - x0) * (y1 - y0) > best && allFree(m, x0, y0, x1, y1)) best = (x1 - x0) * (y1 - y0);
  return best;
}

}  // namespace

class TstPlainSpace : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theLargestRectangleAgainstBruteForce() {
    for (uint64_t seed = 1; seed <= 60; ++seed) {
      const FreeMap m = randomMap(seed, 6 + static_cast<int>(seed % 9), 5 + static_cast<int>(seed % 11),
                                  0.1 + 0.015 * static_cast<double>(seed % 30));
      const PixelBox b = largestFree(m);
      QCOMPARE(b.width * b.height, bruteLargest(m));
      if (b.width > 0) QVERIFY(allFree(m, b.x, b.y, b.x + b.width, b.y + b.height));
    }
  }

  void theLargestRectangleLiesInTheFreeAreaByGeos() {
    for (uint64_t seed = 1; seed <= 10; ++seed) {
      const FreeMap m = randomMap(seed, 30, 24, 0.08);
      std::vector<Rings> pixels;
      for (int y = 0; y < m.grid.height; ++y)
        for (int x = 0; x < m.grid.width; ++x)
          if (m.at(x, y))
            pixels.push_back(rectangle({x + 0.0, m.grid.height - y - 1.0, x + 1.0, m.grid.height - y + 0.0}));
      const Rings free = unionOf(pixels);  // by GEOS
      const Box box = boxOf(m.grid, largestFree(m));
      QVERIFY(areaOf(difference(rectangle(box), free)) < 1e-6);
    }
  }

  void emptyFullAndOnePixel() {
    FreeMap m = randomMap(1, 7, 5, 2);
    QCOMPARE(largestFree(m).width, 0);
    QVERIFY(boxOf(m.grid, largestFree(m)).empty());
    QVERIFY(!placeFor(m, 1, 1, {}));
    m = randomMap(1, 7, 5, -1);
    QCOMPARE(largestFree(m), (PixelBox{0, 0, 7, 5}));
    m = randomMap(1, 7, 5, 2);
    m.free[10] = 1;
    QCOMPARE(largestFree(m), (PixelBox{3, 1, 1, 1}));
  }

  void theWidestPlaceAgainstBruteForce() {
    for (uint64_t seed = 1; seed <= 40; ++seed) {
      const FreeMap m = randomMap(seed, 26, 20, 0.03);
      const int w = 3 + static_cast<int>(seed % 4), h = 2 + static_cast<int>(seed % 3);
      int most = -1;
      for (int y = 0; y + h <= m.grid.height; ++y)
        for (int x = 0; x + w <= m.grid.width; ++x)
          for (int g = 0; allFree(m, x - g, y - g, x + w + g, y + h + g); ++g) most = std::max(most, g);
      const auto place = placeFor(m, w, h, {13, 10});
      QCOMPARE(place.has_value(), most >= 0);
      if (!place) continue;
      QCOMPARE(place->margin_mm, static_cast<double>(most));
      const int x0 = static_cast<int>(std::lround(place->centre.x - w / 2.0)),
                y0 = static_cast<int>(std::lround(20 - place->centre.y - h / 2.0));
      QVERIFY(allFree(m, x0 - most, y0 - most, x0 + w + most, y0 + h + most));
    }
  }

  void theInscribedCircleAgainstGeosAndBruteForce() {
    const Rings shapes[] = {{{{0, 0}, {40, 0}, {40, 10}, {22, 10}, {22, 30}, {0, 30}}},
                            {{{0, 0}, {30, 5}, {26, 34}, {3, 20}}},
                            {{{0, 0}, {50, 0}, {50, 40}, {0, 40}}, {{18, 12}, {32, 12}, {32, 28}, {18, 28}}}};
    GEOSContextHandle_t geos = GEOS_init_r();
    for (const Rings& shape : shapes) {
      const DeepestPoint own = deepestPoint(shape);
      // The shape in GEOS' own words.
      std::string wkt = "POLYGON (";
      for (size_t r = 0; r < shape.size(); ++r) {
        wkt += r ? ", (" : "(";
        for (size_t k = 0; k <= shape[r].size(); ++k) {
          const Point p = shape[r][k % shape[r].size()];
          wkt += (k ? ", " : "") + decimal(p.x, 6) + " " + decimal(p.y, 6);
        }
        wkt += ")";
      }
      wkt += ")";
      GEOSWKTReader* reader = GEOSWKTReader_create_r(geos);
      GEOSGeometry* g = GEOSWKTReader_read_r(geos, reader, wkt.c_str());
      QVERIFY(g);
      GEOSGeometry* circle = GEOSMaximumInscribedCircle_r(geos, g, 0.01);
      double radius = 0;
      QVERIFY(circle && GEOSLength_r(geos, circle, &radius));
      GEOSGeom_destroy_r(geos, circle), GEOSGeom_destroy_r(geos, g), GEOSWKTReader_destroy_r(geos, reader);
      QVERIFY2(std::fabs(own.radius_mm - radius) < 0.02 * radius + 0.01,
               qPrintable(QStringLiteral("%1 and %2").arg(own.radius_mm).arg(radius)));
      double brute = 0;
      const Box b = boxOf(shape);
      for (double x = b.left; x <= b.right; x += 0.25)
        for (double y = b.bottom; y <= b.top; y += 0.25)
          if (nearestPoint(shape, {x, y}).distance_mm == 0)
            brute = std::max(brute, nearestOnBorder(shape, {x, y}).distance_mm);
      QVERIFY2(std::fabs(own.radius_mm - brute) < 0.3, qPrintable(QString::number(brute)));
    }
    GEOS_finish_r(geos);
  }
};

HAVLO_TEST(TstPlainSpace)
#include "tst_plain_space.moc"
