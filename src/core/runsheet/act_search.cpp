#include "core/runsheet/act_search.h"

#include <algorithm>

#include "core/base/index.h"

namespace havlo {
namespace {

constexpr double kSameWork = 1e-9;

class Search {
 public:
  Search(const ActSpace& space, const std::vector<int>& start) : m_space(space) {
    m_found.acts = start, m_found.cost = space.cost(start);
  }

  FoundActs all() {
    m_done.assign(m_found.acts.size(), 0);
    std::vector<int> acts = m_found.acts;
    std::sort(acts.begin(), acts.end());
    m_all = acts;
    visit();
    m_found.exact = !m_stopped;
    return m_found;
  }

  /// Moves one act after another to where it saves most.
  FoundActs improved() {
    for (bool better = true; better && !m_stopped;) {
      better = false;
      for (size_t from = 0; from < m_found.acts.size() && !m_stopped; ++from)
        for (size_t to = 0; to < m_found.acts.size() && !m_stopped; ++to) {
          if (to == from) continue;
          std::vector<int> acts = m_found.acts;
          const auto at = [&](size_t k) { return acts.begin() + static_cast<long>(k); };
          to < from ? std::rotate(at(to), at(from), at(from + 1))
                    : std::rotate(at(from), at(from + 1), at(to + 1));
          if (!allowed(acts)) continue;
          if (++m_tries * static_cast<long>(acts.size()) > m_space.mostWork || m_space.stopped())
            m_stopped = true;
          better = take(acts) || better;
        }
    }
    return m_found;
  }

 private:
  const ActSpace& m_space;
  FoundActs m_found;
  std::vector<int> m_all, m_here;
  std::vector<char> m_done;  // by place in m_all
  long m_tries = 0;
  bool m_stopped = false;

  bool take(const std::vector<int>& acts) {
    const double cost = m_space.cost(acts);
    if (cost >= m_found.cost - kSameWork) return false;
    m_found.acts = acts, m_found.cost = cost;
    return true;
  }

  bool allowed(const std::vector<int>& acts) const {
    std::vector<int> place(ix(*std::max_element(acts.begin(), acts.end())) + 1, 0);
    for (size_t k = 0; k < acts.size(); ++k) place[ix(acts[k])] = static_cast<int>(k);
    return std::all_of(m_space.before.begin(), m_space.before.end(),
                       [&](const auto& r) { return place[ix(r.first)] < place[ix(r.second)]; });
  }

  void visit() {
    if (m_space.stopped()) m_stopped = true;
    if (m_stopped) return;
    if (m_here.size() == m_all.size()) {
      take(m_here);
      return;
    }
    for (size_t k = 0; k < m_all.size(); ++k) {
      if (m_done[k]) continue;
      const bool ready = std::all_of(m_space.before.begin(), m_space.before.end(), [&](const auto& r) {
        return r.second != m_all[k] || std::find(m_here.begin(), m_here.end(), r.first) != m_here.end();
      });
      if (!ready) continue;
      m_done[k] = 1;
      m_here.push_back(m_all[k]);
      visit();
      m_here.pop_back();
      m_done[k] = 0;
    }
  }
};

}  // namespace

FoundActs leastWork(const ActSpace& space, const std::vector<int>& start) {
  Search search(space, start);
  return start.size() <= kMostActsExact ? search.all() : search.improved();
}

FoundActs broughtTogether(const ActSpace& space, FoundActs found,
                          const std::vector<std::vector<int>>& groups) {
  constexpr double kSame = 1e-9;
  const auto placeOf = [](const std::vector<int>& acts, int act) {
    return std::find(acts.begin(), acts.end(), act) - acts.begin();
  };
  const auto allowed = [&](const std::vector<int>& acts) {
    return std::all_of(space.before.begin(), space.before.end(), [&](const auto& rule) {
      return placeOf(acts, rule.first) < placeOf(acts, rule.second);
    });
  };
  const auto places = [&](const std::vector<int>& acts, const std::vector<int>& group) {
    std::vector<std::ptrdiff_t> out;
    for (int act : group) out.push_back(placeOf(acts, act));
    std::sort(out.begin(), out.end());
    return out;
  };
  /// How often something else comes between.
  const auto breaks = [&](const std::vector<int>& acts) {
    int sum = 0;
    for (const auto& group : groups) {
      const auto at = places(acts, group);
      for (size_t k = 1; k < at.size(); ++k) sum += at[k] != at[k - 1] + 1;
    }
    return sum;
  };
  const auto closer = [&](const std::vector<int>& group) {
    const auto at = places(found.acts, group);
    for (size_t k = 1; k < at.size(); ++k)
      for (const bool earlier : {true, false}) {
        std::vector<int> tried = found.acts;
        const auto begin = tried.begin();
        if (earlier) {  // the later one to the earlier, or the other way round
          std::rotate(begin + at[k - 1] + 1, begin + at[k], begin + at[k] + 1);
        } else {
          std::rotate(begin + at[k - 1], begin + at[k - 1] + 1, begin + at[k]);
        }
        if (breaks(tried) >= breaks(found.acts) || !allowed(tried)) continue;
        if (const double cost = space.cost(tried); cost <= found.cost + kSame) {
          found.acts = std::move(tried), found.cost = std::min(found.cost, cost);
          return true;
        }
      }
    return false;
  };
  for (const auto& group : groups)
    while (!(space.stopped && space.stopped()) && closer(group)) {
    }
  return found;
}

}  // namespace havlo
