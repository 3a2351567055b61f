// Films that let everything through commute (Beer-Lambert), so that most cards leave a choice.
#include "core/acts/act_rules.h"

#include <algorithm>
#include <functional>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

constexpr double kLeastShared_mm2 = 0.05;

bool lets(const Wash& wash, const std::string& id) {
  return std::find(wash.lets.begin(), wash.lets.end(), id) != wash.lets.end();
}

/// A shortest way from `from` to `to` over the rules, both ends with it; empty: there is none.
std::vector<int> wayFrom(const std::vector<std::vector<int>>& after, int from, int to) {
  std::vector<int> came(after.size(), -1), open{from};
  came[ix(from)] = from;
  for (size_t k = 0; k < open.size(); ++k) {
    if (open[k] == to) {
      std::vector<int> out{to};
      while (out.back() != from) out.push_back(came[ix(out.back())]);
      std::reverse(out.begin(), out.end());
      return out;
    }
    for (int next : after[ix(open[k])])
      if (came[ix(next)] < 0) came[ix(next)] = open[k], open.push_back(next);
  }
  return {};
}

/// Is there a way from `from` to `to` over the rules?
bool reaches(const std::vector<std::vector<int>>& after, int from, int to) {
  std::vector<char> seen(after.size(), 0);
  std::vector<int> open{from};
  while (!open.empty()) {
    const int at = open.back();
    open.pop_back();
    if (at == to) return true;
    if (seen[ix(at)]++) continue;
    open.insert(open.end(), after[ix(at)].begin(), after[ix(at)].end());
  }
  return false;
}

}  // namespace

ActRules::ActRules(const Plan& plan, const Meetings& meetings, const WashMeetings& washes, const Stack& stack,
                   const Knots& knots, const NeedTable& needs, const Handwork& hand)
    : m_things(plan.impressions.size()), m_firstHand(firstHandAct(plan)) {
  const size_t all = ix(m_firstHand) + hand.all().size();
  m_before.resize(all);
  m_thingsBefore.resize(m_things);
  After after(all);
  for (const OrderRule& r : orderRules(plan, meetings, knots, needs.bare()))
    if (!r.ahead) after[ix(r.first)].push_back(r.then), m_thingsBefore[ix(r.then)].push_back(r.first);
  std::vector<ActRule> wanted;
  listWashes(plan, washes, stack, needs, wanted);
  listByHand(plan, hand, wanted);
  takeRules(std::move(wanted), after);
  const bool wished = takeWishes(plan, after);
  sortByHand(plan, hand);
  if (m_anyBefore || wished) followBetween();
}

/// What is printed and blended over and under each other where a wash reaches.
void ActRules::listWashes(const Plan& plan, const WashMeetings& washes, const Stack& stack,
                          const NeedTable& needs, std::vector<ActRule>& wanted) const {
  const auto clear = [&](const std::string& ink) { return plan.ink(ink)->opacity <= kClearFilm; };
  const auto isCovered = [&](int w, int i) {
    for (const NeedStep& step : needs.washSteps())
      if (step.index == w)
        return std::find(step.covered.begin(), step.covered.end(), i) != step.covered.end();
    return false;
  };
  const auto n = static_cast<int>(m_things);
  for (int w = 0; w < m_firstHand - n; ++w) {
    const Wash& wash = plan.washes[ix(w)];
    for (int i = 0; i < n; ++i) {
      const Impression& thing = plan.impressions[ix(i)];
      if (!washes.of(w, i).touches || isStampedApart(thing.school)) continue;
      const bool commute = clear(wash.ink) && clear(thing.ink);
      const bool over = thing.school == School::Overprint || lets(wash, thing.id);
      if (thing.school == School::Resist) {
        wanted.push_back({i, n + w, ActRule::Why::Wiped});
      } else if (!stack.nearer(i, w)) {
        if (!commute) wanted.push_back({i, n + w, ActRule::Why::OverIt});
      } else if (!over) {
        if (needs.bare()[ix(i)] || !isCovered(w, i)) continue;
        wanted.push_back({i, n + w, ActRule::Why::KeptClean});
      } else if (!commute) {
        wanted.push_back({n + w, i, ActRule::Why::OverIt});
      }
    }
    for (int v = 0; v < m_firstHand - n; ++v)
      if (v != w && stack.under(v, w) && !(clear(wash.ink) && clear(plan.washes[ix(v)].ink)) &&
          areaOf(intersection(washes.reached[ix(v)], washes.reached[ix(w)])) > kLeastShared_mm2)
        wanted.push_back({n + v, n + w, ActRule::Why::OverIt});
  }
}

/// Takes the rules that are wanted, one after the other; one that would close a ring is left out.
void ActRules::takeRules(std::vector<ActRule> wanted, After& after) {
  // What changes the picture comes first; a print that is kept clean can do with paper laid where it will be.
  std::stable_sort(wanted.begin(), wanted.end(), [](const ActRule& a, const ActRule& b) {
    return (a.why != ActRule::Why::KeptClean) > (b.why != ActRule::Why::KeptClean);
  });
  const auto n = static_cast<int>(m_things);
  for (const ActRule& r : wanted) {
    // What only hands do to a thing when all is stamped stands in no ring.
    const bool last = r.then >= m_firstHand && after[ix(r.then)].empty();
    if (!last && reaches(after, r.then, r.first)) {
      m_impossible.push_back({r, wayFrom(after, r.then, r.first)});
      continue;
    }
    after[ix(r.first)].push_back(r.then);
    m_before[ix(r.then)].push_back(r.first);
    m_rules.push_back(r);
    m_anyBefore = m_anyBefore || (r.first >= n && r.then < n);
  }
}

/// Takes what the maker wishes, where no rule is against it. Returns whether one was taken that is no
/// piece's.
bool ActRules::takeWishes(const Plan& plan, After& after) {
  const auto n = static_cast<int>(m_things);
  bool any = false;
  const auto apart = [&](int act) { return act < n && isStampedApart(plan.impressions[ix(act)].school); };
  // A piece of its own may be stamped at any time, unless it is embossed: then its powder waits for the
  // others. What goes across a rim waits for what is glued on.
  const auto anyTime = [&](int act) {
    return plan.impressions[ix(act)].school == School::PopUp && !isEmbossed(plan, act);
  };
  for (size_t k = 0; k < plan.making.sequence.size(); ++k) {
    const int first = actNamed(plan, plan.making.sequence[k].act),
              then = actNamed(plan, plan.making.sequence[k].before);
    if (first < 0 || then < 0) continue;  // of a kind that is not done here
    std::vector<int> against = wayFrom(after, then, first);
    if (against.empty() && apart(first) && !anyTime(first)) against = {then, first};
    if (!against.empty()) {
      m_refused.push_back({k, std::move(against)});
      continue;
    }
    after[ix(first)].push_back(then);
    if (apart(first) || apart(then)) {
      if (apart(then) && !anyTime(then)) continue;  // as it is anyway
      m_rules.push_back({first, then, ActRule::Why::Wish});
      m_pieceWishes.push_back({first, then, apart(first)});
      continue;
    }
    m_before[ix(then)].push_back(first);
    m_rules.push_back({first, then, ActRule::Why::Wish});
    m_anyBefore = m_anyBefore || (first >= n && then < n);
    any = true;
  }
  return any;
}

/// From one impression to the next over washes and work by hand.
void ActRules::followBetween() {
  const auto n = static_cast<int>(m_things);
  std::vector<std::vector<int>> then(m_before.size());
  for (const ActRule& r : m_rules) then[ix(r.first)].push_back(r.then);
  for (int i = 0; i < n; ++i) {
    std::vector<char> seen(then.size(), 0);
    std::function<void(int)> go = [&](int act) {
      for (int next : then[ix(act)]) {
        if (seen[ix(next)]++) continue;
        if (next >= n) {
          go(next);
        } else {
          m_between.emplace_back(i, next);
          m_thingsBefore[ix(next)].push_back(i);
        }
      }
    };
    go(i);
  }
}

std::vector<int> ActRules::putRight(const std::vector<int>& order) const {
  if (m_between.empty()) return order;
  std::vector<int> out;
  std::vector<char> state(m_things, 0);  // 1 on the way, 2 placed
  std::vector<size_t> place(m_things, 0);
  for (size_t k = 0; k < order.size(); ++k) place[ix(order[k])] = k;
  std::function<void(int)> put = [&](int i) {
    if (state[ix(i)]) return;  // a ring is broken where it is met
    state[ix(i)] = 1;
    std::vector<int> before = m_thingsBefore[ix(i)];
    std::sort(before.begin(), before.end(), [&](int p, int q) { return place[ix(p)] < place[ix(q)]; });
    for (int j : before) put(j);
    state[ix(i)] = 2;
    out.push_back(i);
  };
  for (int i : order) put(i);
  return out;
}

std::vector<int> ActRules::withWashes(const std::vector<int>& order, bool early) const {
  std::vector<int> out;
  std::vector<char> placed(m_before.size(), 0);
  const auto ready = [&](int act) {
    return std::all_of(m_before[ix(act)].begin(), m_before[ix(act)].end(),
                       [&](int b) { return placed[ix(b)] != 0; });
  };
  const auto place = [&](int act) { placed[ix(act)] = 1, out.push_back(act); };
  /// What floats and `act` waits for, and what that waits for itself.
  std::function<void(int)> floatingFor = [&](int act) {
    for (int one : m_floating) {
      if (placed[ix(one)] ||
          std::find(m_before[ix(act)].begin(), m_before[ix(act)].end(), one) == m_before[ix(act)].end())
        continue;
      placed[ix(one)] = 1;
      floatingFor(one);
      out.push_back(one);
    }
  };
  const auto placeReady = [&] {
    for (bool any = true; any;) {
      any = false;
      for (int one : m_floating)
        if (!placed[ix(one)] && (early ? one < m_firstHand || m_soon[ix(one)] : m_soon[ix(one)] != 0) &&
            ready(one)) {
          place(one);
          any = true;
          break;
        }
    }
  };
  placeReady();
  for (int i : order) {
    floatingFor(i);
    place(i);
    placeReady();
  }
  for (int one : m_floating)
    if (!placed[ix(one)]) {
      placed[ix(one)] = 1;
      floatingFor(one);
      out.push_back(one);
      placeReady();
    }
  movePieces(out);
  return out;
}

void ActRules::movePieces(std::vector<int>& acts) const {
  // Every wish met may break one met before; wishes stand in no ring, so that ends.
  for (size_t round = 0; round < m_pieceWishes.size(); ++round) {
    bool moved = false;
    for (const PieceWish& w : m_pieceWishes) {
      const auto first = std::find(acts.begin(), acts.end(), w.first),
                 then = std::find(acts.begin(), acts.end(), w.then);
      if (first == acts.end() || then == acts.end() || first < then) continue;
      // The piece is moved, and nothing else.
      w.firstIsPiece ? std::rotate(then, first, first + 1) : std::rotate(then, then + 1, first + 1);
      moved = true;
    }
    if (!moved) return;
  }
}

std::vector<int> ActRules::withHandwork(std::vector<int> acts) const {
  std::vector<char> there(m_before.size(), 0);
  for (int act : acts) there[ix(act)] = 1;
  for (const std::vector<int>& list : {m_floating, m_late})
    for (int act : list)
      if (act >= m_firstHand && !there[ix(act)]++) acts.push_back(act);
  movePieces(acts);
  return acts;
}

void ActRules::listByHand(const Plan& plan, const Handwork& hand, std::vector<ActRule>& wanted) const {
  const auto& all = hand.all();
  for (size_t h = 0; h < all.size(); ++h) {
    const int act = m_firstHand + static_cast<int>(h);
    if (!all[h].does()) continue;
    for (int a : all[h].after) wanted.push_back({a, act, ActRule::Why::ByHand});
    for (int b : all[h].before) wanted.push_back({act, b, ActRule::Why::ByHand});
  }
  // Of two that lie on one another and do not both let everything through, the lower one first. What lies on
  // a thing ends where something stands before that, unless that is printed over it.
  const std::vector<int>& line = hand.lowestFirst();
  const auto printedOver = [&](int thing) {
    return thing < 0 || plan.impressions[ix(thing)].school == School::Overprint;
  };
  for (size_t high = 0; high < line.size(); ++high)
    for (size_t low = 0; low < high; ++low) {
      const HandWork &a = all[ix(line[low])], &b = all[ix(line[high])];
      if (a.does() && b.does() && !(a.clear && b.clear) && (a.act.on == b.act.on || printedOver(b.act.on)) &&
          a.box.meets(b.box))
        wanted.push_back({m_firstHand + line[low], m_firstHand + line[high], ActRule::Why::ByHand});
    }
}

void ActRules::sortByHand(const Plan& plan, const Handwork& hand) {
  for (int w : washOrder(plan)) m_floating.push_back(actOfWash(plan, w));
  m_soon.assign(m_before.size(), 0);
  const auto& all = hand.all();
  // Between stampings and blends is what one of them waits for.
  std::vector<char> between(m_before.size(), 0);
  std::vector<int> open;
  for (int act = 0; act < m_firstHand; ++act) open.push_back(act);
  for (size_t k = 0; k < open.size(); ++k)
    for (int b : m_before[ix(open[k])])
      if (b >= m_firstHand && !between[ix(b)]++) open.push_back(b);
  std::vector<size_t> late;
  for (size_t h = 0; h < all.size(); ++h) {
    const auto act = ix(m_firstHand) + h;
    if (!all[h].does()) continue;
    m_soon[act] = all[h].soon;
    if (between[act] || all[h].soon) {
      m_floating.push_back(static_cast<int>(act));
    } else {
      late.push_back(h);
    }
  }
  std::stable_sort(late.begin(), late.end(), [&](size_t a, size_t b) {
    if (all[a].turn != all[b].turn) return all[a].turn < all[b].turn;
    return all[a].within < all[b].within;
  });
  // In that order, but nothing before what it must follow.
  std::vector<char> placed(m_before.size(), 0), isLate(m_before.size(), 0);
  for (size_t h : late) isLate[ix(m_firstHand) + h] = 1;
  while (!late.empty()) {
    auto next = std::find_if(late.begin(), late.end(), [&](size_t h) {
      const auto& before = m_before[ix(m_firstHand) + h];
      return std::all_of(before.begin(), before.end(),
                         [&](int b) { return !isLate[ix(b)] || placed[ix(b)]; });
    });
    if (next == late.end()) next = late.begin();
    const auto act = ix(m_firstHand) + *next;
    placed[act] = 1;
    m_late.push_back(static_cast<int>(act));
    late.erase(next);
  }
}

}  // namespace havlo
