// What must be covered when, and the smallest number of masks against brute force.
#include <QTest>
#include <algorithm>
#include <functional>
#include <random>

#include "core/chain/chain.h"
#include "core/edit/making_edits.h"
#include "core/outline/distance.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Can `masks` masks of this life meet the demands? Tries every assignment, most remaining uses as state.
bool enoughByTrying(std::vector<int> left, const std::vector<int>& demands, size_t step) {
  if (step == demands.size()) return true;
  const auto n = static_cast<int>(left.size());
  for (int chosen = 0; chosen < (1 << n); ++chosen) {
    if (__builtin_popcount(static_cast<unsigned>(chosen)) != demands[step]) continue;
    std::vector<int> rest = left;
    bool possible = true;
    for (int m = 0; m < n; ++m)
      if (chosen >> m & 1) possible = possible && --rest[ix(m)] >= 0;
    if (possible && enoughByTrying(rest, demands, step + 1)) return true;
  }
  return false;
}

int fewestByTrying(const std::vector<int>& demands, int life) {
  for (int n = 0;; ++n)
    if (enoughByTrying(std::vector<int>(ix(n), life), demands, 0)) return n;
}

/// The same where a mask is worn by being laid only, and stays where it may and is wanted again.
int fewestThatStay(const MaskNeeds& needs, int things, int life) {
  for (int n = 0;; ++n) {
    std::vector<int> left(ix(n), life), on(ix(things), -1);
    const std::function<bool(size_t, size_t)> go = [&](size_t k, size_t c) -> bool {
      if (k == needs.steps.size()) return true;
      const NeedStep& step = needs.steps[k];
      if (c == step.covered.size()) return go(k + 1, 0);
      const int i = step.covered[c], lay = on[ix(i)];
      const auto wanted = [&](int mask) {  // by one that already has it at this step
        for (size_t d = 0; d < c; ++d)
          if (on[ix(step.covered[d])] == mask) return true;
        return false;
      };
      if (lay >= 0 && step.stays[c] && !wanted(lay) && go(k, c + 1)) return true;
      for (int m = 0; m < n; ++m) {
        if (left[ix(m)] == 0 || wanted(m)) continue;
        const std::vector<int> before = on;
        for (int& o : on)
          if (o == m) o = -1;
        on[ix(i)] = m, --left[ix(m)];
        if (go(k, c + 1)) return true;
        on = before, ++left[ix(m)];
      }
      return false;
    };
    if (go(0, 0)) return n;
  }
}

std::vector<int> coveredAt(const Plan& p, const Analysis& a, const std::string& id) {
  for (const NeedStep& s : a.needs.steps)
    if (!s.wash && p.impressions[ix(s.index)].id == id) return s.covered;
  return {};
}

}  // namespace

class TstMaskNeeds : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // A rail too fine to be cut is kept clean by tape along it: it is stamped first for that, and the other way
  // round the press sees ink on it.
  void whatOnlyTapeCoversIsStampedFirst() {
    Plan p = emptyPlan();
    addStamp(p, slab("rail", 60, 0.6)), addStamp(p, slab("door", 20, 40));
    put(p, "rail", "rail", {60, 70}, 2), put(p, "door", "door", {60, 50}, 5).ink = "blue";
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QVERIFY(a->needTable->noMask()[0] && !a->needTable->bare()[0]);
    QCOMPARE(a->order, (std::vector<int>{0, 1}));
    QCOMPARE(static_cast<int>(a->needs.taped[0]), 1);
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 150).value().proven);
    p.making.order = {"door", "rail"};
    const AnalysisRef other = analyse(p);
    QCOMPARE(other->order, (std::vector<int>{1, 0}));
    QCOMPARE(other->orderState.broken.size(), size_t{1});
    QVERIFY(!simulate(other->press(p, nullptr), other->sheet, 150).value().proven);
  }

  // Colour is seen as far as the hand may lead the pad beyond the area: half a millimetre, less a cell of a
  // fifth where the area begins or ends within one.
  void whatIsSeenReachesAHandsWidthBeyondTheArea() {
    Plan p = emptyPlan();
    Wash w;
    w.id = "w", w.ink = "blue", w.area = {{{30, 40}, {50, 40}, {50, 60}, {30, 60}}}, w.softness_mm = 0;
    // It starts at one side and fades toward the other: each side is looked at where it is strong.
    for (const bool below : {false, true}) {
      w.from = below ? WashFrom::Bottom : WashFrom::Top;
      p.washes = {w};
      const CellMap seen = meetWashes(p, {}, nullptr).seen[0];
      for (const double off : {0.0, 0.25, 0.6})
        for (const Point q : {Point{30 - off, 50}, {50 + off, 50}, {40, below ? 40 - off : 60 + off}})
          QVERIFY2(seen.at(q) == (off < 0.5),
                   qPrintable(QStringLiteral("%1 off at %2, %3").arg(off).arg(q.x).arg(q.y)));
      QVERIFY(seen.at({29.6, 50}) && !seen.at({29.4, 50}));
    }
  }

  // The whole stamp and a part of it lie covered at once: two masks, each with a number of its own, at one
  // step.
  void masksOfPartsHaveNumbersOfTheirOwn() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "whole", "s", {30, 30}, 1);
    put(p, "part", "s", {80, 30}, 1).part = rectangle({0, 0, 10, 20});
    MaskNeeds needs;
    needs.taped = needs.uncuttable = {0, 0};
    for (const std::vector<int>& covered : std::vector<std::vector<int>>{{0}, {}, {0, 1}, {1}}) {
      NeedStep step;
      step.covered = covered, step.stays.assign(covered.size(), 0);
      needs.steps.push_back(step);
    }
    const StampMasks counted = countMasks(p, needs, {0, 0})[0];
    QCOMPARE(counted.cut, 2);
    QCOMPARE(counted.atOnce, 2);
    QCOMPARE(counted.partOf, (std::vector<int>{-1, 1}));
    QCOMPARE(counted.rota.entries().size(), size_t{3});
    QVERIFY(counted.rota[1].empty() && counted.rota[9].empty());
    const std::vector<Laid>& both = counted.rota[2];
    QCOMPARE(both.size(), size_t{2});
    QCOMPARE(both[0].impression, 0);
    QCOMPARE(both[0].mask, 0);
    QCOMPARE(both[1].impression, 1);
    QCOMPARE(both[1].mask, 1);
    QCOMPARE(counted.rota[3].at(0).mask, 1);
  }

  // Masks that stay where they lie: the fewest, by trying every hand-out of up to so many masks.
  void layingsAreTheFewestMasks() {
    std::mt19937 random(11);
    int saved = 0;
    for (int round = 0; round < 200; ++round) {
      const int life = 1 + static_cast<int>(random() % 3), things = 1 + static_cast<int>(random() % 3);
      Plan p = emptyPlan();
      p.supplies.maskLife = life;
      addStamp(p, slab("s", 10, 10));
      for (int i = 0; i < things; ++i) put(p, "i" + std::to_string(i), "s", {10, 10}, 1);
      MaskNeeds needs;
      needs.taped.assign(ix(things), 0);
      needs.uncuttable = needs.taped;
      std::vector<int> demands;
      for (unsigned s = 0; s < 2 + random() % 3; ++s) {
        NeedStep step;
        for (int i = 0; i < things; ++i)
          if (random() % 2) step.covered.push_back(i), step.stays.push_back(s > 0 && random() % 3 != 0);
        demands.push_back(static_cast<int>(step.covered.size()));
        needs.steps.push_back(step);
      }
      const std::vector<StampMasks> counted = countMasks(p, needs, std::vector<int>(ix(things), 0));
      QCOMPARE(counted[0].cut, fewestThatStay(needs, things, life));
      saved += counted[0].cut < fewestByTrying(demands, life);
      std::vector<int> used(ix(counted[0].cut), 0);
      for (const MaskRota::Entry& entry : counted[0].rota.entries())
        for (const Laid& l : entry.laid) used[ix(l.mask)] += l.fresh;
      for (int u : used) QVERIFY(u <= life);
    }
    QVERIFY(saved > 10);
  }

  // Impressions of one stamp on a sheet where each step's demand is made by hand.
  void theNumberOfMasksIsTheSmallest() {
    std::mt19937 random(5);
    for (int round = 0; round < 200; ++round) {
      const int life = 1 + static_cast<int>(random() % 4);
      const int things = 1 + static_cast<int>(random() % 4);
      Plan p = emptyPlan();
      p.supplies.maskLife = life;
      addStamp(p, slab("s", 10, 10));
      for (int i = 0; i < things; ++i) put(p, "i" + std::to_string(i), "s", {10, 10}, 1);
      MaskNeeds needs;
      needs.taped.assign(ix(things), 0);
      needs.uncuttable = needs.taped;
      std::vector<int> demands;
      for (unsigned s = 0; s < 1 + random() % 5; ++s) {
        NeedStep step;
        for (int i = 0; i < things; ++i)
          if (random() % 2) step.covered.push_back(i);
        demands.push_back(static_cast<int>(step.covered.size()));
        needs.steps.push_back(step);
      }
      const std::vector<StampMasks> counted = countMasks(p, needs, std::vector<int>(ix(things), 0));
      QCOMPARE(counted[0].cut, fewestByTrying(demands, life));
      // The rota really works with that many: no mask twice at once, none beyond its life, every need met.
      std::vector<int> used(ix(counted[0].cut), 0);
      for (size_t k = 0; k < needs.steps.size(); ++k) {
        std::vector<int> masks, things_;
        for (const Laid& l : counted[0].rota[k]) {
          masks.push_back(l.mask);
          things_.push_back(l.impression);
          ++used[ix(l.mask)];
        }
        std::sort(masks.begin(), masks.end());
        std::sort(things_.begin(), things_.end());
        QVERIFY(std::adjacent_find(masks.begin(), masks.end()) == masks.end());
        QCOMPARE(things_, needs.steps[k].covered);
      }
      for (int u : used) QVERIFY(u <= life);
    }
  }

  void inkWithinAHandsErrorNeedsAMask_data() {
    QTest::addColumn<double>("gap");
    QTest::addColumn<bool>("needed");
    QTest::newRow("overlapping") << -3.0 << true;
    QTest::newRow("touching") << 0.0 << true;
    // Spread by 0.5 mm the ink covers a circular segment of the disc: 4/3 h √(2rh) with h what it comes in.
    QTest::newRow("0.3 mm away: 0.5 mm²") << 0.3 << true;
    QTest::newRow("0.48 mm away: 0.02 mm²") << 0.48 << false;
    QTest::newRow("1 mm away") << 1.0 << false;
  }
  void inkWithinAHandsErrorNeedsAMask() {
    QFETCH(double, gap);
    QFETCH(bool, needed);
    Plan p = emptyPlan();
    Stamp disc = slab("front", 20, 20);
    disc.silhouette = {{}};
    for (int k = 0; k < 90; ++k)
      disc.silhouette[0].push_back({10 + 10 * std::cos(k * M_PI / 45), 10 + 10 * std::sin(k * M_PI / 45)});
    addStamp(p, disc);
    addStamp(p, slab("back", 20, 40));
    put(p, "f", "front", {40, 50}, 1);
    put(p, "b", "back", {60 + gap, 40}, 2);
    const AnalysisRef a = analyse(p);
    QCOMPARE(!coveredAt(p, *a, "b").empty(), needed);
  }

  // A line-art back whose line does not come near a small front inside it needs no mask; a solid one does.
  void onlyInkCounts() {
    for (const bool solid : {false, true}) {
      Plan p = emptyPlan();
      Stamp back = slab("back", 60, 60);
      back.solid = solid;
      addStamp(p, slab("front", 10, 10));
      addStamp(p, back);
      put(p, "f", "front", {60, 60}, 1);
      put(p, "b", "back", {60, 35}, 2);
      const AnalysisRef a = analyse(p);
      QCOMPARE(a->meetings.list.size(), size_t(1));
      QCOMPARE(a->meetings.list[0].area_mm2, 100.0);
      QCOMPARE(!coveredAt(p, *a, "b").empty(), solid);
    }
  }

  void aStraightEdgeIsTaped() {
    Plan p = emptyPlan();
    addStamp(p, slab("bank", 127, 40));
    addStamp(p, slab("shed", 20, 30));
    put(p, "bank", "bank", {63.5, 0}, 1);
    put(p, "shed", "shed", {60, 30}, 2);
    const AnalysisRef a = analyse(p);
    QVERIFY(a->needs.taped[0]);
    QCOMPARE(a->stampMasks[0].cut, 0);
    QCOMPARE(a->stampMasks[0].taped, 1);
    p.impressions[0].turn_deg = 8;  // turned, its end comes into the panel; the needed edge is still straight
    QVERIFY(analyse(p)->needs.taped[0]);
    p.impressions[1].at = {112, 30};
    p.impressions[0].at = {40, 0};
    p.impressions[0].turn_deg = 0;
    p.impressions[1].at = {103, 20};  // round the corner of the bank: not straight
    QVERIFY(!analyse(p)->needs.taped[0]);
    QCOMPARE(analyse(p)->stampMasks[0].cut, 1);
  }

  void schoolsThatNeedNoMask() {
    for (const School how :
         {School::Overprint, School::Resist, School::LeaveOut, School::WipeOff, School::PopUp}) {
      Plan p = emptyPlan();
      addStamp(p, slab("front", 12, 12));
      addStamp(p, slab("back", 60, 60));
      put(p, "f", "front", {60, 60}, 1).school = how;
      put(p, "b", "back", {60, 35}, 2);
      const AnalysisRef a = analyse(p);
      QCOMPARE(a->masksToCut(), 0);
      QCOMPARE(a->needs.leaveOut[1].size(),
               size_t(how == School::LeaveOut || how == School::WipeOff ? 1 : 0));
    }
  }

  void aWashNeedsEverythingItMayNotColour() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    for (int i = 0; i < 4; ++i) put(p, "i" + std::to_string(i), "s", {20.0 + 20 * i, 100}, 1);
    Wash sky;
    sky.id = "sky", sky.ink = "blue", sky.area = rectangle({0, 90, 70, 170});
    sky.lets = {"i1"};
    sky.reach = 1, sky.softness_mm = 0;
    p.washes = {sky};
    // i0 and i2 lie in it, i1 may be coloured, i3 at x 75..85 is outside.
    QCOMPARE(ids(p, analyse(p)->needs.steps.back().covered), std::string("i0 i2"));
    QCOMPARE(analyse(p)->stampMasks[0].atOnce, 2);
    p.washes[0].reach = 0.7;  // from the top down to y 114: nothing is reached
    QVERIFY(analyse(p)->needs.steps.back().covered.empty());
  }

  // A wash that is not seen asks for no paper, and is seen as soon as its ink or the paper is another.
  void anotherInkOrPaperIsLookedAtAnew() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    put(p, "i", "s", {20, 100}, 1);
    Wash sky;
    sky.id = "sky", sky.ink = "blue", sky.area = rectangle({0, 90, 70, 170});
    sky.reach = 1, sky.softness_mm = 0;
    p.washes = {sky};
    const auto covered = [](const Plan& plan, const AnalysisRef& before) {
      const AnalysisRef after = analyse(plan, before.get());
      const AnalysisRef anew = analyse(plan);
      const auto& told = after->needs.steps.back().covered;
      return told == anew->needs.steps.back().covered ? static_cast<int>(told.size()) : -1;
    };
    const auto inkIs = [](Plan plan, Colour c) {
      for (Ink& ink : plan.inks)
        if (ink.id == "blue") ink.colour = c;
      return plan;
    };
    const AnalysisRef seen = analyse(p);
    QCOMPARE(seen->needs.steps.back().covered.size(), size_t(1));
    const Plan pale = inkIs(p, {255, 255, 255});
    QCOMPARE(covered(pale, seen), 0);
    QCOMPARE(covered(p, analyse(pale)), 1);
    // Blue on paper of the same blue is not seen when it is opaque; on white it is.
    Plan blue = p;
    for (Ink& ink : blue.inks)
      if (ink.id == "blue") ink.opacity = 1, blue.card.paper.colour = ink.colour;
    for (Impression& i : blue.impressions) i.ink = "blue";  // on a black line it would be
    QCOMPARE(covered(blue, seen), 0);
    Plan white = blue;
    white.card.paper.colour = {255, 255, 255};
    QCOMPARE(covered(white, analyse(blue)), 1);
  }

  // Whatever of the colours is changed, what was worked out before is as good as from nothing.
  void changedColoursEqualAnAnalysisFromNothing() {
    std::mt19937 rng(23);
    int differed = 0;
    for (uint32_t seed = 1; seed <= 30; ++seed) {
      Plan p = randomPlan(seed);
      if (p.inks.empty()) continue;
      const AnalysisRef before = analyse(p);
      const auto any = [&] { return static_cast<unsigned char>(rng() % 256); };
      const Colour c = rng() % 2 ? Colour{255, 255, 255} : Colour{any(), any(), any()};
      if (rng() % 2) {
        p.card.paper.colour = c;
      } else {
        p.inks[rng() % p.inks.size()].colour = c;
      }
      const AnalysisRef after = analyse(p, before.get()), anew = analyse(p);
      QCOMPARE(after->needs.steps.size(), anew->needs.steps.size());
      for (size_t k = 0; k < anew->needs.steps.size(); ++k)
        QCOMPARE(after->needs.steps[k].covered, anew->needs.steps[k].covered);
      QCOMPARE(after->masksToCut(), anew->masksToCut());
      for (size_t k = 0; k < std::min(before->needs.steps.size(), anew->needs.steps.size()); ++k)
        differed += before->needs.steps[k].covered != anew->needs.steps[k].covered;
    }
    QVERIFY(differed > 0);  // else nothing was tried
  }

  // Against trying every set of pairs.
  void pairsAreAMaximumMatching() {
    std::mt19937 random(11);
    for (int round = 0; round < 200; ++round) {
      std::vector<std::pair<int, int>> edges;
      const int n = 2 + static_cast<int>(random() % 6);
      for (int a = 0; a < n; ++a)
        for (int b = a + 1; b < n; ++b)
          if (random() % 3 == 0) edges.emplace_back(a * 3, b * 3);
      size_t most = 0;
      for (unsigned set = 0; set < (1u << edges.size()) && edges.size() < 16; ++set) {
        std::vector<int> used;
        for (size_t e = 0; e < edges.size(); ++e)
          if (set >> e & 1) used.push_back(edges[e].first), used.push_back(edges[e].second);
        std::sort(used.begin(), used.end());
        if (std::adjacent_find(used.begin(), used.end()) == used.end())
          most = std::max(most, used.size() / 2);
      }
      if (edges.size() < 16) QCOMPARE(mostPairs(edges).size(), most);
    }
  }

  // One off the left edge and one off the right edge: the halves that lie on the card do not overlap on the
  // stamp.
  void twoHalvesShareAMask() {
    Plan p = emptyPlan();
    Stamp s = slab("s", 30, 30);
    addStamp(p, s);
    put(p, "left", "s", {0, 100}, 1), put(p, "right", "s", {127, 100}, 1), put(p, "whole", "s", {63, 20}, 1);
    Wash sky;
    sky.id = "sky", sky.ink = "blue", sky.area = rectangle({0, 0, 127, 178}), sky.reach = 1;
    p.washes = {sky};
    // Masks, not tape: the border inside the wash goes round a corner.
    const AnalysisRef a = analyse(p);
    const StampMasks& m = a->stampMasks[0];
    QCOMPARE(m.halves.size(), size_t{1});
    QCOMPARE(m.atOnce, 2);
    QCOMPARE(m.cut, 2);
    QCOMPARE(m.uses, 2);
    int halves = 0;
    for (const Step& step : a->sheet.steps)
      if (step.what == Do::MaskOn)
        for (const Cover& c : step.covers) halves += c.half;
    QCOMPARE(halves, 2);
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 60).value().proven);
    // Moved inward by more than half they overlap on the stamp: each needs its own.
    p.impressions[0].at = {2, 100}, p.impressions[1].at = {120, 100};
    QCOMPARE(analyse(p)->stampMasks[0].cut, 3);
  }

  void masksAtHandAreUsedFirst() {
    std::mt19937 random(8);
    for (int round = 0; round < 150; ++round) {
      const int life = 1 + static_cast<int>(random() % 4);
      std::vector<int> demands, atHand;
      for (unsigned k = 0; k < 1 + random() % 5; ++k) demands.push_back(static_cast<int>(random() % 4));
      for (unsigned k = 0; k < random() % 3; ++k) atHand.push_back(1 + static_cast<int>(random() % 4));
      int fewest = 0;
      for (;; ++fewest) {
        std::vector<int> left = atHand;
        left.resize(left.size() + ix(fewest), life);
        if (enoughByTrying(left, demands, 0)) break;
      }
      QCOMPARE(fewestNewMasks(demands, atHand, life, 1), fewest);
      // Several cards are the same demands several times over.
      std::vector<int> twice = demands;
      twice.insert(twice.end(), demands.begin(), demands.end());
      QCOMPARE(fewestNewMasks(demands, atHand, life, 2), fewestNewMasks(twice, atHand, life, 1));
    }
    Plan p = demo("teaching-crowd");
    const int before = analyse(p)->masksToCut();
    p = withMasksAtHand(p, {{"duck", 6, "k1", {}}, {"duck", 6, "k2", {}}}).value();
    const AnalysisRef a = analyse(p);
    const StampMasks& ducks = a->stampMasks[ix(a->stampOf[0])];
    QCOMPARE(a->masksToCut(), before - 2);
    QCOMPARE(ducks.kept, 2);
    // The first two numbers are the ones at hand, so they are never cut.
    for (const Step& s : a->sheet.steps)
      if (s.what == Do::CutMask) QVERIFY(s.covers[0].mask != "duck#1" && s.covers[0].mask != "duck#2");
    QVERIFY(!withMasksAtHand(p, {{"nothing", 1, {}, {}}}));
    QVERIFY(!withMasksAtHand(p, {{"duck", 0, {}, {}}}));
  }

  void threeCoverACrowd() {
    const Plan crowd = demo("teaching-crowd");
    const AnalysisRef a = analyse(crowd);
    const StampMasks& ducks = a->stampMasks[0];
    QVERIFY(ducks.cut == std::max(ducks.atOnce, (ducks.uses + 5) / 6));
    QVERIFY(ducks.cut < 6);  // common practice, no source: fewer masks than ducks do
  }

  // Of two masks that rest, the one is taken that is not wanted again where it lies, whichever of the two
  // that is.
  void theMaskThatIsNotWantedAgainIsTaken() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    for (const char* id : {"a", "b", "c"}) put(p, id, "s", {10, 10}, 1);
    MaskNeeds needs;
    needs.taped = {0, 0, 0}, needs.uncuttable = {0, 0, 0};
    const auto step = [](std::vector<int> covered) {
      NeedStep s;
      s.stays.assign(covered.size(), 1);
      s.covered = std::move(covered);
      return s;
    };
    for (int again : {0, 1}) {
      needs.steps = {step({0, 1}), step({2}), step({again})};
      const StampMasks m = countMasks(p, needs, {0, 0, 0})[0];
      QCOMPARE(m.cut, 2);
      QCOMPARE(m.uses, 3);
      // Both are wanted again: one of them is laid anew.
      needs.steps = {step({0, 1}), step({2}), step({0, 1})};
      QCOMPARE(countMasks(p, needs, {0, 0, 0})[0].uses, 4);
    }
  }

  // Of two at hand the second is taken out of the drawer if it spares a laying: one that is left lying is not
  // laid again.
  void aMaskAtHandThatSparesALayingIsUsed() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    for (const char* id : {"a", "b"}) put(p, id, "s", {10, 10}, 1);
    MaskNeeds needs;
    needs.taped = {0, 0}, needs.uncuttable = {0, 0};
    for (int thing : {0, 1, 0}) {
      NeedStep step;
      step.covered = {thing}, step.stays = {1};
      needs.steps.push_back(step);
    }
    p.supplies.masksAtHand = {{"s", 9, {}, {}}, {"s", 9, {}, {}}};
    const StampMasks two = countMasks(p, needs, {0, 0})[0];
    QCOMPARE(two.cut, 0);
    QCOMPARE(two.kept, 2);
    QCOMPARE(two.uses, 2);
    // A third would spare nothing and stays there.
    p.supplies.masksAtHand.push_back({"s", 9, {}, {}});
    QCOMPARE(countMasks(p, needs, {0, 0})[0].kept, 2);
  }

  // A mask cut in two stays where it lies only if both its halves may.
  void aMaskCutInTwoStaysOnlyAsAWhole() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 10, 10));
    put(p, "a", "s", {0, 60}, 1), put(p, "b", "s", {127, 60}, 1);
    MaskNeeds needs;
    needs.taped = {0, 0}, needs.uncuttable = {0, 0}, needs.leaveOut.resize(2), needs.sharable = {{0, 1}};
    const auto step = [](std::vector<char> stays) {
      NeedStep s;
      s.covered = {0, 1}, s.stays = std::move(stays);
      return s;
    };
    const auto layings = [&](std::vector<char> second) {
      needs.steps = {step({0, 0}), step(std::move(second))};
      const StampMasks m = countMasks(p, needs, {0, 0})[0];
      return m.cut == 1 && m.halves.size() == 1 ? m.uses : -1;
    };
    QCOMPARE(layings({1, 1}), 1);
    QCOMPARE(layings({1, 0}), 2);
    QCOMPARE(layings({0, 1}), 2);
    QCOMPARE(layings({0, 0}), 2);
  }

  // A pale blend is seen on the hidden part of a thing alone, a dark one on what shows of it too.
  void whatShowsOfAThingIsLookedAtAnewToo() {
    Plan p = emptyPlan();
    addStamp(p, slab("tall", 10, 40)), addStamp(p, slab("cover", 14, 30));
    put(p, "tall", "tall", {40, 60}, 9);
    put(p, "cover", "cover", {40, 70}, 3);
    Wash sky;
    sky.id = "sky", sky.ink = "blue", sky.area = rectangle({0, 60, 127, 160});
    sky.from = WashFrom::Top, sky.reach = 1, sky.strength = 0.5, sky.softness_mm = 0;
    p.washes = {sky};
    const auto with = [&](Colour c) {
      Plan q = p;
      for (Ink& ink : q.inks)
        if (ink.id == "blue") ink.colour = c, ink.opacity = 0;
      return q;
    };
    const Plan pale = with({232, 236, 240}), dark = with({20, 20, 24});
    const auto covered = [](const Plan& plan, const AnalysisRef& a) {
      return ids(plan, a->needs.steps.back().covered);
    };
    const AnalysisRef one = analyse(pale);
    QCOMPARE(covered(pale, one), std::string("cover"));
    const AnalysisRef two = analyse(dark, one.get());
    QCOMPARE(covered(dark, two), std::string("tall cover"));
    QCOMPARE(covered(pale, analyse(pale, two.get())), std::string("cover"));
  }

  // White on white paper is not seen, over a dark line it is: what stands before a white mist lies covered.
  void whiteIsSeenOnWhatIsPrinted() {
    Plan p = emptyPlan();
    p.card.paper.colour = Colour{255, 255, 255};
    Ink white = p.inks[0];
    white.id = "white", white.colour = Colour{255, 255, 255}, white.opacity = 0.9;
    p.inks.push_back(white);
    addStamp(p, slab("tree", 20, 60));
    put(p, "tree", "tree", {50, 30}, 5);
    Wash mist;
    mist.id = "mist", mist.ink = "white", mist.strength = 0.5, mist.softness_mm = 8;
    mist.area = {{{0, 40}, {127, 40}, {127, 80}, {0, 80}}};
    mist.depth = AtMetres{10};
    p.washes.push_back(mist);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QCOMPARE(a->needTable->washSteps()[0].covered, (std::vector<int>{0}));
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 100).value().proven);
    // Before the tree it may lie on it; in front of nothing dark there is nothing to keep clean.
    p.washes[0].depth = AtMetres{2};
    QVERIFY(analyse(p)->needTable->washSteps()[0].covered.empty());
    p.washes[0].depth = AtMetres{10};
    p.impressions[0].ink = "white";
    const AnalysisRef pale = analyse(p, a.get());  // only the thing's ink is another one now
    QVERIFY(pale->needTable->washSteps()[0].covered.empty());
  }

  // A rail behind a post comes to its two sides and nowhere else: two strips of tape do, if there is room.
  void straightSidesTakeTwoStrips() {
    const auto fence = [](double postWidth, double railBottom, double turn) {
      Plan p = emptyPlan();
      addStamp(p, slab("post", postWidth, 40)), addStamp(p, slab("rail", 70, 10));
      put(p, "post", "post", {60, 40}, 3).turn_deg = turn;
      put(p, "rail", "rail", {60, railBottom}, 6);
      return p;
    };
    const auto best = [](const Plan& p) { return withBestOrder(p, analyse(p)); };
    for (const double turn : {0.0, 7.0}) {
      const Plan p = fence(8, 55, turn);
      const AnalysisRef a = best(p);
      QCOMPARE(int(a->needs.taped[0]), 2);
      QCOMPARE(a->masksToCut(), 0);
      QVERIFY(simulate(a->press(p, nullptr), a->sheet, 100).value().proven);
      double taping = 0;
      for (const Step& s : a->sheet.steps)
        if (s.what == Do::Tape) taping += s.minutes;
      QCOMPARE(taping, 2 * WorkTimes().coverOn);
    }
    QCOMPARE(int(best(fence(3, 55, 0))->needs.taped[0]), 0);  // nobody lays strips so near each other
    QCOMPARE(int(best(fence(8, 75, 0))->needs.taped[0]), 0);  // the rail runs over its top
    QCOMPARE(best(fence(8, 75, 0))->masksToCut(), 1);
    Plan oneSide = fence(8, 55, 0);
    oneSide.impressions[1].at.x = 60 + 35;  // it begins at the post's middle
    QCOMPARE(int(best(oneSide)->needs.taped[0]), 1);
  }
};

HAVLO_TEST(TstMaskNeeds)
#include "tst_mask_needs.moc"
