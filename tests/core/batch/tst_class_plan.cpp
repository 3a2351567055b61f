// A class: the plan of who has what when is played through turn by turn; small cases against what can be said
// in closed form.
#include "core/batch/class_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

AnalysisRef ordered(const Plan& plan) { return withBestOrder(plan, analyse(plan)); }

/// What is wrong with it; empty: nothing.
QString faultOf(const ClassPlan& c) {
  // Nobody is at two stations, everybody at all of them in their order.
  for (int m = 0; m < c.wish.makers; ++m) {
    std::vector<ClassTurn> own;
    for (const ClassTurn& t : c.turns)
      if (t.maker == m) own.push_back(t);
    std::sort(own.begin(), own.end(), [](const auto& a, const auto& b) { return a.from_min < b.from_min; });
    if (own.size() != c.done.size()) return QStringLiteral("maker %1 misses a station").arg(m);
    for (size_t k = 0; k < own.size(); ++k) {
      const Station& s = c.card.stations[static_cast<size_t>(own[k].station)];
      if (own[k].station != c.done[k]) return QStringLiteral("maker %1 goes another way").arg(m);
      if (std::fabs(own[k].to_min - own[k].from_min - s.minutes) > 1e-9)
        return QStringLiteral("works another time");
      if (k > 0 && own[k].from_min < own[k - 1].to_min - 1e-9) return QStringLiteral("is at two stations");
    }
    // A card waits for itself at least as long as it does when it is made alone: from the end of what dries
    // on.
    double alone = 0, behind = 0;
    for (size_t k = 0; k < own.size(); ++k) {
      const Station& s = c.card.stations[static_cast<size_t>(own[k].station)];
      behind = own[k].from_min - alone;
      if (behind < -1e-9) return QStringLiteral("begins before it can be dry");
      alone += s.minutes + s.wait_min;
    }
  }
  // No tool in more hands than there are of it: at every beginning all that use it are counted.
  for (size_t t = 0; t < c.tools.size(); ++t)
    for (const ClassTurn& at : c.turns) {
      int users = 0;
      for (const ClassTurn& other : c.turns) {
        const auto& with = c.toolsAt[static_cast<size_t>(other.station)];
        if (std::find(with.begin(), with.end(), static_cast<int>(t)) == with.end()) continue;
        if (other.from_min <= at.from_min + 1e-9 && other.to_min > at.from_min + 1e-9) ++users;
      }
      if (users > c.tools[t].copies)
        return QStringLiteral("%1 hands on one of %2 %3")
            .arg(users)
            .arg(c.tools[t].copies)
            .arg(c.tools[t].id.c_str());
    }
  return {};
}

}  // namespace

class TstClassPlan : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void nobodyHasWhatAnotherHas() {
    for (const char* name : {"canal-towpath", "misty-fen"}) {
      const Plan plan = demo(name);
      const AnalysisRef a = ordered(plan);
      for (const ClassWish& wish :
           {ClassWish{1, 1, 1, 1, true}, {5, 1, 1, 1, false}, {2, 1, 2, 1, false}, {12, 2, 2, 1, true}}) {
        const ClassPlan c = classPlan(plan, a, wish);
        QCOMPARE(faultOf(c), QString());
        QVERIFY(c.minutes >= c.bound_min - 1e-9);
        QVERIFY(c.bound_min >= c.alone_min - 1e-9);
      }
    }
  }

  void aClashIsSeen() {
    const Plan plan = demo("canal-towpath");
    ClassPlan c = classPlan(plan, ordered(plan), {3, 1, 1, 1, false});
    for (ClassTurn& t : c.turns)
      if (t.maker == 1) t.from_min -= 1, t.to_min -= 1;
    QVERIFY(!faultOf(c).isEmpty());
  }

  void withEnoughOfEverythingNobodyWaits() {
    const Plan plan = demo("misty-fen");
    const AnalysisRef a = ordered(plan);
    const ClassPlan c = classPlan(plan, a, {7, 7, 7, 7, false});
    QCOMPARE(c.minutes, c.alone_min);
    QCOMPARE(c.waiting_min, 0.0);
    for (const ClassTool& t : c.tools) QCOMPARE(t.sparing_min, 0.0);
    QVERIFY(classPlan(plan, a, {7, 1, 1, 1, false}).minutes > c.minutes);
  }

  /// One stamp, one ink, nothing else is shared: the last begins when all others are through, and ends after
  /// the rest.
  void oneStampForAll() {
    Plan plan = emptyPlan();
    addStamp(plan, slab("hare", 20, 30));
    put(plan, "hare", "hare", {60, 40}, 4);
    const AnalysisRef a = ordered(plan);
    const ClassPlan one = classPlan(plan, a, {1, 1, 1, 1, false});
    double shared = 0;
    for (const int s : one.done)
      if (!one.toolsAt[static_cast<size_t>(s)].empty())
        shared += one.card.stations[static_cast<size_t>(s)].minutes;
    QVERIFY(shared > 0);
    for (int n : {2, 5, 9}) {
      const ClassPlan c = classPlan(plan, a, {n, 1, 1, 1, false});
      QCOMPARE(c.minutes, one.minutes + (n - 1) * shared);
      QCOMPARE(c.bound_min, c.minutes);
    }
    // Two of each halve what is waited for.
    QCOMPARE(classPlan(plan, a, {4, 2, 2, 1, false}).minutes, one.minutes + shared);
  }

  void oneMoreSparesWhatItSays() {
    const Plan plan = demo("misty-fen");
    const AnalysisRef a = ordered(plan);
    const ClassPlan c = classPlan(plan, a, {6, 6, 1, 1, false});  // only pads are short
    double most = 0;
    for (const ClassTool& t : c.tools) most = std::max(most, t.sparing_min);
    QVERIFY(most > 1);
    // All pads twice spare at least what the best single one does, and not more than what the bound allows.
    QVERIFY(c.minutes - classPlan(plan, a, {6, 6, 2, 1, false}).minutes >= most - 1e-9);
  }

  void theTeacherCutsTheMasks() {
    const Plan plan = demo("canal-towpath");
    const AnalysisRef a = ordered(plan);
    const ClassPlan all = classPlan(plan, a, {4, 1, 1, 1, false}),
                    ready = classPlan(plan, a, {4, 1, 1, 1, true});
    QVERIFY(all.beforehand.empty());
    QVERIFY(!ready.beforehand.empty());
    QVERIFY(ready.minutes < all.minutes);
    for (const int s : ready.beforehand)
      QVERIFY(ready.card.stations[static_cast<size_t>(s)].kind == Station::Kind::Masks);
    // Masks are printed with the stamps and pads themselves.
    bool printed = false;
    for (const int s : all.done) {
      const Station& station = all.card.stations[static_cast<size_t>(s)];
      if (station.kind != Station::Kind::Masks || station.ink.empty()) continue;
      printed = true;
      QVERIFY(all.toolsAt[static_cast<size_t>(s)].size() >= 2);
    }
    QVERIFY(printed);
  }

  void anEmptyCardIsNoTrouble() {
    const Plan plan = emptyPlan();
    const ClassPlan c = classPlan(plan, ordered(plan), {60, 1, 1, 1, true});
    QCOMPARE(faultOf(c), QString());
  }
};

HAVLO_TEST(TstClassPlan)
#include "tst_class_plan.moc"
