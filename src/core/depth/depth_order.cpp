// Distances first, then one line from front to back in which everything on a thing stays next to it.
#include "core/depth/depth_order.h"

#include <algorithm>
#include <cmath>

#include "core/plan/thing_index.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

uint64_t pairKey(int front, int back) {
  return static_cast<uint64_t>(static_cast<uint32_t>(front)) << 32 | static_cast<uint32_t>(back);
}

bool sameDistance(double a, double b) {
  if (!std::isfinite(a) || !std::isfinite(b)) return a == b;
  return std::fabs(a - b) <= 1e-9 * std::fmax(a, b);
}

/// Roots from near to far; of equal distances the later impression first.
void sortRoots(std::vector<int>& roots, const std::vector<double>& distance) {
  const auto at = [&](int i) { return distance[ix(i)]; };
  std::stable_sort(roots.begin(), roots.end(), [&](int a, int b) { return at(a) < at(b); });
  for (size_t from = 0; from < roots.size();) {
    size_t to = from + 1;
    while (to < roots.size() && sameDistance(at(roots[to - 1]), at(roots[to]))) ++to;
    std::sort(roots.begin() + static_cast<long>(from), roots.begin() + static_cast<long>(to),
              std::greater<>());
    from = to;
  }
}

}  // namespace

DepthOrder::DepthOrder(const Plan& plan) {
  const size_t n = plan.impressions.size();
  const ThingIndex index(plan);
  std::vector<int> host(n, -1);
  for (size_t i = 0; i < n; ++i) {
    if (const auto* on = std::get_if<OnThing>(&plan.impressions[i].depth)) host[i] = index.of(on->id);
    for (const std::string& other : plan.impressions[i].inFrontOf)
      m_said.insert(pairKey(static_cast<int>(i), index.of(other)));
  }
  measure(plan, host);
  line(plan, host);
}

void DepthOrder::measure(const Plan& plan, const std::vector<int>& host) {
  const size_t n = plan.impressions.size();
  m_distance.assign(n, -1);
  std::vector<size_t> chain;
  for (size_t i = 0; i < n; ++i) {
    chain.clear();
    size_t here = i;
    while (m_distance[here] < 0 && host[here] >= 0) {
      chain.push_back(here);
      here = ix(host[here]);
    }
    if (m_distance[here] < 0) {
      const Impression& root = plan.impressions[here];
      const auto* at = std::get_if<AtMetres>(&root.depth);
      m_distance[here] = at ? at->metres : groundDistance(*plan.view, Millimetres{root.at.y}).value;
    }
    for (size_t c : chain) m_distance[c] = m_distance[here];
  }
}

void DepthOrder::line(const Plan& plan, const std::vector<int>& host) {
  const size_t n = plan.impressions.size();
  std::vector<std::vector<int>> before(n), after(n);  // on a thing, in front of it and behind it
  std::vector<int> roots;
  for (size_t i = 0; i < n; ++i) {
    const auto* on = std::get_if<OnThing>(&plan.impressions[i].depth);
    if (!on) {
      roots.push_back(static_cast<int>(i));
    } else {
      (on->behind ? after : before)[ix(host[i])].push_back(static_cast<int>(i));
    }
  }
  sortRoots(roots, m_distance);

  // Depth first without recursion: a thing is visited, then comes back to be written between its two sides.
  struct Visit {
    int thing;
    bool write;
  };
  std::vector<Visit> stack;
  for (auto r = roots.rbegin(); r != roots.rend(); ++r) stack.push_back({*r, false});
  while (!stack.empty()) {
    const Visit v = stack.back();
    stack.pop_back();
    if (v.write) {
      m_line.push_back(v.thing);
      continue;
    }
    for (int b : after[ix(v.thing)]) stack.push_back({b, false});
    stack.push_back({v.thing, true});
    for (int f : before[ix(v.thing)]) stack.push_back({f, false});
  }
  m_rank.resize(n);
  for (size_t k = 0; k < n; ++k) m_rank[ix(m_line[k])] = static_cast<int>(k);
}

PairWord DepthOrder::said(int first, int second) const {
  if (m_said.empty()) return PairWord::None;
  const bool a = m_said.contains(pairKey(first, second)), b = m_said.contains(pairKey(second, first));
  return a && b ? PairWord::Both : a ? PairWord::First : b ? PairWord::Second : PairWord::None;
}

bool DepthOrder::inFront(int first, int second) const {
  switch (said(first, second)) {
    case PairWord::First:
      return true;
    case PairWord::Second:
      return false;
    default:
      return rank(first) < rank(second);
  }
}

}  // namespace havlo
