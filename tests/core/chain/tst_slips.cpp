// What a slip changes and what it leaves, and what a reading is worth, in closed form.
#include <QTest>
#include <algorithm>

#include "core/chain/chain.h"
#include "core/chain/foretell.h"
#include "core/chain/what_if.h"
#include "core/edit/making_edits.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

WhatIf what(WhatIf::Kind kind, int impression = -1) {
  WhatIf w;
  w.kind = kind, w.impression = impression;
  return w;
}

/// Two fronts before one solid back: both are masked while the back is stamped.
Plan twoFronts() {
  Plan p = emptyPlan();
  Stamp disc = slab("front", 14, 14);
  disc.silhouette = {{}};
  for (int k = 0; k < 40; ++k)
    disc.silhouette[0].push_back({7 + 7 * std::cos(k * M_PI / 20), 7 + 7 * std::sin(k * M_PI / 20)});
  addStamp(p, disc), addStamp(p, slab("back", 90, 60));
  put(p, "one", "front", {40, 60}, 1), put(p, "two", "front", {80, 60}, 2),
      put(p, "back", "back", {60, 40}, 9);
  return p;
}

std::vector<int> coveredWhile(const RunSheet& sheet, int stamped) {
  std::vector<int> lying;
  for (const Step& s : sheet.steps) {
    for (const Cover& c : s.covers)
      if (s.what == Do::MaskOn)
        lying.push_back(c.impression);
      else if (s.what == Do::MaskOff)
        std::erase(lying, c.impression);
    if (s.what == Do::Stamp && s.impression == stamped) return lying;
  }
  return {-1};
}

}  // namespace

class TstSlips : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aForgottenMaskIsTheOnlyOneThatIsMissing() {
    const Plan p = twoFronts();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QCOMPARE(coveredWhile(a->sheet, 2).size(), size_t{2});
    for (const int gone : {0, 1}) {
      const Slip s = slipped(p, *a, what(WhatIf::Kind::ForgetMask, gone)).value();
      QCOMPARE(coveredWhile(s.analysis->sheet, 2), std::vector<int>{1 - gone});
      // Nothing else is left out: every stamping and every cutting stands.
      for (const Do kind : {Do::Stamp, Do::CutMask}) {
        const auto count = [&](const RunSheet& sheet) {
          return std::count_if(sheet.steps.begin(), sheet.steps.end(),
                               [&](const Step& x) { return x.what == kind; });
        };
        QCOMPARE(count(s.analysis->sheet), count(a->sheet));
      }
      for (const Step& step : s.analysis->sheet.steps)
        QVERIFY(std::find(step.masksOn.begin(), step.masksOn.end(), gone) == step.masksOn.end());
    }
  }

  // A straight bank is kept clean by a strip of tape: forgotten, the strip is gone and nothing else is.
  void aForgottenStripIsNotLaid() {
    Plan p = emptyPlan();
    addStamp(p, slab("bank", 127, 40)), addStamp(p, slab("shed", 20, 30));
    put(p, "bank", "bank", {63.5, 0}, 1), put(p, "shed", "shed", {60, 30}, 2);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const auto strips = [](const RunSheet& sheet) {
      return std::count_if(sheet.steps.begin(), sheet.steps.end(),
                           [](const Step& s) { return s.what == Do::Tape && s.impression == 0; });
    };
    QCOMPARE(strips(a->sheet), 1);
    const Slip s = slipped(p, *a, what(WhatIf::Kind::ForgetMask, 0)).value();
    QCOMPARE(strips(s.analysis->sheet), 0);
    QVERIFY(s.analysis->sheet.steps.size() < a->sheet.steps.size());
    QVERIFY(!coveredWhile(s.analysis->sheet, 1).size());
    // Forgetting what was never covered takes nothing away.
    const Slip none = slipped(p, *a, what(WhatIf::Kind::ForgetMask, 1)).value();
    QCOMPARE(none.analysis->sheet.steps.size(), a->sheet.steps.size());
  }

  void aShuffleMovesEveryThingOnceAndPopUpsStayLast() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 6, 6));
    for (int i = 0; i < 7; ++i) put(p, "i" + std::to_string(i), "s", {10.0 + 16 * i, 40}, 1 + i);
    p.impressions[1].school = School::PopUp, p.impressions[4].school = School::PopUp;
    const AnalysisRef a = analyse(p);
    std::vector<std::vector<int>> seen;
    for (uint32_t seed = 1; seed <= 30; ++seed) {
      WhatIf w = what(WhatIf::Kind::Shuffle);
      w.seed = seed;
      const std::vector<int> order = slipped(p, *a, w).value().analysis->order;
      std::vector<int> sorted = order;
      std::sort(sorted.begin(), sorted.end());
      QCOMPARE(sorted, (std::vector<int>{0, 1, 2, 3, 4, 5, 6}));
      QVERIFY(p.impressions[ix(order[5])].school == School::PopUp &&
              p.impressions[ix(order[6])].school == School::PopUp);
      seen.push_back(order);
    }
    std::sort(seen.begin(), seen.end());
    QVERIFY(std::unique(seen.begin(), seen.end()) - seen.begin() > 20);
  }

  void slipsOfNothingAreRefused() {
    const Plan p = twoFronts();
    const AnalysisRef a = analyse(p);
    for (const int nobody : {-1, 3, 99}) QVERIFY(!slipped(p, *a, what(WhatIf::Kind::ForgetMask, nobody)));
    QVERIFY(bool(slipped(p, *a, what(WhatIf::Kind::ForgetMask, 2))));
    WhatIf w = what(WhatIf::Kind::OtherInk, 0);
    w.ink = "nothing";
    QVERIFY(!slipped(p, *a, w));
  }

  void theMakersOrderIsNeverCalledProven() {
    Plan p = twoFronts();
    p = withOrder(p, {"one", "two", "back"}).value();
    const AnalysisRef a = analyse(p);
    QVERIFY(a->orderState.from == OrderState::From::Maker && !a->orderState.exact);
  }

  // 100, less 25 a fault, 10 a warning, 3 a note that is not known already; 40 for the hero's share, 10 for
  // being first in rank, 5 for being looked at first.
  void aReadingsWorthIsWhatItFinds() {
    Analysis a;
    const auto found = [](Level level, bool known = false) {
      Finding f;
      f.level = level, f.known = known;
      return f;
    };
    QCOMPARE(readingScore(a), 100.0);
    a.findings = {found(Level::Fault), found(Level::Warn), found(Level::Note), found(Level::Fault, true)};
    QCOMPARE(readingScore(a), 100.0 - 25 - 10 - 3);
    QCOMPARE(warningsOf(a), 2);
    a.findings.clear();
    auto looks = std::make_shared<Looks>();
    looks->hero = 1, looks->shares = {0.1, 0.25}, looks->heroRank = 2;
    looks->path.resize(1);
    looks->path[0].thing = 0;
    a.looks = looks;
    QCOMPARE(readingScore(a), 110.0);
    auto first = std::make_shared<Looks>(*looks);
    first->path[0].thing = 1;
    a.looks = first;
    QCOMPARE(readingScore(a), 115.0);
    first = std::make_shared<Looks>(*first);
    first->heroRank = 1;
    a.looks = first;
    QCOMPARE(readingScore(a), 125.0);
    first = std::make_shared<Looks>(*first);
    first->path.clear();
    a.looks = first;
    QCOMPARE(readingScore(a), 120.0);
  }
};

HAVLO_TEST(TstSlips)
#include "tst_slips.moc"
