// Where a new stamp is put, against the pinhole alone: its size is right there, it is on the card, a second
// of its kind stands clear of the first, and the first view keeps the horizon off its head.
#include <QTest>
#include <cmath>

#include "core/depth/depth_order.h"
#include "core/edit/edits.h"
#include "core/edit/put_on.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// An empty card whose horizon is at `horizon` mm, seen from `eyes` m.
Plan seen(double horizon, double eyes) {
  Plan p = emptyPlan();
  p.view = View{};
  p.view->horizon_mm = horizon, p.view->eyeHeight_m = eyes, p.view->nearDistance_m = 2 * eyes;
  return p;
}

Stamp thing(double width, double height, double real) {
  Stamp s = slab("thing", width, height);
  s.role = Role::Figure;
  s.realHeight = RealHeight{real, 0.9 * real, 1.1 * real, {}};
  return s;
}

/// The pinhole: what stands with its foot at y is as many times eye height as it is tall on paper against the
/// way from its foot to the horizon.
double readsAs(const View& v, double foot, double height) {
  return v.eyeHeight_m * height / (v.horizon_mm - foot);
}

}  // namespace

class TstPutOn : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theFirstThingIsSeenRight_data() {
    QTest::addColumn<double>("horizon");
    QTest::addColumn<double>("height");
    QTest::addColumn<double>("real");
    for (const double horizon : {35.0, 45.0, 60.0})
      for (const double height : {12.0, 26.0, 42.0, 58.0})
        for (const double real : {0.05, 0.55, 1.7, 6.0})
          QTest::addRow("horizon %g, %g mm, %g m", horizon, height, real) << horizon << height << real;
  }
  void theFirstThingIsSeenRight() {
    QFETCH(double, horizon);
    QFETCH(double, height);
    QFETCH(double, real);
    const Plan before = seen(horizon, 1.5);
    const Stamp s = thing(20, height, real);
    const Plan after = seenByFirst(before, s);
    QVERIFY(after.view->eyeHeight_m > 0 && after.view->horizon_mm == horizon);
    const Point foot = goodSpot(after, s);
    QVERIFY2(foot.y > 0 && foot.y < horizon, qPrintable(QString::number(foot.y)));
    const double reads = readsAs(*after.view, foot.y, height);
    QVERIFY2(reads >= 0.9 * real - 1e-9 && reads <= 1.1 * real + 1e-9, qPrintable(QString::number(reads)));
    // Where the horizon meets it, from its foot: not in the head, which is the upper quarter or so. A tenth
    // to either side is what its height leaves open.
    const double share = (horizon - foot.y) / height;
    if (after.view->eyeHeight_m != before.view->eyeHeight_m)
      QVERIFY2(share < 0.78 || share > 1.0, qPrintable(QString::number(share)));
  }

  // Where others stand already the view is theirs.
  void laterThingsChangeNoView() {
    Plan p = seen(45, 1.5);
    const Stamp s = thing(20, 42, 0.55);
    p.stamps.push_back(std::make_shared<const Stamp>(s));
    p = withNewImpression(p, "thing", {50, 20}).value();
    QVERIFY(seenByFirst(p, s) == p);
    // What does not stand sets none.
    Stamp bird = s;
    bird.role = Role::Sky;
    QVERIFY(seenByFirst(seen(45, 1.5), bird) == seen(45, 1.5));
    Stamp unknown = s;
    unknown.realHeight.reset();
    QVERIFY(seenByFirst(seen(45, 1.5), unknown) == seen(45, 1.5));
  }

  // Many of a kind: none over another as long as there is room, all on the card, on one ground line.
  void aSecondStandsBesideTheFirst() {
    Plan p = seen(60, 0.6);
    p.card.panel.width_mm = 150;
    const Stamp s = thing(20, 30, 0.55);
    p.stamps.push_back(std::make_shared<const Stamp>(s));
    for (int n = 0; n < 5; ++n) {
      const Point at = goodSpot(p, s);
      for (const Impression& other : p.impressions)
        QVERIFY2(std::fabs(other.at.x - at.x) >= s.width_mm + 3.9, qPrintable(QString::number(at.x)));
      QVERIFY(at.x - s.foot.x >= -1e-9 && at.x - s.foot.x + s.width_mm <= 150 + 1e-9);
      if (!p.impressions.empty()) QCOMPARE(at.y, p.impressions[0].at.y);
      p = withNewImpression(p, "thing", at).value();
    }
  }

  // A wish for where it is kept, but never off the card; without a height it hangs in the sky.
  void wishesAndUnknownHeights() {
    Plan p = seen(45, 0.6);
    const Stamp s = thing(30, 40, 0.55);
    const double width = p.card.panel.width_mm;
    QCOMPARE(goodSpot(p, s, width / 3).x, width / 3);
    QCOMPARE(goodSpot(p, s, -50).x, s.foot.x);
    QCOMPARE(goodSpot(p, s, width + 50).x, width - (s.width_mm - s.foot.x));
    Stamp unknown = s;
    unknown.realHeight.reset();
    unknown.height_mm = 10;
    QVERIFY(goodSpot(p, unknown).y > 45);
  }

  /// As somebody laid them by hand in the demo card: hills rise from the horizon behind all that stands, the
  /// path ends at it and everything stands on it.
  void landLiesWhereLandIs() {
    const Plan by_hand = demo("canal-towpath");
    Plan p = by_hand;
    for (const char* id : {"hills", "towpath"}) p = without(p, id).value();
    for (const char* stamp : {"towpath", "hills"}) {  // in any order
      const StampRef s = p.stamp(stamp);
      p = withNewImpression(p, s->id, goodSpot(p, *s)).value();
    }
    const DepthOrder depth(p), own(by_hand);
    for (const char* id : {"hills", "towpath"}) {
      const Impression &put = *p.impression(id), &was = *by_hand.impression(id);
      QVERIFY2(std::fabs(put.at.x - was.at.x) < 0.5 && std::fabs(put.at.y - was.at.y) < 1.5,
               qPrintable(QStringLiteral("%1 at %2, %3").arg(QLatin1String(id)).arg(put.at.x).arg(put.at.y)));
      for (const Impression& other : p.impressions) {
        const Role role = p.stamp(other.stamp)->role;
        if (role == Role::Landform || role == Role::Sky) continue;
        QVERIFY(depth.distance_m(p.indexOf(id)) > depth.distance_m(p.indexOf(other.id)));
      }
    }
    QVERIFY(depth.distance_m(p.indexOf("hills")) > depth.distance_m(p.indexOf("towpath")));
  }

  /// Sun and moon set behind the hills wherever they are put; birds and kites fly before them.
  void whatIsInTheSkyIsAsFarAsItIs() {
    const auto metresOf = [](Plan p, const std::string& stamp) {
      for (const Impression& i : std::vector<Impression>(p.impressions))
        if (i.stamp == stamp) p = without(p, i.id).value();
      const StampRef s = p.stamp(stamp);
      const Plan put = withNewImpression(p, stamp, goodSpot(p, *s)).value();
      return std::get<AtMetres>(put.impressions.back().depth).metres;
    };
    // As they were laid by hand.
    QCOMPARE(metresOf(demo("canal-towpath"), "low-sun"), 100000.0);
    QCOMPARE(metresOf(demo("misty-fen"), "thin-moon"), 100000.0);
    QVERIFY(metresOf(demo("canal-towpath"), "kite") < 200);
    QVERIFY(metresOf(demo("teaching-papers"), "evening-birds") < 200);
    // A cloud: three puffs on a level line, before the sun and behind the hills.
    Stamp cloud = slab("cloud", 44, 20);
    cloud.role = Role::Sky, cloud.realHeight.reset();
    Ring edge;
    for (int k = 0; k <= 60; ++k) {
      const double x = 44.0 * k / 60, puff = std::sin(3 * M_PI * k / 60);
      edge.push_back({x, 6 + 14 * std::sin(M_PI * k / 60) * (0.8 + 0.2 * puff * puff)});
    }
    edge.push_back({44, 0}), edge.push_back({0, 0});
    cloud.silhouette = {edge};
    QCOMPARE(distanceInSky(cloud).value_or(AtMetres{0}).metres, 3000.0);
    // A long flat one as well; three birds beside one another are as wide and no cloud.
    for (Point& p : cloud.silhouette[0]) p.x *= 2;
    cloud.width_mm = 88;
    QCOMPARE(distanceInSky(cloud).value_or(AtMetres{0}).metres, 3000.0);
    Stamp birds = cloud;
    birds.silhouette.clear();
    for (const double x : {0.0, 34.0, 68.0})
      birds.silhouette.push_back({{x, 8}, {x + 10, 12}, {x + 20, 8}, {x + 10, 20}});
    QVERIFY(!distanceInSky(birds));
    cloud.contacts.push_back({});
    QVERIFY(!distanceInSky(cloud));  // it hangs on something
  }

  void aBankThatIsPutNearerStandsThere() {
    Plan p = seen(45, 0.6);
    Stamp bank = slab("bank", 80, 12);
    bank.role = Role::Landform;
    addStamp(p, bank);
    const auto depthAt = [&](double y) {
      return withNewImpression(p, "bank", {60, y}).value().impressions[0].depth;
    };
    QVERIFY(std::holds_alternative<OnGround>(depthAt(20)));
    QVERIFY(std::holds_alternative<AtMetres>(depthAt(44)));
    p.view.reset();
    QCOMPARE(liesHow(p, bank), Lies::No);
  }

  /// Of any size, under any horizon: ground and water stay on the card and never rise over it, if they fit.
  void groundEndsAtTheHorizon() {
    for (const double horizon : {8.0, 30.0, 62.0, 140.0})
      for (const double tall : {3.0, 10.0, 29.0, 61.0, 90.0})
        for (const Role role : {Role::Landform, Role::Water, Role::Texture}) {
          const Plan p = seen(horizon, 1);
          Stamp s = slab("land", 60, tall);
          s.role = role;
          const Point at = goodSpot(p, s);
          QVERIFY(at.y >= 0 && at.y <= p.card.panel.height_mm);
          if (liesHow(p, s) == Lies::OnGround && tall < horizon)
            QVERIFY(at.y + tall - s.foot.y <= horizon + 1e-9);
        }
  }
};

HAVLO_TEST(TstPutOn)
#include "tst_put_on.moc"
