// Needs follow the order; tape replaces a mask whose needed edge is straight over all its steps.
#include "core/mask/mask_needs.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numeric>

#include "core/colour/colour.h"
#include "core/outline/shape_ops.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

/// How much a wash's film changes what it may come upon, in 255ths of the sRGB channel it changes most.
double changeBy(const Plan& plan, const std::vector<LinearRgb>& grounds, const Wash& wash, double share) {
  const Ink& ink = *plan.ink(wash.ink);
  const InkFilm film(ink.colour, ink.opacity, wash.strength * share);
  double most = 0;
  for (const LinearRgb& ground : grounds)
    for (size_t c = 0; c < 3; ++c)
      most = std::max(
          most, 255 * std::fabs(channelOf(static_cast<double>(ground[c] * film.multiply[c] + film.add[c])) -
                                channelOf(static_cast<double>(ground[c]))));
  return most;
}

/// Where a wash visibly colours bare paper or what is printed, on the panel: white is not seen on white
/// paper, but over a dark line it is.
CellMap seenOf(const Plan& plan, const std::vector<LinearRgb>& grounds, const Wash& wash,
               const Rings& reached) {
  if (reached.empty()) return {};
  const WashFalloff falloff(plan, wash);
  Point origin;
  const Grid grid = cellGrid(boxOf(reached), kHandSpread_mm + CellMap::kCell_mm, origin);
  Rings moved = reached;
  for (Ring& ring : moved)
    for (Point& p : ring) p = p - origin;
  const Tile part = hardTile(grid, moved);
  Tile tile = tileFor(grid, {0, 0, grid.panelWidth_mm, grid.panelHeight_mm});
  // The least share that is seen, by halving: more ink is never less change.
  double least = 0, most = 1;
  for (int k = 0; k < 20; ++k)
    (changeBy(plan, grounds, wash, (least + most) / 2) > kUnseen ? most : least) = (least + most) / 2;
  if (changeBy(plan, grounds, wash, 1) <= kUnseen) return {};
  for (int y = part.y; y < part.y + part.height; ++y) {
    uint8_t row = 0;
    int sureUntil = part.x;  // no cell before this one can be otherwise
    for (int x = part.x; x < part.x + part.width; ++x) {
      if (!part.row(y)[x - part.x]) continue;
      if (!row || (!falloff.sameAlongRows() && x >= sureUntil)) {
        const double share = falloff.shareAt(grid.centre(x, y) + origin);
        row = share > most ? 2 : 1;
        const double step = falloff.steepest_perMm() * CellMap::kCell_mm;
        sureUntil = x + (step > 0 ? static_cast<int>(std::min(1e6, std::fabs(share - most) / step)) : 1);
      }
      if (row == 2) tile.row(y)[x] = 255;
    }
  }
  return CellMap::spread(tile, grid, origin, kHandSpread_mm);
}

WashMeeting washMeeting(const CellMap& seen, const SweepEdges& reachedEdges, const Placed& placed) {
  WashMeeting m;
  m.touches = sharedArea(reachedEdges, placed.onPanel) > 1e-6;
  if (!m.touches || !colourFallsOn(placed, seen)) return m;
  const Box inner = placed.panel.grown(-0.05);
  std::vector<Point> near;
  for (Point p : placed.outline->border) {
    const Point q = placed.placing.toPanel(p);
    if (inner.contains(q) && seen.at(q)) near.push_back(q);
    if (near.size() == 64) {
      addToEdge(m.edge, near, placed);
      near.clear();
      if (!m.edge.mayBeStraight()) break;
    }
  }
  addToEdge(m.edge, near, placed);
  if (!m.edge.any) m.edge.any = m.edge.inside = true;
  return m;
}

double sharedOnPanel(const Placed& a, const Placed& b) {
  return sharedArea(SweepEdges(a.onPanel), SweepEdges(b.onPanel));
}

bool onPanel(const Impression& i) { return !isStampedApart(i.school); }

}  // namespace

std::vector<LinearRgb> groundsOf(const Plan& plan) {
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  std::vector<LinearRgb> out{paper};
  for (const Ink& ink : plan.inks) {
    const bool used = std::any_of(plan.impressions.begin(), plan.impressions.end(),
                                  [&](const Impression& i) { return i.ink == ink.id; });
    if (!used) continue;
    const InkFilm film(ink.colour, ink.opacity, 1);
    LinearRgb printed;
    for (size_t c = 0; c < 3; ++c) printed[c] = paper[c] * film.multiply[c] + film.add[c];
    out.push_back(printed);
  }
  return out;
}

WashMeetings meetWashes(const Plan& plan, const std::vector<PlacedRef>& placed, const WashMeetings* before) {
  WashMeetings out;
  out.washes = plan.washes;
  out.limits = plan.limits;
  out.inks = plan.inks, out.grounds = groundsOf(plan);  // what is seen of a wash hangs on both
  out.placed = placed;
  const Box panel = plan.card.panel.box();
  const bool sameWashes = before && before->washes == plan.washes && before->limits == plan.limits &&
                          before->inks == plan.inks && before->grounds == out.grounds &&
                          !before->placed.empty() && !placed.empty() && before->placed[0]->panel == panel;
  std::unordered_map<const Placed*, size_t> known;
  if (sameWashes)
    for (size_t i = 0; i < before->placed.size(); ++i) known.emplace(before->placed[i].get(), i);
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    out.reached.push_back(sameWashes ? before->reached[w] : reachedArea(plan, plan.washes[w]));
    out.area_mm2.push_back(sameWashes ? before->area_mm2[w] : areaOf(out.reached[w]));
    out.seen.push_back(sameWashes ? before->seen[w]
                                  : seenOf(plan, out.grounds, plan.washes[w], out.reached[w]));
  }
  std::vector<SweepEdges> edges;  // made when something is to be asked
  for (const PlacedRef& p : placed) {
    if (const auto it = known.find(p.get()); it != known.end()) {
      out.meets.push_back(before->meets[it->second]);
      continue;
    }
    if (edges.empty())
      for (const Rings& reached : out.reached) edges.emplace_back(reached);
    std::vector<WashMeeting> met;
    for (size_t w = 0; w < plan.washes.size(); ++w) met.push_back(washMeeting(out.seen[w], edges[w], *p));
    out.meets.push_back(std::make_shared<const std::vector<WashMeeting>>(std::move(met)));
  }
  return out;
}

namespace {

/// Two impressions of one stamp that run off the panel and whose parts on it do not overlap on the stamp
/// itself.
std::vector<std::pair<int, int>> findSharable(const Meetings& meetings, const std::vector<int>& stampOf,
                                              const Box& panel) {
  struct Edge {
    int impression;
    SweepEdges onStamp;  // what lies on the panel, stamp frame
  };
  std::map<int, std::vector<Edge>> byStamp;
  for (size_t i = 0; i < meetings.placed.size(); ++i) {
    const Placed& p = *meetings.placed[i];
    if (p.areaOnPanel_mm2 <= kLeastOverlap_mm2 || p.areaOnPanel_mm2 >= p.area_mm2 - kLeastOverlap_mm2 ||
        !p.outline->part.empty())
      continue;
    byStamp[stampOf[i]].push_back({static_cast<int>(i), SweepEdges()});
  }
  std::vector<std::pair<int, int>> out;
  for (auto& [stamp, edges] : byStamp) {
    if (edges.size() < 2) continue;
    const auto placed = [&](const Edge& e) -> const Placed& { return *meetings.placed[ix(e.impression)]; };
    for (Edge& e : edges) {
      Rings shape = clippedTo(panel, placed(e).silhouette);
      for (Ring& ring : shape)
        for (Point& q : ring) q = placed(e).placing.toFrame(q);
      e.onStamp = SweepEdges(shape);
    }
    for (size_t k = 0; k < edges.size(); ++k)
      for (size_t l = k + 1; l < edges.size(); ++l) {
        const Placed &a = placed(edges[k]), &b = placed(edges[l]);
        // Together larger than the whole stamp they must overlap.
        if (a.areaOnPanel_mm2 + b.areaOnPanel_mm2 > a.area_mm2 + 2 * kLeastOverlap_mm2) continue;
        if (sharedArea(edges[k].onStamp, edges[l].onStamp) <= kLeastOverlap_mm2)
          out.emplace_back(edges[k].impression, edges[l].impression);
      }
  }
  std::sort(out.begin(), out.end());
  return out;
}

}  // namespace

NeedTable::NeedTable(const Plan& plan, const Meetings& meetings, const WashMeetings& washes,
                     const std::vector<Visible>& visible, const Stack& stack,
                     const std::vector<MaskRef>& masks, const std::vector<int>& stampOf,
                     const std::vector<int>& knotOf, const NeedTable* before,
                     std::vector<std::vector<int>> bareByHand)
    : m_washes(plan.washes),
      m_limits(plan.limits),
      m_inks(plan.inks),
      m_grounds(washes.grounds),
      m_fronts(plan.impressions.size()),
      m_mustGo(plan.impressions.size() + plan.washes.size()),
      m_bareByHand(std::move(bareByHand)),
      m_damp(plan.impressions.size(), 0),
      m_cutTo(plan.washes.size()),
      m_sureEdges(plan.impressions.size()),
      m_noMask(plan.impressions.size(), 0),
      m_bare(plan.impressions.size(), 0),
      m_fineFront(plan.impressions.size(), 0),
      m_leaveOut(plan.impressions.size()) {
  const bool sameWashes = before && before->m_washes == m_washes && before->m_limits == m_limits &&
                          before->m_inks == m_inks && before->m_grounds == m_grounds;
  findDamp(plan);
  findFronts(plan, meetings, visible, knotOf, before);
  m_pen = penWork(plan, meetings, visible, m_leaveOut);
  findWashSteps(plan, meetings, washes, visible, stack, sameWashes ? before : nullptr);
  findBare(masks, stampOf);
  for (auto& list : m_mustGo) std::sort(list.begin(), list.end());
  m_sharable = findSharable(meetings, stampOf, plan.card.panel.box());
  std::sort(m_shown.begin(), m_shown.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
}

/// How long powder would stick to each print.
void NeedTable::findDamp(const Plan& plan) {
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    m_mustGo[i].push_back(static_cast<int>(i));
    const Ink& ink = *plan.ink(plan.impressions[i].ink);
    if (!onPanel(plan.impressions[i])) m_damp[i] = -1;
    if (!isEmbossed(plan, static_cast<int>(i)) || !onPanel(plan.impressions[i])) continue;
    // Clear powder is held by an embossing pen over a dry print: that can wait.
    m_damp[i] = ink.kind == InkKind::Embossing ? std::max(0.01, ink.dryOnCard_s / 60) : 1e300;
  }
}

namespace {

/// The things of a list, from one of them on.
std::vector<const Placed*> hiding(const std::vector<const PlacedRef*>& from, size_t first) {
  std::vector<const Placed*> out;
  for (size_t k = first; k < from.size(); ++k) out.push_back(from[k]->get());
  return out;
}

}  // namespace

/// Which thing in front each pressing may need covered, and which may not be.
void NeedTable::findFronts(const Plan& plan, const Meetings& meetings, const std::vector<Visible>& visible,
                           const std::vector<int>& knotOf, const NeedTable* before) {
  std::vector<const PlacedRef*> from;  // what one answer is found from
  // Does ink of the meeting's back fall on what shows of its front?
  const auto fallsOnWhatShows = [&](const Meeting& m) {
    const auto& behind = visible[ix(m.front)].behind;
    if (behind.empty() || m.contradictory) return true;
    from.assign({&meetings.placed[ix(m.front)], &meetings.placed[ix(m.back)]});
    for (int f : behind)
      if (f != m.back) from.push_back(&meetings.placed[ix(f)]);
    return shown(before, from, -1, [&] {
      return inkFallsOn(*meetings.placed[ix(m.front)], *meetings.placed[ix(m.back)], hiding(from, 2));
    });
  };
  for (const Meeting& m : meetings.list) {
    const auto f = ix(m.front), b = ix(m.back);
    m_mustGo[f].push_back(m.back);
    if (plan.impressions[f].school == School::Mask || m.edge.any) m_mustGo[b].push_back(m.front);
    if (!onPanel(plan.impressions[b])) continue;
    const School how = plan.impressions[f].school;
    if ((how == School::LeaveOut || how == School::WipeOff) && m.overlaps()) m_leaveOut[b].push_back(m.front);
    if (how != School::Mask) continue;
    if (!m.edge.any || !fallsOnWhatShows(m)) {
      std::erase(m_mustGo[b], m.front);  // no ink falls there
      continue;
    }
    const bool knotted = knotOf[f] >= 0 && knotOf[f] == knotOf[b];
    Front front{m.front, {}, m.overlaps() && !m.contradictory, m.overlaps() && knotted && !m.contradictory};
    if (front.always) addToEdge(m_sureEdges[f], m.edge);
    if (!front.always) front.edge = m.edge;
    m_fronts[b].push_back(std::move(front));
  }
  for (auto& list : m_leaveOut) std::sort(list.begin(), list.end());
}

/// What each wash must not colour, and where it is covered for that.
void NeedTable::findWashSteps(const Plan& plan, const Meetings& meetings, const WashMeetings& washes,
                              const std::vector<Visible>& visible, const Stack& stack,
                              const NeedTable* before) {
  const size_t n = plan.impressions.size();
  std::vector<const PlacedRef*> from;  // what one answer is found from
  for (int w : washOrder(plan)) {
    NeedStep step;
    step.wash = true, step.index = w;
    const auto& over = plan.washes[ix(w)].lets;
    for (size_t i = 0; i < n; ++i) {
      if (washes.of(w, static_cast<int>(i)).touches) m_mustGo[n + ix(w)].push_back(static_cast<int>(i));
      if (!stack.nearer(static_cast<int>(i), w)) continue;  // it lies over it
      const Impression& thing = plan.impressions[i];
      const WashMeeting& m = washes.of(w, static_cast<int>(i));
      const bool wipesClean = thing.school == School::Resist;  // embossed: the ink comes off again
      if (!onPanel(thing) || wipesClean || thing.school == School::Overprint || !m.edge.any) continue;
      const auto takesColour = [&](const std::string& id) {
        return std::find(over.begin(), over.end(), id) != over.end();
      };
      if (takesColour(thing.id)) continue;
      from.assign({&meetings.placed[i]});
      for (int f : visible[i].behind)
        if (!takesColour(plan.impressions[ix(f)].id)) from.push_back(&meetings.placed[ix(f)]);
      if (from.size() > 1 && !shown(before, from, w, [&] {
            return colourFallsOn(*meetings.placed[i], washes.seen[ix(w)], hiding(from, 1));
          }))
        continue;
      addToEdge(m_sureEdges[i], m.edge);
      step.covered.push_back(static_cast<int>(i));
      // What hides it and is to take the colour is left free.
      CutTo cut{static_cast<int>(i), {}};
      for (int f : visible[i].behind)
        if (takesColour(plan.impressions[ix(f)].id) && onPanel(plan.impressions[ix(f)]) &&
            washes.of(w, f).touches &&
            sharedOnPanel(*meetings.placed[i], *meetings.placed[ix(f)]) > kLeftBare_mm2)
          cut.without.push_back(f);
      if (cut.without.empty()) continue;
      m_sureEdges[i].inside = true;  // no strip of tape does
      m_cutTo[ix(w)].push_back(std::move(cut));
    }
    m_washSteps.push_back(std::move(step));
  }
}

/// Of which stamps nothing can be cut, and along which of those no tape lies.
void NeedTable::findBare(const std::vector<MaskRef>& masks, const std::vector<int>& stampOf) {
  for (size_t i = 0; i < m_fronts.size(); ++i) {
    m_noMask[i] = masks[ix(stampOf[i])]->mask.empty();
    m_bare[i] = m_noMask[i] && !(m_sureEdges[i].any && m_sureEdges[i].strips() > 0);
  }
  const auto fine = [&](int i) { m_fineFront[ix(i)] = m_noMask[ix(i)]; };
  for (const auto& fronts : m_fronts)
    for (const Front& f : fronts) fine(f.thing);
  for (const NeedStep& s : m_washSteps)
    for (int i : s.covered) fine(i);
}

template <typename F>
bool NeedTable::shown(const NeedTable* before, std::span<const PlacedRef* const> from, int wash, F find) {
  size_t hash = std::hash<int>()(wash);
  for (const PlacedRef* p : from) hash = hash * 0x100000001b3 ^ std::hash<const Placed*>()(p->get());
  if (before) {
    const auto first = std::lower_bound(before->m_shown.begin(), before->m_shown.end(), hash,
                                        [](const auto& entry, size_t h) { return entry.first < h; });
    for (auto it = first; it != before->m_shown.end() && it->first == hash; ++it)
      if (it->second->wash == wash &&
          std::equal(from.begin(), from.end(), it->second->from.begin(), it->second->from.end(),
                     [](const PlacedRef* a, const PlacedRef& b) { return *a == b; })) {
        m_shown.push_back(*it);
        return it->second->falls;
      }
  }
  Shown found{{}, wash, find()};
  for (const PlacedRef* p : from) found.from.push_back(*p);
  m_shown.emplace_back(hash, std::make_shared<const Shown>(std::move(found)));
  return m_shown.back().second->falls;
}

MaskNeeds NeedTable::of(const std::vector<int>& acts) const {
  std::vector<int> place(m_fronts.size(), 0);
  for (size_t k = 0; k < acts.size(); ++k)
    if (ix(acts[k]) < place.size()) place[ix(acts[k])] = static_cast<int>(k);
  return make(acts, true,
              [&](int b, const Front& f) { return f.ahead || place[ix(f.thing)] < place[ix(b)]; });
}

MaskNeeds NeedTable::sure() const {
  std::vector<int> listed(m_fronts.size());
  std::iota(listed.begin(), listed.end(), 0);
  return make(listed, false, [](int, const Front& f) { return f.always; });
}

/// @param inOrder  the acts are done so; else paper may stay wherever some order lets it
/// @param wanted  (back, front): whether the front is to lie covered at the back's pressing
template <typename Wanted>
MaskNeeds NeedTable::make(const std::vector<int>& acts, bool inOrder, Wanted wanted) const {
  const size_t n = m_fronts.size();
  MaskNeeds out;
  out.taped.assign(n, 0);
  out.uncuttable.assign(n, 0);
  out.leaveOut = m_leaveOut;
  out.sharable = m_sharable;
  out.steps.reserve(n + m_washSteps.size());
  std::vector<char> blended(m_washSteps.size(), 0);
  const auto blend = [&](int wash) {
    for (size_t k = 0; k < m_washSteps.size(); ++k)
      if (m_washSteps[k].index == wash && !blended[k]++) out.steps.push_back(m_washSteps[k]);
  };
  // Edges that only this order brings are added to a copy; most things have none.
  std::vector<std::pair<int, const NeededEdge*>> more;
  for (int b : acts) {
    if (ix(b) >= n + m_cutTo.size()) {
      out.hand.push_back({out.steps.size(), b - static_cast<int>(n + m_cutTo.size())});
      continue;
    }
    if (ix(b) >= n) {
      blend(b - static_cast<int>(n));
      continue;
    }
    NeedStep step;
    step.index = b;
    for (const Front& f : m_fronts[ix(b)]) {
      if (!wanted(b, f)) continue;
      step.covered.push_back(f.thing);
      if (!f.always) more.emplace_back(f.thing, &f.edge);
    }
    out.steps.push_back(std::move(step));
  }
  for (const NeedStep& s : m_washSteps) blend(s.index);
  std::vector<char> covered(n, 0);
  for (const NeedStep& s : out.steps)
    for (int i : s.covered) covered[ix(i)] = 1;
  const auto strip = [](const NeededEdge& e) { return static_cast<char>(e.strips()); };
  for (size_t i = 0; i < n; ++i) out.taped[i] = covered[i] ? strip(m_sureEdges[i]) : char{0};
  std::stable_sort(more.begin(), more.end(), [](const auto& a, const auto& b) { return a.first < b.first; });
  for (size_t k = 0; k < more.size();) {
    const int i = more[k].first;
    NeededEdge all = m_sureEdges[ix(i)];
    for (; k < more.size() && more[k].first == i; ++k)
      if (!all.any || all.mayBeStraight()) addToEdge(all, *more[k].second);
    out.taped[ix(i)] = strip(all);
  }
  bool bare = false;
  for (size_t i = 0; i < n; ++i) {
    out.uncuttable[i] = m_fineFront[i] && !out.taped[i];
    bare = bare || out.uncuttable[i];
  }
  for (NeedStep& step : out.steps) {
    if (bare) std::erase_if(step.covered, [&](int i) { return out.uncuttable[ix(i)] != 0; });
    std::sort(step.covered.begin(), step.covered.end());
    if (!step.wash || m_cutTo[ix(step.index)].empty()) continue;
    step.papers.assign(step.covered.size(), -1);
    for (const CutTo& cut : m_cutTo[ix(step.index)]) {
      const auto at = std::lower_bound(step.covered.begin(), step.covered.end(), cut.thing);
      if (at == step.covered.end() || *at != cut.thing) continue;
      size_t paper = 0;
      while (paper < out.joints.size() &&
             !(out.joints[paper].over.front() == cut.thing && out.joints[paper].without == cut.without))
        ++paper;
      if (paper == out.joints.size()) out.joints.push_back({{cut.thing}, cut.without, {}});
      step.papers[static_cast<size_t>(at - step.covered.begin())] = static_cast<int>(paper);
    }
  }
  letPaperStay(out, inOrder);
  if (!out.joints.empty()) changePapers(out, n);
  return out;
}

/// What waits for powder is embossed together: before ink would come on it, before paper is laid, and while
/// its ink still holds the powder. Then all paper is off the card.
void NeedTable::letPaperStay(MaskNeeds& needs, bool inOrder) const {
  constexpr double kEach_min = 2;  // a stamping with what goes with it
  const size_t n = m_fronts.size();
  std::vector<char> lay(n, 0);
  std::vector<int> toEmboss;
  double left = 1e300;
  size_t stop = 0;
  for (size_t k = 0; k < needs.steps.size(); ++k) {
    NeedStep& step = needs.steps[k];
    for (; stop < needs.hand.size() && needs.hand[stop].before <= k; ++stop)
      for (int i : m_bareByHand[ix(needs.hand[stop].hand)]) lay[ix(i)] = 0;
    if (!step.wash && m_damp[ix(step.index)] < 0) continue;  // stamped by itself, after all else
    const auto& mustGo = m_mustGo[step.wash ? n + ix(step.index) : ix(step.index)];
    const bool damp = left < 1e300;
    step.embossFirst = inOrder && !toEmboss.empty() &&
                       (!step.covered.empty() || left < kEach_min || (step.wash && damp) ||
                        std::any_of(toEmboss.begin(), toEmboss.end(), [&](int i) {
                          return std::binary_search(mustGo.begin(), mustGo.end(), i);
                        }));
    if (step.embossFirst) {
      std::fill(lay.begin(), lay.end(), char{0});
      toEmboss.clear(), left = 1e300;
    }
    step.stays.reserve(step.covered.size());
    for (int i : step.covered) step.stays.push_back(lay[ix(i)]);
    if (inOrder)
      for (int i : mustGo) lay[ix(i)] = 0;
    for (int i : step.covered) lay[ix(i)] = 1;
    left -= damp && !step.embossFirst ? kEach_min : 0;
    if (!step.wash && m_damp[ix(step.index)] > 0) {
      toEmboss.push_back(step.index);
      left = std::min(left, m_damp[ix(step.index)]);
    }
  }
}

bool isEmbossed(const Plan& plan, int impression) {
  const Impression& i = plan.impressions[ix(impression)];
  return i.school == School::Resist || plan.ink(i.ink)->kind == InkKind::Embossing;
}

}  // namespace havlo
