// Branch and bound over the orders that the depth rules allow, with a bound from setups still to come, covers
// still to be laid and idle minutes so far; before it, and alone for large plans, improvement of good orders
// by moving single impressions and whole runs. Every order is judged by the same hands that write the run
// sheet.
#include "core/runsheet/order_search.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <set>
#include <string>

#include "core/runsheet/act_search.h"
#include "core/runsheet/least_work.h"
#include "core/runsheet/papers.h"

namespace havlo {
namespace {

constexpr double kPin = 1e5;  // minutes that an unmet wish counts
constexpr double kSame = 1e-9;
constexpr size_t kMostJoint = 40;        // acts up to which likely joint papers are counted in every sequence
constexpr long kMostWork = 380000;       // tries times impressions
constexpr long kMostShifts = 200000000;  // looked at, times what each takes

struct Judge {
  const OrderWork& in;
  long count = 0;

  double minutes(const std::vector<int>& order) {
    ++count;
    return minutesOfActs(in.acts.anyBefore() ? in.acts.withWashes(order, false) : order, order);
  }

  enum class Joints { None, Likely, All };  ///< whether one paper may cover several things, how hard to try
  mutable std::vector<std::vector<int>> like = {};  ///< groups that did well

  double minutesOfActs(const std::vector<int>& acts, const std::vector<int>& order,
                       Joints joints = Joints::None) const {
    static const std::vector<std::pair<int, int>> kNone;
    const auto& joinable = joints != Joints::None && in.joinable ? *in.joinable : kNone;
    const Papers papers = papersFor({in.plan, in.meetings, in.washes, in.table, in.stampOf, joinable,
                                     in.times, joints == Joints::All, &like, in.hand},
                                    acts, order);
    if (joints == Joints::All) like = groupsOf(papers);
    return papers.minutes;
  }

  std::vector<UnmetPin> unmet(const std::vector<int>& order) const {
    std::vector<UnmetPin> out;
    const Making& m = in.plan.making;
    if (m.first.empty() && m.together.empty()) return out;
    for (const std::string& id : m.first) {
      const int i = in.plan.indexOf(id);
      for (size_t k = 0; k < order.size(); ++k) {
        if (order[k] == i) break;
        const std::string& before = in.plan.impressions[ix(order[k])].id;
        if (std::find(m.first.begin(), m.first.end(), before) != m.first.end()) continue;
        if (i >= 0) out.push_back({i, -1});
        break;
      }
    }
    for (const std::string& ink : m.together) {
      int runs = 0;
      bool inRun = false;
      for (int i : order) {
        const Impression& thing = in.plan.impressions[ix(i)];
        if (isStampedApart(thing.school)) continue;
        const bool same = thing.ink == ink;
        runs += same && !inRun;
        inRun = same;
      }
      for (size_t k = 0; k < in.plan.inks.size(); ++k)
        for (int r = 1; r < runs && in.plan.inks[k].id == ink; ++r) out.push_back({-1, static_cast<int>(k)});
    }
    return out;
  }

  double cost(const std::vector<int>& order) {
    return minutes(order) + kPin * static_cast<double>(unmet(order).size());
  }
};

/// The depth rules as lists, over the impressions that are stamped on the panel.
struct Rules {
  std::vector<std::vector<int>> before, after;  // by impression

  Rules(const OrderWork& in) : before(in.plan.impressions.size()), after(before.size()) {
    for (const OrderRule& r : orderRules(in.plan, in.meetings, in.knots, in.table.bare())) {
      before[ix(r.then)].push_back(r.first);
      after[ix(r.first)].push_back(r.then);
    }
    for (const auto& [first, then] : in.acts.between()) {
      before[ix(then)].push_back(first);
      after[ix(first)].push_back(then);
    }
  }
};

/// Overlaps beyond what cards have, twenty a thing; a try takes longer by them.
long overlapsBeyond(const Rules& rules) {
  long all = 0;
  for (const auto& after : rules.after) all += static_cast<long>(after.size());
  return std::max(0L, all - 20 * static_cast<long>(rules.after.size()));
}

/// Starts from an order and moves things about while that helps.
class Improver {
 public:
  Improver(Judge& judge, const Rules& rules, size_t movable, const OrderEffort& effort,
           const Progress& progress)
      : m_judge(judge),
        m_rules(rules),
        m_movable(movable),
        m_effort(effort),
        m_progress(progress),
        m_most(std::min(effort.tries, kMostWork / (static_cast<long>(movable + 1) + overlapsBeyond(rules)))),
        m_shiftTakes(static_cast<long>(movable + 1) + overlapsBeyond(rules)) {}

  std::vector<int> best;
  double bestCost = 1e300;

  void start(const std::vector<int>& order) {
    const double cost = m_judge.cost(order);
    if (cost < bestCost - kSame) take(order, cost);
    m_here = order, m_cost = cost;
    for (bool moved = true; moved && !spent();) moved = shiftSingles() || shiftRuns();
  }

  bool spent() const {
    return m_judge.count >= m_most || m_shifts * m_shiftTakes > kMostShifts || m_progress.stopped();
  }

 private:
  Judge& m_judge;
  const Rules& m_rules;
  size_t m_movable;  // impressions before the pop-ups
  const OrderEffort& m_effort;
  const Progress& m_progress;
  long m_most;  // a try takes as long as the plan is large
  long m_shifts = 0, m_shiftTakes;
  std::vector<int> m_here;
  double m_cost = 0;

  void take(const std::vector<int>& order, double cost) {
    best = order, bestCost = cost;
    if (m_effort.better) m_effort.better({order, {}, cost, false, {}});
  }

  /// Whether the order keeps every depth rule.
  bool allowed(const std::vector<int>& order) const {
    std::vector<int> place(order.size(), 0);
    for (size_t k = 0; k < order.size(); ++k) place[ix(order[k])] = static_cast<int>(k);
    for (size_t i = 0; i < m_rules.after.size(); ++i)
      for (int j : m_rules.after[i])
        if (place[i] > place[ix(j)]) return false;
    return true;
  }

  bool tryOrder(const std::vector<int>& order) {
    const double cost = m_judge.cost(order);
    m_progress.at(std::min(1.0, static_cast<double>(m_judge.count) / static_cast<double>(m_most)));
    if (cost >= m_cost - kSame) return false;
    m_here = order, m_cost = cost;
    if (cost < bestCost - kSame) take(order, cost);
    return true;
  }

  bool shift(size_t from, size_t size, size_t to) {
    if (to == from) return false;
    ++m_shifts;
    std::vector<int> order = m_here;
    if (to < from) {
      std::rotate(order.begin() + static_cast<long>(to), order.begin() + static_cast<long>(from),
                  order.begin() + static_cast<long>(from + size));
    } else {
      std::rotate(order.begin() + static_cast<long>(from), order.begin() + static_cast<long>(from + size),
                  order.begin() + static_cast<long>(to + size));
    }
    return allowed(order) && tryOrder(order);
  }

  bool alike(int a, int b) const {
    const OrderWork& in = m_judge.in;
    return in.stampOf[ix(a)] == in.stampOf[ix(b)] ||
           in.plan.impressions[ix(a)].ink == in.plan.impressions[ix(b)].ink;
  }

  /// Moves one thing: first next to others of its stamp or ink, which saves setups, then anywhere.
  bool shiftSingles() {
    bool any = false;
    for (const bool near : {true, false})
      for (size_t from = 0; from < m_movable && !spent(); ++from)
        for (size_t to = 0; to < m_movable && !spent(); ++to) {
          const bool beside =
              alike(m_here[from], m_here[to]) || (to > 0 && alike(m_here[from], m_here[to - 1]));
          if (beside == near && shift(from, 1, to)) any = true;
        }
    return any;
  }

  bool shiftRuns() {
    bool any = false;
    for (size_t size = 2; size <= 4; ++size)
      for (size_t from = 0; from + size <= m_movable && !spent(); ++from)
        for (size_t to = 0; to + size <= m_movable && !spent(); ++to)
          if (shift(from, size, to)) any = true;
    return any;
  }
};

/// Always goes on with a ready thing that shares most with the one before.
std::vector<int> bySetups(const OrderWork& in, const Rules& rules, const std::vector<int>& line) {
  const size_t n = line.size();
  std::vector<int> waits(n, 0), out;
  for (size_t i = 0; i < n; ++i) waits[i] = static_cast<int>(rules.before[i].size());
  std::vector<char> done(n, 0);
  const auto thing = [&](int i) -> const Impression& { return in.plan.impressions[ix(i)]; };
  while (out.size() < n) {
    int best = -1, bestScore = -1;
    for (int i : line) {
      const auto at = ix(i);
      if (done[at] || waits[at] > 0) continue;
      int score = 0;
      if (!out.empty()) {
        const bool stamp = in.stampOf[at] == in.stampOf[ix(out.back())];
        const bool ink = thing(i).ink == thing(out.back()).ink;
        score = 2 * stamp + ink + (stamp && ink && thing(i).generation == thing(out.back()).generation + 1);
      }
      if (isStampedApart(thing(i).school)) score = -1;
      if (best < 0 || score > bestScore) best = i, bestScore = score;
    }
    done[ix(best)] = 1;
    out.push_back(best);
    for (int j : rules.after[ix(best)]) --waits[ix(j)];
  }
  std::stable_partition(out.begin(), out.end(), [&](int i) { return !isStampedApart(thing(i).school); });
  // Pop-ups keep the order in which they are attached: back to front.
  const auto firstPop =
      std::find_if(out.begin(), out.end(), [&](int i) { return isStampedApart(thing(i).school); });
  out.erase(firstPop, out.end());
  for (int i : line)
    if (isStampedApart(thing(i).school)) out.push_back(i);
  return out;
}

constexpr size_t kMostExact = 16;

/// Branch and bound. What an order so far costs at least is counted as hands would, but as if every
/// impression had a mask of its own and every cut could fill any wait; both only make it cheaper.
class ExactSearch {
 public:
  ExactSearch(Judge& judge, const Rules& rules, std::vector<int> popUps, const OrderEffort& effort,
              const Progress& progress)
      : m_judge(judge),
        m_in(judge.in),
        m_rules(rules),
        m_popUps(std::move(popUps)),
        m_effort(effort),
        m_progress(progress) {
    m_copies = std::max(1, m_in.plan.making.copies);
    for (size_t i = 0; i < m_in.plan.impressions.size(); ++i)
      if (!isStampedApart(m_in.plan.impressions[i].school)) m_things.push_back(static_cast<int>(i));
    m_slot.assign(m_in.plan.impressions.size(), -1);
    for (size_t k = 0; k < m_things.size(); ++k) m_slot[ix(m_things[k])] = static_cast<int>(k);
    prepare();
  }

  /// @return whether the search came to its end, so that `best` is proven
  bool run(std::vector<int>& best, double& bestCost) {
    m_best = &best, m_bestCost = &bestCost;
    const State start;
    if (bestCost <= bound(start) + kSame) return true;
    m_order.clear();
    return visit(start);
  }

 private:
  using Bits = unsigned;
  struct State {
    Bits done = 0, lying = 0;
    int last = -1;
    double now = 0, idle = 0, lifts = 0, cost = 0;  // lifts: minutes of them that are in `cost` already
    std::array<double, kMostExact> dry{};
    std::array<int, kMostExact> cleans{};
  };

  Judge& m_judge;
  const OrderWork& m_in;
  const Rules& m_rules;
  std::vector<int> m_popUps, m_things, m_slot;
  const OrderEffort& m_effort;
  const Progress& m_progress;
  std::vector<std::vector<double>> m_setups;  // [done][last]: setups still to come, at least
  std::vector<Bits> m_before, m_sureFronts, m_mustGo;
  std::vector<std::vector<std::pair<int, bool>>> m_fronts;  // (slot, always)
  Bits m_washed = 0;
  std::vector<char> m_printed;  // stamp -> some mask of it is needed in any order
  double m_fixed = 0, m_cuts = 0, m_powder = 0, m_copies = 1;
  int m_leastCleans = 0;
  long m_nodes = 0;
  std::vector<int> m_order;
  std::vector<int>* m_best = nullptr;
  double* m_bestCost = nullptr;

  const Impression& thing(size_t slot) const { return m_in.plan.impressions[ix(m_things[slot])]; }
  const Ink& inkOf(size_t slot) const { return *m_in.plan.ink(thing(slot).ink); }
  int stampOf(size_t slot) const { return m_in.stampOf[ix(m_things[slot])]; }

  /// Pick-up, change of ink and pressings on scrap between two pressings; without cleaning and trying out.
  double setup(int last, size_t next) const {
    const WorkTimes& t = m_in.times;
    const bool first = last < 0;
    const auto l = ix(std::max(last, 0));
    const bool sameStamp = !first && stampOf(l) == stampOf(next);
    const bool sameInk = !first && thing(l).ink == thing(next).ink;
    const bool follows =
        m_copies == 1 && sameStamp && sameInk && thing(next).generation == thing(l).generation + 1;
    return (sameStamp ? 0 : t.pickUp) + (sameInk ? 0 : t.changeInk) +
           (follows ? 0 : (thing(next).generation - 1) * t.scrap * m_copies);
  }

  void prepare() {
    const size_t n = m_things.size();
    const WorkTimes& t = m_in.times;
    m_before.assign(n, 0), m_mustGo.assign(n, 0), m_fronts.resize(n), m_sureFronts.assign(n, 0);
    const MaskNeeds sure = m_in.table.sure();
    // What is too fine to be cut may be taped in one order and bare in another: no order surely covers it.
    const auto counts = [&](int i) { return !m_in.table.noMask()[ix(i)]; };
    for (size_t k = 0; k < n; ++k) {
      const auto i = ix(m_things[k]);
      for (int j : m_rules.before[i])
        if (m_slot[ix(j)] >= 0) m_before[k] |= 1u << m_slot[ix(j)];
      for (int o : m_in.table.mustGo(m_things[k]))
        if (m_slot[ix(o)] >= 0) m_mustGo[k] |= 1u << m_slot[ix(o)];
      for (const NeedTable::Front& f : m_in.table.frontsOf(static_cast<int>(i))) {
        const int slot = m_slot[ix(f.thing)];
        if (slot < 0 || !counts(f.thing)) continue;
        m_fronts[k].emplace_back(slot, f.always || f.ahead);
        if (f.always) m_sureFronts[k] |= 1u << slot;
      }
    }
    for (const NeedStep& w : m_in.table.washSteps())
      for (int i : w.covered)
        if (m_slot[ix(i)] >= 0 && counts(i)) m_washed |= 1u << m_slot[ix(i)];
    const std::vector<StampMasks> masks = countMasks(m_in.plan, sure, m_in.stampOf);
    m_printed.assign(masks.size(), 0);
    for (size_t s = 0; s < masks.size(); ++s) m_printed[s] = masks[s].cut > 0;
    m_fixed = fixedWork();
    m_fixed += penMinutes(m_in.table.pen(), t) * m_copies;
    for (const auto& fronts : sure.leaveOut) m_fixed += leaveOutMinutes(m_in.plan, fronts, t) * m_copies;
    for (const StampMasks& m : masks) {
      m_cuts += m.cut * t.cutMask;
      if (m.cut > 0) m_fixed += t.pickUp + m.cut * t.printEach;
    }
    m_fixed += m_cuts;
    setupTable();
  }

  /// What every order costs alike, without masks.
  double fixedWork() {
    const WorkTimes& t = m_in.times;
    std::set<int> stamps;
    std::set<std::pair<int, const Ink*>> pairs;
    double each = static_cast<double>(m_in.plan.washes.size()) * t.wash;
    double powder = 0;
    for (size_t i = 0; i < m_in.plan.impressions.size(); ++i) {
      const Impression& thing = m_in.plan.impressions[i];
      each += t.press;
      if (!thing.part.empty()) each += t.tapeRubber;
      if (isEmbossed(m_in.plan, static_cast<int>(i))) each += t.embossEach, powder += t.embossEach;
      if (thing.school == School::PopUp) each += t.cutPiece + t.attach;
      stamps.insert(m_in.stampOf[i]);
      if (!isStampedApart(thing.school)) pairs.emplace(m_in.stampOf[i], m_in.plan.ink(thing.ink));
    }
    if (powder > 0) each += t.emboss, powder += t.emboss;
    // Waits are filled by it; a go more than one costs what it fills.
    m_powder = powder * m_copies;
    std::set<int> onPanel;
    for (const auto& [stamp, ink] : pairs) onPanel.insert(stamp);
    m_leastCleans = static_cast<int>(pairs.size() - onPanel.size());
    if (m_in.plan.card.tape_mm > 0) each += t.tape;
    if (m_in.plan.card.trim_mm > 0) each += t.trim;
    // A stamp whose masks are printed is tried out by that.
    double tries = 0;
    for (int s : stamps) tries += m_printed[ix(s)] ? 0 : t.tryOut;
    return each * m_copies + tries;
  }

  /// Setups of the pieces that are stamped after everything else.
  double popUpSetups(int last) const {
    const WorkTimes& t = m_in.times;
    double sum = 0;
    int stamp = last < 0 ? -1 : stampOf(ix(last));
    const Ink* ink = last < 0 ? nullptr : m_in.plan.ink(thing(ix(last)).ink);
    for (int i : m_popUps) {
      const Ink* own = m_in.plan.ink(m_in.plan.impressions[ix(i)].ink);
      const int ownStamp = m_in.stampOf[ix(i)];
      sum += (ownStamp == stamp ? 0 : t.pickUp) + (own == ink ? 0 : t.changeInk);
      stamp = ownStamp, ink = own;
    }
    return sum;
  }

  /// Least setups from every set of stamped things on, by dynamic programming (Held and Karp 1962; from
  /// memory).
  void setupTable() {
    const size_t n = m_things.size(), sets = size_t{1} << n;
    m_setups.assign(sets, std::vector<double>(n + 1, 1e300));
    for (size_t l = 0; l <= n; ++l) m_setups[sets - 1][l] = popUpSetups(l < n ? static_cast<int>(l) : -1);
    for (size_t done = sets - 1; done-- > 0;)
      for (size_t l = 0; l <= n; ++l) {
        if (l < n ? !(done >> l & 1) : done != 0) continue;
        double& least = m_setups[done][l];
        for (size_t next = 0; next < n; ++next) {
          if (done >> next & 1 || (m_before[next] & ~static_cast<Bits>(done))) continue;
          least = std::min(least, setup(l < n ? static_cast<int>(l) : -1, next) +
                                      m_setups[done | size_t{1} << next][next]);
        }
      }
  }

  /// At least what any order costs that begins like this.
  double bound(const State& s) const {
    const WorkTimes& t = m_in.times;
    const size_t n = m_things.size();
    Bits toCover = m_washed;
    for (size_t k = 0; k < n; ++k)
      if (!(s.done >> k & 1)) toCover |= m_sureFronts[k];
    toCover &= ~s.lying;
    const double covers = __builtin_popcount(toCover) * (t.coverOn + t.coverOff) * m_copies;
    int cleans = 0;
    for (int c : s.cleans) cleans += c;
    const double cleaning = std::max(0, m_leastCleans - cleans) * t.clean;
    return m_fixed + s.cost + m_setups[s.done][s.last < 0 ? n : ix(s.last)] + covers + cleaning +
           std::max(0.0, s.idle - m_cuts - s.lifts - m_powder);
  }

  State after(const State& s, size_t b) const {
    const WorkTimes& t = m_in.times;
    State out = s;
    Bits need = 0;
    for (const auto& [slot, surely] : m_fronts[b])
      if (surely || s.done >> slot & 1) need |= 1u << slot;
    out.lying &= ~m_mustGo[b] | need;
    const Bits lay = need & ~out.lying;
    double ready = out.now;
    for (size_t i = 0; i < m_things.size(); ++i)
      if (lay >> i & 1) ready = std::max(ready, out.dry[i]);
    if (m_copies > 1) ready = out.now;
    out.idle += ready - out.now;
    out.now = ready;
    const double moves = __builtin_popcount(lay) * (t.coverOn + t.coverOff) * m_copies;
    out.lifts += __builtin_popcount(lay) * t.coverOff * m_copies;
    const double set = setup(s.last, b);
    double clean = 0;
    bool met = false;
    for (size_t i = m_order.size(); i-- > 0 && !met;) {
      const auto slot = ix(m_slot[ix(m_order[i])]);
      if (stampOf(slot) != stampOf(b)) continue;
      met = true;
      if (thing(slot).ink != thing(b).ink) clean = t.clean, ++out.cleans[b];
    }
    out.cost += moves + set + clean;
    out.now += __builtin_popcount(lay) * t.coverOn + set + clean + t.press + (met ? 0 : t.tryOut);
    out.dry[b] = out.now + inkOf(b).dryOnCard_s / 60;
    if (isEmbossed(m_in.plan, m_things[b])) out.dry[b] = out.now;  // embossed with others, some time
    out.lying |= need;
    if (m_copies > 1) out.lying = 0;
    out.done |= 1u << b;
    out.last = static_cast<int>(b);
    return out;
  }

  double pinsSoFar() const {
    // Wishes can only be broken further by what follows, so those broken by now count.
    const Making& m = m_in.plan.making;
    if (m.first.empty() && m.together.empty()) return 0;
    double broken = 0;
    for (const std::string& id : m.first) {
      const int i = m_in.plan.indexOf(id);
      for (int placed : m_order) {
        if (placed == i) break;
        const std::string& before = m_in.plan.impressions[ix(placed)].id;
        if (std::find(m.first.begin(), m.first.end(), before) == m.first.end()) {
          broken += kPin;
          break;
        }
      }
    }
    return broken;
  }

  bool visit(const State& s) {
    if (++m_nodes > m_effort.nodes || m_progress.stopped()) return false;
    const size_t n = m_things.size();
    if (m_order.size() == n) {
      std::vector<int> order = m_order;
      order.insert(order.end(), m_popUps.begin(), m_popUps.end());
      const double cost = m_judge.cost(order);
      if (cost < *m_bestCost - kSame) {
        *m_bestCost = cost, *m_best = order;
        if (m_effort.better) m_effort.better({order, {}, cost, false, {}});
      }
      return true;
    }
    std::vector<std::pair<double, size_t>> next;
    std::vector<State> states(n);
    for (size_t b = 0; b < n; ++b) {
      if (s.done >> b & 1 || (m_before[b] & ~s.done)) continue;
      states[b] = after(s, b);
      next.emplace_back(bound(states[b]), b);
    }
    std::sort(next.begin(), next.end());
    bool whole = true;
    for (const auto& [least, b] : next) {
      m_order.push_back(m_things[b]);
      if (least + pinsSoFar() < *m_bestCost - kSame) whole = visit(states[b]) && whole;
      m_order.pop_back();
      if (m_nodes > m_effort.nodes) return false;
    }
    return whole;
  }
};

/// The presses of each figure that are among the acts, two at least.
std::vector<std::vector<int>> figuresAmong(const Plan& plan, const std::vector<int>& acts) {
  std::map<std::string, std::vector<int>> by;
  for (int act : acts)
    if (ix(act) < plan.impressions.size() && !plan.impressions[ix(act)].figure.empty())
      by[plan.impressions[ix(act)].figure].push_back(act);
  std::vector<std::vector<int>> out;
  for (auto& [figure, presses] : by)
    if (presses.size() > 1) out.push_back(std::move(presses));
  return out;
}

/// Washes and the stamping of pieces wherever they are least work, and with them the impressions.
void placeActs(const Judge& judge, const Rules& rules, BestOrder& best, const OrderEffort& effort,
               const Progress& progress) {
  const OrderWork& work = judge.in;
  const auto popsUp = [&](int act) {
    return ix(act) < work.plan.impressions.size() && isStampedApart(work.plan.impressions[ix(act)].school);
  };
  const auto orderOf = [&](const std::vector<int>& acts) {
    std::vector<int> order;
    for (int act : acts)
      if (ix(act) < work.plan.impressions.size() && !popsUp(act)) order.push_back(act);
    for (int i : best.order)  // as they are put on, whenever they are stamped
      if (popsUp(i)) order.push_back(i);
    return order;
  };
  ActSpace space;
  for (size_t i = 0; i < rules.after.size(); ++i)
    for (int j : rules.after[i]) space.before.emplace_back(static_cast<int>(i), j);
  std::erase_if(space.before, [&](const auto& r) { return popsUp(r.first) || popsUp(r.second); });
  // Pieces of their own are stamped whenever it is least work, unless the maker wishes otherwise.
  for (const ActRule& r : work.acts.all())
    if (r.why == ActRule::Why::Wish || !(popsUp(r.first) || popsUp(r.then)))
      space.before.emplace_back(r.first, r.then);
  std::erase_if(space.before, [&](const auto& r) {
    const auto here = [&](int act) {
      return std::find(best.acts.begin(), best.acts.end(), act) != best.acts.end();
    };
    return !here(r.first) || !here(r.second);
  });
  space.cost = [&](const std::vector<int>& acts) {
    const std::vector<int> order = orderOf(acts);
    const auto joints = acts.size() <= kMostActsExact ? Judge::Joints::All
                        : acts.size() <= kMostJoint   ? Judge::Joints::Likely
                                                      : Judge::Joints::None;
    return judge.minutesOfActs(acts, order, joints) + kPin * static_cast<double>(judge.unmet(order).size());
  };
  space.stopped = [&] { return progress.stopped(); };
  space.mostWork = effort.actWork;
  judge.minutesOfActs(best.acts, best.order, Judge::Joints::All);  // so that likely ones are known
  FoundActs found = leastWork(space, best.acts);
  if (const auto figures = figuresAmong(work.plan, found.acts); !figures.empty())
    found = broughtTogether(space, std::move(found), figures);
  best.order = orderOf(found.acts);
  best.acts = std::move(found.acts);
  // Across rims is stamped when everything else is.
  std::stable_partition(best.acts.begin(), best.acts.end(), [&](int act) {
    return ix(act) >= work.plan.impressions.size() || work.plan.impressions[ix(act)].school != School::Across;
  });
  best.minutes = judge.minutesOfActs(best.acts, best.order, Judge::Joints::All);
  best.unmet = judge.unmet(best.order);
  best.exact = found.exact;
}

/// A thing that would be coloured at the end is coloured while something dries, where that saves more than
/// taking the colours out once more costs. Nothing else done by hand saves minutes earlier than at the end.
void fillWaits(const Judge& judge, BestOrder& best, const OrderEffort& effort, const Progress& progress) {
  constexpr double kWorthIt_min = 1;  // common practice, no source
  const OrderWork& work = judge.in;
  if (!work.hand || work.hand->empty()) return;
  const int first = firstHandAct(work.plan);
  std::vector<int> acts = work.acts.withHandwork(best.acts);
  if (acts.size() == best.acts.size()) return;
  const auto thingOf = [&](int act) { return act < first ? -1 : work.hand->all()[ix(act - first)].act.on; };
  const auto allowed = [&](const std::vector<int>& tried) {
    std::vector<int> place(ix(first) + work.hand->all().size(), -1);
    for (size_t k = 0; k < tried.size(); ++k) place[ix(tried[k])] = static_cast<int>(k);
    return std::all_of(work.acts.all().begin(), work.acts.all().end(), [&](const ActRule& r) {
      const int a = place[ix(r.first)], b = place[ix(r.then)];
      return a < 0 || b < 0 || a < b;
    });
  };
  double minutes = judge.minutesOfActs(acts, best.order, Judge::Joints::Likely);
  long left = effort.actWork / static_cast<long>(acts.size() + 1);
  bool moved = false;
  for (size_t from = best.acts.size(); from < acts.size() && !progress.stopped();) {
    size_t to = from + 1;
    while (to < acts.size() && thingOf(acts[from]) >= 0 && thingOf(acts[to]) == thingOf(acts[from])) ++to;
    size_t bestAt = from;
    const bool colours = work.hand->all()[ix(acts[from] - first)].turn ==
                         HandTurn::Colouring;  // small and slow things stay last
    for (size_t at = 1; colours && at < best.acts.size() && left > 0; ++at, --left) {
      std::vector<int> tried = acts;
      const auto begin = tried.begin();
      std::rotate(begin + static_cast<long>(at), begin + static_cast<long>(from),
                  begin + static_cast<long>(to));
      if (!allowed(tried)) continue;
      const double here = judge.minutesOfActs(tried, best.order, Judge::Joints::Likely);
      if (here < (bestAt < from ? minutes - kSame : minutes - kWorthIt_min)) minutes = here, bestAt = at;
    }
    if (bestAt < from) {
      std::rotate(acts.begin() + static_cast<long>(bestAt), acts.begin() + static_cast<long>(from),
                  acts.begin() + static_cast<long>(to));
      moved = true;
    }
    from = to;
  }
  best.exact = false;  // not every way to fill a wait was tried
  best.acts = std::move(acts);
  if (moved) best.minutes = judge.minutesOfActs(best.acts, best.order, Judge::Joints::All);
}

}  // namespace

BestOrder judged(const OrderWork& work, std::vector<int> order) {
  Judge judge{work};
  BestOrder out;
  // Blended as late or as early as they may be: whatever is less work.
  out.acts = work.acts.withWashes(order, false);
  out.minutes = judge.minutesOfActs(out.acts, order, Judge::Joints::Likely);
  const std::vector<int> early = work.acts.withWashes(order, true);
  if (const double less = judge.minutesOfActs(early, order, Judge::Joints::Likely);
      less < out.minutes - kSame)
    out.minutes = less, out.acts = early;
  out.minutes = judge.minutesOfActs(out.acts, order, Judge::Joints::All);
  out.unmet = judge.unmet(order);
  out.order = std::move(order);
  return out;
}

BestOrder findBestOrder(const OrderWork& work, const OrderEffort& effort, const Progress& progress) {
  const std::vector<int> line = work.acts.putRight(stampingOrder(work.plan, work.knots));
  if (line.empty()) return judged(work, {});
  std::vector<int> popUps;
  for (int i : line)
    if (isStampedApart(work.plan.impressions[ix(i)].school)) popUps.push_back(i);
  const size_t movable = line.size() - popUps.size();
  Judge judge{work};
  const Rules rules(work);
  Improver improver(judge, rules, movable, effort, progress);
  improver.start(line);
  if (!improver.spent()) improver.start(bySetups(work, rules, line));
  std::vector<int> best = improver.best;
  double cost = improver.bestCost;
  // The exact search knows cards whose washes may all be blended last.
  const bool simple = !work.acts.anyBefore() && work.plan.making.evenings <= 1;
  bool exact = simple && movable <= 1;
  if (simple && !exact && movable <= std::min<size_t>(kMostExact, ix(effort.most)))
    exact = ExactSearch(judge, rules, popUps, effort, progress).run(best, cost);
  BestOrder out = judged(work, best);
  out.exact = exact && popUps.empty() && !(work.joinable && !work.joinable->empty());
  const bool more = !work.plan.washes.empty() || !popUps.empty() ||
                    (!out.exact && movable <= kMostActsExact) || !figuresAmong(work.plan, out.acts).empty();
  // Blended last is not always least work: before what is too fine to be covered they spare it the tape.
  const bool proven = out.exact && work.plan.washes.empty();
  const double least = out.minutes;
  if (more || (work.hand && !work.hand->empty())) placeActs(judge, rules, out, effort, progress);
  if (proven && out.minutes <= least + kSame) out.exact = true;  // only brought together what costs no more
  fillWaits(judge, out, effort, progress);
  return out;
}

}  // namespace havlo
