// The steps as a careful reader would check them: covers laid and lifted in turn, nothing done over wet ink,
// masks within their life, times that add up.
#include <QTest>
#include <map>
#include <set>

#include "core/chain/chain.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Plays a run sheet and complains of the first thing that is wrong.
QString firstFault(const Plan& plan, const Analysis& a) {
  double now = 0;
  std::map<int, std::string> lies;
  std::map<int, double> dryAt;
  std::map<std::string, int> uses;
  std::set<std::string> cut, fresh;
  std::set<int> pressed, embossed;
  for (const Step& s : a.sheet.steps) {
    now += s.wait;
    const double start = now;
    now += s.minutes;
    const auto wet = [&](int i) { return dryAt.contains(i) && start < dryAt[i] - 1e-9; };
    switch (s.what) {
      case Do::CutMask:
        if (!cut.insert(s.covers.at(0).mask).second) return "a mask is cut twice";
        break;
      case Do::MaskOn:
        for (const Cover& c : s.covers) {
          if (!cut.contains(c.mask)) return "a mask is laid that was never cut";
          for (const auto& [i, mask] : lies)
            if (mask == c.mask) return "a mask lies in two places";
          if (wet(c.impression)) return "covered while wet";
          if (!pressed.contains(c.impression)) return "covered before it is there";
          if (!lies.emplace(c.impression, c.mask).second) return "covered twice";
          fresh.insert(c.mask);
        }
        break;
      case Do::Tape:
        if (s.impression < 0) break;
        if (wet(s.impression)) return "taped while wet";
        lies[s.impression] = "tape";
        break;
      case Do::MaskOff:
        if (s.covers.empty() && lies.erase(s.impression) == 0) return "a strip is lifted that does not lie";
        for (const Cover& c : s.covers)
          if (lies.erase(c.impression) == 0) return "a mask is lifted that does not lie";
        break;
      case Do::Emboss:
        if (!lies.empty()) return "powder with paper on the card";
        for (size_t i = 0; i < plan.impressions.size(); ++i) {
          const bool powdered =
              std::find(s.things.begin(), s.things.end(), static_cast<int>(i)) != s.things.end();
          const bool sticks = plan.ink(plan.impressions[i].ink)->kind == InkKind::Embossing;
          if (wet(static_cast<int>(i)) && !(powdered && sticks)) return "embossed while something is wet";
          if (powdered && sticks && dryAt[static_cast<int>(i)] < start) return "too dry for powder to stick";
        }
        embossed.insert(s.things.begin(), s.things.end());
        break;
      case Do::Stamp:
      case Do::Wash:
        for (int i : s.needed) {
          if (!lies.contains(i)) return "a needed cover does not lie";
          if (fresh.erase(lies[i])) ++uses[lies[i]];  // a laying wears a mask once
        }
        if (s.what == Do::Wash) {
          for (size_t i = 0; i < plan.impressions.size(); ++i)
            if (a.washes.of(s.wash, static_cast<int>(i)).touches &&
                plan.impressions[i].school != School::PopUp && wet(static_cast<int>(i)))
              return "blended over wet ink";
        } else {
          pressed.insert(s.impression);
          dryAt[s.impression] = now + plan.ink(plan.impressions[ix(s.impression)].ink)->dryOnCard_s / 60;
        }
        break;
      default:
        break;
    }
    std::vector<int> on;
    for (const auto& [i, mask] : lies) on.push_back(i);
    if (on != s.masksOn) return "masksOn does not tell what lies";
  }
  if (!lies.empty()) return "a cover is left on";
  for (const auto& [mask, n] : uses)
    if (n > plan.supplies.maskLife) return "a mask is worn out";
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (plan.impressions[i].school == School::Resist && !embossed.contains(static_cast<int>(i)))
      return "a resist is not embossed";
  if (pressed.size() != plan.impressions.size()) return "something is never stamped";
  return {};
}

std::string doing(const Analysis& a) {
  std::string out;
  for (const Step& s : a.sheet.steps) out += (out.empty() ? "" : " ") + std::string(wordOf(s.what));
  return out;
}

}  // namespace

class TstRunSheet : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void randomSheetsAreSound() {
    for (uint32_t seed = 0; seed < 200; ++seed) {
      RandomOptions options;
      options.impressions = 9;
      options.sayings = seed % 3 == 0;
      Plan plan = randomPlan(seed, options);
      if (seed % 4 == 0) plan.impressions[0].school = School::Resist;
      if (seed % 5 == 0) plan.impressions[1].school = School::PopUp;
      const AnalysisRef a = analyse(plan);
      const QString fault = firstFault(plan, *a);
      QVERIFY2(fault.isEmpty(), qPrintable(QStringLiteral("seed %1: %2").arg(seed).arg(fault)));
      double sum = 0;
      for (const Step& s : a->sheet.steps) sum += s.minutes + s.wait;
      QVERIFY(std::abs(sum - a->sheet.minutes) < 1e-9);
      QVERIFY(a->sheet.atLeast <= a->sheet.minutes + 1e-9);
    }
  }

  void frontFirstThenCoveredThenBack() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "front", "s", {60, 60}, 1);
    put(p, "back", "s", {68, 65}, 2);
    const AnalysisRef a = analyse(p);
    QCOMPARE(doing(*a), std::string("print stamp cutMask dry maskOn stamp maskOff"));
    // The print on masking paper dries for 240 s from when it was made, the one on the card for 60 s from its
    // pressing. The mask print is the stamp's test print.
    QCOMPARE(a->sheet.steps[2].wait, 4.0 - a->sheet.steps[1].minutes);
    QCOMPARE(a->sheet.steps[3].wait, 0.0);
    QVERIFY(!a->sheet.steps[1].tryOut);
  }

  void overprintingGoesTheOtherWayRound() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "front", "s", {60, 60}, 1).school = School::Overprint;
    put(p, "back", "s", {68, 65}, 2);
    const AnalysisRef a = analyse(p);
    QCOMPARE(ids(p, a->order), std::string("back front"));
    QCOMPARE(doing(*a), std::string("stamp stamp"));
  }

  void embossingInkIsEmbossedWet() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "drop", "s", {60, 60}, 1).school = School::Resist;
    QCOMPARE(doing(*analyse(p)), std::string("stamp dry emboss"));
    p.inks[0].kind = InkKind::Embossing;
    QCOMPARE(doing(*analyse(p)), std::string("stamp emboss"));
  }

  // Three far from one another are powdered in one go, and one that must be clean before something is printed
  // over it in a go of its own: an order that must be.
  void embossingIsDoneInOneGo() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    put(p, "one", "s", {20, 60}, 1).school = School::Resist;
    put(p, "two", "s", {60, 60}, 2).school = School::Resist;
    put(p, "three", "s", {100, 60}, 3).school = School::Resist;
    AnalysisRef a = analyse(p);
    QCOMPARE(doing(*a), std::string("stamp stamp stamp dry emboss"));
    QCOMPARE(a->sheet.steps.back().things.size(), size_t{3});
    put(p, "behind", "s", {64, 64}, 9);
    a = analyse(p);
    size_t powdered = 0;
    for (size_t k = 0; k < a->sheet.steps.size(); ++k)
      if (a->sheet.steps[k].what == Do::Emboss) powdered += a->sheet.steps[k].things.size();
    QCOMPARE(powdered, size_t{3});
    QVERIFY2(firstFault(p, *a).isEmpty(), qPrintable(firstFault(p, *a)));
    // Two coloured powders: as soon as the ink would no longer hold them.
    p.impressions.pop_back();
    p.inks[0].kind = InkKind::Embossing, p.inks[0].dryOnCard_s = 150;
    a = analyse(p);
    QVERIFY2(firstFault(p, *a).isEmpty(), qPrintable(firstFault(p, *a)));
  }

  void popUpsComeLastBackToFront() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "near", "s", {60, 60}, 1).school = School::PopUp;
    put(p, "far", "s", {68, 65}, 2).school = School::PopUp;
    put(p, "ground", "s", {64, 62}, 3);
    const AnalysisRef a = analyse(p);
    QCOMPARE(ids(p, a->order), std::string("ground far near"));
    QCOMPARE(doing(*a), std::string("stamp stamp stamp dry cut dry cut attach attach"));
    QVERIFY(a->sheet.steps[1].piece && a->sheet.steps[1].impression == 1);
  }

  void tapeAndTrimFrameTheWork() {
    Plan p = emptyPlan();
    p.card.tape_mm = 5;
    p.card.trim_mm = 3;
    addStamp(p, slab("s", 20, 20));
    put(p, "a", "s", {60, 60}, 1);
    QCOMPARE(doing(*analyse(p)), std::string("tape stamp dry trim"));
  }

  void lightestWashFirst() {
    Plan p = emptyPlan();
    for (const char* id : {"dark", "light"}) {
      Wash w;
      w.id = id;
      w.ink = std::string(id) == "dark" ? "black" : "blue";
      w.area = rectangle({0, 0, 50, 50});
      p.washes.push_back(w);
    }
    const AnalysisRef a = analyse(p);
    QCOMPARE(a->sheet.steps[0].wash, 1);
    QCOMPARE(a->sheet.steps[1].wash, 0);
  }

  void anEmptyPlanHasNoSteps() {
    const AnalysisRef a = analyse(emptyPlan());
    QVERIFY(a->sheet.steps.empty());
    QCOMPARE(a->sheet.minutes, 0.0);
  }

  void masksAreNumberedFromOne() {
    Stamp s = slab("hare", 10, 10);
    QCOMPARE(maskId(s, 0), std::string("hare#1"));
    QCOMPARE(maskId(s, 11), std::string("hare#12"));
  }

  // Of many cards a mask wears out on the way: before paper is laid on all of them, as many masks are cut as
  // that many layings and all before them wear out.
  void sparesAreCutBeforeTheyAreWanted() {
    Plan p = emptyPlan();
    p.making.copies = 40, p.making.jointPapers = false;
    addStamp(p, slab("front", 16, 30)), addStamp(p, slab("back", 40, 20));
    put(p, "front", "front", {60, 40}, 3);
    for (int k = 0; k < 3; ++k)
      put(p, "back" + std::to_string(k), "back", {55.0 + 3 * k, 44.0 + 6 * k}, 5 + k);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    std::set<std::string> cut;
    int laid = 0;
    for (const Step& s : a->sheet.steps) {
      for (const Cover& c : s.covers)
        if (s.what == Do::CutMask && c.mask.starts_with("front"))
          cut.insert(c.mask);
        else if (s.what == Do::MaskOn && c.impression == 0)
          laid += p.making.copies;
      if (s.what == Do::MaskOn)
        QVERIFY2(static_cast<int>(cut.size()) * p.maskLife() >= laid,
                 qPrintable(QStringLiteral("%1 cut for %2 layings").arg(cut.size()).arg(laid)));
    }
    QVERIFY(laid >= p.making.copies && cut.size() >= 4);
  }
};

HAVLO_TEST(TstRunSheet)
#include "tst_run_sheet.moc"
