// Needs follow the order; tape replaces a mask whose needed edge is straight over all its steps.
#include "core/mask/mask_needs.h"

#include <algorithm>

#include "core/wash/wash_area.h"

namespace havlo {
namespace {

WashMeeting washMeeting(const Rings& reached, const SweepEdges& reachedEdges, const Placed& placed) {
  WashMeeting m;
  m.touches = sharedArea(reachedEdges, placed.onPanel) > 1e-6;
  if (!m.touches) return m;
  const Box inner = placed.panel.grown(-0.05);
  std::vector<Point> near;
  for (Point p : placed.outline->border) {
    const Point q = placed.placing.toPanel(p);
    if (inner.contains(q) && covers(reached, q)) near.push_back(q);
    if (near.size() == 64) {
      addToEdge(m.edge, near);
      near.clear();
      if (!m.edge.straight) break;
    }
  }
  addToEdge(m.edge, near);
  if (!m.edge.any) m.edge.any = m.edge.inside = true;
  return m;
}

bool onPanel(const Impression& i) { return i.technique != Technique::PopUp; }

}  // namespace

WashMeetings meetWashes(const Plan& plan, const std::vector<PlacedRef>& placed, const WashMeetings* before) {
  WashMeetings out;
  out.washes = plan.washes;
  out.placed = placed;
  const Box panel = plan.card.panel.box();
  const bool sameWashes = before && before->washes == plan.washes && !before->placed.empty() &&
                          !placed.empty() && before->placed[0]->panel == panel;
  std::unordered_map<const Placed*, size_t> known;
  if (sameWashes)
    for (size_t i = 0; i < before->placed.size(); ++i) known.emplace(before->placed[i].get(), i);
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    out.reached.push_back(sameWashes ? before->reached[w] : reachedArea(plan.washes[w], panel));
    const SweepEdges edges(out.reached[w]);
    std::vector<WashMeeting> row;
    for (const PlacedRef& p : placed) {
      const auto it = known.find(p.get());
      row.push_back(it != known.end() ? before->meets[w][it->second]
                                      : washMeeting(out.reached[w], edges, *p));
    }
    out.meets.push_back(std::move(row));
  }
  return out;
}

MaskNeeds findMaskNeeds(const Plan& plan, const Meetings& meetings, const WashMeetings& washes,
                        const std::vector<int>& order, const std::vector<MaskRef>& masks,
                        const std::vector<int>& stampOf) {
  const size_t n = plan.impressions.size();
  MaskNeeds out;
  out.taped.assign(n, 0);
  out.uncuttable.assign(n, 0);
  out.leaveOut.resize(n);
  std::vector<NeededEdge> edges(n);
  std::vector<int> place(n, 0);
  for (size_t k = 0; k < order.size(); ++k) place[static_cast<size_t>(order[k])] = static_cast<int>(k);

  const auto cover = [&](NeedStep& step, int thing, const NeededEdge& edge) {
    const auto t = static_cast<size_t>(thing);
    addToEdge(edges[t], edge);
    step.covered.push_back(thing);
  };
  for (int b : order) {
    const Impression& back = plan.impressions[static_cast<size_t>(b)];
    NeedStep step{false, b, {}};
    if (onPanel(back))
      for (int k : meetings.of[static_cast<size_t>(b)]) {
        const Meeting& m = meetings.list[static_cast<size_t>(k)];
        if (m.back != b) continue;
        const Technique how = plan.impressions[static_cast<size_t>(m.front)].technique;
        if ((how == Technique::LeaveOut || how == Technique::WipeOff) && m.overlaps())
          out.leaveOut[static_cast<size_t>(b)].push_back(m.front);
        const bool lies = place[static_cast<size_t>(m.front)] < place[static_cast<size_t>(b)];
        if (how == Technique::Mask && lies && m.edge.any) cover(step, m.front, m.edge);
      }
    out.steps.push_back(std::move(step));
  }
  for (int w : washOrder(plan)) {
    NeedStep step{true, w, {}};
    const auto& over = plan.washes[static_cast<size_t>(w)].overImpressions;
    for (size_t i = 0; i < n; ++i) {
      const Impression& thing = plan.impressions[i];
      const WashMeeting& m = washes.meets[static_cast<size_t>(w)][i];
      const bool wipesClean = thing.technique == Technique::Resist;  // embossed: the ink comes off again
      if (!onPanel(thing) || wipesClean || !m.touches) continue;
      if (std::find(over.begin(), over.end(), thing.id) == over.end())
        cover(step, static_cast<int>(i), m.edge);
    }
    out.steps.push_back(std::move(step));
  }
  for (size_t i = 0; i < n; ++i) {
    out.taped[i] = edges[i].any && !edges[i].inside && edges[i].straight && !edges[i].hull.empty();
    out.uncuttable[i] = edges[i].any && !out.taped[i] && masks[static_cast<size_t>(stampOf[i])]->mask.empty();
  }
  for (NeedStep& step : out.steps) {
    std::erase_if(step.covered, [&](int i) { return out.uncuttable[static_cast<size_t>(i)] != 0; });
    std::sort(step.covered.begin(), step.covered.end());
  }
  return out;
}

namespace {

/// Can the remaining demands be met by masks with these uses left? For every j, the j largest demands
/// together must not exceed what the masks can give in j steps (Gale 1957, Ryser 1957; from memory).
bool enough(std::vector<int> demands, const std::vector<int>& left) {
  std::sort(demands.begin(), demands.end(), std::greater<>());
  long wanted = 0;
  for (size_t j = 0; j < demands.size() && demands[j] > 0; ++j) {
    wanted += demands[j];
    long given = 0;
    for (int l : left) given += std::min<long>(l, static_cast<long>(j) + 1);
    if (wanted > given) return false;
  }
  return true;
}

/// Gives masks to the impressions of each step. Prefers the mask that already lies there; where that would
/// leave the later steps short, the masks with most uses left are taken, which never does.
class Rota {
 public:
  Rota(int cut, int life, std::vector<std::vector<int>> demands)
      : m_left(static_cast<size_t>(cut), life), m_demands(std::move(demands)) {}

  std::vector<std::vector<Laid>> run() {
    std::vector<std::vector<Laid>> out;
    for (size_t k = 0; k < m_demands.size(); ++k) {
      std::vector<Laid> chosen = choose(m_demands[k], true);
      if (!restCanFollow(k, chosen)) chosen = choose(m_demands[k], false);
      for (const Laid& l : chosen) {
        --m_left[static_cast<size_t>(l.mask)];
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
  std::unordered_map<int, int> m_lies;  // impression -> mask

  std::vector<Laid> choose(const std::vector<int>& wanted, bool keep) const {
    std::vector<int> masks;
    for (size_t m = 0; m < m_left.size(); ++m)
      if (m_left[m] > 0) masks.push_back(static_cast<int>(m));
    std::stable_sort(masks.begin(), masks.end(), [&](int a, int b) {
      return m_left[static_cast<size_t>(a)] > m_left[static_cast<size_t>(b)];
    });
    std::vector<Laid> out;
    const auto take = [&](int mask, int impression) {
      std::erase(masks, mask);
      out.push_back({mask, impression});
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

  bool restCanFollow(size_t step, const std::vector<Laid>& chosen) const {
    if (chosen.size() < m_demands[step].size()) return false;
    std::vector<int> left = m_left, rest;
    for (const Laid& l : chosen) --left[static_cast<size_t>(l.mask)];
    for (size_t k = step + 1; k < m_demands.size(); ++k)
      rest.push_back(static_cast<int>(m_demands[k].size()));
    return enough(std::move(rest), left);
  }
};

/// The rota over all steps, worked out over those that need any.
std::vector<std::vector<Laid>> rotaOf(int cut, int life, const std::vector<std::vector<int>>& demands) {
  std::vector<std::vector<Laid>> out(demands.size());
  std::vector<size_t> needing;
  std::vector<std::vector<int>> wanted;
  for (size_t k = 0; k < demands.size(); ++k)
    if (!demands[k].empty()) needing.push_back(k), wanted.push_back(demands[k]);
  if (wanted.empty()) return out;
  auto worked = Rota(cut, life, std::move(wanted)).run();
  for (size_t k = 0; k < needing.size(); ++k) out[needing[k]] = std::move(worked[k]);
  return out;
}

}  // namespace

std::vector<StampMasks> countMasks(const Plan& plan, const MaskNeeds& needs,
                                   const std::vector<int>& stampOf) {
  const int life = plan.supplies.maskLife;
  std::vector<StampMasks> out(plan.stamps.size());
  std::vector<std::vector<std::vector<int>>> demands(plan.stamps.size());
  for (auto& d : demands) d.resize(needs.steps.size());
  for (size_t k = 0; k < needs.steps.size(); ++k)
    for (int i : needs.steps[k].covered) {
      if (!needs.taped[static_cast<size_t>(i)])
        demands[static_cast<size_t>(stampOf[static_cast<size_t>(i)])][k].push_back(i);
    }
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (needs.taped[i]) ++out[static_cast<size_t>(stampOf[i])].taped;
  for (size_t s = 0; s < out.size(); ++s) {
    for (const auto& step : demands[s]) {
      out[s].uses += static_cast<int>(step.size());
      out[s].atOnce = std::max(out[s].atOnce, static_cast<int>(step.size()));
    }
    out[s].cut = std::max(out[s].atOnce, (out[s].uses + life - 1) / life);
    out[s].rota = rotaOf(out[s].cut, life, demands[s]);
  }
  return out;
}

}  // namespace havlo
