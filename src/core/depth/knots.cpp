// Strongly connected sets by Tarjan (1972), without recursion; then a front-to-back line over them by Kahn
// (1962).
#include "core/depth/knots.h"

#include <algorithm>
#include <queue>

namespace havlo {
namespace {

using Graph = std::vector<std::vector<int>>;

Graph graphOf(const Meetings& meetings) {
  Graph over(meetings.placed.size());
  for (const Meeting& m : meetings.list) {
    if (!m.overlaps()) continue;
    over[ix(m.front)].push_back(m.back);
    if (m.contradictory) over[ix(m.back)].push_back(m.front);
  }
  return over;
}

/// Component number of every node.
std::vector<int> components(const Graph& graph, int& count) {
  const size_t n = graph.size();
  std::vector<int> seen(n, -1), low(n, 0), component(n, -1), stack;
  struct Frame {
    int node;
    size_t next;
  };
  std::vector<Frame> frames;
  int time = 0;
  count = 0;
  const auto at = [](auto& v, int i) -> auto& { return v[ix(i)]; };
  for (size_t root = 0; root < n; ++root) {
    if (seen[root] >= 0) continue;
    frames.push_back({static_cast<int>(root), 0});
    while (!frames.empty()) {
      Frame& f = frames.back();
      const int node = f.node;
      if (f.next == 0 && at(seen, node) < 0) {
        at(seen, node) = at(low, node) = time++;
        stack.push_back(node);
      }
      const auto& next = graph[ix(node)];
      if (f.next < next.size()) {
        const int to = next[f.next++];
        if (at(seen, to) < 0) {
          frames.push_back({to, 0});
        } else if (at(component, to) < 0) {
          at(low, node) = std::min(at(low, node), at(seen, to));
        }
        continue;
      }
      frames.pop_back();
      if (!frames.empty()) at(low, frames.back().node) = std::min(at(low, frames.back().node), at(low, node));
      if (at(low, node) == at(seen, node)) {
        int member;
        do {
          member = stack.back();
          stack.pop_back();
          at(component, member) = count;
        } while (member != node);
        ++count;
      }
    }
  }
  return component;
}

/// Shortest ring through `start` that stays in its component.
std::vector<int> ringThrough(const Graph& graph, const std::vector<int>& component, int start) {
  std::vector<int> from(graph.size(), -1);
  std::queue<int> open;
  open.push(start);
  while (!open.empty()) {
    const int node = open.front();
    open.pop();
    for (int to : graph[ix(node)]) {
      if (component[ix(to)] != component[ix(start)]) continue;
      if (to == start) {
        std::vector<int> ring;
        for (int k = node; k != start; k = from[ix(k)]) ring.push_back(k);
        ring.push_back(start);
        std::reverse(ring.begin(), ring.end());
        return ring;
      }
      if (from[ix(to)] < 0) {
        from[ix(to)] = node;
        open.push(to);
      }
    }
  }
  return {start};
}

/// Kahn's line over the components, frontmost ready impression first; within a knot the distances rule.
std::vector<int> lineOf(const Graph& graph, const std::vector<int>& component, const DepthOrder& depth) {
  std::vector<int> waiting(graph.size(), 0), line;
  const auto counts = [&](int a, int b) {
    return component[ix(a)] != component[ix(b)] || depth.rank(a) < depth.rank(b);
  };
  for (size_t a = 0; a < graph.size(); ++a)
    for (int b : graph[a])
      if (counts(static_cast<int>(a), b)) ++waiting[ix(b)];
  const auto later = [&](int a, int b) { return depth.rank(a) > depth.rank(b); };
  std::priority_queue<int, std::vector<int>, decltype(later)> ready(later);
  for (size_t a = 0; a < graph.size(); ++a)
    if (waiting[a] == 0) ready.push(static_cast<int>(a));
  while (!ready.empty()) {
    const int a = ready.top();
    ready.pop();
    line.push_back(a);
    for (int b : graph[ix(a)])
      if (counts(a, b) && --waiting[ix(b)] == 0) ready.push(b);
  }
  return line;
}

}  // namespace

Knots findKnots(const Meetings& meetings, const DepthOrder& depth) {
  const Graph graph = graphOf(meetings);
  int count = 0;
  const std::vector<int> component = components(graph, count);
  std::vector<int> size(ix(count), 0), knot(ix(count), -1);
  for (int c : component) ++size[ix(c)];
  Knots out;
  out.knotOf.assign(graph.size(), -1);
  for (size_t i = 0; i < graph.size(); ++i) {
    const auto c = ix(component[i]);
    if (size[c] < 2) continue;
    if (knot[c] < 0) {
      knot[c] = static_cast<int>(out.rings.size());
      out.rings.push_back(ringThrough(graph, component, static_cast<int>(i)));
    }
    out.knotOf[i] = knot[c];
  }
  out.frontToBack = lineOf(graph, component, depth);
  return out;
}

std::vector<int> stampingOrder(const Plan& plan, const Knots& knots) {
  std::vector<int> first, last, popUps;
  for (int i : knots.frontToBack) {
    switch (plan.impressions[ix(i)].school) {
      case School::PopUp:
      case School::Across:
        popUps.push_back(i);
        break;
      case School::Overprint:
        last.push_back(i);
        break;
      default:
        first.push_back(i);
    }
  }
  // Whatever is behind an overprinted thing comes later in the line, so it is in `first` or before it in
  // `last`.
  first.insert(first.end(), last.rbegin(), last.rend());
  first.insert(first.end(), popUps.rbegin(), popUps.rend());
  return first;
}

}  // namespace havlo
