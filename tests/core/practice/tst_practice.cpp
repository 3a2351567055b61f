// Drills: the answer is mastered, faults are seen, needless covers cost a grade; all ten that ship.
#include <QTest>

#include "core/chain/chain.h"
#include "core/practice/practice.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Plan drill(int number) {
  return readPlan(readFile(std::string(HAVLO_SOURCE_DIR) + "/data/practice/practice-" +
                           (number < 10 ? "0" : "") + std::to_string(number) + ".havlo"))
      .value()
      .plan;
}

}  // namespace

class TstPractice : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyDrillCanBeMasteredAndIsNotSolvedAsItIsGiven() {
    for (int k = 1; k <= 10; ++k) {
      const Plan p = drill(k);
      const AnalysisRef a = withBestOrder(p, analyse(p));
      const auto right = pressDrill(p, *a, answerOf(*a), nullptr, 80).value();
      QVERIFY2(right.stars == 3, qPrintable(QStringLiteral("drill %1: %2 stars, %3 needless, %4 of %5")
                                                .arg(k)
                                                .arg(right.stars)
                                                .arg(right.needless)
                                                .arg(right.masksOn)
                                                .arg(right.masksOnBest)));
      std::vector<DrillStep> backward = answerOf(*a);
      std::reverse(backward.begin(), backward.end());
      for (DrillStep& s : backward) s.covered.clear();
      if (k != 4)
        QVERIFY2(pressDrill(p, *a, backward, nullptr, 80).value().stars == 0, qPrintable(QString::number(k)));
    }
  }

  void needlessCoversCostAGrade() {
    const Plan p = drill(3);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    std::vector<DrillStep> steps = answerOf(*a);
    // The hare stands far from everything.
    const int hare = indexOf(p, "hare");
    for (DrillStep& s : steps)
      if (s.index != hare) s.covered.insert(std::lower_bound(s.covered.begin(), s.covered.end(), hare), hare);
    const auto r = pressDrill(p, *a, steps, nullptr, 80).value();
    QVERIFY(r.pressed.proven && r.needless > 0);
    QCOMPARE(r.stars, 1);
  }

  void aForgottenCoverIsSeen() {
    const Plan p = drill(1);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    std::vector<DrillStep> steps = answerOf(*a);
    for (DrillStep& s : steps) s.covered.clear();
    const auto r = pressDrill(p, *a, steps, nullptr, 80).value();
    QCOMPARE(r.stars, 0);
    QVERIFY(r.pressed.worst[0].blame.kind == Blame::Kind::RanOver);
  }

  void wholeListsOnly() {
    const Plan p = drill(1);
    const AnalysisRef a = analyse(p);
    std::vector<DrillStep> steps = mixedUp(p, 1);
    QCOMPARE(steps.size(), p.impressions.size() + p.washes.size());
    steps.pop_back();
    QVERIFY(!pressDrill(p, *a, steps, nullptr, 60));
    steps.push_back(steps[0]);
    QVERIFY(!pressDrill(p, *a, steps, nullptr, 60));
    QVERIFY(mixedUp(p, 5) == mixedUp(p, 5));
  }

  // What is left out of the rubber is left out in a drill too.
  void aThingLeftOutOfTheRubberIsLeftOut() {
    Plan p = emptyPlan();
    addStamp(p, slab("front", 20, 20)), addStamp(p, slab("back", 60, 50));
    put(p, "front", "front", {60, 60}, 1).school = School::LeaveOut;
    put(p, "back", "back", {60, 45}, 2);
    const AnalysisRef a = analyse(p);
    const auto right = pressDrill(p, *a, answerOf(*a), nullptr, 80).value();
    QVERIFY(right.pressed.proven);
    for (const Step& s : right.sheet.steps)
      if (s.what == Do::Stamp)
        QCOMPARE(s.leaveOut.size(), size_t(s.impression == indexOf(p, "back") ? 1 : 0));
  }
};

HAVLO_TEST(TstPractice)
#include "tst_practice.moc"
