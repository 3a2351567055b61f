// The trainer's mask: what it says of a join against closed forms, and against the press's own ink.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/practice/laying.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A block 30 x 20 mm in front of a wall of ink that reaches far beyond it.
Plan blockBeforeWall() {
  Plan p = emptyPlan();
  addStamp(p, slab("block", 30, 20));
  addStamp(p, slab("wall", 70, 60));
  put(p, "block", "block", {60, 40}, 2);
  put(p, "wall", "wall", {60, 22}, 9);
  return p;
}

}  // namespace

class TstLaying : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aRightLayingShowsNothing() {
    const Plan p = blockBeforeWall();
    const AnalysisRef a = analyse(p);
    const auto tasks = layTasks(p, *a);
    QCOMPARE(tasks.size(), size_t{1});
    QCOMPARE(p.impressions[ix(tasks[0].front)].id, std::string("block"));
    QCOMPARE(p.impressions[ix(tasks[0].back)].id, std::string("wall"));
    QVERIFY(std::fabs(tasks[0].length_mm - 100) < 0.5);  // 2 (30 + 20), all of it before the wall
    const LayResult r = judgeLaying(tasks[0], {});
    QCOMPARE(r.stars, 3);
    QVERIFY(r.gap_mm < 0.01 && r.runIn_mm < 0.01);
  }

  /// Pushed to the right by 1 mm, the right side stands open by that and the left side is run into by it.
  void aPushedPaperAgainstTheClosedForm() {
    const Plan p = blockBeforeWall();
    const LayTask task = layTasks(p, *analyse(p))[0];
    const double inset = p.supplies.maskInset_mm;
    for (const double push : {0.6, 1.0, 2.5}) {
      const LayResult r = judgeLaying(task, {{push, 0}, 0, {}});
      QVERIFY2(std::fabs(r.gap_mm - (push - inset)) < 0.02, qPrintable(QString::number(r.gap_mm)));
      QVERIFY2(std::fabs(r.runIn_mm - push) < 0.02, qPrintable(QString::number(r.runIn_mm)));
      // A side of 20 mm each; at the corners the distances of two sides mix.
      QVERIFY(std::fabs(r.gapLength_mm - (push - inset >= 0.4 ? 20 : 0)) < 2.6);
      QVERIFY(std::fabs(r.runInLength_mm - 20) < 2 * push + 1);
      QVERIFY(r.stars < 3);
    }
    // Turned about its middle by a: the corners come out by about r sin a, where r is to the corner.
    const LayResult turned = judgeLaying(task, {{0, 0}, 6, {}});
    const double most = 15 * std::sin(6 * 3.14159265 / 180);
    QVERIFY(turned.gap_mm > 0.7 * most - inset && turned.gap_mm < 1.2 * most);
    QVERIFY(turned.stars == 0);
  }

  void aPaperCutByEye() {
    const Plan p = blockBeforeWall();
    const LayTask task = layTasks(p, *analyse(p))[0];
    const Box b = boxOf(task.outline);
    QCOMPARE(judgeLaying(task, {{}, 0, rectangle(b)}).stars, 3);
    const LayResult large = judgeLaying(task, {{}, 0, rectangle(b.grown(0.8))});
    QVERIFY(std::fabs(large.gap_mm - 0.8) < 0.02 && large.runIn_mm < 0.01);
    QVERIFY(std::fabs(large.gapLength_mm - 100) < 0.6);
    const LayResult small = judgeLaying(task, {{}, 0, rectangle(b.grown(-0.8))});
    // Along the sides by 0.8 less the inset; at a corner by the square root of 2 times that.
    const double side = 0.8 - p.supplies.maskInset_mm;
    QVERIFY(small.runIn_mm > side - 0.02 && small.runIn_mm < side * std::sqrt(2.0) + 0.02 &&
            small.gap_mm < 0.01);
    QCOMPARE(small.stars, 0);
  }

  /// The press does not know the trainer's arithmetic: the white it leaves beside the block is as large as
  /// foretold.
  void thePressLeavesThatGap() {
    const Plan p = blockBeforeWall();
    const AnalysisRef a = analyse(p);
    const LayTask task = layTasks(p, *a)[0];
    const Laying laid{{1.5, 0}, 0, {}};
    constexpr double kDpi = 254;  // ten pixels a millimetre
    const Canvas card = pressedLaid(p, *a, nullptr, task, laid, kDpi).value();
    const auto bytes = card.bytes();
    const Box b = boxOf(task.outline);
    const Grid grid(p.card.panel.box(), kDpi);
    const auto white = [&](double x, double y) {
      const int px = static_cast<int>(x * grid.pxPerMmX()),
                py = static_cast<int>((grid.panelHeight_mm - y) * grid.pxPerMmY());
      return bytes[(ix(py) * ix(grid.width) + ix(px)) * 3] > 200;
    };
    // Across the middle of the right side, from the block outward.
    int open = 0;
    for (double x = b.right + 0.05; x < b.right + 4; x += 0.1) open += white(x, b.centre().y);
    const double gap = judgeLaying(task, laid).gap_mm;
    QVERIFY2(std::fabs(open * 0.1 - gap) <= kEdgeLine_mm + 0.15,
             qPrintable(QStringLiteral("%1 of %2").arg(open * 0.1).arg(gap)));
    // Before the wall comes, there is none of its ink.
    const auto before = pressedBefore(p, *a, nullptr, task.step, kDpi).value().bytes();
    const int px = static_cast<int>((b.right + 5) * grid.pxPerMmX()),
              py = static_cast<int>((grid.panelHeight_mm - b.centre().y) * grid.pxPerMmY());
    QVERIFY(before[(ix(py) * ix(grid.width) + ix(px)) * 3] > 240);
  }

  void everyDemoHasPapersToLay() {
    for (const char* name : {"canal-towpath", "teaching-crowd"}) {
      const Plan p = demo(name);
      const auto tasks = layTasks(p, *analyse(p));
      QVERIFY2(!tasks.empty(), name);
      for (size_t k = 1; k < tasks.size(); ++k) QVERIFY(tasks[k].fiddly >= tasks[k - 1].fiddly);
      for (const LayTask& t : tasks) {
        QCOMPARE(judgeLaying(t, {}).stars, 3);
        QVERIFY(judgeLaying(t, {{4, 3}, 10, {}}).stars < 2);
      }
    }
  }
};

HAVLO_TEST(TstLaying)
#include "tst_laying.moc"
