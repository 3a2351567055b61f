// Edits of the making: each one alone, what it refuses, and that plan text keeps them.
#include <QTest>

#include "core/chain/chain.h"
#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/edit/making_edits.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Plan three() {
  Plan p = emptyPlan();
  addStamp(p, slab("s", 10, 10));
  addStamp(p, slab("spare", 10, 10));
  for (const char* id : {"a", "b", "c"}) put(p, id, "s", {20, 20}, 1);
  return p;
}

Plan again(const Plan& p) { return readPlan(writePlan(p)).value().plan; }

}  // namespace

class TstMakingEdits : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void wishesAreSetAndTakenBack() {
    Plan p = wantedFirst(three(), "b", true).value();
    p = wantedFirst(p, "a", true).value();
    QCOMPARE(p.making.first, (std::vector<std::string>{"b", "a"}));
    p = wantedFirst(p, "b", true).value();  // once is enough
    QCOMPARE(p.making.first, (std::vector<std::string>{"a", "b"}));
    p = wantedFirst(p, "a", false).value();
    QCOMPARE(p.making.first, std::vector<std::string>{"b"});
    p = wantedTogether(p, "blue", true).value();
    QVERIFY(again(p) == p);
    p = wantedTogether(p, "blue", false).value();
    QVERIFY(p.making.together.empty());
  }

  void whatIsUnknownOrOutOfRangeIsRefused_data() {
    QTest::addColumn<int>("which");
    QTest::newRow("first of nobody") << 0;
    QTest::newRow("together of no ink") << 1;
    QTest::newRow("no evening") << 2;
    QTest::newRow("a hundred evenings") << 3;
    QTest::newRow("no card") << 4;
    QTest::newRow("ten thousand cards") << 5;
    QTest::newRow("order of nobody") << 6;
    QTest::newRow("order twice") << 7;
    QTest::newRow("a school too few") << 8;
    QTest::newRow("a mask of no stamp") << 9;
    QTest::newRow("a mask that is worn out") << 10;
  }
  void whatIsUnknownOrOutOfRangeIsRefused() {
    QFETCH(int, which);
    const Plan p = three();
    const auto tried = [&]() -> Result<Plan> {
      switch (which) {
        case 0:
          return wantedFirst(p, "nobody", true);
        case 1:
          return wantedTogether(p, "nothing", true);
        case 2:
          return withEvenings(p, 0);
        case 3:
          return withEvenings(p, 100);
        case 4:
          return withCopies(p, 0);
        case 5:
          return withCopies(p, 10000);
        case 6:
          return withOrder(p, {"a", "nobody"});
        case 7:
          return withOrder(p, {"a", "b", "a"});
        case 8:
          return withSchools(p, {School::Mask, School::Mask});
        case 9:
          return withMasksAtHand(p, {{"nothing", 3, {}, {}}});
        default:
          return withMasksAtHand(p, {{"s", 0, {}, {}}});
      }
    };
    const auto result = tried();
    QVERIFY(!result);
    QVERIFY(result.error().code == ErrorCode::BadInput && !result.error().message.empty());
  }

  void whatGoesLeavesNoMention() {
    Plan p = withOrder(three(), {"c", "a", "b"}).value();
    p = wantedFirst(p, "a", true).value();
    p = without(p, "a").value();
    QCOMPARE(p.making.order, (std::vector<std::string>{"c", "b"}));
    QVERIFY(p.making.first.empty());
    p = withMasksAtHand(p, {{"s", 2, "k", {}}, {"spare", 4, {}, {}}}).value();
    QVERIFY(again(p) == p);
    p = withoutStamp(p, "spare").value();
    QCOMPARE(p.supplies.masksAtHand.size(), size_t{1});
    QVERIFY(again(p) == p);
  }

  void evenTheWholeMakingIsKeptInPlanText() {
    Plan p = withOrder(three(), {"c", "a"}).value();
    p = withCopies(withEvenings(p, 3).value(), 25).value();
    p = withDefaultSchool(p, School::Resist);
    const Plan back = again(p);
    QVERIFY(back == p);
    QCOMPARE(back.making.copies, 25);
    QVERIFY(back.school == School::Resist);
    // A plan that says nothing of it does not grow.
    QVERIFY(writePlan(three()).find("making") == std::string::npos);
  }

  // Half an order: the rest is put in where it breaks nothing.
  void anOrderOfSomeIsCompleted() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "front", "s", {50, 20}, 1), put(p, "middle", "s", {56, 25}, 3), put(p, "back", "s", {62, 30}, 5);
    put(p, "raised", "s", {90, 90}, 2).school = School::PopUp;
    p = withOrder(p, {"front", "back"}).value();
    const AnalysisRef a = analyse(p);
    QCOMPARE(ids(p, a->order), std::string("front middle back raised"));
    QVERIFY(a->orderState.broken.empty());
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 60).value().proven);
  }
};

HAVLO_TEST(TstMakingEdits)
#include "tst_making_edits.moc"
