// The scene on the panel: against a pinhole camera written with matrices (Eigen) for 1000 random points, the
// cross-ratio, and tiles by Alberti's distance point (De pictura, 1435; construction from memory).
#include <Eigen/Dense>
#include <QTest>
#include <cmath>
#include <random>

#include "core/guides/hidden.h"
#include "core/viewpoint/ground.h"
#include "core/viewpoint/room.h"
#include "core/viewpoint/scale.h"
#include "support/plans.h"
#include "tests/support/least_squares.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

View someView(double horizon = 96, double eye = 1.5, double near = 2, double vanish = 70) {
  View v;
  v.horizon_mm = horizon, v.eyeHeight_m = eye, v.nearDistance_m = near, v.vanishX_mm = vanish;
  return v;
}

const PanelSize kPanel{127, 178, {}};

/// Intrinsic times extrinsic matrix; nothing of Havlo in it.
Eigen::Vector2d camera(const View& v, Eigen::Vector3d world_m) {
  const double f = v.horizon_mm * v.nearDistance_m / v.eyeHeight_m;
  Eigen::Matrix<double, 3, 4> outside;
  outside << 1, 0, 0, 0, 0, 1, 0, -v.eyeHeight_m, 0, 0, 1, 0;
  Eigen::Matrix3d inside;
  inside << f, 0, *v.vanishX_mm, 0, f, v.horizon_mm, 0, 0, 1;
  return (inside * outside * world_m.homogeneous()).hnormalized();
}

/// Where two lines through points of the panel cross.
Point crossing(Point a, Point b, Point c, Point d) {
  const double det = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
  const double t = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / det;
  return {a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
}

bool hasLine(const std::vector<SeenLine>& lines, Point a, Point b, double within = 1e-6) {
  const auto near = [&](Point p, Point q) { return std::hypot(p.x - q.x, p.y - q.y) < within; };
  for (const SeenLine& l : lines)
    if ((near(l.a, a) && near(l.b, b)) || (near(l.a, b) && near(l.b, a))) return true;
  return false;
}

Room someRoom() {
  Room r;
  r.left_mm = 30, r.bottom_mm = 70, r.width_mm = 70, r.height_mm = 60;
  r.unit_m = 0.25;
  return r;
}

}  // namespace

class TstProjection : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aThousandPointsAgreeWithAPinholeCamera() {
    std::mt19937 dice(20);
    std::uniform_real_distribution<double> u(0, 1);
    for (int k = 0; k < 1000; ++k) {
      const View v =
          someView(20 + 120 * u(dice), std::pow(10, -1 + 2 * u(dice)), 0.3 + 9 * u(dice), 200 * u(dice) - 40);
      const Projection p(v, 127);
      const ScenePoint s{20 * u(dice) - 10, 8 * u(dice), v.nearDistance_m * (0.1 + 100 * u(dice))};
      const Point mine = p.toPanel(s);
      const Eigen::Vector2d its = camera(v, {s.x, s.up, s.away});
      const double size = 1 + std::hypot(its.x(), its.y());
      QVERIFY(std::hypot(mine.x - its.x(), mine.y - its.y()) < 1e-9 * size);
      const ScenePoint back = p.atDistance(mine, s.away);
      QVERIFY(std::fabs(back.x - s.x) < 1e-8 && std::fabs(back.up - s.up) < 1e-8);
      const ScenePoint ground = p.onGround(p.toPanel({s.x, 0, s.away}));
      QVERIFY(std::fabs(ground.away / s.away - 1) < 1e-9 &&
              std::fabs(ground.x - s.x) < 1e-6 * (1 + std::fabs(s.x)));
    }
  }

  void equalStepsKeepTheCrossRatio() {
    const Projection p(someView(), 127);
    for (double from : {2.0, 5.0, 40.0})
      for (double step : {0.3, 1.0, 7.0}) {
        double y[4];
        for (int k = 0; k < 4; ++k) y[k] = p.toPanel({0.7, 0, from + k * step}).y;
        QVERIFY(std::fabs(testing::crossRatio(y[0], y[1], y[2], y[3]) - 4.0 / 3) < 1e-6);
      }
  }

  void pointsAtTheHorizonStayFinite() {
    const Projection p(someView(), 127);
    for (const Point at : {Point{10, 96}, Point{10, 150}, Point{-1e5, 96}, Point{10, 95.9999999999}}) {
      const ScenePoint g = p.onGround(at);
      QVERIFY(std::isfinite(g.x) && g.away <= p.farthest_m() * (1 + 1e-9) && g.away > 0);
    }
    QCOMPARE(p.inverseOfGround(96), 0.0);
    QCOMPARE(p.inverseOfGround(170), 0.0);
  }

  // Floor tiles square in reality: their cross lines are those that a 45 degree line to the distance point
  // cuts off the lines to the vanishing point.
  void tilesAgreeWithTheDistancePoint() {
    const View v = someView(96, 1.5, 2, 62);
    const Room room = someRoom();
    const Projection p(v, kPanel.width_mm);
    const RoomSize size = sizeOf(room, v, kPanel);
    const DrawnThing drawn = drawnOf(room, v, kPanel);
    const Point vanish{*v.vanishX_mm, v.horizon_mm}, distance{*v.vanishX_mm + p.focal_mm(), v.horizon_mm};
    // Even marks along the back wall's foot, each joined to the vanishing point; from the left corner a line
    // to the distance point, drawn forward.
    const Point corner{room.left_mm, room.bottom_mm};
    const double mark = room.unit_m * p.focal_mm() / size.back_m;
    const double right = room.left_mm + room.width_mm;
    int checked = 0;
    for (int k = 1; k * mark < room.width_mm; ++k) {
      const Point base{corner.x + k * mark, corner.y};
      // The line through the base mark and the vanishing point meets the diagonal of the floor (through the
      // corner, to the left-hand distance point) on the k-th cross line.
      const Point left{2 * vanish.x - distance.x, distance.y};
      const Point meet = crossing(base, vanish, corner, left);
      if (meet.y < 0) break;
      const Point onLeft = crossing(corner, vanish, meet, {meet.x + 1, meet.y});
      const Point onRight = crossing({right, corner.y}, vanish, meet, {meet.x + 1, meet.y});
      QVERIFY2(hasLine(drawn.ink, onLeft, onRight, 1e-6), qPrintable(QStringLiteral("cross line %1").arg(k)));
      ++checked;
    }
    QVERIFY(checked >= 3);
    QVERIFY(std::fabs(size.width_m() / room.width_mm * room.height_mm - size.ceiling_m) < 1e-9);
  }

  void aRoomsMeasuresFollowFromItsBackWall() {
    const View v = someView(100, 1.6, 2, 64);
    Room room = someRoom();
    RoomBox bench;
    bench.id = "bench";
    bench.left_m = 0.4, bench.back_m = 0, bench.width_m = 1.2, bench.depth_m = 0.5, bench.height_m = 0.8;
    room.boxes = {bench};
    RoomOpening door;
    door.id = "door", door.wall = RoomWall::Left, door.along_m = 0.3, door.width_m = 0.8, door.height_m = 2;
    room.openings = {door};
    const RoomSize s = sizeOf(room, v, kPanel);
    const DrawnThing drawn = drawnOf(room, v, kPanel);
    const auto seen = [&](double x, double up, double away) {
      const Eigen::Vector2d q = camera(v, {x, up, away});
      return Point{q.x(), q.y()};
    };
    // The eye looks over the floor from 1.6 m: the back wall's foot is 30 mm under the horizon.
    QVERIFY(std::fabs(s.back_m - 2 * 100 / 30.0) < 1e-9);
    const double l = s.left_m + 0.4, near = s.back_m - 0.5;
    QVERIFY(hasLine(drawn.ink, seen(l, 0.8, near), seen(l + 1.2, 0.8, near)));
    QVERIFY(hasLine(drawn.ink, seen(l, 0, near), seen(l, 0.8, near)));
    QVERIFY(hasLine(drawn.ink, seen(s.left_m, 2, s.back_m - 0.3), seen(s.left_m, 2, s.back_m - 1.1)));
    QCOMPARE(drawn.faces.size(), 6u);  // all six sides are turned somewhere
  }

  void absurdRoomsStayFinite_data() {
    QTest::addColumn<double>("bottom");
    QTest::addColumn<double>("unit");
    QTest::newRow("wall a hair under the horizon") << 95.999 << 0.3;
    QTest::newRow("wall far below the panel") << -5000.0 << 0.3;
    QTest::newRow("tiles a micron wide") << 60.0 << 1e-6;
    QTest::newRow("tiles wider than the room") << 60.0 << 1e6;
  }
  void absurdRoomsStayFinite() {
    QFETCH(double, bottom);
    QFETCH(double, unit);
    Room room = someRoom();
    room.bottom_mm = bottom, room.unit_m = unit;
    RoomBox box;
    box.id = "b", box.back_m = 1e5, box.width_m = 1e6;
    room.boxes = {box};
    const DrawnThing drawn = drawnOf(room, someView(), kPanel);
    QVERIFY(drawn.ink.size() < 1000);
    for (const auto* lines : {&drawn.ink, &drawn.construction})
      for (const SeenLine& l : *lines)
        QVERIFY(std::isfinite(l.a.x + l.a.y + l.b.x + l.b.y + l.inverseA + l.inverseB));
  }

  void aPathKeepsItsWidthInTheScene() {
    const View v = someView();
    GroundMark path;
    path.id = "p", path.along = {{60, 0}, {70, 96}}, path.width_m = 1.4;
    const Projection p(v, kPanel.width_mm);
    const DrawnThing drawn = drawnOf(path, v, kPanel);
    QCOMPARE(drawn.ink.size(), 2u);
    for (double y : {5.0, 40.0, 80.0}) {
      // Its edges at this height, back on the ground: 1.4 m apart, measured square to its run.
      double x[2];
      for (int k = 0; k < 2; ++k) {
        const SeenLine& e = drawn.ink[ix(k)];
        x[k] = e.a.x + (y - e.a.y) / (e.b.y - e.a.y) * (e.b.x - e.a.x);
      }
      const double level = std::fabs(p.onGround({x[1], y}).x - p.onGround({x[0], y}).x);
      // It runs to x = 70 on the horizon, straight away: square to its run is level.
      QVERIFY2(std::fabs(level - 1.4) < 1e-3, qPrintable(QString::number(level)));
    }
    QVERIFY(std::fabs(*runsTo(path, v, kPanel) - 70) < 1e-9);
  }

  void sleepersAndWaterLinesCrowdTowardTheHorizon() {
    const View v = someView();
    const Projection p(v, kPanel.width_mm);
    for (const GroundKind kind : {GroundKind::Water, GroundKind::Canal}) {
      GroundMark m;
      m.id = "m", m.kind = kind, m.along = {{60, 5}, {66, 90}}, m.width_m = 6, m.spacing_m = 1.0;
      std::vector<double> ys;
      for (const SeenLine& l : drawnOf(m, v, kPanel).ink)
        if (std::fabs(l.a.y - l.b.y) < 1e-9) ys.push_back(l.a.y);
      QVERIFY(ys.size() > 4);
      for (size_t k = 1; k < ys.size(); ++k) {
        const double gap = p.onGround({0, ys[k]}).away - p.onGround({0, ys[k - 1]}).away;
        QVERIFY2(std::fabs(gap - 1) < 1e-6, qPrintable(QString::number(gap)));
        if (k > 1) QVERIFY(ys[k] - ys[k - 1] < ys[k - 1] - ys[k - 2]);
      }
    }
    GroundMark rails;
    rails.id = "r", rails.kind = GroundKind::Rails, rails.along = {{40, 0}, {70, 95}}, rails.width_m = 1.435;
    const DrawnThing drawn = drawnOf(rails, v, kPanel);
    QVERIFY(drawn.ink.size() > 12);
    for (const SeenLine& l : drawn.ink) QVERIFY(std::isfinite(l.a.x + l.b.x + l.inverseA + l.inverseB));
  }

  // A circle on the ground is seen as an ellipse: five of its points fix a conic that holds the others.
  void ripplesAreEllipses() {
    GroundMark m;
    m.id = "m", m.kind = GroundKind::Ripples, m.along = {{50, 40}}, m.width_m = 2, m.spacing_m = 1;
    const DrawnThing drawn = drawnOf(m, someView(), kPanel);
    QCOMPARE(drawn.ink.size(), 48u);
    std::vector<testing::Equation> conic;  // its constant is -1: it does not pass through its own middle
    for (const SeenLine& l : drawn.ink) {
      const double x = (l.a.x - 50) / 30, y = (l.a.y - 40) / 30;
      conic.push_back({{x * x, x * y, y * y, x, y}, 1});
    }
    const std::vector<double> c = testing::leastSquares(conic);
    QVERIFY(testing::largestResidual(conic, c) < 1e-9);
    QVERIFY(c[1] * c[1] - 4 * c[0] * c[2] < 0);  // an ellipse, not a hyperbola
  }

  void areasAndBentPathsAreWhole() {
    const View v = someView();
    GroundMark m;
    m.id = "m", m.along = {{20, 2}, {60, 30}, {50, 60}, {90, 80}}, m.width_m = 1;
    const Rings area = areaOf(m, v, kPanel);
    QCOMPARE(area.size(), 1u);
    QVERIFY(area[0].size() > 40);  // bends are rounded
    QVERIFY(!runsTo(m, v, kPanel));
    m.along = {{20, 2}};
    QVERIFY(drawnOf(m, v, kPanel).ink.empty() && areaOf(m, v, kPanel).empty());
  }

  void linesAreClippedLikeParametersSay() {
    std::mt19937 dice(4);
    std::uniform_real_distribution<double> u(-50, 200);
    const Box box{0, 0, 127, 178};
    for (int k = 0; k < 2000; ++k) {
      const SeenLine line{{u(dice), u(dice)}, {u(dice), u(dice)}, 0.1, 0.5};
      const auto in = clipped(line, box);
      // Against walking along it.
      double first = 2, last = -1;
      for (int s = 0; s <= 400; ++s) {
        const double t = s / 400.0;
        if (box.contains({line.a.x + t * (line.b.x - line.a.x), line.a.y + t * (line.b.y - line.a.y)}))
          first = std::min(first, t), last = std::max(last, t);
      }
      if (last < 0) {
        QVERIFY(!in || std::hypot(in->b.x - in->a.x, in->b.y - in->a.y) < 1.0);
      } else {
        QVERIFY(in.has_value());
        QVERIFY(std::fabs((in->inverseA - 0.1) / 0.4 - first) < 0.004);
        QVERIFY(std::fabs((in->inverseB - 0.1) / 0.4 - last) < 0.004);
      }
    }
  }

  // At every corner of a flat polygon, whichever it begins with, the face is as far as the corner.
  void aFaceIsAsFarAsItsCorners() {
    const Projection p(someView(), 127);
    const std::vector<ScenePoint> corners{{-2, 0, 6}, {2, 0.2, 9}, {2.5, 1.9, 11}, {-1.5, 1.7, 8}};
    for (size_t from = 0; from < 4; ++from) {
      std::vector<ScenePoint> turned;
      for (size_t k = 0; k < 3; ++k) turned.push_back(corners[(from + k) % 4]);  // three are always flat
      const auto face = seenFace(p, turned);
      QVERIFY(face.has_value());
      for (const ScenePoint& c : turned)
        QVERIFY(std::fabs(face->inverseAt(p.toPanel(c)) - 1 / c.away) < 1e-9);
    }
  }
};

HAVLO_TEST(TstProjection)
#include "tst_projection.moc"
