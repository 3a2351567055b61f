// The incremental analysis says what the whole one says, whatever was changed.
#include <QTest>
#include <random>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/outline/shape_ops.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;

namespace {

bool same(const Analysis& a, const Analysis& b) {
  if (a.order != b.order || a.meetings.list.size() != b.meetings.list.size() ||
      a.findings.size() != b.findings.size() || a.sheet.steps.size() != b.sheet.steps.size() ||
      a.sheet.minutes != b.sheet.minutes || a.masksToCut() != b.masksToCut())
    return false;
  for (size_t k = 0; k < a.meetings.list.size(); ++k) {
    const Meeting &m = a.meetings.list[k], &n = b.meetings.list[k];
    if (m.front != n.front || m.back != n.back || m.area_mm2 != n.area_mm2 || m.edge.any != n.edge.any ||
        m.edge.straight != n.edge.straight || m.contradictory != n.contradictory)
      return false;
  }
  for (size_t k = 0; k < a.needs.steps.size(); ++k)
    if (a.needs.steps[k].covered != b.needs.steps[k].covered) return false;
  for (size_t k = 0; k < a.findings.size(); ++k)
    if (a.findings[k].kind != b.findings[k].kind || a.findings[k].value != b.findings[k].value ||
        a.findings[k].fix != b.findings[k].fix)
      return false;
  return true;
}

}  // namespace

class TstAnalysis : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void incrementalEqualsWhole() {
    std::mt19937 random(3);
    const auto real = [&](double a, double b) {
      return std::uniform_real_distribution<double>(a, b)(random);
    };
    for (uint32_t seed = 0; seed < 25; ++seed) {
      testing::RandomOptions options;
      options.impressions = 12;
      options.sayings = true;
      Plan plan = testing::randomPlan(seed, options);
      AnalysisRef kept = analyse(plan);
      for (int step = 0; step < 14; ++step) {
        const std::string id = plan.impressions[random() % plan.impressions.size()].id;
        const std::string other = plan.impressions[random() % plan.impressions.size()].id;
        Result<Plan> next = plan;
        switch (random() % 8) {
          case 0:
            next = withFoot(plan, id, {real(-10, 130), real(-10, 150)});
            break;
          case 1:
            next = withTurn(plan, id, Degrees{real(-180, 180)});
            break;
          case 2:
            next = withDepth(plan, id, AtMetres{real(1, 9)});
            break;
          case 3:
            next = withSchool(plan, id, School::Overprint);
            break;
          case 4:
            next = saidInFront(plan, id, other);
            break;
          case 5:
            next = without(plan, id);
            break;
          case 6:
            next = withNewImpression(plan, plan.stamps[0]->id, {real(0, 120), real(0, 90)});
            break;
          case 7: {
            Plan p = plan;
            p.supplies.maskInset_mm = real(0, 0.5);
            if (!p.washes.empty()) p.washes[0].reach = real(0, 1);
            next = p;
          }
        }
        if (!next || next.value().impressions.size() < 2) continue;
        plan = next.value();
        kept = analyse(plan, kept.get());
        QVERIFY2(same(*kept, *analyse(plan)),
                 qPrintable(QStringLiteral("seed %1, step %2").arg(seed).arg(step)));
      }
    }
  }

  /// Steps of a hand: where things are is found at every one, the work at the table stands until it is asked
  /// for.
  void whileAHandHoldsSomethingTheWorkStands() {
    std::mt19937 random(11);
    const auto real = [&](double a, double b) {
      return std::uniform_real_distribution<double>(a, b)(random);
    };
    const auto saidOf = [](const Analysis& a, Rule::When when) {
      std::vector<std::pair<FindingKind, double>> out;
      for (const Finding& f : a.findings)
        if (ruleOf(f.kind).when == when) out.push_back({f.kind, f.value});
      std::sort(out.begin(), out.end());
      return out;
    };
    int otherWork = 0;
    for (uint32_t seed = 0; seed < 25; ++seed) {
      testing::RandomOptions options;
      options.impressions = 12;
      options.sayings = true;
      Plan plan = testing::randomPlan(seed, options);
      const AnalysisRef atPress = analyse(plan);
      AnalysisRef held = atPress;
      for (int step = 0; step < 6; ++step) {
        const std::string id = plan.impressions[random() % plan.impressions.size()].id;
        const Result<Plan> next = withFoot(plan, id, {real(0, 120), real(0, 90)});
        QVERIFY(bool(next));
        held = analyseScene(next.value(), plan, *held);
        plan = next.value();
        QVERIFY(held->workStands);
        QCOMPARE(held->order, atPress->order);
        QCOMPARE(held->masksToCut(), atPress->masksToCut());
        const AnalysisRef whole = analyse(plan);
        QCOMPARE(held->meetings.list.size(), whole->meetings.list.size());
        QVERIFY(saidOf(*held, Rule::When::AtOnce) == saidOf(*whole, Rule::When::AtOnce));
        QVERIFY(saidOf(*held, Rule::When::WithWork) == saidOf(*atPress, Rule::When::WithWork));
      }
      const AnalysisRef let = withWork(plan, held), whole = analyse(plan);
      QVERIFY(!let->workStands);
      QVERIFY2(same(*let, *whole), qPrintable(QStringLiteral("seed %1").arg(seed)));
      QCOMPARE(withWork(plan, let), let);
      otherWork += !same(*held, *whole);
    }
    QVERIFY(otherWork > 20);  // the steps did change the work
  }

  /// Numbers of steps and masks would mean other things.
  void theWorkOfOtherThingsNeverStands() {
    Plan plan = testing::randomPlan(4, {});
    const AnalysisRef before = analyse(plan);
    const Plan fewer = without(plan, plan.impressions[0].id).value();
    Plan turned = plan;
    std::swap(turned.impressions[0], turned.impressions[1]);
    Plan coloured = plan;
    coloured.colourings.push_back({});
    coloured.colourings.back().impression = plan.impressions[0].id;
    for (const Plan& other : {fewer, turned, coloured}) {
      const AnalysisRef a = analyseScene(other, plan, *before);
      QVERIFY(!a->workStands);
      QVERIFY(same(*a, *analyse(other)));
    }
  }

  void unchangedImpressionsAreTakenOver() {
    const Plan plan = testing::demo("canal-towpath");
    const AnalysisRef first = analyse(plan);
    const AnalysisRef second = analyse(withFoot(plan, "duck", {150, 20}).value(), first.get());
    int kept = 0;
    for (size_t i = 0; i < plan.impressions.size(); ++i)
      kept += first->meetings.placed[i] == second->meetings.placed[i];
    QCOMPARE(kept, static_cast<int>(plan.impressions.size()) - 1);
  }

  void anOrderMustNameEverythingOnce() {
    const Plan p = testing::demo("teaching-crowd");
    const AnalysisRef a = analyse(p);
    QVERIFY(!reordered(p, *a, {"duck1"}));
    QVERIFY(!reordered(p, *a, {"duck1", "duck1", "duck2", "duck3", "duck4", "duck5", "duck6", "reeds"}));
    QVERIFY(!reordered(p, *a, {"zebra"}));
    QVERIFY(bool(reordered(p, *a, {"reeds", "duck6", "duck5", "duck4", "duck3", "duck2", "duck1"})));
  }
};

HAVLO_TEST(TstAnalysis)
#include "tst_analysis.moc"
