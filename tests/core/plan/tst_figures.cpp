// Figures made of several presses: one to the eye and one to the hand.
#include <QTest>
#include <cmath>
#include <random>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/plan/figures.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A snail of two presses, a shell on a foot, which touch; a plain stone far away.
Plan snail() {
  Plan p = emptyPlan();
  Stamp shell = slab("shell", 14, 14), foot = slab("foot", 24, 6), stone = slab("stone", 12, 9);
  shell.role = Role::Animal, foot.role = Role::Animal;
  addStamp(p, shell), addStamp(p, foot), addStamp(p, stone);
  put(p, "shell", "shell", {60, 36.2}, 4), put(p, "foot", "foot", {60, 30}, 4.1),
      put(p, "stone", "stone", {100, 140}, 9);
  p.impressions[0].hero = true;
  return p;
}

bool says(const Analysis& a, FindingKind kind) { return find(a, kind) != nullptr; }

}  // namespace

class TstFigures : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void theHeroStandsForItsFigureElseTheFirst() {
    Plan p = snail();
    QCOMPARE(figureLeads(p), (std::vector<int>{0, 1, 2}));
    p.impressions[0].figure = p.impressions[1].figure = "snail";
    QCOMPARE(figureLeads(p), (std::vector<int>{0, 0, 2}));
    p.impressions[0].hero = false, p.impressions[1].hero = true;
    QCOMPARE(figureLeads(p), (std::vector<int>{1, 1, 2}));
    p.impressions[1].hero = false;
    QCOMPARE(figureLeads(p), (std::vector<int>{0, 0, 2}));
    QCOMPARE(figureOf(p, 1), (std::vector<int>{0, 1}));
    QCOMPARE(figureOf(p, 2), (std::vector<int>{2}));
    QVERIFY(sameFigure(p, 0, 1) && !sameFigure(p, 0, 2) && !sameFigure(p, 2, 2));
  }

  // All of the figure's pull is one share, as much as its presses have together; none is the other's rival.
  void itHasOneShareAndIsNotItsOwnRival() {
    Plan p = snail();
    const LooksRef apart = lookAtPlan(p);
    p.impressions[0].figure = p.impressions[1].figure = "snail";
    const AnalysisRef a = looked(p);
    const Looks& l = *a->looks;
    QVERIFY(l.shares[1] < 1e-12);
    QVERIFY(l.shares[0] > std::max(apart->shares[0], apart->shares[1]));
    QVERIFY2(std::fabs(l.shares[0] + l.shares[2] + l.elsewhere - 1) < 1e-9, "shares add up");
    for (const Rival& r : l.rivals) QVERIFY(r.thing != 1);
    for (const Look& look : l.path) QVERIFY(look.thing != 1);
  }

  void itsPressesDoNotKissMergeOrHideEachOther() {
    Plan p = snail();
    p.impressions[0].at.y = 36.4;  // a hair apart from the foot
    QVERIFY(says(*looked(p), FindingKind::KissingEdges));
    p.impressions[0].figure = p.impressions[1].figure = "snail";
    QVERIFY(!says(*looked(p), FindingKind::KissingEdges));
    // Two heroes of one figure are one.
    p.impressions[1].hero = true;
    QVERIFY(!says(*looked(p), FindingKind::SeveralHeroes));
    p.impressions[1].figure.clear();
    QVERIFY(says(*looked(p), FindingKind::SeveralHeroes));
  }

  // Whichever press is moved, all go by the same way, and what is on any of them; each once.
  void itMovesAsOne() {
    std::mt19937 random(3);
    std::uniform_real_distribution<double> anywhere(5, 100);
    for (int k = 0; k < 40; ++k) {
      Plan p = snail();
      p.impressions[0].figure = p.impressions[1].figure = "snail";
      put(p, "fly", "stone", {62, 50}, 4).depth = OnThing{k % 2 ? "shell" : "foot", false};
      const std::string which = k % 3 == 0 ? "foot" : "shell";
      const Point to{anywhere(random), anywhere(random)}, from = p.impression(which)->at;
      const Plan moved = withFoot(p, which, to).value();
      QVERIFY(moved.impression(which)->at == to);
      for (const char* id : {"shell", "foot", "fly"}) {
        const Point was = p.impression(id)->at, is = moved.impression(id)->at;
        QVERIFY(std::hypot(is.x - was.x - to.x + from.x, is.y - was.y - to.y + from.y) < 1e-9);
      }
      QVERIFY(moved.impression("stone")->at == p.impression("stone")->at);
    }
  }

  void aFigureOfOneIsNone() {
    Plan p = withFigure(snail(), "foot", "shell").value();
    QCOMPARE(p.impression("foot")->figure, p.impression("shell")->figure);
    QVERIFY(!p.impression("foot")->figure.empty());
    p = withFigure(p, "foot", "").value();
    QVERIFY(p == snail());
    QVERIFY(!withFigure(p, "foot", "foot") && !withFigure(p, "foot", "nobody") &&
            !withFigure(p, "nobody", "foot"));
    // From one figure into another.
    p = withFigure(withFigure(p, "foot", "shell").value(), "foot", "stone").value();
    QVERIFY(p.impression("shell")->figure.empty());
    QCOMPARE(p.impression("foot")->figure, std::string("stone"));
  }

  void filesKeepIt() {
    Plan p = withFigure(snail(), "foot", "shell").value();
    auto bird = std::make_shared<Stamp>(*p.stamps[2]);
    bird->home = Home::Air;
    p.stamps[2] = bird;
    p.styles.byEye = true, p.styles.layers = false;
    const Plan back = readPlan(writePlan(p)).value().plan;
    QVERIFY(back == p);
    QVERIFY(!back.styles.allOver);
    p.styles.byEye.reset();
    QVERIFY(!(back == p));  // an answer is a change of the plan
    p = back;
    p.impressions[1].figure.clear();
    QVERIFY(!(back == p));
  }
};

HAVLO_TEST(TstFigures)
#include "tst_figures.moc"
