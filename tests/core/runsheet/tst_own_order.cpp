// Any order at all: shuffled by hand it is carried out, judged and blamed without a crash, and what is not
// broken is proven.
#include <QTest>
#include <algorithm>
#include <random>

#include "core/chain/chain.h"
#include "core/chain/what_if.h"
#include "core/edit/making_edits.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstOwnOrder : public QObject {
  Q_OBJECT

 private:
  static Plan random(uint32_t seed) {
    RandomOptions o;
    o.impressions = 7;
    o.stamps = 3;
    o.sayings = seed % 2;
    o.panel = {0, 0, 100, 100};
    Plan p = randomPlan(seed, o);
    if (seed % 4 == 1) p.impressions[2].school = School::Resist;
    if (seed % 4 == 2) p.impressions[1].school = School::PopUp;
    return p;
  }

 private Q_SLOTS:
  void shuffledOrdersAreCarriedOut() {
    std::mt19937 dice(4);
    int broken = 0, right = 0;
    for (uint32_t seed = 0; seed < 80; ++seed) {
      Plan p = random(seed);
      std::vector<std::string> order;
      for (const Impression& i : p.impressions) order.push_back(i.id);
      std::shuffle(order.begin(), order.end(), dice);
      order.resize(1 + dice() % order.size());
      p = withOrder(p, order).value();
      const AnalysisRef a = withBestOrder(p, analyse(p));
      QVERIFY(a->orderState.from == OrderState::From::Maker);
      // Every impression once, and the named ones in the maker's sequence.
      std::vector<int> once = a->order;
      std::sort(once.begin(), once.end());
      for (size_t k = 0; k < once.size(); ++k) QCOMPARE(once[k], static_cast<int>(k));
      QCOMPARE(once.size(), p.impressions.size());
      std::vector<std::string> named;
      for (int i : a->order) {
        const Impression& thing = p.impressions[ix(i)];
        const bool listed = std::find(order.begin(), order.end(), thing.id) != order.end();
        if (listed && thing.school != School::PopUp) named.push_back(thing.id);
      }
      std::erase_if(order, [&](const std::string& id) { return p.impression(id)->school == School::PopUp; });
      QCOMPARE(named, order);
      const Simulation s = simulate(a->press(p, nullptr), a->sheet, 60).value();
      for (const Difference& d : s.worst)
        if (!d.explained)
          QVERIFY(d.blame.step >= 0 && d.blame.step <= static_cast<int>(a->sheet.steps.size()));
      if (!a->orderState.broken.empty()) {
        ++broken;
      } else {
        // Only contradictions and wax may stand in the way of a proof then.
        const bool simple = a->knots.rings.empty() &&
                            std::none_of(p.impressions.begin(), p.impressions.end(), [](const Impression& i) {
                              return i.school == School::Overprint || i.school == School::Resist;
                            });
        // Or a part that no mask can cover.
        const bool fine = !s.worst.empty() && s.worst[0].blame.kind == Blame::Kind::TooFine;
        if (simple) QVERIFY2(s.proven || fine, qPrintable(QString::number(seed)));
        ++right;
      }
    }
    QVERIFY(broken > 10 && right > 10);
  }

  void theBestOrderIsNeverWorseThanTheMakers() {
    std::mt19937 dice(9);
    for (uint32_t seed = 100; seed < 125; ++seed) {
      const Plan p = random(seed);
      const AnalysisRef quick = analyse(p), best = withBestOrder(p, quick);
      for (int round = 0; round < 6; ++round) {
        std::vector<std::string> order;
        for (const Impression& i : p.impressions) order.push_back(i.id);
        std::shuffle(order.begin(), order.end(), dice);
        const Plan own = withOrder(p, order).value();
        const AnalysisRef a = analyse(own);
        if (a->orderState.broken.empty() && a->knots.rings.empty())
          QVERIFY(best->sheet.minutes <= a->sheet.minutes + 1e-9);
      }
    }
  }

  void everySlipOfEveryThingCanBePressed() {
    for (uint32_t seed = 200; seed < 212; ++seed) {
      const Plan p = random(seed);
      const AnalysisRef a = withBestOrder(p, analyse(p));
      for (int kind = 0; kind < 5; ++kind)
        for (int i = 0; i < static_cast<int>(p.impressions.size()); i += 2) {
          WhatIf w;
          w.kind = static_cast<WhatIf::Kind>(kind);
          w.impression = i;
          w.ink = "blue";
          w.by = {0.7, -0.7};
          w.turn_deg = 2;
          w.seed = seed;
          const auto pressed = tryOut(p, *a, w, nullptr, 40);
          QVERIFY(bool(pressed));
          QVERIFY(pressed.value().unexplained_mm2 >= 0);
        }
    }
  }

  // Masks that are forgotten where nothing would have needed them do no harm.
  void forgettingAMaskThatIsNotNeededIsHarmless() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    put(p, "one", "s", {20, 20}, 1), put(p, "two", "s", {80, 80}, 2);
    const AnalysisRef a = analyse(p);
    WhatIf w;
    w.kind = WhatIf::Kind::ForgetMask, w.impression = 0;
    QVERIFY(tryOut(p, *a, w, nullptr, 80).value().proven);
  }
};

HAVLO_TEST(TstOwnOrder)
#include "tst_own_order.moc"
