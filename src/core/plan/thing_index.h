// Impressions by their id, for whoever asks for many of one plan.
#pragma once

#include <string_view>
#include <unordered_map>

#include "core/plan/plan.h"

namespace havlo {

/// Keeps no copy of the ids: the plan it was made from outlives it, unchanged.
class ThingIndex {
 public:
  explicit ThingIndex(const Plan& plan) {
    m_index.reserve(plan.impressions.size());
    for (size_t i = 0; i < plan.impressions.size(); ++i)
      m_index.emplace(plan.impressions[i].id, static_cast<int>(i));
  }
  /// Index of an impression, or -1.
  int of(std::string_view id) const {
    const auto it = m_index.find(id);
    return it == m_index.end() ? -1 : it->second;
  }

 private:
  std::unordered_map<std::string_view, int> m_index;
};

}  // namespace havlo
