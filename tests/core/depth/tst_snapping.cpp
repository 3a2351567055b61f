// What catches a thing while it is moved.
#include <QTest>

#include "core/chain/chain.h"
#include "core/depth/snapping.h"
#include "core/edit/edits.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A 20 × 40 slab with its foot in the middle of its lower edge, at (50, 30), and a second one at (90, 22).
Plan two() {
  Plan p = emptyPlan();
  addStamp(p, slab("slab", 20, 40));
  put(p, "one", "slab", {50, 30}, 3).depth = OnGround{};
  put(p, "two", "slab", {90, 22}, 3).depth = OnGround{};
  return p;
}

Snapped held(const Plan& p, Point foot, double reach = 1) {
  const AnalysisRef a = analyse(p);
  return snapped(p, a->meetings.placed, {0}, 0, foot, reach);
}

}  // namespace

class TstSnapping : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void nothingNearCatchesNothing() {
    const Snapped s = held(two(), {30, 40});
    QVERIFY(!s.across && !s.up);
    QVERIFY((s.foot == Point{30, 40}));
  }

  void thirdsTheMiddleAndEdges() {
    const Plan p = two();  // 127 wide, 178 high
    const Snapped third = held(p, {42.0, 59.0});
    QVERIFY(third.across && third.across->to == SnapLine::To::Third && third.across->side == 0);
    QVERIFY(std::fabs(third.foot.x - 127.0 / 3) < 1e-9);
    QVERIFY(third.up && third.up->to == SnapLine::To::Third);
    QVERIFY(std::fabs(third.foot.y - 178.0 / 3) < 1e-9);
    const Snapped middle = held(p, {63.1, 40});
    QVERIFY(middle.across && middle.across->to == SnapLine::To::Middle);
    QCOMPARE(middle.foot.x, 63.5);
    // Its left edge comes to the card's: the foot is half its width in.
    const Snapped edge = held(p, {10.6, 40});
    QVERIFY(edge.across && edge.across->to == SnapLine::To::Edge && edge.across->side == 0);
    QCOMPARE(edge.foot.x, 10.0);
    const Snapped right = held(p, {116.5, 40});
    QVERIFY(right.across && right.across->side == 1);
    QCOMPARE(right.foot.x, 117.0);
  }

  void theBorderIsWhatStaysBare() {
    Plan p = two();
    p.card.bare_mm = 5;
    const Snapped s = held(p, {15.4, 40});
    QVERIFY(s.across && s.across->to == SnapLine::To::Border);
    QCOMPARE(s.foot.x, 15.0);
    QCOMPARE(held(p, {40, 5.3}).foot.y, 5.0);
  }

  // Equal heights of feet on the ground are equal distances.
  void feetAreLevelledWithOthersOnTheGround() {
    Plan p = two();
    const Snapped s = held(p, {30, 22.7});
    QVERIFY(s.up && s.up->to == SnapLine::To::Foot);
    QCOMPARE(s.up->other, 1);
    QCOMPARE(s.foot.y, 22.0);
    // What hangs in the sky is no ground to stand on.
    p.impressions[1].depth = AtMetres{100};
    QVERIFY(!held(p, {30, 22.7}).up);
    // What moves along catches nothing.
    const AnalysisRef a = analyse(p);
    QVERIFY(!snapped(two(), a->meetings.placed, {0, 1}, 0, {30, 22.7}, 1).up);
  }

  void onlyWhatIsFarAwayLiesOnTheHorizon() {
    Plan p = two();  // horizon 96
    QVERIFY(!held(p, {30, 95.5}).up);
    p.impressions[0].depth = AtMetres{1500};
    const Snapped s = held(p, {30, 95.5});
    QVERIFY(s.up && s.up->to == SnapLine::To::Horizon);
    QCOMPARE(s.foot.y, 96.0);
  }

  void theNearestLineWinsAndReachIsKept() {
    Plan p = two();
    p.impressions[1].at.x = 62.9;  // nearer than the middle at 63.5
    QCOMPARE(held(p, {63.0, 40}).foot.x, 62.9);
    QCOMPARE(held(p, {61.0, 40}).foot.x, 61.0);
    QCOMPARE(held(p, {61.0, 40}, 3).foot.x, 62.9);
  }
};

HAVLO_TEST(TstSnapping)
#include "tst_snapping.moc"
