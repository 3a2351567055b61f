// How far each impression is, and which of two is in front (engine section 3).
#pragma once

#include <cstdint>
#include <unordered_set>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

enum class PairWord { None, First, Second, Both };

/// Distances and the front-to-back line they give; what the maker said of a pair goes before it.
class DepthOrder {
 public:
  explicit DepthOrder(const Plan& plan);

  /// Distance in m of the thing itself or of what it is on; infinite at or above the horizon.
  double distance_m(int impression) const { return m_distance[ix(impression)]; }
  /// Front to back by distance, things on a thing next to it; `inFrontOf` is not in it.
  const std::vector<int>& frontToBack() const { return m_line; }
  /// Place in frontToBack(), 0 = frontmost.
  int rank(int impression) const { return m_rank[ix(impression)]; }
  /// What `inFrontOf` says of the pair.
  PairWord said(int first, int second) const;
  /// Is `first` in front of `second`? When both are said to be, the distances decide.
  bool inFront(int first, int second) const;

 private:
  std::vector<double> m_distance;
  std::vector<int> m_line, m_rank;
  std::unordered_set<uint64_t> m_said;

  void measure(const Plan& plan, const std::vector<int>& host);
  void line(const Plan& plan, const std::vector<int>& host);
};

}  // namespace havlo
