// Begins with none and with the largest groups, and changes them while that helps.
#include "core/runsheet/papers.h"

#include <algorithm>

namespace havlo {
namespace {

using Groups = std::vector<std::vector<int>>;

constexpr long kMostTries = 6000;  // times the acts in each

int masksIn(const Papers& p) {
  int sum = 0;
  for (const StampMasks& m : p.masks) sum += m.cut;
  for (const JointPaper& j : p.needs.joints) sum += j.cut;
  return sum;
}

/// Less work, or as much with fewer masks.
bool betterThan(const Papers& a, const Papers& b) {
  constexpr double kSame_min = 1e-9;
  if (a.minutes < b.minutes - kSame_min) return true;
  return a.minutes < b.minutes + kSame_min && masksIn(a) < masksIn(b);
}

/// The groups that some things may be covered in together, and what can be done to them.
class Groupings {
 public:
  Groupings(const PaperWork& work, const MaskNeeds& needs) : m_work(work), m_needs(needs) {
    for (const auto& [a, b] : work.joinable)
      for (int i : {a, b})
        if (std::find(m_ranked.begin(), m_ranked.end(), i) == m_ranked.end()) m_ranked.push_back(i);
  }

  /// As large as can be, taking pair after pair.
  Groups largest() const {
    Groups out;
    for (const auto& [a, b] : m_work.joinable) {
      const size_t one = groupOf(out, a), other = groupOf(out, b);
      if (one == other && one < out.size()) continue;
      std::vector<int> both = one < out.size() ? out[one] : std::vector<int>{a};
      const std::vector<int> more = other < out.size() ? out[other] : std::vector<int>{b};
      both.insert(both.end(), more.begin(), more.end());
      if (!m_work.table.mayJoin(m_needs, both)) continue;
      for (size_t g : {std::max(one, other), std::min(one, other)})
        if (g < out.size()) out.erase(out.begin() + static_cast<long>(g));
      out.push_back(ranked(std::move(both)));
    }
    return out;
  }

  bool allowed(const Groups& groups) const {
    return std::all_of(groups.begin(), groups.end(),
                       [&](const std::vector<int>& g) { return m_work.table.mayJoin(m_needs, g); });
  }

  /// One thing less or more under one of the papers, one paper less, or one more over two things.
  std::vector<Groups> near(const Groups& groups) const {
    std::vector<Groups> out;
    for (size_t g = 0; g < groups.size(); ++g) {
      Groups without = groups;
      without.erase(without.begin() + static_cast<long>(g));
      if (groups[g].size() > 2)
        for (int i : groups[g]) {
          Groups less = groups;
          std::erase(less[g], i);
          if (hangsTogether(less[g]) && m_work.table.mayJoin(m_needs, less[g]))
            out.push_back(std::move(less));
        }
      out.push_back(std::move(without));
    }
    for (const auto& [a, b] : m_work.joinable) {
      const size_t one = groupOf(groups, a), other = groupOf(groups, b);
      if (one < groups.size() && other < groups.size()) continue;
      Groups more = groups;
      const size_t g = std::min(one, other);
      if (g == groups.size()) more.emplace_back();
      if (one == groups.size()) more[g].push_back(a);
      if (other == groups.size()) more[g].push_back(b);
      more[g] = ranked(std::move(more[g]));
      if (m_work.table.mayJoin(m_needs, more[g])) out.push_back(std::move(more));
    }
    return out;
  }

 private:
  const PaperWork& m_work;
  const MaskNeeds& m_needs;
  std::vector<int> m_ranked;  // by name; who comes first leads

  static size_t groupOf(const Groups& groups, int i) {
    return static_cast<size_t>(
        std::find_if(groups.begin(), groups.end(),
                     [i](const std::vector<int>& g) { return std::find(g.begin(), g.end(), i) != g.end(); }) -
        groups.begin());
  }
  std::vector<int> ranked(std::vector<int> group) const {
    std::vector<int> out;
    for (int i : m_ranked)
      if (std::find(group.begin(), group.end(), i) != group.end()) out.push_back(i);
    return out;
  }
  bool hangsTogether(const std::vector<int>& group) const {
    std::vector<int> reached{group.front()};
    const auto in = [](const std::vector<int>& list, int i) {
      return std::find(list.begin(), list.end(), i) != list.end();
    };
    for (size_t k = 0; k < reached.size(); ++k)
      for (const auto& [a, b] : m_work.joinable) {
        const int other = a == reached[k] ? b : b == reached[k] ? a : -1;
        if (other >= 0 && in(group, other) && !in(reached, other)) reached.push_back(other);
      }
    return reached.size() == group.size();
  }
};

/// Whether some paper over several things would be laid more often than one bears, on all cards together.
bool wornOut(const Plan& plan, const MaskNeeds& needs) {
  for (size_t j = 0; j < needs.joints.size(); ++j) {
    if (needs.joints[j].over.size() < 2) continue;
    int layings = 0;
    for (size_t k = 0; k < needs.steps.size(); ++k) {
      const NeedStep& s = needs.steps[k];
      for (size_t c = 0; c < s.papers.size(); ++c)
        if (s.papers[c] == static_cast<int>(j) && s.covered[c] == needs.joints[j].over.front())
          layings += plan.making.copies > 1 || !s.stays[c];
    }
    if (layings * std::max(1, plan.making.copies) > plan.maskLife()) return true;
  }
  return false;
}

Papers withMasks(const PaperWork& work, MaskNeeds needs) {
  Papers out{std::move(needs), {}, 0};
  out.masks = countMasks(work.plan, out.needs, work.stampOf);
  for (size_t j = 0; j < out.needs.joints.size(); ++j)
    out.needs.joints[j].cut = papersToCut(work.plan, out.needs, static_cast<int>(j));
  return out;
}

}  // namespace

Groups groupsOf(const Papers& papers) {
  Groups out;
  for (const JointPaper& paper : papers.needs.joints)
    if (paper.over.size() > 1) out.push_back(paper.over);
  return out;
}

Papers plainPapers(const PaperWork& work, const std::vector<int>& acts) {
  return withMasks(work, work.table.of(acts));
}

Papers papersFor(const PaperWork& work, const std::vector<int>& acts, const std::vector<int>& order) {
  const auto counted = [&](MaskNeeds needs) {
    Papers out = withMasks(work, std::move(needs));
    out.minutes = minutesOf({work.plan, work.meetings, work.washes, work.table, order, out.needs, out.masks,
                             work.stampOf, work.times, true, nullptr, work.hand});
    return out;
  };
  Papers best = counted(work.table.of(acts));
  if (work.joinable.empty()) return best;
  const MaskNeeds plain = best.needs;
  const Groupings ways(work, plain);
  const auto with = [&](const Groups& groups) {
    if (groups.empty()) return counted(plain);
    MaskNeeds needs = work.table.joined(plain, groups);
    if (!wornOut(work.plan, needs)) return counted(std::move(needs));
    return Papers{std::move(needs), {}, 1e300};
  };
  long tries = work.thorough ? kMostTries / static_cast<long>(acts.size() + 1) : 0;
  // From as much as can be down, from nothing up, and from what did well before.
  std::vector<Groups> starts{ways.largest()};
  if (work.thorough) starts.push_back({});
  if (work.like && *work.like != starts[0] && !work.like->empty() && ways.allowed(*work.like))
    starts.push_back(*work.like);
  for (Groups& groups : starts) {
    Papers here = with(groups);
    for (bool helped = true; helped && tries > 0;) {
      helped = false;
      for (Groups& next : ways.near(groups)) {
        if (--tries < 0) break;
        Papers tried = with(next);
        if (!betterThan(tried, here)) continue;
        here = std::move(tried), groups = std::move(next), helped = true;
        break;
      }
    }
    if (betterThan(here, best)) best = std::move(here);
  }
  return best;
}

}  // namespace havlo
