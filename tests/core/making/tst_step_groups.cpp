// Steps of a sheet gathered by what the hands do in one go: by hand-made sheets whose groups are known, and
// by every demo: each step is in one group, in its order, and a group holds only what belongs together.
#include <QTest>
#include <algorithm>

#include "core/chain/chain.h"
#include "core/making/making.h"
#include "core/making/step_groups.h"
#include "tests/support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Step step(Do what, int impression = -1, double wait = 0) {
  Step s;
  s.what = what, s.impression = impression, s.wait = wait, s.minutes = 1;
  if (what == Do::MaskOn || what == Do::MaskOff || what == Do::CutMask || what == Do::Print)
    s.covers = {Cover{"m#1", impression}};
  return s;
}

std::string shapeOf(const RunSheet& sheet) {
  std::string out;
  for (const StepGroup& g : stepGroups(sheet))
    out += "1PCKU"[static_cast<int>(g.kind)] + std::to_string(g.steps.size()) + " ";
  return out;
}

}  // namespace

class TstStepGroups : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void whatTheHandsDoInOneGo() {
    RunSheet s;
    s.steps = {step(Do::Print),      step(Do::Print),     step(Do::Stamp, 0),  step(Do::CutMask),
               step(Do::CutMask),    step(Do::Dry, 0, 3), step(Do::MaskOn, 0), step(Do::Stamp, 1),
               step(Do::MaskOff, 0), step(Do::MaskOff, 1)};
    QCOMPARE(shapeOf(s), std::string("P2 11 K4 11 U2 "));
    const auto groups = stepGroups(s);
    QCOMPARE(groups[2].first, 4);
    QCOMPARE(groups[2].last, 7);
    const Step all = merged(s, groups[2]);
    QVERIFY(all.what == Do::MaskOn);
    QCOMPARE(all.covers.size(), size_t{1});  // what is laid, not what is cut
    QCOMPARE(all.wait, 3.0);
    QCOMPARE(all.minutes, 4.0);
    QCOMPARE(merged(s, groups[4]).covers.size(), size_t{2});
  }

  // What bounds a blend covers no thing: it is told for itself, between masks as well.
  void edgesAndOpeningsStandAlone() {
    const auto edge = [](Do what) {
      Step s = step(what);
      s.covers.clear(), s.limit = 0;
      return s;
    };
    RunSheet s;
    s.steps = {edge(Do::CutMask), edge(Do::MaskOn),     step(Do::CutMask),    step(Do::MaskOn, 0),
               edge(Do::MaskOn),  step(Do::MaskOff, 0), step(Do::MaskOff, 1), edge(Do::MaskOff)};
    QCOMPARE(shapeOf(s), std::string("11 11 K2 11 U2 11 "));
  }

  // In every group of a sheet what is laid or lifted lies on a thing.
  void whatIsLaidInAGroupLiesOnThings() {
    Plan plan = demo("canal-towpath");
    for (const LimitKind kind : {LimitKind::Wavy, LimitKind::Torn, LimitKind::Straight}) {
      plan.limits[0].kind = kind;
      const AnalysisRef a = analyse(plan);
      int edges = 0;
      for (const StepGroup& g : stepGroups(a->sheet)) {
        const Step all = merged(a->sheet, g);
        edges += all.limit >= 0 && all.what != Do::Wash;
        if (g.kind != StepGroup::Kind::Cover && g.kind != StepGroup::Kind::Uncover) continue;
        QVERIFY(all.limit < 0 && !all.covers.empty());
        for (const Cover& c : all.covers) QVERIFY(c.impression >= 0);
      }
      QCOMPARE(edges, kind == LimitKind::Straight ? 2 : 3);  // cut if it is, laid, lifted
    }
  }

  // Masks cut ahead, to be laid after other work: cutting stands alone.
  void cuttingAheadStandsAlone() {
    RunSheet s;
    s.steps = {step(Do::CutMask),   step(Do::CutMask), step(Do::Stamp, 0),
               step(Do::MaskOn, 0), step(Do::CutMask), step(Do::Wash)};
    QCOMPARE(shapeOf(s), std::string("C2 11 11 11 11 "));
  }

  // The night between is a pause of the hands.
  void eveningsPart() {
    RunSheet s;
    s.steps = {step(Do::Print), step(Do::Print), step(Do::Print)};
    s.steps.own()[2].evening = 1;
    QCOMPARE(shapeOf(s), std::string("P2 11 "));
    // Cut in the evening, covered in the next.
    s.steps = {step(Do::CutMask), step(Do::MaskOn, 0), step(Do::MaskOn, 1)};
    s.steps.own()[1].evening = s.steps.own()[2].evening = 1;
    QCOMPARE(shapeOf(s), std::string("11 K2 "));
  }

  void waitsThatRanOutAreInNone() {
    RunSheet s;
    s.steps = {step(Do::Stamp, 0), step(Do::Dry, 0), step(Do::MaskOn, 0)};
    const auto groups = stepGroups(s);
    QCOMPARE(groups.size(), size_t{2});
    QCOMPARE(groups[1].steps, std::vector<int>{2});
    QCOMPARE(groups[1].first, 2);
  }

  void everyDemo_data() {
    QTest::addColumn<QByteArray>("name");
    for (const char* name :
         {"canal-towpath", "misty-fen", "potting-shed", "teaching-crowd", "teaching-papers"})
      QTest::newRow(name) << QByteArray(name);
  }
  void everyDemo() {
    QFETCH(QByteArray, name);
    const Plan p = demo(name.toStdString());
    const AnalysisRef a = analyse(p);
    const RunSheet& sheet = a->sheet;
    const std::vector<int> shown = stepsToShow(sheet);
    std::vector<int> all;
    int next = 1;
    for (const StepGroup& g : stepGroups(sheet)) {
      QCOMPARE(g.first, next);
      QCOMPARE(g.last - g.first + 1, static_cast<int>(g.steps.size()));
      next = g.last + 1;
      all.insert(all.end(), g.steps.begin(), g.steps.end());
      for (const int k : g.steps) {
        const Do what = sheet.steps[ix(k)].what;
        // A stamping, a blend, work by hand: each has the card to itself.
        const bool alone = what == Do::Stamp || what == Do::Wash || what == Do::Colour || what == Do::Glue;
        if (alone) QCOMPARE(g.steps.size(), size_t{1});
        QCOMPARE(sheet.steps[ix(k)].evening, sheet.steps[ix(g.steps.front())].evening);
      }
    }
    QCOMPARE(all, shown);
  }
};

HAVLO_TEST(TstStepGroups)
#include "tst_step_groups.moc"
