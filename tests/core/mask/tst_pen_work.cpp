// What is left to the pen, against lengths known in closed form.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/runsheet/least_work.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A slab of 40 x 20 mm with its lower left corner at (40, 40), and one of 10 x 10 in front of it.
Plan twoSlabs(Point frontCorner, School school) {
  Plan p = emptyPlan();
  addStamp(p, slab("back", 40, 20));
  addStamp(p, slab("front", 10, 10));
  put(p, "back", "back", {60, 40}, 8);
  put(p, "front", "front", {frontCorner.x + 5, frontCorner.y}, 3).school = school;
  return p;
}

double penOf(const Plan& p, const char* id) {
  const AnalysisRef a = analyse(p);
  for (const PenWork& w : a->needTable->pen())
    if (w.thing == indexOf(p, id)) return w.length_mm;
  return 0;
}

bool near(double a, double b) { return std::abs(a - b) < 1.2; }  // ink is known to half a millimetre

}  // namespace

class TstPenWork : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theBorderWithinTheInkIsJoined() {
    QVERIFY(near(penOf(twoSlabs({55, 45}, School::LeaveOut), "back"), 40));  // all round
    QVERIFY(near(penOf(twoSlabs({55, 55}, School::LeaveOut), "back"), 20));  // 10 below, 5 at either side
    QVERIFY(near(penOf(twoSlabs({55, 45}, School::WipeOff), "back"), 20));   // soft: half of it
    QCOMPARE(penOf(twoSlabs({55, 45}, School::Mask), "back"), 0.0);
    QCOMPARE(penOf(twoSlabs({55, 45}, School::LeaveOut), "front"), 0.0);
  }

  void whatANearerThingHidesIsNotJoined() {
    Plan p = twoSlabs({55, 45}, School::LeaveOut);
    addStamp(p, slab("cover", 30, 5.2));
    put(p, "cover", "cover", {60, 39.9}, 2);  // over the lower edge of the front and no more
    QVERIFY(near(penOf(p, "back"), 40 - 10 - 0.2));
  }

  void theStraightEdgeOfAPartIsJoined() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 10));
    put(p, "part", "s", {60, 40}, 3).part = {{{-1, -1}, {15, -1}, {15, 11}, {-1, 11}}};
    QVERIFY(near(penOf(p, "part"), 10));
  }

  void itIsTheLastOfTheInkAndCountsInTheTime() {
    const Plan with = twoSlabs({55, 45}, School::LeaveOut);
    const AnalysisRef a = withBestOrder(with, analyse(with));
    const Step& last = a->sheet.steps.back();
    QCOMPARE(last.what, Do::Draw);
    QCOMPARE(last.things, std::vector<int>{indexOf(with, "back")});
    const WorkTimes t;
    QVERIFY(std::abs(last.minutes - (t.pen + last.pen_mm / t.penEach_mm)) < 1e-9);
    QVERIFY(a->sheet.atLeast <= a->sheet.minutes + 1e-9);
    // Nobody draws on damp ink: it has dried before, worked out from the steps.
    double dry = 0, now = 0;
    for (const Step& s : a->sheet.steps) {
      now += s.wait;
      if (&s == &last) QVERIFY(now >= dry - 1e-9);
      now += s.minutes;
      if (s.what == Do::Stamp && s.impression == indexOf(with, "back"))
        dry = now + with.ink(with.impressions[ix(s.impression)].ink)->dryOnCard_s / 60;
    }
    const AnalysisRef apart = analyse(twoSlabs({55, 45}, School::Mask));
    for (const Step& s : apart->sheet.steps) QVERIFY(s.what != Do::Draw);
  }

  // The bound counts the pen once: of one thing left out of another there is but one order, and nothing to
  // save.
  void theBoundCountsThePenOnce() {
    const Plan p = twoSlabs({55, 45}, School::LeaveOut);
    const AnalysisRef a = analyse(p);
    const RunSheetInput in{
        p, a->meetings, a->washes, *a->needTable, a->order, a->needs, a->stampMasks, a->stampOf, {}, false};
    QVERIFY(leastMinutes(in) <= a->sheet.minutes + 1e-9);
    QVERIFY(leastMinutes(in) >= penMinutes(a->needTable->pen(), {}));
  }
};

HAVLO_TEST(TstPenWork)
#include "tst_pen_work.moc"
