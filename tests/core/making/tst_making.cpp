// A card at the table: steps, timers that run on, mishaps, leaving and coming back, and what the log gets.
#include <QTest>

#include "core/chain/chain.h"
#include "core/making/making.h"
#include "core/making/masks_left.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Bench bench(Plan p, double now = 1000) {
  const auto plan = std::make_shared<const Plan>(std::move(p));
  return Bench::begin("card", plan, withBestOrder(*plan, analyse(*plan)), now);
}

Plan pair() {
  Plan p = emptyPlan();
  addStamp(p, slab("s", 20, 20)), addStamp(p, slab("t", 20, 20));
  put(p, "front", "s", {60, 60}, 1), put(p, "back", "t", {68, 65}, 2);
  return p;
}

}  // namespace

class TstMaking : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void goesStepByStepToTheEnd() {
    Bench b = bench(pair());
    double now = 1000;
    while (!b.finished()) b.done(now += 60);
    QCOMPARE(b.minutesSpent(), static_cast<double>(b.count()));
    QCOMPARE(b.record().ended_s, now);
    QCOMPARE(b.minutesToGo(), 0.0);
    b.done(now + 60);  // nothing comes after the end
    QCOMPARE(b.at(), b.count());
  }

  void timersRunOnWhileWorkGoesOn() {
    Bench b = bench(pair());
    QVERIFY(b.step(0).what == Do::Print && b.step(1).what == Do::Stamp);
    b.done(1040);
    QVERIFY(b.drying(1041).empty());  // masking paper is not the card
    b.done(1100);
    QCOMPARE(b.drying(1100).size(), size_t{1});
    QCOMPARE(b.drying(1130)[0].until_s, 1160.0);  // this ink dries in 60 s
    QVERIFY(b.drying(1161).empty());
    while (b.step(b.at()).what != Do::MaskOn && b.step(b.at()).what != Do::Dry) b.done(1110);
    QCOMPARE(b.mustWait(1120), 40.0);
    QCOMPARE(b.mustWait(1170), 0.0);
  }

  void backTakesTheTimeAwayButNotTheNote() {
    Bench b = bench(pair());
    b.setNote("pressed lightly");
    b.wentWrong(Mishap::Gap, "left of the ear");
    b.done(1100);
    b.back(1150);
    QCOMPARE(b.at(), 0);
    QCOMPARE(b.made(0).done_s, 0.0);
    QCOMPARE(b.made(0).note, std::string("pressed lightly"));
    QCOMPARE(b.made(0).mishaps.size(), size_t{1});
    b.back(1200);  // nothing comes before the first
    QCOMPARE(b.at(), 0);
  }

  void resumesWhereItWasLeft() {
    Bench b = bench(demo("teaching-crowd"));
    for (int k = 0; k < 7; ++k) b.done(1000 + 30 * (k + 1));
    const Bench again = Bench::resume(b.record()).value();
    QCOMPARE(again.at(), 7);
    QCOMPARE(again.count(), b.count());
    for (int k = 0; k < b.count(); ++k)
      QVERIFY(again.step(k).what == b.step(k).what && again.step(k).impression == b.step(k).impression);
    // A record whose order does not belong to its plan is refused, one that is past its end is not.
    MakingRecord bad = b.record();
    bad.order.push_back("nobody");
    QVERIFY(!Bench::resume(bad));
    MakingRecord far = b.record();
    far.at = 9999;
    QVERIFY(Bench::resume(far).value().finished());
  }

  void theLogHasTimesMasksAndMishaps() {
    Bench b = bench(demo("teaching-crowd"));
    b.setMadeFor("a neighbour");
    double now = 1000;
    while (!b.finished()) {
      if (b.at() == 3) b.wentWrong(Mishap::Smudge, "thumb");
      b.done(now += 30);
    }
    const LogEntry e = logEntryOf(b);
    QCOMPARE(e.madeFor, std::string("a neighbour"));
    QCOMPARE(static_cast<int>(e.steps.size()), b.count());
    QCOMPARE(e.mishaps.size(), size_t{1});
    QCOMPARE(e.mishaps[0].what, std::string("smudge"));
    QVERIFY(!e.masks.empty() && e.masks[0].cut == b.analysis().stampMasks[0].cut);
    QVERIFY(std::abs(e.spent_min - 0.5 * b.count()) < 1e-9);
  }

  // Two ducks' worth of masks were at hand: one is worn out by this card, new ones have uses left.
  void masksThatAreLeftAreCounted() {
    Plan p = demo("teaching-crowd");
    p.supplies.masksAtHand = {{"duck", 1, "old", {}}, {"duck", 6, "good", {}}};
    const Bench b = bench(p);
    int uses = 0;
    bool worn = false;
    for (const MaskLeft& m : masksLeft(b)) {
      const int life = m.key == "old" ? 1 : 6;
      QVERIFY(m.uses >= 0 && m.uses < life);
      worn = worn || (m.key == "old" && m.uses == 0);
      uses += life - m.uses;
    }
    QCOMPARE(uses, b.analysis().stampMasks[ix(b.analysis().stampOf[0])].uses);
    QVERIFY(worn || b.analysis().stampMasks[0].kept < 2);
  }

  // A night between two steps is no work.
  void aNightCountsNoMoreThanAnEvening() {
    Bench b = bench(pair());
    b.done(1000 + 14 * 3600);
    QCOMPARE(b.minutesSpent(), 180.0);
  }

  void anEmptyCardIsDoneAtOnce() {
    const Bench b = bench(emptyPlan());
    QVERIFY(b.finished());
    QCOMPARE(b.count(), 0);
  }

  void theLogHasTheNotesThatWereMade() {
    Bench b = bench(pair());
    b.setNote("pressed lightly");
    b.done(1100);
    b.wentWrong(Mishap::Gap, "left of the ear");
    b.done(1200);
    const LogEntry e = logEntryOf(b);
    QCOMPARE(e.notes, std::vector<std::string>{"pressed lightly"});
    QCOMPARE(e.mishaps.size(), size_t(1));
    QCOMPARE(e.mishaps[0].note, std::string("left of the ear"));
  }
};

HAVLO_TEST(TstMaking)
#include "tst_making.moc"
