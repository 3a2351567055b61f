// Edits are pure: the plan they start from stays as it was.
#include <QTest>

#include "core/edit/edits.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstEdits : public QObject {
  Q_OBJECT

 private:
  static Plan stack() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    put(p, "a", "s", {20, 20}, 3);
    put(p, "b", "s", {22, 30}, 3).depth = OnThing{"a", false};
    put(p, "c", "s", {24, 40}, 3).depth = OnThing{"b", true};
    p.impressions[2].inFrontOf = {"a"};
    Wash w;
    w.id = "w", w.ink = "blue", w.area = rectangle({0, 0, 50, 50}), w.lets = {"a", "b"};
    p.washes = {w};
    return p;
  }

 private Q_SLOTS:
  void movingTakesAlongWhatIsOnIt() {
    const Plan p = stack();
    const Plan moved = withFoot(p, "a", {25, 18}).value();
    QCOMPARE(moved.impressions[1].at, (Point{27, 28}));
    QCOMPARE(moved.impressions[2].at, (Point{29, 38}));
    QCOMPARE(p.impressions[0].at, (Point{20, 20}));
    QCOMPARE(withFoot(p, "b", {0, 0}).value().impressions[0].at, (Point{20, 20}));
  }

  void takingAwayLeavesNoMention() {
    const Plan p = without(stack(), "a").value();
    QCOMPARE(p.impressions.size(), size_t(2));
    QCOMPARE(p.impressions[0].depth, Depth(AtMetres{3}));
    QVERIFY(p.impressions[1].inFrontOf.empty());
    QCOMPARE(p.washes[0].lets, std::vector<std::string>{"b"});
    QVERIFY(bool(readPlan(writePlan(p))));
  }

  void whatStoodOnAGroundedThingKeepsItsDistance() {
    Plan p = stack();
    p.impressions[0].depth = OnGround{};
    const double distance = 2 * 96.0 / 76;
    const Plan rest = without(p, "a").value();
    QVERIFY(std::abs(std::get<AtMetres>(rest.impressions[0].depth).metres - distance) < 1e-9);
  }

  void newImpressionsHaveFreshIds() {
    Plan p = stack();
    p = withNewImpression(p, "s", {50, 50}).value();
    QCOMPARE(p.impressions.back().id, std::string("s"));
    p = withNewImpression(p, "s", {50, 50}).value();
    QCOMPARE(p.impressions.back().id, std::string("s2"));
    QVERIFY(bool(readPlan(writePlan(p))));
  }

  void refusals() {
    const Plan p = stack();
    QVERIFY(!withFoot(p, "z", {0, 0}));
    QVERIFY(!withFoot(p, "a", {1e6, 0}));
    QVERIFY(!withDepth(p, "a", OnThing{"c", false}));  // a circle
    QVERIFY(!withDepth(p, "a", OnThing{"z", false}));
    QVERIFY(!withInk(p, "a", "zebra", 1));
    QVERIFY(!withInk(p, "a", "blue", 100));
    QVERIFY(!saidInFront(p, "a", "a"));
    QVERIFY(!withNewImpression(p, "zebra", {0, 0}));
    // Letters are printed over what is behind them; a masked box about them would stay white.
    Stamp words = slab("words", 40, 8);
    words.role = Role::Greeting;
    Plan lettered = p;
    addStamp(lettered, words);
    lettered = withNewImpression(lettered, "words", {50, 80}).value();
    QVERIFY(lettered.impressions.back().school == School::Overprint);
    Plan noInk = p;
    noInk.inks.clear();
    QVERIFY(!withNewImpression(noInk, "s", {0, 0}));
    Plan noView = p;
    noView.view.reset();
    QVERIFY(!withDepth(noView, "a", OnGround{}));
  }

  void onlyOneHero() {
    const Plan p = withHero(withHero(stack(), "a").value(), "b").value();
    QVERIFY(!p.impressions[0].hero && p.impressions[1].hero);
  }

  void sayingOneWayUnsaysTheOther() {
    const Plan p = saidInFront(stack(), "a", "c").value();
    QVERIFY(p.impressions[2].inFrontOf.empty());
    QCOMPARE(p.impressions[0].inFrontOf, std::vector<std::string>{"c"});
    QVERIFY(unsaidInFront(p, "a", "c").value().impressions[0].inFrontOf.empty());
  }

  void turnsStayWithinHalfATurn() {
    QCOMPARE(withTurn(stack(), "a", Degrees{350}).value().impressions[0].turn_deg, -10.0);
  }
};

HAVLO_TEST(TstEdits)
#include "tst_edits.moc"
