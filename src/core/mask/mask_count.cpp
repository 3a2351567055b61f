// How many masks, and which goes where. Demands are met in steps; a mask gives one use a step and has a life.
#include <algorithm>
#include <climits>
#include <cstdint>
#include <optional>
#include <span>
#include <tuple>
#include <unordered_map>

#include "core/mask/mask_needs.h"

namespace havlo {
namespace {

constexpr size_t kMostRotaSteps = 3000;

/// Can demands, largest first, each met `copies` times, be met by masks with these uses left? For every j,
/// the j largest demands together must not exceed what the masks can give in j steps (Gale 1957, Ryser 1957;
/// from memory). Both sides are straight between the ends of equal demands and the lives, so those are looked
/// at.
bool enough(const std::vector<int>& demands, int copies, const std::vector<int>& left) {
  const auto given = [&](long steps) {
    long sum = 0;
    for (int l : left) sum += std::min<long>(l, steps);
    return sum;
  };
  const auto wanted = [&](long steps) {
    const long whole = steps / copies;
    long sum = 0;
    for (long k = 0; k < whole; ++k) sum += static_cast<long>(demands[ix(k)]) * copies;
    if (steps % copies) sum += (steps % copies) * demands[ix(whole)];
    return sum;
  };
  const long all = static_cast<long>(demands.size()) * copies;
  long sum = 0;
  for (size_t k = 0; k < demands.size(); ++k) {
    sum += static_cast<long>(demands[k]) * copies;
    if (sum > given(static_cast<long>(k + 1) * copies)) return false;
  }
  if (copies > 1)
    for (int l : left)
      if (l < all && wanted(l) > given(l)) return false;
  return demands.empty() || demands[0] <= given(1);
}

/// Gives masks to the units of each step. A unit is one impression, or two that share a mask cut in two.
/// Prefers the mask that already lies there; where that would leave the later steps short, the masks with
/// most uses left are taken, which never does.
class Rota {
 public:
  Rota(std::vector<int> lives, std::vector<std::vector<int>> demands)
      : m_left(std::move(lives)), m_demands(std::move(demands)) {}

  std::vector<std::vector<Laid>> run() {
    std::vector<std::vector<Laid>> out;
    for (size_t k = 0; k < m_demands.size(); ++k) {
      std::vector<Laid> chosen = choose(m_demands[k], true);
      if (!restCanFollow(k, chosen)) chosen = choose(m_demands[k], false);
      for (const Laid& l : chosen) {
        --m_left[ix(l.mask)];
        for (auto it = m_lies.begin(); it != m_lies.end();)
          it = it->second == l.mask ? m_lies.erase(it) : std::next(it);
      }
      for (const Laid& l : chosen) m_lies[l.impression] = l.mask;
      out.push_back(std::move(chosen));
    }
    return out;
  }

 private:
  std::vector<int> m_left;
  std::vector<std::vector<int>> m_demands;
  std::unordered_map<int, int> m_lies;  // unit -> mask

  std::vector<Laid> choose(const std::vector<int>& wanted, bool keep) const {
    std::vector<int> masks;
    for (size_t m = 0; m < m_left.size(); ++m)
      if (m_left[m] > 0) masks.push_back(static_cast<int>(m));
    std::stable_sort(masks.begin(), masks.end(), [&](int a, int b) { return m_left[ix(a)] > m_left[ix(b)]; });
    std::vector<Laid> out;
    const auto take = [&](int mask, int unit) {
      std::erase(masks, mask);
      out.push_back({mask, unit});
    };
    if (!keep) masks.resize(std::min(masks.size(), wanted.size()));
    std::vector<int> open;
    for (int i : wanted) {
      const auto it = m_lies.find(i);
      if (it != m_lies.end() && std::find(masks.begin(), masks.end(), it->second) != masks.end()) {
        take(it->second, i);
      } else {
        open.push_back(i);
      }
    }
    for (int i : open)
      if (!masks.empty()) take(masks.front(), i);
    return out;
  }

  /// Masks with most uses left were taken: then nothing better could have been.
  bool mostLeftTaken(const std::vector<Laid>& chosen) const {
    int least = INT_MAX;
    std::vector<char> taken(m_left.size(), 0);
    for (const Laid& l : chosen) {
      taken[ix(l.mask)] = 1;
      least = std::min(least, m_left[ix(l.mask)]);
    }
    for (size_t m = 0; m < m_left.size(); ++m)
      if (!taken[m] && m_left[m] > least) return false;
    return true;
  }

  bool restCanFollow(size_t step, const std::vector<Laid>& chosen) const {
    if (chosen.size() < m_demands[step].size()) return false;
    if (mostLeftTaken(chosen)) return true;
    std::vector<int> left = m_left, rest;
    for (const Laid& l : chosen) --left[ix(l.mask)];
    for (size_t k = step + 1; k < m_demands.size(); ++k)
      rest.push_back(static_cast<int>(m_demands[k].size()));
    std::sort(rest.begin(), rest.end(), std::greater<>());
    return enough(rest, 1, left);
  }
};

/// The steps at which a stamp's impressions need masks. What one step needs stands in one row.
struct Demand {
  std::vector<size_t> steps;
  std::vector<size_t> ends;  ///< by step: where its row ends; it begins where the one before ends
  std::vector<int> things;   ///< row by row
  std::vector<char> stays;   ///< for each thing, as in NeedStep
  size_t begin(size_t k) const { return k ? ends[k - 1] : 0; }
  int size(size_t k) const { return static_cast<int>(ends[k] - begin(k)); }
  std::span<const int> row(size_t k) const { return {things.data() + begin(k), things.data() + ends[k]}; }
  bool has(size_t k, int thing) const {
    const auto r = row(k);
    return std::find(r.begin(), r.end(), thing) != r.end();
  }
};

/// One card: masks stay where they lie as long as they may, and only laying one wears it. A mask that rests
/// on something that does not need it now may be taken from there; the one that is wanted again last goes
/// first (Belady 1966, from memory).
class Layings {
 public:
  /// @param units  as united()
  explicit Layings(const Demand& units) : m_units(units), m_next(units.things.size()) {
    for (int u : units.things) m_known = std::max(m_known, ix(u) + 1);
    std::vector<size_t> next(m_known, SIZE_MAX);
    for (size_t k = units.ends.size(); k-- > 0;)
      for (size_t u = units.begin(k); u < units.ends[k]; ++u) {
        m_next[u] = next[ix(units.things[u])];
        next[ix(units.things[u])] = k;
      }
  }

  int count = 0;  ///< layings of the last try

  /// Who lies where, row by row as the units, with masks of these lives; nothing if they are not enough.
  /// In a row those that lie there already come first.
  std::optional<std::vector<Laid>> with(std::vector<int> left) {
    std::vector<Laid> out;
    out.reserve(m_units.things.size());
    // Which mask lies on each thing and on which thing each mask lies, -1: none; when it is wanted there
    // again.
    std::vector<int> maskOn(m_known, -1), lyingOn(left.size(), -1);
    std::vector<size_t> again(left.size(), SIZE_MAX);
    const auto lift = [&](int mask) {
      if (lyingOn[ix(mask)] >= 0) maskOn[ix(lyingOn[ix(mask)])] = -1;
      lyingOn[ix(mask)] = -1, again[ix(mask)] = SIZE_MAX;
    };
    std::vector<char> taken;
    std::vector<size_t> open;
    count = 0;
    for (size_t k = 0; k < m_units.ends.size(); ++k) {
      taken.assign(left.size(), 0);
      open.clear();
      for (size_t u = m_units.begin(k); u < m_units.ends[k]; ++u) {
        const int unit = m_units.things[u], mask = maskOn[ix(unit)];
        if (mask >= 0 && m_units.stays[u]) {
          taken[ix(mask)] = 1;
          again[ix(mask)] = m_next[u];
          out.push_back({mask, unit, false});
        } else {
          if (mask >= 0) lift(mask);
          open.push_back(u);
        }
      }
      for (size_t u : open) {
        int best = -1;
        for (size_t m = 0; m < left.size(); ++m) {
          if (taken[m] || left[m] <= 0) continue;
          if (best < 0 || again[m] > again[ix(best)] ||
              (again[m] == again[ix(best)] && left[m] > left[ix(best)]))
            best = static_cast<int>(m);
        }
        if (best < 0) return {};
        lift(best);
        --left[ix(best)], ++count, taken[ix(best)] = 1;
        const int unit = m_units.things[u];
        maskOn[ix(unit)] = best, lyingOn[ix(best)] = unit, again[ix(best)] = m_next[u];
        out.push_back({best, unit});
      }
    }
    return out;
  }

 private:
  const Demand& m_units;
  std::vector<size_t> m_next;  ///< by unit: the step at which it is wanted again
  size_t m_known = 0;          ///< things, counted by the highest
};

using Pairs = std::vector<std::pair<int, int>>;

std::vector<int> sizesOf(const Demand& units) {
  std::vector<int> out;
  for (size_t k = 0; k < units.ends.size(); ++k) out.push_back(units.size(k));
  return out;
}

/// Both of a pair become the first of the two.
Demand united(const Demand& demand, const Pairs& halves) {
  Demand out{demand.steps, {}, {}, {}};
  for (size_t k = 0; k < demand.ends.size(); ++k) {
    const auto first = static_cast<long>(out.things.size());
    for (size_t u = demand.begin(k); u < demand.ends[k]; ++u) {
      const int thing = demand.things[u];
      const auto pair = std::find_if(halves.begin(), halves.end(),
                                     [&](const auto& p) { return p.first == thing || p.second == thing; });
      const int unit = pair == halves.end() ? thing : pair->first;
      const auto same = std::find(out.things.begin() + first, out.things.end(), unit);
      if (same == out.things.end()) {
        out.things.push_back(unit), out.stays.push_back(demand.stays[u]);
        continue;
      }
      char& both = out.stays[static_cast<size_t>(same - out.things.begin())];
      both = both && demand.stays[u];
    }
    out.ends.push_back(out.things.size());
  }
  return out;
}

/// The pairs that may share a mask and need one at the same time.
Pairs together(const Demand& demand, const Pairs& sharable) {
  Pairs out;
  for (const auto& pair : sharable)
    for (size_t k = 0; k < demand.ends.size(); ++k)
      if (demand.has(k, pair.first) && demand.has(k, pair.second)) {
        out.push_back(pair);
        break;
      }
  return out;
}

std::vector<int> livesOf(const std::vector<int>& atHand, int kept, int fresh, int life) {
  std::vector<int> out(atHand.begin(), atHand.begin() + kept);
  out.resize(out.size() + ix(fresh), life);
  return out;
}

/// How many new masks one card wants, how many of those at hand, and which goes where.
struct Enough {
  int cut = 0, kept = 0, layings = 0;
  std::vector<Laid> rota;  ///< row by row as the demand
};
Enough enoughFor(const Demand& demand, const std::vector<int>& atHand, int life) {
  Layings layings(demand);
  Enough out;
  const auto all = static_cast<int>(atHand.size());
  const std::vector<int> sizes = sizesOf(demand);
  for (out.cut = std::max(0, *std::max_element(sizes.begin(), sizes.end()) - all);; ++out.cut)
    if (auto rota = layings.with(livesOf(atHand, all, out.cut, life))) {
      out.rota = std::move(*rota);
      break;
    }
  out.kept = all, out.layings = layings.count;
  // Masks at hand that save neither a cut nor a laying stay in the drawer.
  for (int kept = all - 1; kept >= 0; --kept) {
    auto rota = layings.with(livesOf(atHand, kept, out.cut, life));
    if (!rota) break;
    if (layings.count > out.layings) continue;
    out.kept = kept, out.layings = layings.count, out.rota = std::move(*rota);
  }
  return out;
}

/// Both parts of a mask cut in two lie where the rota says one of them does.
/// @param worked  what lies at a step
template <typename Worked>
void tell(const Demand& demand, Worked worked, StampMasks& out) {
  std::vector<Laid> laid;
  for (size_t k = 0; k < demand.steps.size(); ++k) {
    laid.clear();
    for (const Laid& l : worked(k)) {
      int partner = -1;
      for (const auto& [a, b] : out.halves)
        if (a == l.impression) partner = b;
      for (int i : demand.row(k))
        if (i == l.impression || i == partner) laid.push_back({l.mask, i, l.fresh});
    }
    out.rota.add(demand.steps[k], laid);
  }
}

/// Every way to pair things up while there are few, else one with the most pairs.
std::vector<Pairs> waysToPair(const Pairs& may) {
  constexpr size_t kMostWays = 24;
  std::vector<Pairs> out{{}};
  for (const auto& [a, b] : may) {
    const size_t before = out.size();
    for (size_t k = 0; k < before; ++k) {
      const bool free = std::none_of(out[k].begin(), out[k].end(), [a = a, b = b](const auto& p) {
        return p.first == a || p.first == b || p.second == a || p.second == b;
      });
      if (!free) continue;
      Pairs more = out[k];
      more.emplace_back(a, b);
      out.push_back(std::move(more));
    }
    if (out.size() > kMostWays) return {{}, mostPairs(may)};
  }
  return out;
}

StampMasks countForOne(const Demand& demand, const std::vector<int>& atHand, const Pairs& sharable,
                       int life) {
  StampMasks out;
  Enough enough = enoughFor(demand, atHand, life);
  std::optional<Demand> units;  // with halves; else the demand itself
  // Cut in two is a mask only if that saves one; then those that are laid least, and as few as can be.
  const auto work = [](const Enough& e, const Pairs& halves) {
    return std::tuple(e.cut, e.layings, halves.size());
  };
  if (!sharable.empty() && enough.cut > 0)
    for (Pairs& halves : waysToPair(together(demand, sharable))) {
      if (halves.empty()) continue;
      Demand shared = united(demand, halves);
      Enough fewer = enoughFor(shared, atHand, life);
      if (out.halves.empty() && fewer.cut >= enough.cut) continue;
      if (work(fewer, halves) >= work(enough, out.halves)) continue;
      enough = std::move(fewer), units = std::move(shared), out.halves = std::move(halves);
    }
  out.cut = enough.cut, out.kept = enough.kept, out.uses = enough.layings;
  const Demand& laid = units ? *units : demand;
  for (size_t k = 0; k < laid.ends.size(); ++k) out.atOnce = std::max(out.atOnce, laid.size(k));
  tell(
      demand, [&](size_t k) { return std::span(enough.rota).subspan(laid.begin(k), ix(laid.size(k))); }, out);
  return out;
}

/// Of several cards, where masks go on to the next one at every step.
StampMasks countForMany(const Demand& demand, const std::vector<int>& atHand, const Pairs& sharable, int life,
                        int copies) {
  StampMasks out;
  Demand units = demand;
  out.cut = fewestNewMasks(sizesOf(units), atHand, life, copies);
  if (!sharable.empty() && out.cut > 0)
    for (Pairs& halves : waysToPair(together(demand, sharable))) {
      Demand shared = united(demand, halves);
      const int fewer = fewestNewMasks(sizesOf(shared), atHand, life, copies);
      const bool better = fewer < out.cut || (fewer == out.cut && halves.size() < out.halves.size());
      if (better) out.cut = fewer, out.halves = std::move(halves), units = std::move(shared);
    }
  for (size_t k = 0; k < units.ends.size(); ++k) {
    out.uses += units.size(k);
    out.atOnce = std::max(out.atOnce, units.size(k));
  }
  // Masks at hand that are not needed stay in the drawer.
  out.kept = static_cast<int>(atHand.size());
  while (out.kept > 0 && fewestNewMasks(sizesOf(units), {atHand.begin(), atHand.begin() + out.kept - 1}, life,
                                        copies) <= out.cut)
    --out.kept;
  // Very large batches: the first card's masks are told by a smaller batch.
  const size_t each = std::clamp<size_t>(kMostRotaSteps / units.ends.size(), 1, ix(copies));
  std::vector<std::vector<int>> repeated;
  for (size_t k = 0; k < units.ends.size(); ++k)
    repeated.insert(repeated.end(), each, {units.row(k).begin(), units.row(k).end()});
  const auto worked = Rota(livesOf(atHand, out.kept, out.cut, life), std::move(repeated)).run();
  tell(
      demand, [&](size_t k) -> const std::vector<Laid>& { return worked[k * each]; }, out);
  return out;
}

}  // namespace

const std::vector<Laid>& MaskRota::operator[](size_t step) const {
  static const std::vector<Laid> kNothing;
  const auto at = std::lower_bound(m_entries.begin(), m_entries.end(), step,
                                   [](const Entry& entry, size_t wanted) { return entry.step < wanted; });
  return at != m_entries.end() && at->step == step ? at->laid : kNothing;
}

void MaskRota::add(size_t step, const std::vector<Laid>& laid) {
  if (laid.empty()) return;
  auto at = std::lower_bound(m_entries.begin(), m_entries.end(), step,
                             [](const Entry& entry, size_t wanted) { return entry.step < wanted; });
  if (at == m_entries.end() || at->step != step) at = m_entries.insert(at, {step, {}});
  at->laid.insert(at->laid.end(), laid.begin(), laid.end());
}

std::vector<int> usesAtHand(const Plan& plan, int stamp) {
  std::vector<int> out;
  for (const MaskAtHand& m : plan.supplies.masksAtHand)
    if (m.stamp == plan.stamps[ix(stamp)]->id) out.push_back(m.uses);
  std::sort(out.begin(), out.end(), std::greater<>());
  return out;
}

int fewestNewMasks(std::vector<int> demands, const std::vector<int>& atHand, int life, int copies) {
  std::erase(demands, 0);
  std::sort(demands.begin(), demands.end(), std::greater<>());
  if (demands.empty()) return 0;
  long uses = 0;
  for (int d : demands) uses += static_cast<long>(d) * copies;
  const int mostNeeded = std::max(demands[0], static_cast<int>((uses + life - 1) / life));
  if (atHand.empty()) return mostNeeded;
  // One more never does less, so that the fewest are found by halving.
  int least = 0, most = mostNeeded;
  while (least < most) {
    const int n = least + (most - least) / 2;
    std::vector<int> lives = atHand;
    lives.resize(lives.size() + ix(n), life);
    if (enough(demands, copies, lives)) {
      most = n;
    } else {
      least = n + 1;
    }
  }
  return least;
}

namespace {

/// Masks of parts of a stamp are its own as well, numbered after those of the whole stamp.
void addMasks(StampMasks& all, StampMasks more, int partOf) {
  const int before = all.kept + all.cut;
  all.partOf.resize(ix(before), -1);
  all.partOf.resize(ix(before + more.kept + more.cut), partOf);
  all.cut += more.cut, all.kept += more.kept, all.uses += more.uses;
  all.halves.insert(all.halves.end(), more.halves.begin(), more.halves.end());
  for (MaskRota::Entry entry : more.rota.entries()) {
    for (Laid& l : entry.laid) l.mask += before;
    all.rota.add(entry.step, entry.laid);
  }
  all.atOnce = 0;
  for (const MaskRota::Entry& entry : all.rota.entries()) {
    std::vector<int> masks;  // two halves of one lie as one
    for (const Laid& l : entry.laid)
      if (std::find(masks.begin(), masks.end(), l.mask) == masks.end()) masks.push_back(l.mask);
    all.atOnce = std::max(all.atOnce, static_cast<int>(masks.size()));
  }
}

}  // namespace

std::vector<StampMasks> countMasks(const Plan& plan, const MaskNeeds& needs,
                                   const std::vector<int>& stampOf) {
  std::vector<StampMasks> out(plan.stamps.size());
  // Of one stamp what is stamped whole shares its masks, and so does each part with others like it.
  std::vector<int> groupOf(plan.impressions.size());
  struct Group {
    size_t stamp;
    int partOf;  // the first impression of the part, or -1
    Demand demand;
  };
  std::vector<Group> groups;
  for (size_t s = 0; s < out.size(); ++s) groups.push_back({s, -1, {}});
  for (size_t i = 0; i < groupOf.size(); ++i) {
    groupOf[i] = stampOf[i];
    if (plan.impressions[i].part.empty()) continue;
    const auto same = std::find_if(groups.begin(), groups.end(), [&](const Group& g) {
      return g.partOf >= 0 && g.stamp == ix(stampOf[i]) &&
             plan.impressions[ix(g.partOf)].part == plan.impressions[i].part;
    });
    groupOf[i] = static_cast<int>(same - groups.begin());
    if (same == groups.end()) groups.push_back({ix(stampOf[i]), static_cast<int>(i), {}});
  }
  for (size_t k = 0; k < needs.steps.size(); ++k)
    for (size_t c = 0; c < needs.steps[k].covered.size(); ++c) {
      const int i = needs.steps[k].covered[c];
      if (needs.taped[ix(i)] || needs.joint(i, k) >= 0) continue;
      Demand& d = groups[ix(groupOf[ix(i)])].demand;
      if (d.steps.empty() || d.steps.back() != k) d.steps.push_back(k), d.ends.push_back(d.things.size());
      d.things.push_back(i), ++d.ends.back();
      d.stays.push_back(c < needs.steps[k].stays.size() && needs.steps[k].stays[c]);
    }
  Pairs sharable = needs.sharable;  // by names, so that the list's order does not matter
  const auto names = [&](const std::pair<int, int>& p) {
    const std::string &a = plan.impressions[ix(p.first)].id, &b = plan.impressions[ix(p.second)].id;
    return std::pair(std::min(a, b), std::max(a, b));
  };
  std::sort(sharable.begin(), sharable.end(),
            [&](const auto& a, const auto& b) { return names(a) < names(b); });
  for (const Group& g : groups) {
    if (g.demand.steps.empty()) continue;
    const std::vector<int> atHand =
        g.partOf < 0 ? usesAtHand(plan, static_cast<int>(g.stamp)) : std::vector<int>();
    const int life = plan.maskLife(), copies = plan.making.copies;
    StampMasks counted = copies > 1 ? countForMany(g.demand, atHand, sharable, life, copies)
                                    : countForOne(g.demand, atHand, sharable, life);
    if (g.partOf < 0) {
      out[g.stamp] = std::move(counted);
    } else {
      addMasks(out[g.stamp], std::move(counted), g.partOf);
    }
  }
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (needs.taped[i]) ++out[ix(stampOf[i])].taped;
  return out;
}

int papersToCut(const Plan& plan, const MaskNeeds& needs, int joint) {
  const int leads = needs.joints[ix(joint)].over.front();
  const int copies = std::max(1, plan.making.copies), life = std::max(1, plan.maskLife());
  int layings = 0;
  for (size_t k = 0; k < needs.steps.size(); ++k) {
    const NeedStep& step = needs.steps[k];
    if (needs.joint(leads, k) != joint) continue;
    const auto at = static_cast<size_t>(std::lower_bound(step.covered.begin(), step.covered.end(), leads) -
                                        step.covered.begin());
    // With many cards every mask goes on to the next card after every step.
    layings += copies > 1 || at >= step.stays.size() || !step.stays[at];
  }
  return std::max(1, (layings * copies + life - 1) / life);
}

}  // namespace havlo
