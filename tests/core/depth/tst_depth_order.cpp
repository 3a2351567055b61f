// Who is in front of whom: the settled readings of the format, row by row.
#include <QTest>

#include "core/depth/depth_order.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Plan three(Depth a, Depth b, Depth c) {
  Plan p = emptyPlan();
  addStamp(p, slab("s", 10, 10));
  put(p, "a", "s", {10, 10}, 1).depth = a;
  put(p, "b", "s", {12, 20}, 1).depth = b;
  put(p, "c", "s", {14, 30}, 1).depth = c;
  return p;
}

std::string line(const Plan& p) { return ids(p, DepthOrder(p).frontToBack()); }

}  // namespace

class TstDepthOrder : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void lowerFeetAreNearer() {
    QCOMPARE(line(three(OnGround{}, OnGround{}, OnGround{})), std::string("a b c"));
  }

  void metresAndGroundMix() {
    // The foot of c at y 30 is 2 * 96 / 66 = 2.91 m away.
    QCOMPARE(line(three(AtMetres{2.8}, AtMetres{3.0}, OnGround{})), std::string("a c b"));
  }

  void equalDistancesPutTheLaterInFront() {
    QCOMPARE(line(three(AtMetres{5}, AtMetres{5}, AtMetres{5})), std::string("c b a"));
  }

  void aHairOfDifferenceIsEqual() {
    QCOMPARE(line(three(AtMetres{5}, AtMetres{5 * (1 + 5e-10)}, AtMetres{9})), std::string("b a c"));
    QCOMPARE(line(three(AtMetres{5}, AtMetres{5 * (1 + 5e-9)}, AtMetres{9})), std::string("a b c"));
  }

  void feetAtTheHorizonAreBehindEverythingFinite() {
    Plan p = three(OnGround{}, OnGround{}, AtMetres{1e9});
    p.impressions[0].at.y = 96;
    p.impressions[1].at.y = 150;
    QCOMPARE(line(p), std::string("c b a"));
    QVERIFY(!std::isfinite(DepthOrder(p).distance_m(0)));
  }

  void thingsOnAThingStayNextToIt() {
    // c is at the distance of a, but b sits on a: nothing comes between.
    QCOMPARE(line(three(AtMetres{5}, OnThing{"a", false}, AtMetres{5})), std::string("c b a"));
    QCOMPARE(line(three(AtMetres{5}, OnThing{"a", true}, AtMetres{5})), std::string("c a b"));
    QCOMPARE(line(three(AtMetres{5}, OnThing{"a", false}, OnThing{"a", false})), std::string("c b a"));
    QCOMPARE(line(three(AtMetres{5}, OnThing{"a", true}, OnThing{"a", false})), std::string("c a b"));
    QCOMPARE(line(three(AtMetres{5}, OnThing{"a", false}, OnThing{"b", true})), std::string("b c a"));
  }

  void whatIsSaidDecidesForItsPairOnly() {
    Plan p = three(AtMetres{1}, AtMetres{2}, AtMetres{3});
    p.impressions[2].inFrontOf = {"a"};
    const DepthOrder depth(p);
    QVERIFY(depth.inFront(2, 0) && !depth.inFront(0, 2));
    QVERIFY(depth.inFront(0, 1) && depth.inFront(1, 2));
    QVERIFY(depth.said(2, 0) == PairWord::First && depth.said(0, 2) == PairWord::Second);
  }

  void whatIsSaidIsNotInherited() {
    Plan p = three(AtMetres{1}, AtMetres{2}, OnThing{"b", false});
    p.impressions[1].inFrontOf = {"a"};
    const DepthOrder depth(p);
    QVERIFY(depth.inFront(1, 0));
    QVERIFY(depth.inFront(0, 2));  // c stands on b, yet stays behind a
  }

  void aVeryLongChainIsNoTrouble() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    const int n = 50000;
    for (int i = 0; i < n; ++i) {
      Impression& t = put(p, "i" + std::to_string(i), "s", {10, 10}, 3);
      if (i > 0) t.depth = OnThing{"i" + std::to_string(i - 1), false};
    }
    const DepthOrder depth(p);
    QCOMPARE(depth.frontToBack().front(), n - 1);
    QCOMPARE(depth.distance_m(n - 1), 3.0);
  }
};

HAVLO_TEST(TstDepthOrder)
#include "tst_depth_order.moc"
