// The coarse score of an arrangement, term by term in closed form: each pair of tables differs in one thing
// alone.
#include <QTest>
#include <cmath>

#include "core/arrange/table.h"
#include "core/chain/chain.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

constexpr double kWidth = 127;

double costOf(const Plan& p, double heroAt = 0.38) {
  const AnalysisRef a = analyse(p);
  Table t(p, *a, std::vector<char>(p.impressions.size(), 0));
  t.setHeroAt(heroAt);
  return t.cost();
}

Stamp prop(const std::string& id, double w, double h) {
  Stamp s = slab(id, w, h);
  s.role = Role::Prop;
  return s;
}

}  // namespace

class TstTable : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // Nine for the whole width that the hero is off its wish, after a twentieth that is free; eight for the
  // balance, after its own six hundredths. One thing alone makes no depth: 0.4 for each of three overlaps
  // that are missing.
  void aLoneHerosCostIsItsWishAndItsBalance() {
    for (const double x : {20.0, 40.0, 63.5, 90.0, 110.0}) {
      Plan p = emptyPlan();
      addStamp(p, prop("s", 12, 20));
      put(p, "h", "s", {x, 60}, 1).hero = true;
      const double wish = std::max(0.0, std::fabs(x / kWidth - 0.6) - 0.05);
      const double balance = std::max(0.0, std::fabs(x / kWidth - 0.5) - 0.06);
      const double expected = 9 * wish + 8 * balance + 0.4 * 3;
      QVERIFY2(std::fabs(costOf(p, 0.6) - expected) < 1e-9,
               qPrintable(QStringLiteral("at %1: %2 for %3").arg(x).arg(costOf(p, 0.6)).arg(expected)));
    }
  }

  // The hero is the one that is marked, not the first on the card.
  void theHeroIsTheMarkedOne() {
    Plan p = emptyPlan();
    addStamp(p, prop("s", 12, 20)), addStamp(p, prop("t", 12, 20));
    put(p, "one", "s", {30, 60}, 1), put(p, "two", "t", {97, 60}, 1);
    p.impressions[1].hero = true;
    const double near = costOf(p, 97 / kWidth), far = costOf(p, 30 / kWidth);
    QVERIFY(std::fabs(far - near - 9 * (67 / kWidth - 0.05)) < 1e-9);
  }

  // Two prints of one stamp side by side look like a mistake; two stamps of one shape do not.
  void copiesSideBySideCost() {
    const auto pair = [](bool same, double apart) {
      Plan p = emptyPlan();
      addStamp(p, prop("s", 12, 20)), addStamp(p, prop("t", 12, 20));
      put(p, "one", "s", {63.5 - apart / 2, 60}, 1),
          put(p, "two", same ? "s" : "t", {63.5 + apart / 2, 60}, 2);
      return costOf(p);
    };
    QVERIFY2(std::fabs(pair(true, 18) - pair(false, 18) - 1) < 1e-9,
             qPrintable(QStringLiteral("%1 %2").arg(pair(true, 18)).arg(pair(false, 18))));
    QVERIFY(std::fabs(pair(true, 40) - pair(false, 40)) < 1e-9);
  }

  // A shape to the right of its foot: at the right edge nearly all of it is off the card.
  void whatIsOffThePanelIsNotSeen() {
    Plan p = emptyPlan();
    Stamp s = prop("s", 30, 20);
    s.foot = {0, 0};
    addStamp(p, s);
    put(p, "h", "s", {1, 60}, 1).hero = true;
    const double whole = costOf(p, 0);
    p.impressions[0].at = {121, 60};
    const double cut = costOf(p, 121 / kWidth);
    // A fifth of it is on: 30 for each hundredth part under 0.99. The balance differs by at most 8 * 0.44.
    QVERIFY2(cut - whole > 30 * (0.99 - 0.25) - 4, qPrintable(QString::number(cut - whole)));
  }

  // Outlines that only touch merge to the eye, sideways or upward; a little apart or well over one another
  // they do not.
  void outlinesThatTouchCost() {
    const auto at = [](double dx, double dy) {
      Plan p = emptyPlan();
      addStamp(p, prop("s", 12, 20)), addStamp(p, prop("t", 12, 20));
      put(p, "one", "s", {61, 60}, 1), put(p, "two", "t", {61 + dx, 60 + dy}, 2);
      return costOf(p);
    };
    const double apart = at(0, 40);
    QVERIFY(at(0, 20) > apart + 1);  // one stands on the other's head
    QVERIFY(at(12, 0) > at(20, 0) + 1);
    QVERIFY(at(6, 4) < apart);  // a good overlap makes depth
  }

  // Of two living ones that lie over one another one is in the other's way, most of all where one is the
  // hero; two things make depth.
  void livingOnesInEachOthersWayCost() {
    const auto pair = [](Role role, double apart, bool hero) {
      Plan p = emptyPlan();
      Stamp s = slab("s", 12, 20), t = slab("t", 12, 20);
      s.role = t.role = role;
      addStamp(p, s), addStamp(p, t);
      put(p, "one", "s", {63.5 - apart / 2, 60}, 1).hero = hero;
      put(p, "two", "t", {63.5 + apart / 2, 62}, 2);
      return costOf(p);
    };
    for (const bool hero : {false, true}) {
      const double more = pair(Role::Animal, 6, hero) - pair(Role::Prop, 6, hero);
      QVERIFY2(std::fabs(more - (hero ? 3 : 1.5)) < 1e-9, qPrintable(QString::number(more)));
      QVERIFY(std::fabs(pair(Role::Animal, 40, hero) - pair(Role::Prop, 40, hero)) < 1e-9);
    }
  }

  // Who must stay whole keeps 3 mm from the edges; what need not may run off by a third of its width.
  void onlyWhatNeedNotBeWholeMayRunOff() {
    const auto bounds = [](Role role, bool hero) {
      Plan p = emptyPlan();
      Stamp s = slab("s", 30, 20);
      s.role = role;
      addStamp(p, s);
      put(p, "one", "s", {60, 60}, 1).hero = hero;
      const AnalysisRef a = analyse(p);
      const Table t(p, *a, {0});
      return std::pair{t.pieces()[0].left, t.pieces()[0].right};
    };
    const std::pair whole{3.0 + 15, kWidth - 3 - 15}, third{-10.0 + 15, kWidth + 10 - 15};
    QVERIFY(bounds(Role::Tree, false) == third && bounds(Role::Prop, false) == third);
    QVERIFY(bounds(Role::Tree, true) == whole);
    QVERIFY(bounds(Role::Figure, false) == whole && bounds(Role::Animal, false) == whole);
    QVERIFY(bounds(Role::Greeting, false) == whole);
  }

  void whatIsFixedOrHeldIsNoPiece() {
    Plan p = emptyPlan();
    addStamp(p, prop("s", 12, 20));
    put(p, "a", "s", {30, 60}, 1), put(p, "b", "s", {60, 60}, 1), put(p, "c", "s", {60, 80}, 1);
    p.impressions[2].depth = OnThing{"b", false};
    const AnalysisRef a = analyse(p);
    const Table t(p, *a, {1, 0, 0});
    QCOMPARE(t.pieces().size(), size_t{1});
    QCOMPARE(t.pieces()[0].impression, 1);
    QCOMPARE(t.pieces()[0].riders, std::vector<int>{2});
  }
};

HAVLO_TEST(TstTable)
#include "tst_table.moc"
