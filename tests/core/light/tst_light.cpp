// Shadows against rays in space cut with the ground plane (Eigen), and against the draughtsman's
// construction: a line from the light through the thing's top meets a line from the light's foot on the
// horizon through the thing's own foot.
#include <Eigen/Dense>
#include <QTest>
#include <cmath>
#include <map>
#include <random>

#include "core/chain/chain.h"
#include "core/light/light.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Plan withRod(Point foot, double height_mm) {
  Plan p = emptyPlan();
  p.view->vanishX_mm = 70;
  Stamp rod = slab("rod", 0.5, height_mm);
  addStamp(p, rod);
  Impression& i = put(p, "rod", "rod", foot, 1);
  i.depth = OnGround{};
  return p;
}

constexpr double kPi = 3.14159265358979323846;

void stand(Plan& p, const std::string& stamp, Point at) { put(p, stamp, stamp, at, 1).depth = OnGround{}; }

std::vector<CastShadow> shadows(const Plan& p) {
  const AnalysisRef a = analyse(p);
  return castShadows(p, *a->depth, a->meetings.placed);
}

Point meetingOf(Point a, Point b, Point c, Point d) {
  const double det = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x);
  const double t = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / det;
  return {a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
}

double least(const Rings& rings, double (*of)(Point)) {
  double best = 1e300;
  for (const Ring& r : rings)
    for (Point p : r) best = std::min(best, of(p));
  return best;
}

}  // namespace

class TstLight : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aRodsShadowIsTheRayOnTheGround_data() {
    QTest::addColumn<double>("direction");
    QTest::addColumn<double>("height");
    QTest::newRow("in front, to the left") << 120.0 << 30.0;
    QTest::newRow("straight in front") << 90.0 << 50.0;
    QTest::newRow("beside, from the right") << 0.0 << 25.0;
    QTest::newRow("beside, from the left, low") << 180.0 << 8.0;
    QTest::newRow("behind the viewer") << 270.0 << 35.0;
    QTest::newRow("behind, to the right") << 310.0 << 20.0;
    QTest::newRow("overhead") << 40.0 << 90.0;
  }
  void aRodsShadowIsTheRayOnTheGround() {
    QFETCH(double, direction);
    QFETCH(double, height);
    Plan p = withRod({60, 40}, 25);
    p.light = Light{{}, {}, direction, height, {}};
    const auto light = sceneLight(p);
    QVERIFY(light && !light->nearBy);
    const Projection projection(*p.view, p.card.panel.width_mm);
    const ScenePoint top = projection.atDistance({60, 65}, projection.onGround({60, 40}).away);
    // The ray from the top, away from the light, cut with the plane up = 0.
    const double a = direction * M_PI / 180, h = height * M_PI / 180;
    const Eigen::Vector3d to(std::cos(a) * std::cos(h), std::sin(h), std::sin(a) * std::cos(h));
    const Eigen::ParametrizedLine<double, 3> ray(Eigen::Vector3d(top.x, top.up, top.away), -to);
    const Eigen::Hyperplane<double, 3> ground(Eigen::Vector3d::UnitY(), 0);
    const Eigen::Vector3d hit = ray.intersectionPoint(ground);
    const auto mine = shadowOf(*light, top);
    QCOMPARE(mine.has_value(), hit.z() > 0);
    if (mine) QVERIFY(std::hypot(mine->x - hit.x(), mine->away - hit.z()) < 1e-9 * (1 + hit.norm()));
  }

  // The sun in the picture: no distances at all, only lines on the card.
  void aSunInThePictureFollowsTheConstruction_data() {
    QTest::addColumn<double>("x");
    QTest::addColumn<double>("y");
    QTest::newRow("high, to the left") << 20.0 << 160.0;
    QTest::newRow("low, to the right") << 110.0 << 126.0;
    QTest::newRow("beyond the panel") << 300.0 << 150.0;
    QTest::newRow("behind the viewer: rays run to a point below the horizon") << 30.0 << 20.0;
  }
  void aSunInThePictureFollowsTheConstruction() {
    QFETCH(double, x);
    QFETCH(double, y);
    Plan p = withRod({60, 40}, 25);
    p.light = Light{Point{x, y}, {}, 0, 0, {}};
    const Projection projection(*p.view, p.card.panel.width_mm);
    const ScenePoint top = projection.atDistance({60, 65}, projection.onGround({60, 40}).away);
    const auto s = shadowOf(*sceneLight(p), top);
    QVERIFY(s.has_value());
    const Point mine = projection.toPanel(*s);
    const Point drawn = meetingOf({x, y}, {60, 65}, {x, p.view->horizon_mm}, {60, 40});
    QVERIFY2(std::hypot(mine.x - drawn.x, mine.y - drawn.y) < 1e-6 * (1 + std::hypot(drawn.x, drawn.y)),
             qPrintable(QStringLiteral("%1 %2 for %3 %4").arg(mine.x).arg(mine.y).arg(drawn.x).arg(drawn.y)));
  }

  void aLanternsShadowFollowsTheConstruction() {
    Plan p = withRod({60, 40}, 25);
    p.light = Light{Point{85, 90}, 30.0, 0, 0, {}};
    const auto light = sceneLight(p);
    QVERIFY(light && light->nearBy);
    const Projection projection(*p.view, p.card.panel.width_mm);
    const ScenePoint top = projection.atDistance({60, 65}, projection.onGround({60, 40}).away);
    const Point mine = projection.toPanel(*shadowOf(*light, top));
    const Point drawn = meetingOf({85, 90}, {60, 65}, {85, 30}, {60, 40});
    QVERIFY(std::hypot(mine.x - drawn.x, mine.y - drawn.y) < 1e-6);
    // What stands higher than the lantern throws no shadow on the ground.
    const ScenePoint above{top.x, light->at.up + 0.1, top.away};
    QVERIFY(!shadowOf(*light, above));
  }

  void theWholeShadowTouchesTheFootAndFallsAway() {
    for (const double direction : {30.0, 100.0, 160.0, 200.0, 260.0, 300.0}) {
      Plan p = withRod({60, 40}, 25);
      p.light = Light{{}, {}, direction, 40, {}};
      const auto all = shadows(p);
      QCOMPARE(all.size(), 1u);
      double nearest = 1e9;
      for (const Ring& r : all[0].shape)
        for (Point q : r) nearest = std::min(nearest, std::hypot(q.x - 60, q.y - 40));
      QVERIFY(nearest < 0.5);
      // Light from the right throws to the left, light ahead throws toward the viewer.
      const double turn = all[0].turn_deg * M_PI / 180;
      const double a = direction * M_PI / 180;
      if (std::fabs(std::sin(a)) > 0.5) QVERIFY(std::sin(turn) * std::sin(a) < 0);
    }
  }

  void lowLightRunsOffThePanelAndIsClipped() {
    Plan p = withRod({60, 40}, 25);
    p.light = Light{{}, {}, 10, 3, {}};
    const auto all = shadows(p);
    QCOMPARE(all.size(), 1u);
    QVERIFY(all[0].runsOff);
    const Box panel = p.card.panel.box().grown(1e-9);
    for (const Ring& r : all[0].shape)
      for (Point q : r) QVERIFY(panel.contains(q));
    QVERIFY(least(all[0].shape, [](Point q) { return q.x; }) < 1e-6);
  }

  void aLightOnOrUnderTheHorizonIsRaisedAndSaid_data() {
    QTest::addColumn<double>("y");
    QTest::newRow("exactly on the horizon") << 96.0;
    QTest::newRow("a hair above") << 96.0000001;
  }
  void aLightOnOrUnderTheHorizonIsRaisedAndSaid() {
    QFETCH(double, y);
    Plan p = withRod({60, 40}, 25);
    for (const double x : {60.0, 70.0, 1e5}) {
      p.light = Light{Point{x, y}, {}, 0, 0, {}};
      const auto light = sceneLight(p);
      QVERIFY(light->raised);
      for (const CastShadow& s : shadows(p))
        for (const Ring& r : s.shape)
          for (Point q : r) QVERIFY(std::isfinite(q.x) && std::isfinite(q.y));
    }
    p.light = Light{{}, {}, 90, -40, {}};
    QVERIFY(sceneLight(p)->raised);
    p.light = Light{{}, {}, 1e5, 1e5, {}};
    QVERIFY(std::isfinite(sceneLight(p)->at.up));
  }

  void aLanternAtAFootIsNoTrouble() {
    Plan p = withRod({60, 40}, 25);
    for (const Point at : {Point{60, 40}, Point{60, 41}, Point{60, 65}, Point{60, 30}}) {
      p.light = Light{at, 40.0, 0, 0, {}};
      for (const CastShadow& s : shadows(p)) {
        QVERIFY(std::isfinite(s.turn_deg));
        for (const Ring& r : s.shape)
          for (Point q : r) QVERIFY(std::isfinite(q.x) && std::isfinite(q.y));
      }
    }
  }

  void sidesAreNamedAsOneSeesThem_data() {
    QTest::addColumn<double>("direction");
    QTest::addColumn<int>("from");
    QTest::newRow("right") << 0.0 << int(LitFrom::Right);
    QTest::newRow("ahead right") << 40.0 << int(LitFrom::Right);
    QTest::newRow("ahead") << 90.0 << int(LitFrom::Behind);
    QTest::newRow("left") << 185.0 << int(LitFrom::Left);
    QTest::newRow("behind the viewer") << 270.0 << int(LitFrom::Front);
  }
  void sidesAreNamedAsOneSeesThem() {
    QFETCH(double, direction);
    QFETCH(int, from);
    Plan p = withRod({60, 40}, 25);
    p.light = Light{{}, {}, direction, 30, {}};
    QCOMPARE(int(litFrom(*sceneLight(p), {0, 0, 5})), from);
  }

  void aLanternBetweenTwoThingsLightsThemFromOppositeSides() {
    Plan p = withRod({30, 40}, 25);
    p.light = Light{Point{60, 80}, 40.0, 0, 0, {}};
    const auto light = *sceneLight(p);
    const Projection projection(*p.view, p.card.panel.width_mm);
    QVERIFY(litFrom(light, projection.onGround({30, 40})) == LitFrom::Right);
    QVERIFY(litFrom(light, projection.onGround({95, 40})) == LitFrom::Left);
    QVERIFY(litFrom(light, projection.onGround({60, 60})) == LitFrom::Front);
    QVERIFY(litFrom(light, projection.onGround({60, 10})) == LitFrom::Behind);
  }

  // A sun that stands in the picture's sky lights the side toward its image, near things as far ones; the
  // true sun is so far away that it would light all of them from behind. A lantern, or a light outside, does
  // as it does.
  void aSunInThePictureLightsTheSideTowardIt() {
    Plan p = withRod({30, 40}, 25);
    p.light = Light{Point{80, 150}, {}, 0, 0, {}};
    const SceneLight sun = *sceneLight(p);
    const Projection projection(*p.view, p.card.panel.width_mm);
    const auto across = [&](Point at, double metres) {
      return seenLight(p, sun, at, projection.atDistance(at, metres)).across;
    };
    // By hand: from (30, 50) the sun lies 50 right and 100 up, 111.8 away.
    for (const double metres : {3.0, 300.0}) {
      QVERIFY(std::fabs(across({30, 50}, metres) - 50 / std::hypot(50, 100)) < 1e-9);
      QVERIFY(std::fabs(across({120, 50}, metres) + 40 / std::hypot(40, 100)) < 1e-9);
      QVERIFY(std::fabs(across({80, 50}, metres)) < 1e-9);
    }
    QVERIFY(lightInSky(p).has_value());
    p.light = Light{Point{60, 80}, 40.0, 0, 0, {}};
    QVERIFY(!lightInSky(p));  // a lantern
    p.light = Light{Point{60, 20}, {}, 0, 0, {}};
    QVERIFY(!lightInSky(p));  // behind the viewer
    p.light = Light{{}, {}, 0, 30, {}};
    QVERIFY(!lightInSky(p));
    QVERIFY(seenLight(p, *sceneLight(p), {30, 50}, projection.atDistance({30, 50}, 5)).across > 0.9);
  }

  // An upright board 10 mm wide, 24 mm high: its shadow is the four-cornered figure between its foot and
  // where the rays through its upper corners meet the ground.
  void aBoardsShadowHasFourCorners_data() {
    QTest::addColumn<double>("direction");
    QTest::addColumn<double>("height");
    QTest::newRow("from ahead, to the right") << 70.0 << 55.0;
    QTest::newRow("from ahead, to the left") << 115.0 << 60.0;
    QTest::newRow("from behind the viewer") << 280.0 << 50.0;
  }
  void aBoardsShadowHasFourCorners() {
    QFETCH(double, direction);
    QFETCH(double, height);
    Plan p = emptyPlan();
    p.view->vanishX_mm = 70;
    addStamp(p, slab("board", 10, 24));
    put(p, "board", "board", {60, 40}, 1).depth = OnGround{};
    p.light = Light{{}, {}, direction, height, {}};
    const auto all = shadows(p);
    QCOMPARE(all.size(), 1u);
    const Projection projection(*p.view, p.card.panel.width_mm);
    const double away = projection.onGround({60, 40}).away;
    const double a = direction * M_PI / 180, h = height * M_PI / 180;
    std::vector<Point> corners{{55, 40}, {65, 40}};
    for (const double x : {55.0, 65.0}) {
      const ScenePoint top = projection.atDistance({x, 64}, away);
      const Eigen::ParametrizedLine<double, 3> ray(
          Eigen::Vector3d(top.x, top.up, top.away),
          Eigen::Vector3d(-std::cos(a) * std::cos(h), -std::sin(h), -std::sin(a) * std::cos(h)));
      const Eigen::Vector3d hit =
          ray.intersectionPoint(Eigen::Hyperplane<double, 3>(Eigen::Vector3d::UnitY(), 0));
      corners.push_back(projection.toPanel({hit.x(), 0, hit.z()}));
    }
    double whole = 0;  // of the four corners, by the shoelace formula
    const size_t round[] = {0, 1, 3, 2};
    for (size_t k = 0; k < 4; ++k) {
      const Point u = corners[round[k]], v = corners[round[(k + 1) % 4]];
      whole += (u.x * v.y - v.x * u.y) / 2;
    }
    double area = 0;
    for (const Ring& r : all[0].shape)
      for (size_t k = 0; k < r.size(); ++k) {
        const Point u = r[k], v = r[(k + 1) % r.size()];
        area += (u.x * v.y - v.x * u.y) / 2;
      }
    QVERIFY2(std::fabs(std::fabs(area) - std::fabs(whole)) < 1e-6 * std::fabs(whole),
             qPrintable(QStringLiteral("%1 for %2").arg(area).arg(whole)));
    for (const Point c : corners) {
      double nearest = 1e9;
      for (const Ring& r : all[0].shape)
        for (Point q : r) nearest = std::min(nearest, std::hypot(q.x - c.x, q.y - c.y));
      QVERIFY(nearest < 1e-6);
    }
    QVERIFY(!all[0].runsOff);
    QVERIFY(std::fabs(all[0].foot.x - 60) < 1e-9 && std::fabs(all[0].foot.y - 40) < 1e-9);
    // The way it falls is the way from its foot to the shadow of a point just above it.
    const ScenePoint base = projection.onGround({60, 40});
    const Point tip = projection.toPanel(
        {base.x - 0.01 * std::cos(a) / std::tan(h), 0, base.away - 0.01 * std::sin(a) / std::tan(h)});
    const double turn = std::atan2(tip.y - 40, tip.x - 60) * 180 / M_PI;
    QVERIFY2(std::fabs(std::remainder(all[0].turn_deg - turn, 360)) < 1.5,
             qPrintable(QStringLiteral("%1 for %2").arg(all[0].turn_deg).arg(turn)));
  }

  // 60 degrees to the side of straight ahead is where a light is said to come from there: cosine one half.
  void theSidesMeetAtSixtyDegrees() {
    const auto from = [](double direction) {
      Plan p = withRod({60, 40}, 25);
      p.light = Light{{}, {}, direction, 20, {}};
      return litFrom(*sceneLight(p), {0, 0, 5});
    };
    QVERIFY(from(59) == LitFrom::Right && from(61) == LitFrom::Behind);
    QVERIFY(from(119) == LitFrom::Behind && from(121) == LitFrom::Left);
    QVERIFY(from(239) == LitFrom::Left && from(241) == LitFrom::Front);
    QVERIFY(from(299) == LitFrom::Front && from(301) == LitFrom::Right);
    Plan p = withRod({60, 40}, 25);
    p.light = Light{{}, {}, 0, 90, {}};  // straight above
    QVERIFY(litFrom(*sceneLight(p), {0, 0, 5}) == LitFrom::Front);
  }

  // A light given on the horizon stands a degree above it, in the same direction over the ground; one that is
  // higher stands where it was put.
  void aRaisedLightStandsADegreeHigh() {
    Plan p = withRod({60, 40}, 25);
    for (const double direction : {0.0, 37.0, 200.0}) {
      p.light = Light{{}, {}, direction, -20, {}};
      const auto l = *sceneLight(p);
      QVERIFY(l.raised);
      QVERIFY(std::fabs(std::asin(l.at.up) * 180 / M_PI - 1) < 0.001);
      QVERIFY(std::fabs(std::remainder(std::atan2(l.at.away, l.at.x) * 180 / M_PI - direction, 360)) < 1e-6);
      QVERIFY(std::fabs(l.at.x * l.at.x + l.at.up * l.at.up + l.at.away * l.at.away - 1) < 1e-6);
    }
    p.light = Light{{}, {}, 37, 1.5, {}};
    QVERIFY(!sceneLight(p)->raised);
    QVERIFY(std::fabs(std::asin(sceneLight(p)->at.up) * 180 / M_PI - 1.5) < 1e-6);
  }

  // The way to a lantern is a unit vector to its place in the scene.
  void theWayToALanternIsOneLong() {
    Plan p = withRod({60, 40}, 25);
    p.light = Light{Point{85, 90}, 30.0, 0, 0, {}};
    const auto l = *sceneLight(p);
    const Projection projection(*p.view, p.card.panel.width_mm);
    const ScenePoint place = projection.atDistance({85, 90}, projection.onGround({85, 30}).away);
    const ScenePoint from{0.3, 0.4, 2.5}, to = towards(l, from);
    Eigen::Vector3d way(place.x - from.x, place.up - from.up, place.away - from.away);
    way.normalize();
    QVERIFY((way - Eigen::Vector3d(to.x, to.up, to.away)).norm() < 1e-9);
    QVERIFY(!l.raised);
    // A lantern set on the ground is lifted a hundredth of the eyes' height, and that is said.
    p.light = Light{Point{85, 30}, 30.0, 0, 0, {}};
    QVERIFY(sceneLight(p)->raised);
    QVERIFY(std::fabs(sceneLight(p)->at.up - 0.01 * projection.eyeHeight_m()) < 1e-9);
  }

  // Of a tree taller than the lantern beside it only what is below the light throws a shadow on the ground,
  // and far.
  void whatIsAboveALanternThrowsNoShadow() {
    Plan p = emptyPlan();
    p.view->vanishX_mm = 70;
    addStamp(p, slab("tree", 6, 60));
    put(p, "tree", "tree", {60, 40}, 1).depth = OnGround{};
    p.light = Light{Point{75, 70}, 44.0, 0, 0, {}};  // behind it, half its height
    const auto all = shadows(p);
    QCOMPARE(all.size(), 1u);
    QVERIFY(all[0].runsOff);
    for (const Ring& r : all[0].shape)
      for (Point q : r) QVERIFY2(q.y <= 40 + 1e-6, qPrintable(QString::number(q.y)));
  }

  // Only what stands throws one: not land, water, texture, greetings or what hangs in the sky.
  void onlyWhatStandsCastsAShadow() {
    for (const Role role : {Role::Sky, Role::Landform, Role::Water, Role::Texture, Role::Greeting}) {
      Plan p = emptyPlan();
      Stamp s = slab("s", 10, 20);
      s.role = role;
      addStamp(p, s);
      put(p, "s", "s", {60, 40}, 1).depth = OnGround{};
      p.light = Light{{}, {}, 120, 30, {}};
      QVERIFY(shadows(p).empty());
    }
    for (const Role role : {Role::Figure, Role::Tree, Role::Building}) {
      Plan p = emptyPlan();
      Stamp s = slab("s", 10, 20);
      s.role = role;
      addStamp(p, s);
      put(p, "s", "s", {60, 40}, 1).depth = OnGround{};
      p.light = Light{{}, {}, 120, 30, {}};
      QCOMPARE(shadows(p).size(), 1u);
    }
  }

  void skyAndFarThingsCastNone() {
    Plan p = withRod({60, 40}, 25);
    p.light = Light{{}, {}, 120, 30, {}};
    Stamp cloud = slab("cloud", 20, 8);
    cloud.role = Role::Sky;
    addStamp(p, cloud);
    put(p, "cloud", "cloud", {60, 140}, 100);
    put(p, "far", "rod", {60, 120}, 5).depth = OnGround{};
    QCOMPARE(shadows(p).size(), 1u);
    p.light.reset();
    QVERIFY(shadows(p).empty());
  }

  // A light straight from the side meets a slab's edge. It is at least a quarter as thick as it is wide, so
  // that its shadow is a strip of that depth: its area in the scene is a quarter of width times length.
  void aLightFromStraightBesideThrowsAShadow() {
    for (const double direction : {0.0, 180.0, 3.0, 177.0, 183.0}) {
      Plan p = emptyPlan();
      addStamp(p, slab("post", 8, 20));
      stand(p, "post", {60, 40});
      p.light = Light{};
      p.light->direction_deg = direction, p.light->height_deg = 40;
      const auto all = shadows(p);
      QVERIFY2(all.size() == 1, qPrintable(QString::number(direction)));
      const Projection projection(*p.view, p.card.panel.width_mm);
      double area = 0, left = 1e9, right = -1e9, near = 1e9, far = -1e9;
      for (const Ring& r : all[0].shape)
        for (size_t k = 0; k < r.size(); ++k) {
          const ScenePoint a = projection.onGround(r[k]), b = projection.onGround(r[(k + 1) % r.size()]);
          area += (a.x * b.away - b.x * a.away) / 2;
          left = std::min(left, a.x), right = std::max(right, a.x);
          near = std::min(near, a.away), far = std::max(far, a.away);
        }
      const double away = projection.onGround({60, 40}).away;
      const ScenePoint top = projection.atDistance({60, 60}, away),
                       side = projection.atDistance({64, 40}, away),
                       other = projection.atDistance({56, 40}, away);
      const double width = side.x - other.x;
      const double length = top.up / std::tan(40 * kPi / 180);
      const double expected = kThickness * width * length;
      QVERIFY2(std::fabs(std::fabs(area) / expected - 1) < 0.02,
               qPrintable(QStringLiteral("%1: %2 for %3").arg(direction).arg(std::fabs(area)).arg(expected)));
      QVERIFY(direction != 0 || left < other.x - length / 2);
      QVERIFY(direction != 180 || right > side.x + length / 2);
    }
  }

  // The shadow on an upright card farther off is cut where the ray from the light through a corner meets its
  // plane (Eigen), and lies within it.
  void aShadowFallsOnWhatStandsInItsWay() {
    Plan p = emptyPlan();
    addStamp(p, slab("rod", 4, 30)), addStamp(p, slab("board", 60, 50));
    stand(p, "rod", {60, 40}), stand(p, "board", {62, 55});
    p.light = Light{};
    p.light->direction_deg = 275, p.light->height_deg = 20;  // behind the viewer
    const AnalysisRef a = analyse(p);
    const auto all = uprightShadows(p, *a->depth, a->meetings.placed);
    QCOMPARE(all.size(), size_t{1});
    QVERIFY(all[0].impression == 0 && all[0].on == 1);
    const Projection projection(*p.view, p.card.panel.width_mm);
    const double near = projection.onGround({60, 40}).away, far = projection.onGround({60, 55}).away;
    const double azimuth = 275 * kPi / 180, height = 20 * kPi / 180;
    const Eigen::Vector3d to(std::cos(azimuth) * std::cos(height), std::sin(height),
                             std::sin(azimuth) * std::cos(height));
    double expectedTop = 0, top = 0;
    for (const Point corner : {Point{58, 70}, Point{62, 70}}) {
      const ScenePoint c = projection.atDistance(corner, near);
      const Eigen::Vector3d from(c.x, c.up, c.away);
      const Eigen::Vector3d hit = from - to * ((far - near) / -to.z());
      expectedTop = std::max(expectedTop, projection.toPanel({hit.x(), hit.y(), hit.z()}).y);
    }
    for (const Ring& r : all[0].shape)
      for (Point q : r) {
        top = std::max(top, q.y);
        QVERIFY(q.y >= 55 - 0.01 && q.y <= 105.01 && q.x >= 32 - 0.01 && q.x <= 92.01);
      }
    QVERIFY2(std::fabs(top - expectedTop) < 0.05,
             qPrintable(QStringLiteral("%1 for %2").arg(top).arg(expectedTop)));
    // Nothing falls on what is nearer to the light.
    p.light->direction_deg = 95;
    const AnalysisRef b = analyse(p);
    for (const UprightShadow& s : uprightShadows(p, *b->depth, b->meetings.placed))
      QVERIFY(s.impression == 1);
  }

  // Among many boards every shadow of one on another is there, and none that is not: by rays from points half
  // a millimetre apart on each board to the light, which pass through another or do not.
  void noShadowAmongManyIsMissed() {
    std::mt19937 random(5);
    std::uniform_real_distribution<double> x(5, 122), y(20, 88), turn(-50, 50), high(4, 60);
    int fallen = 0, missed = 0;
    for (int round = 0; round < 12; ++round) {
      Plan p = emptyPlan();
      addStamp(p, slab("rod", 5, 30)), addStamp(p, slab("board", 26, 22));
      for (int k = 0; k < 7; ++k) stand(p, k % 2 ? "rod" : "board", {x(random), y(random)});
      p.light = Light{};
      p.light->direction_deg = (round % 2 ? 90 : 270) + turn(random), p.light->height_deg = high(random);
      const AnalysisRef a = analyse(p);
      const auto& placed = a->meetings.placed;
      const Projection projection(*p.view, p.card.panel.width_mm);
      const double azimuth = p.light->direction_deg * kPi / 180, height = p.light->height_deg * kPi / 180;
      const Eigen::Vector3d to(std::cos(azimuth) * std::cos(height), std::sin(height),
                               std::sin(azimuth) * std::cos(height));
      std::map<std::pair<int, int>, double> said;
      for (const UprightShadow& s : uprightShadows(p, *a->depth, placed))
        said[{s.impression, s.on}] += areaOf(s.shape);
      for (int i = 0; i < 7; ++i)
        for (int j = 0; j < 7; ++j) {
          const double from = a->depth->distance_m(j), by = a->depth->distance_m(i);
          if (i == j || from == by) continue;
          double area = 0;
          const Box box = boxOf(placed[ix(j)]->silhouette).common(p.card.panel.box());
          for (double v = box.bottom + 0.125; v < box.top; v += 0.25)
            for (double u = box.left + 0.125; u < box.right; u += 0.25) {
              const ScenePoint at = projection.atDistance({u, v}, from);
              const double k = (by - from) / to.z();
              if (at.up < 0 || k < 1e-3) continue;
              const Eigen::Vector3d hit = Eigen::Vector3d(at.x, at.up, at.away) + k * to;
              if (hit.y() < 0) continue;
              area += covers(placed[ix(i)]->silhouette, projection.toPanel({hit.x(), hit.y(), hit.z()}))
                          ? 0.0625
                          : 0;
            }
          const double told = said.contains({i, j}) ? said[{i, j}] : 0;
          QVERIFY2(std::fabs(told - area) < 4 + 0.06 * area,
                   qPrintable(QStringLiteral("%1 on %2: %3 for %4").arg(i).arg(j).arg(told).arg(area)));
          ++(area > 8 ? fallen : missed);
        }
    }
    QVERIFY2(fallen > 10 && missed > 100, qPrintable(QString::number(fallen)));
  }

  void aShadowClimbsTheWallOfARoom() {
    Plan p = emptyPlan();
    p.room = Room{};
    p.room->left_mm = 30, p.room->bottom_mm = 60, p.room->width_mm = 67, p.room->height_mm = 80;
    addStamp(p, slab("rod", 4, 40));
    stand(p, "rod", {60, 45});
    p.light = Light{};
    p.light->direction_deg = 270, p.light->height_deg = 15;
    const AnalysisRef a = analyse(p);
    const auto all = uprightShadows(p, *a->depth, a->meetings.placed);
    QVERIFY(!all.empty());
    for (const UprightShadow& s : all) {
      QCOMPARE(s.on, -1);
      for (const Ring& r : s.shape)
        for (Point q : r) QVERIFY(q.y >= 60 - 0.01 && q.y <= 140.01);
    }
  }
};

HAVLO_TEST(TstLight)
#include "tst_light.moc"
