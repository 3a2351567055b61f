// The one viewpoint against a pinhole camera computed with matrices (Eigen), the cross-ratio of equally
// spaced points (4/3) and the distance-point construction of cross lines (Alberti, De pictura, 1435; from
// memory).
#include <Eigen/Dense>
#include <QTest>
#include <cmath>
#include <limits>

#include "core/viewpoint/scale.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

View view(double horizon, double eye, double near) {
  View v;
  v.horizon_mm = horizon;
  v.eyeHeight_m = eye;
  v.nearDistance_m = near;
  return v;
}

/// A camera at eye height looking level along +z, y up, picture plane vertical, focal length such that ground
/// at the near distance falls on y = 0 of the panel.
Eigen::Vector2d project(const View& v, double vanishX_mm, Eigen::Vector3d world_m) {
  const double focal_mm = v.horizon_mm * v.nearDistance_m / v.eyeHeight_m;
  Eigen::Matrix3d camera;
  camera << focal_mm, 0, vanishX_mm, 0, focal_mm, v.horizon_mm, 0, 0, 1;
  const Eigen::Vector3d h = camera * (world_m - Eigen::Vector3d(0, v.eyeHeight_m, 0));
  return h.hnormalized();
}

}  // namespace

class TstScale : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void agreesWithAPinholeCamera() {
    for (double eye : {0.3, 1.5, 12.0})
      for (double horizon : {30.0, 96.0})
        for (double d : {2.0, 3.7, 15.0, 400.0}) {
          const View v = view(horizon, eye, 2.0);
          const double foot = project(v, 70, {1.3, 0, d}).y();
          QVERIFY(std::abs(groundHeight(v, Metres{d}).value - foot) < 1e-9);
          QVERIFY(std::abs(groundDistance(v, Millimetres{foot}).value - d) < 1e-6 * d);
          for (double tall : {0.2, 1.7, 11.0}) {
            const double top = project(v, 70, {1.3, tall, d}).y();
            QVERIFY(std::abs(printedHeight(v, Metres{tall}, Millimetres{foot}).value - (top - foot)) < 1e-9);
          }
        }
  }

  void theHorizonCutsEverythingAtEyeHeight() {
    const View v = view(96, 1.5, 2);
    for (double foot : {-20.0, 0.0, 50.0, 95.0})
      QVERIFY(std::abs(foot + printedHeight(v, Metres{1.5}, Millimetres{foot}).value - 96) < 1e-9);
  }

  void slidingKeepsToTheLineOfSight() {
    const View v = [] {
      View w = view(96, 1.5, 2);
      w.vanishX_mm = 70;
      return w;
    }();
    const Eigen::Vector2d from = project(v, 70, {1.1, 0, 3}), to = project(v, 70, {1.1, 0, 9});
    const Point slid = slidAlongSight(v, 127, {from.x(), from.y()}, Metres{9});
    QVERIFY(std::abs(slid.x - to.x()) < 1e-9 && std::abs(slid.y - to.y()) < 1e-9);
  }

  void fourEquallySpacedPointsKeepTheirCrossRatio() {
    const View v = view(80, 1.2, 1.5);
    for (double spacing : {0.5, 2.0, 11.0}) {
      double y[4];
      for (int k = 0; k < 4; ++k) y[k] = groundHeight(v, Metres{4 + k * spacing}).value;
      QVERIFY(std::abs(testing::crossRatio(y[0], y[1], y[2], y[3]) - 4.0 / 3) < 1e-9);
    }
  }

  // The floor of square tiles: the diagonal to the distance point crosses the receding lines where the cross
  // lines are.
  void theDistancePointGivesTheSameCrossLines() {
    const View v = view(90, 1.6, 2);
    const double vx = 60, focal_mm = 90 * 2 / 1.6;
    const Eigen::Vector2d distancePoint(vx + focal_mm, 90);  // vanishing point of lines at 45 degrees
    const double tile = 0.4;
    const Eigen::Vector2d start =
        project(v, vx, {-1.0, 0, 2});  // corner at the near edge; the diagonal starts here
    for (int k = 1; k < 6; ++k) {
      // Receding line k tiles to the right, through its near end and the vanishing point.
      const Eigen::Vector2d near = project(v, vx, {-1.0 + k * tile, 0, 2}), vanish(vx, 90);
      const auto diagonal = Eigen::Hyperplane<double, 2>::Through(start, distancePoint);
      const auto receding = Eigen::Hyperplane<double, 2>::Through(near, vanish);
      const double crossLine = diagonal.intersection(receding).y();
      QVERIFY(std::abs(groundHeight(v, Metres{2 + k * tile}).value - crossLine) < 1e-9);
    }
  }

  // The example of the engine notes: a 38 mm hare 0.85 m tall, eyes at 1.5 m, wants 67 mm below the horizon;
  // at 0.6 m, 27.
  void theExampleOfTheHare() {
    const RealHeight hare{0.85, 0.85, 0.85, {}};
    QVERIFY(std::abs(standingBand(view(96, 1.5, 2), hare, Millimetres{38}).low_mm - (96 - 67.06)) < 0.01);
    QVERIFY(std::abs(standingBand(view(96, 0.6, 2), hare, Millimetres{38}).high_mm - (96 - 26.82)) < 0.01);
  }

  void verdicts_data() {
    QTest::addColumn<double>("foot");
    QTest::addColumn<int>("verdict");
    // A 40 mm post of 0.8 to 1.2 m: band from 96 - 75 = 21 to 96 - 50 = 46.
    QTest::newRow("below the band") << 20.99 << static_cast<int>(ScaleVerdict::TooShort);
    QTest::newRow("lower limit included") << 21.0 << static_cast<int>(ScaleVerdict::Fits);
    QTest::newRow("inside") << 36.0 << static_cast<int>(ScaleVerdict::Fits);
    QTest::newRow("upper limit included") << 46.0 << static_cast<int>(ScaleVerdict::Fits);
    QTest::newRow("above the band") << 46.01 << static_cast<int>(ScaleVerdict::TooTall);
    QTest::newRow("on the horizon") << 96.0 << static_cast<int>(ScaleVerdict::NotOnGround);
    QTest::newRow("in the sky") << 120.0 << static_cast<int>(ScaleVerdict::NotOnGround);
    QTest::newRow("below the panel") << -30.0 << static_cast<int>(ScaleVerdict::TooShort);
  }
  void verdicts() {
    QFETCH(double, foot);
    QFETCH(int, verdict);
    Plan p = testing::emptyPlan();
    Stamp post = testing::slab("post", 5, 40);
    post.realHeight = RealHeight{1, 0.8, 1.2, {}};
    testing::addStamp(p, post);
    testing::put(p, "p", "post", {60, foot}, 1).depth = OnGround{};
    const auto s = readScale(p, 0);
    QVERIFY(s.has_value());
    QCOMPARE(static_cast<int>(s->verdict), verdict);
    QVERIFY(std::abs(s->band.low_mm - 21) < 1e-9 && std::abs(s->band.high_mm - 46) < 1e-9);
    QCOMPARE(s->distance_m.has_value(), s->verdict != ScaleVerdict::NotOnGround);
    if (s->ratio) QVERIFY(std::abs(*s->ratio - *s->implied_m / 1.0) < 1e-9);
  }

  void onlyGroundedThingsWithARealHeightAreRead() {
    Plan p = testing::emptyPlan();
    testing::addStamp(p, testing::slab("plain", 5, 40));
    testing::put(p, "a", "plain", {60, 30}, 1).depth = OnGround{};
    QVERIFY(!readScale(p, 0));
    QVERIFY(!std::isfinite(groundDistance(*p.view, Millimetres{96}).value));
  }
};

HAVLO_TEST(TstScale)
#include "tst_scale.moc"
