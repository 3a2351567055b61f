// What lies on the ground, against a pinhole camera written with matrices (Eigen), GEOS's distances and the
// closed forms of straight, slanted and bent marks.
#include <geos_c.h>

#include <Eigen/Dense>
#include <QTest>
#include <cmath>
#include <memory>

#include "core/viewpoint/ground.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

const PanelSize kGroundPanel{127, 178, {}};
constexpr double kHorizon = 96, kEye = 1.5, kNear = 2, kVanish = 70;
constexpr double kFocal = kHorizon * kNear / kEye;  // the foot of the panel lies at the near distance

View groundView() {
  View v;
  v.horizon_mm = kHorizon, v.eyeHeight_m = kEye, v.nearDistance_m = kNear, v.vanishX_mm = kVanish;
  return v;
}

/// Where a point of the scene is seen. Nothing of Havlo in it.
Point seen(double x, double up, double away) {
  Eigen::Matrix3d inside;
  inside << kFocal, 0, kVanish, 0, kFocal, kHorizon, 0, 0, 1;
  const Eigen::Vector2d p = (inside * Eigen::Vector3d(x, up - kEye, away)).hnormalized();
  return {p.x(), p.y()};
}

/// The point of the ground that is seen here.
Eigen::Vector2d ground(Point p) {
  const double away = kEye * kFocal / (kHorizon - p.y);
  return {(p.x - kVanish) * away / kFocal, away};
}

GroundMark mark(GroundKind kind, std::vector<Point> along, double width_m,
                std::optional<double> spacing_m = {}) {
  GroundMark m;
  m.id = "m", m.kind = kind, m.along = std::move(along), m.width_m = width_m, m.spacing_m = spacing_m;
  return m;
}

bool same(Point a, Point b, double within = 1e-6) { return std::hypot(a.x - b.x, a.y - b.y) < within; }

int timesDrawn(const std::vector<SeenLine>& lines, Point a, Point b) {
  int count = 0;
  for (const SeenLine& l : lines) count += (same(l.a, a) && same(l.b, b)) || (same(l.a, b) && same(l.b, a));
  return count;
}

/// Area on the ground of a shape on the panel.
double groundArea(const Rings& shape) {
  double sum = 0;
  for (const Ring& r : shape)
    for (size_t i = 0; i < r.size(); ++i) {
      const Eigen::Vector2d p = ground(r[i]), q = ground(r[(i + 1) % r.size()]);
      sum += (p.x() * q.y() - q.x() * p.y()) / 2;
    }
  return std::fabs(sum);
}

}  // namespace

class TstGround : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // A canal straight away from 3 m to 13 m, 4 m wide, a line every 2 m: at 5, 7, 9 and 11 m, each from bank
  // to bank and nowhere else; none at its ends.
  void waterLinesOfACanalReachFromBankToBank() {
    const auto drawn =
        drawnOf(mark(GroundKind::Canal, {seen(1, 0, 3), seen(1, 0, 13)}, 4, 2.0), groundView(), kGroundPanel);
    QCOMPARE(drawn.ink.size(), size_t{2 + 4});
    for (const double side : {-1.0, 3.0})
      QCOMPARE(timesDrawn(drawn.ink, seen(side, 0, 3), seen(side, 0, 13)), 1);
    for (const double d : {5.0, 7.0, 9.0, 11.0})
      QCOMPARE(timesDrawn(drawn.ink, seen(-1, 0, d), seen(3, 0, d)), 1);
  }

  // Slanted by an angle the banks stand width / cos apart along a level line.
  void aSlantedCanalIsWiderAcross() {
    // From (-2, 4) to (4, 12): it runs 6 sideways on 8, so cos of the slant is 0.8.
    const auto drawn = drawnOf(mark(GroundKind::Canal, {seen(-2, 0, 4), seen(4, 0, 12)}, 2, 2.0),
                               groundView(), kGroundPanel);
    for (const double d : {6.0, 8.0, 10.0}) {
      const double middle = -2 + (d - 4) * 6 / 8;
      QCOMPARE(timesDrawn(drawn.ink, seen(middle - 1 / 0.8, 0, d), seen(middle + 1 / 0.8, 0, d)), 1);
    }
    QCOMPARE(drawn.construction.size(), size_t{3});  // two banks and the middle line run on to the horizon
    const double runs = kVanish + kFocal * 6.0 / 8.0;
    for (const SeenLine& l : drawn.construction) QVERIFY(same(l.b, {runs, kHorizon}, 1e-6));
  }

  // Open water has no banks: lines as long as it is wide about a middle that moves evenly with the distance,
  // first and last distance among them; the same whichever end is drawn first.
  void linesOfOpenWaterFollowItsMiddle() {
    for (const bool turned : {false, true}) {
      std::vector<Point> along{seen(-1, 0, 4), seen(3, 0, 8)};
      if (turned) std::swap(along[0], along[1]);
      const auto drawn = drawnOf(mark(GroundKind::Water, along, 5, 1.0), groundView(), kGroundPanel);
      QCOMPARE(drawn.ink.size(), size_t{5});
      for (int k = 0; k <= 4; ++k)
        QCOMPARE(timesDrawn(drawn.ink, seen(-1.0 + k - 2.5, 0, 4.0 + k), seen(-1.0 + k + 2.5, 0, 4.0 + k)),
                 1);
      QVERIFY(drawn.construction.empty());
    }
  }

  // Lines that would run together are left out: 1 m apart at distance d they are eye * focal / d^2 apart on
  // the panel, so the 0.7 mm that a pen can keep apart end at about 16 m.
  void linesThatRunTogetherAreLeftOut() {
    const auto drawn = drawnOf(mark(GroundKind::Water, {seen(0, 0, 3), seen(0, 0, 300)}, 5, 1.0),
                               groundView(), kGroundPanel);
    double farthest = 0;
    for (const SeenLine& l : drawn.ink) farthest = std::max(farthest, ground(l.a).y());
    // Gap between d - 1 and d is f e / (d (d - 1)).
    const double d = 0.5 + std::sqrt(0.25 + kFocal * kEye / 0.7);
    QVERIFY2(std::fabs(farthest - std::floor(d)) < 1e-3, qPrintable(QString::number(farthest)));
    QCOMPARE(drawn.ink.size(), static_cast<size_t>(std::floor(d)) - 2);
  }

  // Sleepers lie square to the rails and stand out on both sides. A sleeper's length over the gauge (2.5 m
  // on 1.435 m) and 0.65 m between them are usual railway measures, from memory.
  void sleepersLieSquareAndEvenly() {
    const double gauge = 1.435, s = 3 / 5.0, c = 4 / 5.0;  // along (3, 4)
    const double length = 7.0;
    const auto drawn =
        drawnOf(mark(GroundKind::Rails, {seen(-1, 0, 3), seen(-1 + s * length, 0, 3 + c * length)}, gauge),
                groundView(), kGroundPanel);
    const int count = static_cast<int>(length / 0.65) + 1;
    QCOMPARE(drawn.ink.size(), ix(count) + 2);
    std::vector<double> along;
    for (const SeenLine& l : drawn.ink) {
      const Eigen::Vector2d a = ground(l.a), b = ground(l.b), d = b - a;
      if (std::fabs(d.norm() - length) < 1e-6) {  // a rail, half the gauge beside the middle
        QVERIFY(std::fabs(std::fabs((a.x() + 1) * c - (a.y() - 3) * s) - gauge / 2) < 1e-6);
        continue;
      }
      QVERIFY(std::fabs(d.x() * s + d.y() * c) < 1e-6);  // square to the rails
      QVERIFY2(d.norm() > 1.6 * gauge && d.norm() < 1.8 * gauge, qPrintable(QString::number(d.norm())));
      const Eigen::Vector2d m = (a + b) / 2;
      QVERIFY(std::fabs((m.x() + 1) * c - (m.y() - 3) * s) < 1e-6);  // about the middle line
      along.push_back((m.x() + 1) * s + (m.y() - 3) * c);
    }
    QCOMPARE(along.size(), ix(count));
    std::sort(along.begin(), along.end());
    for (int k = 0; k < count; ++k) QVERIFY(std::fabs(along[ix(k)] - k * 0.65) < 1e-6);
  }

  // Round a bend sleepers keep their distance along the outer edges, and none is drawn twice.
  void sleepersGoRoundABend() {
    const auto drawn =
        drawnOf(mark(GroundKind::Rails, {seen(-2, 0, 3), seen(0, 0, 6), seen(3, 0, 8)}, 1.0, 0.8),
                groundView(), kGroundPanel);
    std::vector<Eigen::Vector2d> left;
    for (const SeenLine& l : drawn.ink) {
      const double length = (ground(l.b) - ground(l.a)).norm();
      if (length > 1.5) left.push_back(ground(l.a));
    }
    QVERIFY(left.size() >= 7);
    for (size_t k = 1; k < left.size(); ++k) {
      const double gap = (left[k] - left[k - 1]).norm();
      QVERIFY2(gap > 0.75 && gap < 0.8001, qPrintable(QString::number(gap)));  // a chord is a little shorter
    }
  }

  // A bend passes through the maker's points, and there it runs as from the point before to the point after
  // (Catmull and Rom 1974, from memory); its edges stay half the width beside it (GEOS).
  void aBendPassesThroughItsPointsAndKeepsItsWidth() {
    const std::vector<Point> along{seen(-2, 0, 3), seen(-1, 0, 5), seen(1.5, 0, 7), seen(2, 0, 11)};
    const auto wall = drawnOf(mark(GroundKind::Shadow, along, 1), groundView(), kGroundPanel);
    QCOMPARE(wall.ink.size(), size_t{30});
    for (const Point p : along) {
      double nearest = 1e9;
      for (const SeenLine& l : wall.ink)
        nearest =
            std::min({nearest, std::hypot(l.a.x - p.x, l.a.y - p.y), std::hypot(l.b.x - p.x, l.b.y - p.y)});
      QVERIFY(nearest < 1e-6);
    }
    // The curve is one of third degree between two points: its value in the middle is (9 (b + c) - a - d)
    // / 16.
    const auto middle = [](double a, double b, double c, double d) { return (9 * (b + c) - a - d) / 16; };
    const Point half{middle(along[0].x, along[1].x, along[2].x, along[3].x),
                     middle(along[0].y, along[1].y, along[2].y, along[3].y)};
    QVERIFY(same(wall.ink[15].a, half));

    const std::shared_ptr<void> geos(GEOS_init_r(),
                                     [](void* g) { GEOS_finish_r(static_cast<GEOSContextHandle_t>(g)); });
    const auto g = static_cast<GEOSContextHandle_t>(geos.get());
    GEOSCoordSequence* points = GEOSCoordSeq_create_r(g, static_cast<unsigned>(wall.ink.size() + 1), 2);
    for (unsigned k = 0; k <= wall.ink.size(); ++k) {
      const Eigen::Vector2d p = ground(k < wall.ink.size() ? wall.ink[k].a : wall.ink.back().b);
      GEOSCoordSeq_setXY_r(g, points, k, p.x(), p.y());
    }
    GEOSGeometry* spine = GEOSGeom_createLineString_r(g, points);
    const auto path = drawnOf(mark(GroundKind::Path, along, 1), groundView(), kGroundPanel);
    QCOMPARE(path.ink.size(), size_t{60});
    for (const SeenLine& l : path.ink) {
      const Eigen::Vector2d p = (ground(l.a) + ground(l.b)) / 2;
      GEOSGeometry* at = GEOSGeom_createPointFromXY_r(g, p.x(), p.y());
      double far = 0;
      GEOSDistance_r(g, spine, at, &far);
      GEOSGeom_destroy_r(g, at);
      QVERIFY2(std::fabs(far - 0.5) < 0.01, qPrintable(QString::number(far)));
    }
    GEOSGeom_destroy_r(g, spine);
  }

  void aWallStandsAsHighAsItIs() {
    GroundMark m = mark(GroundKind::Wall, {seen(-2, 0, 4), seen(2, 0, 9)}, 0.3);
    m.height_m = 1.2;
    const auto drawn = drawnOf(m, groundView(), kGroundPanel);
    QCOMPARE(drawn.ink.size(), size_t{4});
    QCOMPARE(timesDrawn(drawn.ink, seen(-2, 0, 4), seen(2, 0, 9)), 1);
    QCOMPARE(timesDrawn(drawn.ink, seen(-2, 1.2, 4), seen(2, 1.2, 9)), 1);
    QCOMPARE(timesDrawn(drawn.ink, seen(-2, 0, 4), seen(-2, 1.2, 4)), 1);
    QCOMPARE(timesDrawn(drawn.ink, seen(2, 0, 9), seen(2, 1.2, 9)), 1);
    QCOMPARE(drawn.faces.size(), size_t{1});  // it hides what is behind
    QCOMPARE(drawn.faces[0].shape.size(), size_t{1});
    QCOMPARE(drawn.faces[0].shape[0].size(), size_t{4});
  }

  void areasOnTheGroundAreWidthTimesLength() {
    const View v = groundView();
    // 5 m long along (3, 4), 2 m wide.
    const std::vector<Point> along{seen(-1, 0, 4), seen(2, 0, 8)};
    for (const GroundKind kind : {GroundKind::Path, GroundKind::Canal, GroundKind::Rails})
      QVERIFY(std::fabs(groundArea(areaOf(mark(kind, along, 2), v, kGroundPanel)) - 10) < 1e-6);
    // Water is level at both ends: 4 m deep, 2 m wide.
    QVERIFY(std::fabs(groundArea(areaOf(mark(GroundKind::Water, along, 2), v, kGroundPanel)) - 8) < 1e-6);
    // A ring of 48 sides with 1.5 m radius.
    const double ring = 48 / 2.0 * 1.5 * 1.5 * std::sin(2 * M_PI / 48);
    QVERIFY(std::fabs(groundArea(areaOf(mark(GroundKind::Ripples, {seen(0, 0, 6)}, 3), v, kGroundPanel)) -
                      ring) < 1e-6);
    for (const GroundKind kind : {GroundKind::Wall, GroundKind::Shadow})
      QVERIFY(areaOf(mark(kind, along, 2), v, kGroundPanel).empty());
  }

  // Rings half a metre apart out to 2 m from the middle.
  void ripplesStandEvenlyApart() {
    const auto drawn =
        drawnOf(mark(GroundKind::Ripples, {seen(0.5, 0, 6)}, 4, 0.5), groundView(), kGroundPanel);
    QCOMPARE(drawn.ink.size(), size_t{4 * 48});
    for (size_t k = 0; k < drawn.ink.size(); ++k) {
      const Eigen::Vector2d p = ground(drawn.ink[k].a) - Eigen::Vector2d(0.5, 6);
      QVERIFY(std::fabs(p.norm() - 0.5 * static_cast<double>(k / 48 + 1)) < 1e-6);
    }
    // Usual distance, common practice, no source: a hand's breadth and a half for rings on a pond.
    QCOMPARE(
        drawnOf(mark(GroundKind::Ripples, {seen(0.5, 0, 6)}, 1.0), groundView(), kGroundPanel).ink.size(),
        size_t{2 * 48});
  }

  void onlyWhatRunsAwayRunsToTheHorizon() {
    const View v = groundView();
    const auto x = [&](std::vector<Point> along, GroundKind kind = GroundKind::Path) {
      return runsTo(mark(kind, std::move(along), 1), v, kGroundPanel);
    };
    // Through (10, 0) and (40, 48): half way up to 96, so as far again.
    QVERIFY(std::fabs(*x({{10, 0}, {40, 48}}) - 70) < 1e-9);
    QVERIFY(x({{10, 0}, {40, 48}}, GroundKind::Rails) && x({{10, 0}, {40, 48}}, GroundKind::Canal) &&
            x({{10, 0}, {40, 48}}, GroundKind::Wall));
    QVERIFY(!x({{10, 0}, {40, 48}}, GroundKind::Water) && !x({{10, 0}, {40, 48}}, GroundKind::Shadow));
    QVERIFY(!x({{10, 30}, {90, 30}}));           // level: it meets the horizon nowhere
    QVERIFY(!x({{40, 48}, {10, 0}}));            // drawn towards the viewer
    QVERIFY(!x({{10, 0}, {40, 48}, {40, 60}}));  // bent
    // Level as far as a hand can tell: a million millimetres beside the card is nowhere.
    QVERIFY(!x({{10, 30}, {90, 30.001}}));
  }
};

HAVLO_TEST(TstGround)
#include "tst_ground.moc"
