// Pairs by the area their masks share; groups by what is covered when.
#include "core/mask/joint_paper.h"

#include <algorithm>
#include <set>
#include <tuple>

#include "core/outline/shape_ops.h"

namespace havlo {

constexpr int kMostAsked = 40;

std::vector<std::pair<int, int>> findJoinable(const Plan& plan, const Meetings& meetings,
                                              const NeedTable& table, const std::vector<MaskRef>& masks,
                                              const std::vector<int>& stampOf) {
  const size_t n = plan.impressions.size();
  std::vector<char> mayBeCovered(n, 0);
  for (size_t b = 0; b < n; ++b)
    for (const NeedTable::Front& f : table.frontsOf(static_cast<int>(b))) mayBeCovered[ix(f.thing)] = 1;
  for (const NeedStep& s : table.washSteps())
    for (int i : s.covered) mayBeCovered[ix(i)] = 1;
  for (size_t i = 0; i < n; ++i)
    if (table.noMask()[i] || !meetings.placed[i]->outline->part.empty()) mayBeCovered[i] = 0;
  std::vector<std::unique_ptr<SweepEdges>> laid(n);
  const auto edges = [&](int i) -> const SweepEdges& {
    if (!laid[ix(i)])
      laid[ix(i)] = std::make_unique<SweepEdges>(
          meetings.placed[ix(i)]->placing.toPanel(masks[ix(stampOf[ix(i)])]->mask));
    return *laid[ix(i)];
  };
  const double neck_mm2 = std::max(0.25, plan.supplies.leastCut_mm * plan.supplies.leastCut_mm);
  const auto id = [&](int i) -> const std::string& { return plan.impressions[ix(i)].id; };
  const auto byId = [&](const std::pair<int, int>& a, const std::pair<int, int>& b) {
    return std::tie(id(a.first), id(a.second)) < std::tie(id(b.first), id(b.second));
  };
  // By their names, so that the list's order does not matter.
  std::set<std::pair<int, int>, decltype(byId)> out(byId);
  std::set<std::pair<int, int>, decltype(byId)> touching(byId);
  for (const Meeting& m : meetings.list) {
    if (!mayBeCovered[ix(m.front)] || !mayBeCovered[ix(m.back)]) continue;
    const std::pair<int, int> pair =
        id(m.front) < id(m.back) ? std::pair(m.front, m.back) : std::pair(m.back, m.front);
    if (m.overlaps() && sharedArea(edges(m.front), edges(m.back)) >= neck_mm2) {
      out.insert(pair);
    } else {
      touching.insert(pair);
    }
  }
  // Of those that only just touch what is cut tells, as many as may be asked for.
  int asked = 0;
  for (const auto& pair : touching) {
    if (++asked > kMostAsked) break;
    const auto apart = [&](int i) { return pieces(masks[ix(stampOf[ix(i)])]->mask).size(); };
    const Rings both = jointShape(plan, meetings.placed, {{pair.first, pair.second}, {}, {}})->mask;
    if (pieces(both).size() < apart(pair.first) + apart(pair.second)) out.insert(pair);
  }
  return {out.begin(), out.end()};
}

Stamp jointStamp(const Plan& plan, const std::vector<PlacedRef>& placed, const JointPaper& paper) {
  Stamp out;
  std::vector<Rings> shapes;
  for (int i : paper.over) {
    const Placed& p = *placed[ix(i)];
    shapes.push_back(p.silhouette);
    const MaskChoices& own = p.outline->stamp->mask;
    for (Point q : own.cut) out.mask.cut.push_back(p.placing.toPanel(q));
    for (Point q : own.skip) out.mask.skip.push_back(p.placing.toPanel(q));
  }
  out.id = plan.impressions[ix(paper.over.front())].stamp;
  out.silhouette = unionOf(shapes);
  for (int i : paper.without) out.silhouette = difference(out.silhouette, placed[ix(i)]->silhouette);
  return out;
}

MaskRef jointShape(const Plan& plan, const std::vector<PlacedRef>& placed, const JointPaper& paper) {
  Supplies supplies = plan.supplies;
  supplies.footMark = FootMark::None;  // its own outline shows where it goes
  return maskOf(jointStamp(plan, placed, paper), supplies);
}

Rings coverOnPanel(const Plan& plan, const std::vector<PlacedRef>& placed, const MaskNeeds& needs,
                   const std::vector<MaskRef>& masks, const std::vector<int>& stampOf, int impression) {
  const auto at = ix(impression);
  const Placed& p = *placed[at];
  if (needs.taped[at]) return p.silhouette;
  const Rings& whole = masks[ix(stampOf[at])]->mask;
  const Rings& part = p.outline->part;
  return p.placing.toPanel(part.empty() ? whole : maskOfPart(whole, part, plan.supplies));
}

std::string jointId(const Plan& plan, int joint) {
  return (plan.stamp("joint") ? "joint-paper#" : "joint#") + std::to_string(joint + 1);
}

namespace {

/// When things are stamped and when they must lie covered, by need step.
struct Timeline {
  size_t steps;
  std::vector<size_t> stamped;             // by impression
  std::vector<std::vector<char>> covered;  // by impression; empty: never

  Timeline(const MaskNeeds& needs, size_t impressions)
      : steps(needs.steps.size()), stamped(impressions, steps), covered(impressions) {
    for (size_t k = 0; k < steps; ++k) {
      const NeedStep& s = needs.steps[k];
      if (!s.wash) stamped[ix(s.index)] = k;
      for (int i : s.covered) {
        if (covered[ix(i)].empty()) covered[ix(i)].resize(steps, 0);
        covered[ix(i)][k] = 1;
      }
    }
  }
  bool needed(int i, size_t k) const { return !covered[ix(i)].empty() && covered[ix(i)][k]; }
  bool anyNeeded(const std::vector<int>& group, size_t k) const {
    return std::any_of(group.begin(), group.end(), [&](int i) { return needed(i, k); });
  }
  /// The step after the last of them is stamped.
  size_t allStamped(const std::vector<int>& group) const {
    size_t from = 0;
    for (int i : group) from = std::max(from, stamped[ix(i)] + 1);
    return from;
  }
};

}  // namespace

bool NeedTable::mayJoin(const MaskNeeds& needs, const std::vector<int>& group) const {
  const size_t n = m_fronts.size();
  const Timeline time(needs, n);
  std::vector<char> wanted(group.size(), 0);
  for (int i : group)
    if (needs.taped[ix(i)]) return false;
  for (size_t k = time.allStamped(group); k < time.steps; ++k) {
    if (!time.anyNeeded(group, k)) continue;
    const NeedStep& s = needs.steps[k];
    const std::vector<int>& mustGo = m_mustGo[s.wash ? n + ix(s.index) : ix(s.index)];
    for (size_t m = 0; m < group.size(); ++m) {
      const bool needed = time.needed(group[m], k);
      if (needs.joint(group[m], k) >= 0) return false;  // it is cut to what shows then
      if (!needed && std::binary_search(mustGo.begin(), mustGo.end(), group[m])) return false;
      wanted[m] = wanted[m] || needed;
    }
  }
  return std::find(wanted.begin(), wanted.end(), 0) == wanted.end();
}

MaskNeeds NeedTable::joined(const MaskNeeds& needs, const std::vector<std::vector<int>>& groups) const {
  const size_t n = m_fronts.size();
  const Timeline time(needs, n);
  MaskNeeds out = needs;
  std::vector<int> groupOf(n, -1);
  std::vector<size_t> from;
  for (size_t g = 0; g < groups.size(); ++g) {
    for (int i : groups[g]) groupOf[ix(i)] = static_cast<int>(g);
    from.push_back(time.allStamped(groups[g]));
    out.joints.push_back({groups[g], {}, {}});
  }
  const auto before = static_cast<int>(needs.joints.size());
  const auto under = [&](int i, size_t k) {
    const int g = groupOf[ix(i)];
    return g >= 0 && k >= from[ix(g)] && time.anyNeeded(groups[ix(g)], k) ? before + g : needs.joint(i, k);
  };
  for (size_t k = 0; k < out.steps.size(); ++k) {
    NeedStep& s = out.steps[k];
    std::set<int> covered(s.covered.begin(), s.covered.end());
    for (int i : s.covered)
      if (const int j = under(i, k) - before; j >= 0)
        covered.insert(groups[ix(j)].begin(), groups[ix(j)].end());
    s.covered.assign(covered.begin(), covered.end());
    s.papers.clear(), s.stays.clear();
    for (int i : s.covered) s.papers.push_back(under(i, k));
  }
  letPaperStay(out, true);
  // Where one of them must be bare the whole paper is off.
  for (size_t g = 0; g < groups.size(); ++g) {
    bool lies = false;
    size_t stop = 0;
    for (size_t k = from[g]; k < out.steps.size(); ++k) {
      NeedStep& s = out.steps[k];
      const auto& mustGo = m_mustGo[s.wash ? n + ix(s.index) : ix(s.index)];
      const bool needed = time.anyNeeded(groups[g], k);
      if (s.embossFirst) lies = false;
      for (; stop < out.hand.size() && out.hand[stop].before <= k; ++stop)
        for (int i : groups[g]) {
          const auto& bare = m_bareByHand[ix(out.hand[stop].hand)];
          lies = lies && !std::binary_search(bare.begin(), bare.end(), i);
        }
      for (size_t c = 0; needed && c < s.covered.size(); ++c)
        if (groupOf[ix(s.covered[c])] == static_cast<int>(g)) s.stays[c] = lies;
      lies = needed || (lies && std::none_of(groups[g].begin(), groups[g].end(), [&](int i) {
                          return std::binary_search(mustGo.begin(), mustGo.end(), i);
                        }));
    }
  }
  changePapers(out, n);
  return out;
}

void NeedTable::changePapers(MaskNeeds& needs, size_t impressions) {
  std::vector<int> last(impressions, -1);
  for (size_t k = 0; k < needs.steps.size(); ++k) {
    NeedStep& s = needs.steps[k];
    for (size_t c = 0; c < s.covered.size(); ++c) {
      const int paper = s.papers.empty() ? -1 : s.papers[c];
      if (c < s.stays.size() && last[ix(s.covered[c])] != paper) s.stays[c] = 0;
      last[ix(s.covered[c])] = paper;
    }
  }
}

}  // namespace havlo
