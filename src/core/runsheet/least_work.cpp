// Work that must be done in any case, and the longest chain of drying.
#include "core/runsheet/least_work.h"

#include <algorithm>
#include <numeric>
#include <queue>
#include <set>

#include "core/runsheet/assembly.h"
#include "core/wash/limit_shape.h"

namespace havlo {
namespace {

/// By impression: 0, no paper could cover it with others; 1, the first of those that could be covered
/// together; 2, another of them.
std::vector<char> sharing(const RunSheetInput& in) {
  const size_t n = in.plan.impressions.size();
  std::vector<char> out(n, 0);
  if (!in.joinable || in.joinable->empty()) return out;
  std::vector<int> group(n);
  std::iota(group.begin(), group.end(), 0);
  for (const auto& [a, b] : *in.joinable) {
    out[ix(a)] = out[ix(b)] = 1;
    const int from = group[ix(b)], to = group[ix(a)];
    std::replace(group.begin(), group.end(), from, to);
  }
  std::set<int> met;
  for (size_t i = 0; i < n; ++i)
    if (out[i] && !met.insert(group[i]).second) out[i] = 2;
  return out;
}

/// Every pressing, wash, cut and cover that is needed whatever the order, each set up as seldom as possible.
double sureWork(const RunSheetInput& in, MaskNeeds sure) {
  const WorkTimes& t = in.times;
  // What one paper could cover together counts once: every paper over any of it lies within one such group.
  const std::vector<char> shares = sharing(in);
  for (NeedStep& s : sure.steps) {
    // What is too fine to be cut may be taped in one order and bare in another.
    const auto counts = [&](size_t c) {
      return shares[ix(s.covered[c])] < 2 && !in.table.noMask()[ix(s.covered[c])];
    };
    NeedStep kept = s;
    kept.covered.clear(), kept.stays.clear(), kept.papers.clear();
    for (size_t c = 0; c < s.covered.size(); ++c) {
      if (!counts(c)) continue;
      kept.covered.push_back(s.covered[c]), kept.stays.push_back(s.stays[c]);
      if (!s.papers.empty()) kept.papers.push_back(s.papers[c]);
    }
    s = std::move(kept);
  }
  const double copies = std::max(1, in.plan.making.copies);
  double sum = 0;
  std::set<std::pair<int, std::string>> stampInks;
  std::set<std::string> inks;
  std::set<int> stamps;
  bool powdered = false;
  for (size_t i = 0; i < in.plan.impressions.size(); ++i) {
    const Impression& thing = in.plan.impressions[i];
    sum += (t.press + (thing.part.empty() ? 0 : t.tapeRubber)) * copies;
    stampInks.emplace(in.stampOf[i], thing.ink);
    inks.insert(thing.ink);
    stamps.insert(in.stampOf[i]);
    if (isEmbossed(in.plan, static_cast<int>(i))) sum += t.embossEach * copies, powdered = true;
  }
  if (powdered) sum += t.emboss * copies;
  const std::vector<StampMasks> masks = countMasks(in.plan, sure, in.stampOf);
  std::set<int> tried;  // by printing a mask, maybe on a paper that covers others too
  for (size_t i = 0; i < in.plan.impressions.size(); ++i)
    if (shares[i]) tried.insert(in.stampOf[i]);
  for (int s : stamps) sum += t.pickUp + (masks[ix(s)].cut > 0 || tried.contains(s) ? 0 : t.tryOut);
  sum += static_cast<double>(inks.size()) * t.changeInk;
  sum += static_cast<double>(stampInks.size() - stamps.size()) * t.clean;
  sum += static_cast<double>(in.plan.washes.size()) * t.wash * copies;
  std::set<std::pair<std::string, LimitSide>> limits;
  std::set<std::string> cut;
  for (const Wash& w : in.plan.washes)
    for (const WashBound& b : w.limits) {
      limits.emplace(b.id, b.side);
      if (wantsCutting(*in.plan.limit(b.id))) cut.insert(b.id);
    }
  sum += static_cast<double>(limits.size()) * (t.coverOn + t.coverOff) * copies;
  sum += static_cast<double>(cut.size()) * t.cutMask;
  sum += finishMinutes(in.plan, t) * copies;
  if (in.plan.card.tape_mm > 0) sum += t.tape * copies;
  if (in.plan.card.trim_mm > 0) sum += t.trim * copies;
  sum += penMinutes(in.table.pen(), t) * copies;
  if (in.hand) sum += in.hand->minutes() * copies;
  for (const auto& fronts : sure.leaveOut) sum += leaveOutMinutes(in.plan, fronts, t) * copies;
  for (const StampMasks& m : masks)
    if (m.cut > 0) sum += t.pickUp + m.cut * (t.printEach + t.cutMask);
  std::set<int> covered;
  for (const NeedStep& s : sure.steps) covered.insert(s.covered.begin(), s.covered.end());
  return sum + static_cast<double>(covered.size()) * (t.coverOn + t.coverOff) * copies;
}

}  // namespace

Chains chainsOf(const RunSheetInput& in) {
  const WorkTimes& t = in.times;
  const auto n = static_cast<int>(in.plan.impressions.size());
  const auto ink = [&](int i) { return in.plan.ink(in.plan.impressions[ix(i)].ink); };
  Chains out;
  out.nodes.resize(ix(n) + 1);
  for (int i = 0; i < n; ++i) out.nodes[ix(i)].work_min = t.press;
  out.nodes.back().work_min = in.plan.washes.empty() ? 0 : t.wash;  // at least one of them
  for (int b = 0; b < n; ++b)
    for (const NeedTable::Front& f : in.table.frontsOf(b)) {
      if (!f.always || f.ahead || in.table.noMask()[ix(f.thing)]) continue;
      out.links.push_back({f.thing, b, ink(f.thing)->dryOnCard_s / 60 + t.coverOn});
    }
  // What lies covered at a wash was printed before it.
  for (const NeedStep& w : in.table.washSteps())
    for (int i : w.covered)
      if (!in.table.noMask()[ix(i)]) out.links.push_back({i, n, ink(i)->dryOnCard_s / 60});
  return out;
}

double criticalPath(const Chains& chains) {
  std::vector<double> begins(chains.nodes.size(), 0);
  std::vector<int> waits(chains.nodes.size(), 0);
  std::vector<std::vector<const ChainLink*>> from(chains.nodes.size());
  for (const ChainLink& l : chains.links) {
    ++waits[ix(l.after)];
    from[ix(l.before)].push_back(&l);
  }
  std::queue<size_t> ready;
  for (size_t i = 0; i < waits.size(); ++i)
    if (waits[i] == 0) ready.push(i);
  double longest = 0;
  for (; !ready.empty(); ready.pop()) {
    const size_t i = ready.front();
    const double done = begins[i] + chains.nodes[i].work_min;
    longest = std::max(longest, done);
    for (const ChainLink* l : from[i]) {
      const auto j = ix(l->after);
      begins[j] = std::max(begins[j], done + l->gap_min);
      if (--waits[j] == 0) ready.push(j);
    }
  }
  return longest;
}

double leastMinutes(const RunSheetInput& in) {
  const double work = sureWork(in, in.table.sure());
  // Several cards hide each other's drying, nights hide all of it.
  if (in.plan.making.copies > 1 || in.plan.making.evenings > 1) return work;
  return std::max(work, criticalPath(chainsOf(in)));
}

}  // namespace havlo
