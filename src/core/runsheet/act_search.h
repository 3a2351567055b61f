// The sequence of all acts of inking with the least work: every one while there are few, else improved step
// by step.
#pragma once

#include <functional>
#include <utility>
#include <vector>

namespace havlo {

struct ActSpace {
  std::vector<std::pair<int, int>> before;  ///< (first, then): acts that must come in this order
  std::function<double(const std::vector<int>& acts)> cost;
  std::function<bool()> stopped;
  long mostWork = 30000;  ///< sequences tried beyond the exact ones, times the acts in each
};

/// Acts up to which every sequence is tried.
inline constexpr size_t kMostActsExact = 7;
struct FoundActs {
  std::vector<int> acts;
  double cost = 0;
  bool exact = false;  ///< no allowed sequence costs less
};

/// @param start  an allowed sequence of all acts; what is found is never worse
FoundActs leastWork(const ActSpace& space, const std::vector<int>& start);

/// Acts of one group, as the presses of one figure, are done one after the other where that costs no more.
/// @param groups  acts that are in `found`; each of them belongs to one group at most
FoundActs broughtTogether(const ActSpace& space, FoundActs found,
                          const std::vector<std::vector<int>>& groups);

}  // namespace havlo
