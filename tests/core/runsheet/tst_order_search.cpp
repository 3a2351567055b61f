// The best order against exhaustive search, its bound, the maker's wishes, and plans without a valid order.
#include <QTest>
#include <algorithm>
#include <boost/graph/adjacency_list.hpp>
#include <boost/graph/dag_shortest_paths.hpp>
#include <functional>

#include "core/chain/chain.h"
#include "core/edit/making_edits.h"
#include "core/outline/shape_ops.h"
#include "core/runsheet/act_search.h"
#include "core/runsheet/least_work.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

double minutesIn(const Plan& p, const Analysis& a, const std::vector<int>& order) {
  return inOrder(p, a, order)->sheet.minutes;
}

/// Minutes of a sequence of stampings and blends, by the run sheet that is written for it.
double minutesOfActs(const Plan& p, const Analysis& a, const std::vector<int>& acts) {
  std::vector<int> order;
  const auto popsUp = [&](int i) { return p.impressions[ix(i)].school == School::PopUp; };
  for (int act : acts)
    if (ix(act) < p.impressions.size() && !popsUp(act)) order.push_back(act);
  for (int i : a.order)  // put on back to front
    if (popsUp(i)) order.push_back(i);
  const MaskNeeds needs = a.needTable->of(acts);
  const std::vector<StampMasks> masks = countMasks(p, needs, a.stampOf);
  return buildRunSheet({p, a.meetings, a.washes, *a.needTable, order, needs, masks, a.stampOf, {}, false})
      .minutes;
}

/// Must the first act come before the second? Written anew from the plan: depth by school, and blends over or
/// under what they meet, kept off what is covered, unless both films let everything through.
bool mustPrecede(const Plan& p, const Analysis& a, int first, int then) {
  const auto n = static_cast<int>(p.impressions.size());
  const auto clear = [&](const std::string& ink) { return p.ink(ink)->opacity <= 0.02; };
  if (first < n && then < n) {
    if (p.impressions[ix(first)].school == School::PopUp || p.impressions[ix(then)].school == School::PopUp)
      return false;
    for (const OrderRule& r : orderRules(p, a.meetings, a.knots, a.needTable->bare()))
      if (!r.ahead && r.first == first && r.then == then) return true;
    return false;
  }
  if (first >= n && then >= n) {
    const Wash &v = p.washes[ix(first - n)], &w = p.washes[ix(then - n)];
    const auto place = [&](int act) {
      const auto& marks = a.stack.backToFront();
      return std::find(marks.begin(), marks.end(), StackMark{true, act - n}) - marks.begin();
    };
    return place(first) < place(then) && !(clear(v.ink) && clear(w.ink)) &&
           areaOf(intersection(a.washes.reached[ix(first - n)], a.washes.reached[ix(then - n)])) > 0.05;
  }
  const int wash = std::max(first, then) - n, thing = std::min(first, then);
  const Wash& w = p.washes[ix(wash)];
  const Impression& i = p.impressions[ix(thing)];
  if (!a.washes.of(wash, thing).touches || i.school == School::PopUp) return false;
  const auto& marks = a.stack.backToFront();
  const bool nearer = std::find(marks.begin(), marks.end(), StackMark{false, thing}) >
                      std::find(marks.begin(), marks.end(), StackMark{true, wash});
  const bool commute = clear(w.ink) && clear(i.ink);
  const bool over =
      i.school == School::Overprint || std::find(w.lets.begin(), w.lets.end(), i.id) != w.lets.end();
  if (i.school == School::Resist) return first < n;  // so that it is wiped off the wax
  if (nearer && over) return first >= n && !commute;
  if (nearer) {
    if (first >= n || a.needTable->bare()[ix(thing)]) return false;
    for (const NeedStep& s : a.needTable->washSteps())
      if (s.index == wash) return std::find(s.covered.begin(), s.covered.end(), thing) != s.covered.end();
    return false;
  }
  return first < n && !commute;
}

struct Exhausted {
  double least = 1e300;
  long orders = 0;
};

/// The exact search alone: nothing is found for it before, so that its bound must be right.
BestOrder byProofAlone(const Plan& p, const Analysis& a) {
  OrderEffort lame;
  lame.tries = 0;
  return findBestOrder(orderWork(p, a), lame);
}

/// Every sequence that breaks no rule, written down as a whole run sheet; pieces of their own are stamped at
/// any time.
Exhausted tryAll(const Plan& p, const Analysis& a) {
  std::vector<int> acts, all = a.order;
  for (size_t w = 0; w < p.washes.size(); ++w) all.push_back(static_cast<int>(p.impressions.size() + w));
  std::vector<std::vector<char>> before(all.size(), std::vector<char>(all.size(), 0));
  for (size_t k = 0; k < all.size(); ++k)
    for (size_t l = 0; l < all.size(); ++l) before[k][l] = k != l && mustPrecede(p, a, all[k], all[l]);
  std::vector<char> used(all.size(), 0);
  Exhausted out;
  const std::function<void()> go = [&] {
    if (acts.size() == all.size()) {
      out.least = std::min(out.least, minutesOfActs(p, a, acts));
      ++out.orders;
      return;
    }
    for (size_t k = 0; k < all.size(); ++k) {
      if (used[k]) continue;
      bool ready = true;
      for (size_t l = 0; l < all.size(); ++l) ready = ready && (!before[l][k] || used[l]);
      if (!ready) continue;
      used[k] = 1;
      acts.push_back(all[k]);
      go();
      acts.pop_back();
      used[k] = 0;
    }
  };
  go();
  return out;
}

Plan smallPlan(uint32_t seed, int impressions) {
  RandomOptions o;
  o.impressions = impressions;
  o.stamps = 3;
  o.sayings = seed % 3 == 0;
  o.panel = {0, 0, 90, 90};
  o.depths = seed % 2;
  Plan p = randomPlan(seed, o);
  for (size_t k = 0; k < p.inks.size(); ++k)
    p.inks[k].dryOnCard_s = 30.0 + 90.0 * static_cast<double>((seed + k) % 4);
  return p;
}

}  // namespace

class TstOrderSearch : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void isTheBestOfAllValidOrders() {
    long orders = 0, proven = 0, plans = 0;
    for (uint32_t seed = 1; seed <= 60; ++seed) {
      const Plan p = smallPlan(seed, 2 + static_cast<int>(seed % 4));
      const AnalysisRef quick = analyse(p);
      if (!quick->actRules->impossible().empty()) continue;  // paper laid ahead breaks the ring
      const Exhausted all = tryAll(p, *quick);
      const BestOrder best = findBestOrder(orderWork(p, *quick));
      QVERIFY2(best.minutes >= all.least - 1e-6, "no order can be better than the best of all");
      QVERIFY2(!best.exact || best.minutes <= all.least + 1e-6,
               qPrintable(QStringLiteral("seed %1: said to be the best with %2 min, but %3 are possible")
                              .arg(seed)
                              .arg(best.minutes)
                              .arg(all.least)));
      const BestOrder proof = byProofAlone(p, *quick);
      QVERIFY(!proof.exact || proof.minutes <= all.least + 1e-6);
      const AnalysisRef whole = withBestOrder(p, quick);
      QCOMPARE(whole->sheet.minutes, best.minutes);
      QVERIFY(whole->sheet.atLeast <= all.least + 1e-6);
      QVERIFY(whole->orderState.broken.empty());
      orders += all.orders, proven += best.exact, ++plans;
    }
    QVERIFY(orders > 3000);
    QVERIFY(plans >= 50);
    QCOMPARE(proven, plans);
  }

  // What is too fine to be cut is covered by nothing: its cover is no work that must be done.
  void isTheBestWithWhatCannotBeCut() {
    int bare = 0;
    for (uint32_t seed = 1; seed <= 300; ++seed) {
      Plan p = smallPlan(seed, 4 + seed % 3);
      Stamp thin = *p.stamps[0];
      const std::string other = p.stamps[1]->id;
      // A hoop of wire, open at one side; no tape lies along it.
      Ring wire;
      for (const double radius : {15.0, 14.4})
        for (int k = 0; k <= 50; ++k) {
          const double at = (radius > 14.5 ? k : 50 - k) * 0.1;
          wire.push_back({15 + radius * std::cos(at), 15 + radius * std::sin(at)});
        }
      thin.silhouette = {wire};
      thin.width_mm = thin.height_mm = 30;
      p.stamps[0] = std::make_shared<const Stamp>(thin);
      thin.id = other;
      p.stamps[1] = std::make_shared<const Stamp>(thin);
      for (Impression& i : p.impressions) i.part.clear();
      const AnalysisRef quick = analyse(p);
      if (!quick->actRules->impossible().empty()) continue;
      for (const NeedStep& w : quick->needTable->washSteps())
        for (int i : w.covered) bare += quick->needTable->sure().uncuttable[ix(i)];
      const BestOrder proof = byProofAlone(p, *quick);
      const double least = tryAll(p, *quick).least;
      QVERIFY2(!proof.exact || proof.minutes <= least + 1e-6,
               qPrintable(QStringLiteral("seed %1: %2 for %3").arg(seed).arg(proof.minutes).arg(least)));
      const double atLeast = withBestOrder(p, quick)->sheet.atLeast;
      QVERIFY2(atLeast <= least + 1e-6,
               qPrintable(QStringLiteral("seed %1: at least %2, but %3").arg(seed).arg(atLeast).arg(least)));
    }
    qInfo("%d left bare", bare);
    QVERIFY(bare > 5);
  }

  void isTheBestOfAllValidOrdersOfEight() {
    for (uint32_t seed = 101; seed <= 104; ++seed) {
      Plan p = smallPlan(seed, 8);
      for (Impression& i : p.impressions) i.school = School::Mask;
      p.washes.clear();
      const AnalysisRef quick = analyse(p);
      if (const long count = static_cast<long>(orderRules(p, quick->meetings, quick->knots).size());
          count < 7)
        continue;
      const Exhausted all = tryAll(p, *quick);
      const BestOrder best = findBestOrder(orderWork(p, *quick));
      QVERIFY(best.exact);
      QVERIFY2(std::abs(best.minutes - all.least) < 1e-6,
               qPrintable(QString::number(best.minutes - all.least)));
      const BestOrder proof = byProofAlone(p, *quick);
      QVERIFY(!proof.exact || std::abs(proof.minutes - all.least) < 1e-6);
    }
  }

  void provesTwelve() {
    int proven = 0;
    for (uint32_t seed = 1; seed <= 10; ++seed) {
      Plan p = smallPlan(seed, 12);
      p.washes.clear();
      const BestOrder best = findBestOrder(orderWork(p, *analyse(p)));
      QCOMPARE(best.order.size(), p.impressions.size());
      proven += best.exact;
    }
    qInfo("%d of 10 plans of 12 proven", proven);
    QVERIFY(proven >= 7);
  }

  void isTheSameEveryTime() {
    const Plan p = demo("canal-towpath");
    const BestOrder one = findBestOrder(orderWork(p, *analyse(p))),
                    two = findBestOrder(orderWork(p, *analyse(p)));
    QVERIFY(one.order == two.order);
    QVERIFY(withBestOrder(p, analyse(p))->sheet.minutes <=
            minutesIn(p, *analyse(p), analyse(p)->order) + 1e-9);
  }

  void givesAGoodAnswerWhenItIsStopped() {
    const Plan p = demo("canal-towpath");
    const AnalysisRef a = analyse(p);
    std::stop_source stop;
    long told = 0;
    OrderEffort effort;
    effort.better = [&](const BestOrder& b) {
      QCOMPARE(b.order.size(), p.impressions.size());
      if (++told == 3) stop.request_stop();
    };
    const BestOrder best = findBestOrder(orderWork(p, *a), effort, Progress{stop.get_token(), {}});
    QVERIFY(told <= 4);
    QVERIFY(brokenRules(orderRules(p, a->meetings, a->knots, a->needTable->bare()), best.order).empty());
  }

  // Fifty independent prints of one stamp in one ink: nothing to do but press.
  void oneStampInOneInkIsPressedInOneGo() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 4, 4)), addStamp(p, slab("t", 4, 4));
    for (int i = 0; i < 10; ++i)
      put(p, "i" + std::to_string(i), i % 2 ? "s" : "t", {6.0 + 12 * i, 20.0}, 10.0 + i);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QVERIFY(a->orderState.exact);
    const WorkTimes t;
    QCOMPARE(a->sheet.minutes, 10 * t.press + 2 * (t.tryOut + t.pickUp) + t.changeInk);
    QCOMPARE(a->sheet.atLeast, a->sheet.minutes);
  }

  // A second pressing right after its first saves the pressing on scrap.
  void laterPressingsFollowTheirFirst() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 4, 4));
    for (int i = 0; i < 3; ++i)
      put(p, "i" + std::to_string(i), "s", {6.0 + 12 * i, 20.0}, 10.0 + i).generation = 3 - i;
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QCOMPARE(ids(p, a->order), std::string("i2 i1 i0"));
    for (const Step& s : a->sheet.steps) QCOMPARE(s.scraps, 0);
  }

  void wishesGoBeforeMinutes() {
    Plan p = demo("canal-towpath");
    const std::string hare = "hare1";
    const std::string id = p.impression(hare) ? hare : p.impressions.back().id;
    p = wantedFirst(p, id, true).value();
    AnalysisRef a = withBestOrder(p, analyse(p));
    if (a->orderState.unmet.empty()) QCOMPARE(p.impressions[ix(a->order[0])].id, id);
    // Something that must go behind another cannot be first; that is said.
    Plan q = emptyPlan();
    addStamp(q, slab("s", 20, 20));
    put(q, "front", "s", {50, 20}, 1), put(q, "back", "s", {55, 25}, 5);
    q = wantedFirst(q, "back", true).value();
    a = withBestOrder(q, analyse(q));
    QCOMPARE(ids(q, a->order), std::string("front back"));
    QCOMPARE(a->orderState.unmet.size(), size_t{1});
    QCOMPARE(a->orderState.unmet[0].impression, indexOf(q, "back"));
  }

  void inksWantedTogetherAreUsedInOneGo() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 4, 4)), addStamp(p, slab("t", 4, 4));
    for (int i = 0; i < 6; ++i) {
      put(p, "i" + std::to_string(i), i < 3 ? "s" : "t", {6.0 + 12 * i, 20.0}, 10.0 + i).ink =
          p.inks[ix(i % 2)].id;
    }
    p = wantedTogether(p, p.inks[1].id, true).value();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QVERIFY(a->orderState.unmet.empty());
    int runs = 0;
    std::string last;
    for (int i : a->order) {
      const std::string& ink = p.impressions[ix(i)].ink;
      runs += ink == p.inks[1].id && last != ink;
      last = ink;
    }
    QCOMPARE(runs, 1);
  }

  void theMakersOwnOrderIsFollowedAndJudged() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "front", "s", {50, 20}, 1), put(p, "back", "s", {55, 25}, 5), put(p, "aside", "s", {100, 100}, 9);
    p = withOrder(p, {"back", "front"}).value();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QVERIFY(a->orderState.from == OrderState::From::Maker);
    QCOMPARE(a->orderState.broken.size(), size_t{1});
    QCOMPARE(a->order.size(), size_t{3});
    const auto at = [&](const char* id) {
      return std::find(a->order.begin(), a->order.end(), indexOf(p, id));
    };
    QVERIFY(at("back") < at("front"));
    QVERIFY(!withOrder(p, {"back", "back"}));
    QVERIFY(!withOrder(p, {"nobody"}));
  }

  // A over B over C over A: a mask is laid where the last of them will be, and the card comes out as meant.
  void aRingIsMadeWithAMaskLaidAhead() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 40, 6));  // three bars along the sides of a triangle
    put(p, "a", "s", {60, 40}, 5),
        put(p, "b", "s", {70.1, 57.5}, 6).turn_deg = 120, put(p, "c", "s", {49.9, 57.5}, 7).turn_deg = 240;
    p.impressions[0].inFrontOf = {"b"}, p.impressions[1].inFrontOf = {"c"},
    p.impressions[2].inFrontOf = {"a"};
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QCOMPARE(a->knots.rings.size(), size_t{1});
    bool ahead = false;
    for (const Step& s : a->sheet.steps)
      for (const Cover& c : s.covers) ahead = ahead || c.ahead;
    QVERIFY(ahead);
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 150).value().proven);
    for (const Finding& f : a->findings)
      if (f.kind == FindingKind::Cycle) QVERIFY(f.level == Level::Warn);
  }

  // Boost.Graph's shortest paths on the negated chains.
  void theCriticalPathIsBoosts() {
    using Graph = boost::adjacency_list<boost::vecS, boost::vecS, boost::directedS, boost::no_property,
                                        boost::property<boost::edge_weight_t, double>>;
    for (uint32_t seed = 1; seed <= 40; ++seed) {
      const Plan p = smallPlan(seed, 12);
      const AnalysisRef a = analyse(p);
      const Chains chains =
          chainsOf({p, a->meetings, a->washes, *a->needTable, a->order, a->needs, a->stampMasks, a->stampOf});
      const size_t n = chains.nodes.size();
      Graph g(n + 1);  // the last is the start
      for (size_t i = 0; i < n; ++i) boost::add_edge(n, i, 0.0, g);
      for (const ChainLink& l : chains.links)
        boost::add_edge(ix(l.before), ix(l.after), -(chains.nodes[ix(l.before)].work_min + l.gap_min), g);
      std::vector<double> distance(n + 1);
      boost::dag_shortest_paths(g, n, boost::distance_map(distance.data()));
      double longest = 0;
      for (size_t i = 0; i < n; ++i) longest = std::max(longest, chains.nodes[i].work_min - distance[i]);
      QVERIFY(std::abs(longest - criticalPath(chains)) < 1e-9);
    }
  }

  void everyMaskIsCutOnceAndBeforeItIsLaid() {
    for (uint32_t seed = 1; seed <= (thorough() ? 30 : 12); ++seed) {
      const Plan p = smallPlan(seed, 9);
      const AnalysisRef a = withBestOrder(p, analyse(p));
      std::vector<std::string> cut;
      for (const Step& s : a->sheet.steps) {
        if (s.what == Do::CutMask) {
          QVERIFY(std::find(cut.begin(), cut.end(), s.covers[0].mask) == cut.end());
          cut.push_back(s.covers[0].mask);
        }
        if (s.what == Do::MaskOn)
          for (const Cover& c : s.covers) QVERIFY(std::find(cut.begin(), cut.end(), c.mask) != cut.end());
      }
      QCOMPARE(static_cast<int>(cut.size()), a->masksToCut());
    }
  }

  void waitsAreFilledWithCutting() {
    Plan p = emptyPlan();
    p.inks[0].dryOnCard_s = 180, p.inks[0].dryOnMask_s = 0;
    addStamp(p, slab("s", 20, 20)), addStamp(p, slab("t", 20, 20));
    put(p, "front", "s", {50, 20}, 1), put(p, "back", "t", {55, 25}, 5), put(p, "farther", "t", {60, 30}, 9);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    double waiting = 0;
    for (const Step& s : a->sheet.steps) waiting += s.wait;
    QVERIFY2(waiting < 3.0 + 1e-9, qPrintable(QString::number(waiting)));
  }

  void eveningsAreEvenAndNightsDry() {
    Plan p = demo("canal-towpath");
    const double whole = withBestOrder(p, analyse(p))->sheet.minutes;
    p = withEvenings(p, 2).value();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QCOMPARE(a->sheet.evenings.size(), size_t{2});
    const double one = a->sheet.evenings[0].minutes, two = a->sheet.evenings[1].minutes;
    QVERIFY2(std::max(one, two) < 0.65 * whole,
             qPrintable(QStringLiteral("%1 and %2 of %3").arg(one).arg(two).arg(whole)));
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 60).value().proven);
    QVERIFY(!withEvenings(p, 0));
  }

  void dryTimesOfDaysSplitTheWork() {
    Plan p = emptyPlan();
    p.inks[0].dryOnCard_s = 3 * 86400;
    addStamp(p, slab("s", 20, 20));
    put(p, "front", "s", {50, 20}, 1), put(p, "back", "s", {55, 25}, 5);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QVERIFY(a->sheet.minutes > 4000);
    QCOMPARE(a->sheet.evenings.size(), size_t{2});
    QVERIFY(a->sheet.evenings[0].minutes + a->sheet.evenings[1].minutes < 60);
  }

  // Ten cards: setups once, pressings ten times, masks as the wear of ten cards needs.
  void copiesAreWorkedStepByStep() {
    Plan p = emptyPlan();
    p.supplies.maskLife = 6;
    addStamp(p, slab("s", 20, 20)), addStamp(p, slab("t", 20, 20));
    put(p, "front", "s", {50, 20}, 1), put(p, "back", "t", {55, 25}, 5);
    const double one = withBestOrder(p, analyse(p))->sheet.minutes;
    p = withCopies(p, 10).value();
    const AnalysisRef a = withBestOrder(p, analyse(p));
    QCOMPARE(a->sheet.copies, 10);
    QCOMPARE(a->masksToCut(), 2);  // ten uses, six a mask
    QVERIFY(a->sheet.minutes < 10 * one);
    QVERIFY(a->sheet.minutes > 2 * 10 * WorkTimes().press);
    QVERIFY(simulate(a->press(p, nullptr), a->sheet, 100).value().proven);
    QVERIFY(!withCopies(p, 0));
  }

  // Several cards, later pressings, pieces that are cut out, powder: what is said to be the best is.
  void isTheBestOfAllWithCopiesPiecesAndPowder() {
    int proven = 0;
    for (uint32_t seed = 201; seed <= 240; ++seed) {
      Plan p = smallPlan(seed, 6);
      p.washes.clear();
      p.making.copies = 1 + static_cast<int>(seed % 3);
      for (size_t i = 0; i < p.impressions.size(); ++i) {
        p.impressions[i].generation = 1 + static_cast<int>((seed + i) % 3);
        if ((seed + i) % 4 == 0) p.impressions[i].school = School::PopUp;
        if ((seed + i) % 7 == 0) p.impressions[i].school = School::Resist;
      }
      const AnalysisRef quick = analyse(p);
      if (!quick->actRules->impossible().empty()) continue;
      const Exhausted all = tryAll(p, *quick);
      const BestOrder best = findBestOrder(orderWork(p, *quick));
      QVERIFY(best.minutes >= all.least - 1e-6);
      QVERIFY2(!best.exact || best.minutes <= all.least + 1e-6,
               qPrintable(QStringLiteral("seed %1: %2, but %3").arg(seed).arg(best.minutes).arg(all.least)));
      QVERIFY(withBestOrder(p, quick)->sheet.atLeast <= all.least + 1e-6);
      const BestOrder proof = byProofAlone(p, *quick);
      QVERIFY2(!proof.exact || proof.minutes <= all.least + 1e-6,
               qPrintable(QStringLiteral("seed %1: %2, but %3").arg(seed).arg(proof.minutes).arg(all.least)));
      proven += best.exact;
    }
    QVERIFY2(proven >= 20, qPrintable(QString::number(proven)));
  }

  // What is stamped apart breaks no run of an ink and makes none: its ink is taken up once the panel is done.
  void whatIsStampedApartIsNoRun() {
    Plan p = emptyPlan();
    addStamp(p, slab("one", 12, 12)), addStamp(p, slab("two", 12, 12));
    for (int k = 0; k < 3; ++k)
      put(p, "t" + std::to_string(k), k == 1 ? "two" : "one", {20.0 + 30 * k, 40}, 2);
    p.impressions[0].ink = p.impressions[2].ink = "blue", p.impressions[1].ink = "black";
    p.making.together = {"blue"};
    const auto unmet = [&](School last) {
      p.impressions[2].school = last;
      const AnalysisRef a = analyse(p);
      return judged(orderWork(p, *a), {0, 1, 2}).unmet.size();
    };
    QCOMPARE(unmet(School::Mask), size_t{1});
    for (const School apart : {School::Across, School::PopUp}) QCOMPARE(unmet(apart), size_t{0});
  }

  /// Presses of one figure follow on each other where rules and work allow it, and nowhere else.
  void aFigureIsStampedTogether() {
    ActSpace space;
    space.stopped = [] { return false; };
    space.cost = [](const std::vector<int>&) { return 5.0; };
    const auto after = [&](std::vector<int> acts) {
      return broughtTogether(space, {std::move(acts), 5, false}, {{0, 3, 5}}).acts;
    };
    const auto together = [](const std::vector<int>& acts) {
      std::vector<long> at;
      for (int a : {0, 3, 5}) at.push_back(std::find(acts.begin(), acts.end(), a) - acts.begin());
      std::sort(at.begin(), at.end());
      return at[2] - at[0] == 2;
    };
    QVERIFY(together(after({0, 1, 2, 3, 4, 5})));
    QVERIFY(together(after({5, 4, 0, 2, 1, 3})));
    // What must come between them stays there.
    space.before = {{0, 1}, {1, 3}};
    const auto held = after({0, 1, 2, 3, 4, 5});
    const auto place = [&](int a) { return std::find(held.begin(), held.end(), a) - held.begin(); };
    QVERIFY(place(0) < place(1) && place(1) < place(3) && std::abs(place(5) - place(3)) == 1);
    // Nothing is brought together that would be more work.
    space.before.clear();
    space.cost = [&](const std::vector<int>& acts) { return together(acts) ? 6.0 : 5.0; };
    QVERIFY(!together(after({0, 1, 2, 3, 4, 5})));
  }

  /// On a card: four things far from each other in one ink, the first and the last one figure.
  void aFigureOfACardIsStampedTogether() {
    Plan p = emptyPlan();
    for (const char* id : {"a", "b", "c", "d"}) addStamp(p, slab(id, 10, 10));
    double x = 15;
    for (const char* id : {"a", "b", "c", "d"}) put(p, id, id, {x, 20}, 2), x += 28;
    p.impressions[0].figure = p.impressions[3].figure = "f";
    p.impressions[0].hero = true;
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const auto place = [&](int i) {
      return std::find(a->order.begin(), a->order.end(), i) - a->order.begin();
    };
    QCOMPARE(std::abs(place(0) - place(3)), 1);
    Plan apart = p;
    apart.impressions[0].figure.clear(), apart.impressions[3].figure.clear();
    // It took no longer for it, and the order is still known to be the best.
    const AnalysisRef b = withBestOrder(apart, analyse(apart));
    QVERIFY(std::fabs(a->sheet.minutes - b->sheet.minutes) < 1e-9);
    QCOMPARE(a->orderState.exact, b->orderState.exact);
  }
};

HAVLO_TEST(TstOrderSearch)
#include "tst_order_search.moc"
