// How levels go up and down, and that what is advised follows from what went wrong and from the next card.
#include <QTest>
#include <set>

#include "core/chain/chain.h"
#include "core/practice/progress.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

std::vector<Practised> answers(Drill what, std::initializer_list<std::pair<int, double>> levelsAndPoints) {
  std::vector<Practised> out;
  for (const auto& [level, points] : levelsAndPoints) out.push_back({what, level, points, 0, {}});
  return out;
}

LogEntry cardWith(std::initializer_list<const char*> mishaps) {
  LogEntry e;
  for (const char* m : mishaps) e.mishaps.push_back({m, {}, {}});
  return e;
}

const DrillAdvice& adviceOf(const std::vector<DrillAdvice>& all, Drill what) {
  return *std::find_if(all.begin(), all.end(), [&](const DrillAdvice& a) { return a.what == what; });
}

}  // namespace

class TstProgress : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void twoGoodAnswersGoUpTwoBadOnesDown() {
    const auto level = [](std::initializer_list<std::pair<int, double>> all) {
      return standingIn(Drill::NearAndFar, answers(Drill::NearAndFar, all)).level;
    };
    QCOMPARE(level({}), 1);
    QCOMPARE(level({{1, 1}}), 1);
    QCOMPARE(level({{1, 1}, {1, 0.9}}), 2);
    QCOMPARE(level({{1, 1}, {1, 0.5}, {1, 1}}), 1);  // not on end
    QCOMPARE(level({{1, 1}, {1, 1}, {2, 0}, {2, 0.1}}), 1);
    QCOMPARE(level({{1, 0}, {1, 0}, {1, 0}}), 1);          // there is nothing easier
    QCOMPARE(level({{1, 1}, {1, 1}, {1, 1}, {1, 1}}), 2);  // below one's level it tells nothing
    std::vector<Practised> all;
    for (int k = 1; k <= kTopLevel; ++k)
      for (int n = 0; n < 2; ++n) all.push_back({Drill::Tone, k, 1, 0, {}});
    const Standing top = standingIn(Drill::Tone, all);
    QVERIFY(top.mastered && top.level == kTopLevel && top.done == 10 && top.lately == 1);
    QVERIFY(!standingIn(Drill::NearAndFar, all).mastered);
    all.push_back({Drill::Tone, kTopLevel, 0, 0, {}}), all.push_back({Drill::Tone, kTopLevel, 0, 0, {}});
    QVERIFY(!standingIn(Drill::Tone, all).mastered);
    QCOMPARE(standingIn(Drill::Tone, all).lately, 0.75);  // six of eight
  }

  void whatWentWrongComesFirst() {
    const Plan none = emptyPlan();
    const AnalysisRef nothing = analyse(none);
    const MakerLearnt learnt = learnFrom({});
    const std::vector<LogEntry> ran{cardWith({"lineInto", "lineInto"}), cardWith({"gap"})};
    const auto advice = drillsFor(ran, learnt, none, *nothing, {});
    QCOMPARE(advice.size(), kDrills);
    QVERIFY(advice[0].what == Drill::MaskChoice && advice[0].why == DrillReason::Mishaps &&
            advice[0].count == 2);
    QVERIFY(advice[1].what == Drill::LayMask && advice[1].count == 1);
    // Of a hundred cards the old ones are forgotten.
    std::vector<LogEntry> log = ran;
    for (int k = 0; k < 20; ++k) log.push_back(cardWith({})), log.back().ended_s = 100 + k;
    QVERIFY(adviceOf(drillsFor(log, learnt, none, *nothing, {}), Drill::MaskChoice).why ==
            DrillReason::Untried);
    // What is mastered is not advised again and again.
    std::vector<Practised> all;
    for (int k = 1; k <= kTopLevel; ++k)
      for (int n = 0; n < 2; ++n) all.push_back({Drill::MaskChoice, k, 1, 0, {}});
    QVERIFY(drillsFor(ran, learnt, none, *nothing, all)[0].what == Drill::LayMask);
  }

  void theNextCardAsksForWhatItHolds() {
    const Plan p = demo("canal-towpath");
    const AnalysisRef a = analyse(p);
    const auto advice = drillsFor({}, learnFrom({}), p, *a, {});
    const DrillAdvice& masks = adviceOf(advice, Drill::LayMask);
    QVERIFY(masks.why == DrillReason::NextCard);
    std::set<int> covered;
    for (const Step& s : a->sheet.steps)
      if (s.what == Do::Stamp || s.what == Do::Wash) covered.insert(s.needed.begin(), s.needed.end());
    QCOMPARE(masks.count, static_cast<int>(covered.size()));
    QVERIFY(masks.weight > adviceOf(advice, Drill::Horizon).weight);
  }

  void whatWentBadlyIsAdvisedBeforeWhatWasNeverTried() {
    const Plan none = emptyPlan();
    const auto advice = drillsFor({}, learnFrom({}), none, *analyse(none),
                                  answers(Drill::Tone, {{1, 0.3}, {1, 0}, {1, 0.3}}));
    QVERIFY(advice[0].what == Drill::Tone && advice[0].why == DrillReason::Weak);
    QVERIFY(advice[1].why == DrillReason::Untried);
  }
};

HAVLO_TEST(TstProgress)
#include "tst_progress.moc"
