// Photos straightened, sheets levelled, the calibration square found. The perspective is checked against a
// homography solved here by the direct linear transform (Hartley & Zisserman, Multiple View Geometry, 4.1)
// with Eigen.
#include <QTest>
#include <cmath>
#include <functional>
#include <random>

#include "core/trace/sheet.h"
#include "tests/support/least_squares.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

using Corners = std::array<PixelPoint, 4>;

/// The homography that takes four points to four points, its last element 1: eight equations.
std::vector<double> homography(const Corners& from, const Corners& to) {
  std::vector<testing::Equation> equations;
  for (size_t k = 0; k < 4; ++k) {
    const auto [x, y] = from[k];
    const auto [u, v] = to[k];
    equations.push_back({{x, y, 1, 0, 0, 0, -u * x, -u * y}, u});
    equations.push_back({{0, 0, 0, x, y, 1, -v * x, -v * y}, v});
  }
  return testing::leastSquares(equations);
}

Point mapped(const std::vector<double>& h, Point p) {
  const double z = h[6] * p.x + h[7] * p.y + 1;
  return {(h[0] * p.x + h[1] * p.y + h[2]) / z, (h[3] * p.x + h[4] * p.y + h[5]) / z};
}

/// A picture whose pixels are the mean of a function over 3 × 3 points in each.
Scan painted(int width, int height, const std::function<double(Point)>& grey) {
  Scan scan;
  scan.width = width, scan.height = height;
  scan.grey.resize(ix(width) * ix(height));
  for (int y = 0; y < height; ++y)
    for (int x = 0; x < width; ++x) {
      double sum = 0;
      for (int k = 0; k < 9; ++k) sum += grey({x + (k % 3 + 0.5) / 3, y + (k / 3 + 0.5) / 3});
      scan.grey[ix(y) * ix(width) + ix(x)] = static_cast<uint8_t>(std::lround(sum / 9));
    }
  return scan;
}

bool inBox(Point p, Box b) { return p.x >= b.left && p.x <= b.right && p.y >= b.bottom && p.y <= b.top; }

/// Middle of the dark pixels within a box of pixels.
Point middleOfDark(const Scan& scan, Box within) {
  double sx = 0, sy = 0, n = 0;
  for (int y = std::max(0, int(within.bottom)); y < std::min<double>(scan.height, within.top); ++y)
    for (int x = std::max(0, int(within.left)); x < std::min<double>(scan.width, within.right); ++x) {
      const double dark = std::max(0.0, 200.0 - scan.grey[ix(y) * ix(scan.width) + ix(x)]);
      sx += dark * (x + 0.5), sy += dark * (y + 0.5), n += dark;
    }
  return {sx / n, sy / n};
}

}  // namespace

class TstStraighten : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void dotsComeToLieWhereTheyAre_data() {
    QTest::addColumn<QList<double>>("corners");
    QTest::newRow("seen from straight above") << QList<double>{100, 80, 500, 80, 500, 380, 100, 380};
    QTest::newRow("seen from below the table's edge") << QList<double>{170, 90, 430, 90, 540, 400, 60, 400};
    QTest::newRow("seen from the left") << QList<double>{90, 60, 480, 130, 480, 330, 90, 420};
    QTest::newRow("turned and tilted") << QList<double>{140, 60, 520, 150, 470, 420, 80, 330};
  }
  void dotsComeToLieWhereTheyAre() {
    QFETCH(QList<double>, corners);
    Corners seen;
    for (size_t k = 0; k < 4; ++k)
      seen[k] = {corners[static_cast<int>(2 * k)], corners[static_cast<int>(2 * k) + 1]};
    // A sheet of 80 × 60 mm with five dots of 3 mm.
    const Corners sheet{{{0, 0}, {80, 0}, {80, 60}, {0, 60}}};
    const Point dots[] = {{10, 10}, {70, 12}, {40, 30}, {15, 50}, {66, 45}};
    const std::vector<double> toSheet = homography(seen, sheet);
    const Scan photo = painted(600, 480, [&](Point p) {
      const Point mm = mapped(toSheet, p);
      for (Point d : dots)
        if (std::hypot(mm.x - d.x, mm.y - d.y) < 1.5) return 10.0;
      return 240.0;
    });
    const auto flat = straightened(photo, seen, 80, 60);
    QVERIFY2(bool(flat), flat ? "" : flat.error().message.c_str());
    const Scan& s = flat.value();
    // The rectangle's own corner is not told; the dots' distances are.
    std::vector<Point> found;
    const double px = s.pxPerMm;
    const Point first = [&] {
      for (double y = 0; y < s.height; ++y)
        for (double x = 0; x < s.width; ++x)
          if (s.grey[static_cast<size_t>(y) * ix(s.width) + static_cast<size_t>(x)] < 100) return Point{x, y};
      return Point{};
    }();
    const Point topmost =
        middleOfDark(s, {first.x - 3 * px, first.y - 3 * px, first.x + 3 * px, first.y + 3 * px});
    for (Point d : dots) {
      const Point guess{topmost.x + (d.x - dots[0].x) * px, topmost.y + (d.y - dots[0].y) * px};
      const Point m =
          middleOfDark(s, {guess.x - 2.5 * px, guess.y - 2.5 * px, guess.x + 2.5 * px, guess.y + 2.5 * px});
      QVERIFY2(std::hypot(m.x - guess.x, m.y - guess.y) < 0.25 * px,
               qPrintable(QStringLiteral("%1 mm off").arg(std::hypot(m.x - guess.x, m.y - guess.y) / px)));
    }
  }

  void cornersOutOfOrderAreRefused_data() {
    QTest::addColumn<QList<double>>("corners");
    QTest::newRow("crossed") << QList<double>{100, 80, 500, 380, 500, 80, 100, 380};
    QTest::newRow("the wrong way round") << QList<double>{100, 80, 100, 380, 500, 380, 500, 80};
    QTest::newRow("one inside the others") << QList<double>{100, 80, 500, 80, 200, 180, 100, 380};
    QTest::newRow("on one line") << QList<double>{100, 80, 200, 80, 300, 80, 400, 80};
    QTest::newRow("all in one place") << QList<double>{100, 80, 100, 80, 100, 80, 100, 80};
  }
  void cornersOutOfOrderAreRefused() {
    QFETCH(QList<double>, corners);
    Corners seen;
    for (size_t k = 0; k < 4; ++k)
      seen[k] = {corners[static_cast<int>(2 * k)], corners[static_cast<int>(2 * k) + 1]};
    const Scan photo = painted(600, 480, [](Point) { return 240.0; });
    const auto flat = straightened(photo, seen, 80, 60);
    QVERIFY(!flat);
    QVERIFY(flat.error().message.find("upper left") != std::string::npos);
    QVERIFY(!straightened(photo, {{{100, 80}, {500, 80}, {500, 380}, {100, 380}}}, 0, 60));
  }

  void theSquareIsFoundAndNothingElseIs() {
    const auto ring = [](Point p, double left, double top, double side, double line) {
      return inBox(p, {left, top, left + side, top + side}) &&
             !inBox(p, {left + line, top + line, left + side - line, top + side - line});
    };
    // 60 mm with a 3 mm line at 5 pixels a mm.
    const Scan with = painted(500, 500, [&](Point p) { return ring(p, 90, 70, 300, 15) ? 20.0 : 235.0; });
    const auto corners = findCalibrationSquare(with);
    QVERIFY(corners.has_value());
    const Corners truth{{{90, 70}, {390, 70}, {390, 370}, {90, 370}}};
    for (size_t k = 0; k < 4; ++k)
      QVERIFY2(std::hypot((*corners)[k].x - truth[k].x, (*corners)[k].y - truth[k].y) < 1.5,
               qPrintable(QStringLiteral("corner %1").arg(k)));
    const Scan filled = painted(500, 500, [&](Point p) {
      return inBox(p, {90, 70, 390, 370}) ? 20.0 : 235.0;
    });
    QVERIFY(!findCalibrationSquare(filled));
    const Scan round = painted(500, 500, [&](Point p) {
      const double r = std::hypot(p.x - 240, p.y - 220);
      return r < 150 && r > 135 ? 20.0 : 235.0;
    });
    QVERIFY(!findCalibrationSquare(round));
    QVERIFY(!findCalibrationSquare(painted(200, 200, [](Point) { return 235.0; })));
  }

  void aSheetAskewIsFoundSo_data() {
    QTest::addColumn<double>("skew");
    for (const double skew : {-7.0, -2.5, -0.6, 0.0, 0.4, 1.7, 4.0, 9.0})
      QTest::newRow(qPrintable(QStringLiteral("%1 degrees").arg(skew))) << skew;
  }
  void aSheetAskewIsFoundSo() {
    QFETCH(double, skew);
    // A pale sheet on a darker lid, turned anticlockwise as seen (y down).
    const double c = std::cos(skew * M_PI / 180), s = std::sin(skew * M_PI / 180);
    Scan scan = painted(800, 700, [&](Point p) {
      const double dx = p.x - 400, dy = p.y - 350;
      const Point onSheet{c * dx - s * dy, s * dx + c * dy};
      return std::fabs(onSheet.x) < 300 && std::fabs(onSheet.y) < 250 ? 245.0 : 150.0;
    });
    scan.pxPerMm = 6;
    QVERIFY2(std::fabs(sheetSkew(scan).value - skew) < 0.15,
             qPrintable(QString::number(sheetSkew(scan).value)));
  }

  void aBareSheetIsTakenAsLevel() {
    Scan scan = painted(400, 300, [](Point) { return 245.0; });
    scan.pxPerMm = 6;
    QCOMPARE(sheetSkew(scan).value, 0.0);
  }

  void levelledPlacesGoThereAndBack() {
    Scan scan;
    scan.width = 1234, scan.height = 777, scan.pxPerMm = 7.3;
    for (const double level : {-11.0, -0.3, 0.0, 5.0})
      for (const Point p : {Point{0, 0}, Point{1234, 777}, Point{400.5, 33.25}}) {
        const Point back = toScan(scan, Degrees{level}, toSheet(scan, Degrees{level}, p));
        QVERIFY(std::hypot(back.x - p.x, back.y - p.y) < 1e-9);
      }
    // One millimetre stays one millimetre.
    const Point a = toScan(scan, Degrees{8}, {10, 10}), b = toScan(scan, Degrees{8}, {11, 10});
    QVERIFY(std::fabs(std::hypot(a.x - b.x, a.y - b.y) - 7.3) < 1e-9);
  }

  // A third-degree fall of light over bare paper comes back to within a grey level of what it is.
  void unevenLightIsLearntFromThePaper() {
    const auto light = [](Point p) {
      const double u = p.x / 250 - 1, v = p.y / 200 - 1;
      return 225 - 18 * u * u - 9 * v + 6 * u * v - 4 * u * u * u;
    };
    Scan scan = painted(500, 400, [&](Point p) {
      return inBox(p, {200, 150, 290, 260}) ? 0.15 * light(p) : light(p);
    });
    scan.pxPerMm = 5;
    FindSettings find;
    find.level = Degrees{0};
    const auto sheet = readSheet(scan, find);
    QVERIFY(bool(sheet));
    for (const Point p : {Point{20, 20}, Point{480, 30}, Point{245, 200}, Point{30, 380}, Point{470, 370}})
      QVERIFY2(std::fabs(sheet.value().light.at(p.x, p.y) - light(p)) < 2,
               qPrintable(QStringLiteral("%1 for %2").arg(sheet.value().light.at(p.x, p.y)).arg(light(p))));
    QVERIFY2(std::fabs(sheet.value().inkLevel - 0.15) < 0.03,
             qPrintable(QString::number(sheet.value().inkLevel)));
    QCOMPARE(sheet.value().impressions.size(), 1u);
    const Box found = sheet.value().impressions[0];
    QVERIFY(std::fabs(std::fabs(found.width()) - 18) < 0.5);
    QVERIFY(std::fabs(std::fabs(found.height()) - 22) < 0.5);
  }

  void aSmallerPictureKeepsItsMeanAndScale() {
    Scan scan = painted(900, 600, [](Point p) { return 40 + p.x / 6 + p.y / 12; });
    scan.pxPerMm = 12;
    const Scan small = reduced(scan, 300);
    QCOMPARE(small.width, 300);
    QCOMPARE(small.height, 200);
    QVERIFY(std::fabs(small.pxPerMm - 4) < 1e-9);
    const auto mean = [](const Scan& s) {
      double sum = 0;
      for (const uint8_t g : s.grey) sum += g;
      return sum / static_cast<double>(s.grey.size());
    };
    QVERIFY(std::fabs(mean(small) - mean(scan)) < 0.5);
    QCOMPARE(reduced(scan, 2000).width, 900);
  }

  // Clean paper has hardly any grain, coarse paper no more than counts.
  void thePapersGrainIsMeasured() {
    double before = 0;
    for (const double grain : {0.0, 6.0, 40.0}) {
      std::mt19937 rng(3);
      std::normal_distribution<double> noise(0, std::max(1e-9, grain));
      Scan scan = painted(400, 300, [&](Point p) {
        return inBox(p, {150, 100, 240, 200}) ? 30.0 : std::clamp(225 + noise(rng), 0.0, 255.0);
      });
      scan.pxPerMm = 5;
      FindSettings find;
      find.level = Degrees{0};
      const auto sheet = readSheet(scan, find);
      QVERIFY(bool(sheet));
      QVERIFY(sheet.value().noise >= 0.004 && sheet.value().noise <= 0.06);
      if (grain == 0) QVERIFY(sheet.value().noise < 0.01);
      QVERIFY(sheet.value().noise >= before);  // the coarser, the more
      before = sheet.value().noise;
    }
  }
};

HAVLO_TEST(TstStraighten)
#include "tst_straighten.moc"
