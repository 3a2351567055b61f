// The chain from plan to findings. What depends on unchanged impressions only is taken over from the analysis
// before.
#include "core/chain/chain.h"

#include <algorithm>
#include <string_view>
#include <unordered_map>

#include "core/base/parallel.h"
#include "core/focus/looks.h"
#include "core/mask/joint_paper.h"
#include "core/outline/shape_ops.h"
#include "core/region/known_regions.h"
#include "core/runsheet/papers.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

std::vector<int> stampIndices(const Plan& plan) {
  std::unordered_map<std::string_view, int> index;
  for (size_t s = 0; s < plan.stamps.size(); ++s) index.emplace(plan.stamps[s]->id, static_cast<int>(s));
  std::vector<int> out;
  for (const Impression& i : plan.impressions) out.push_back(index.at(i.stamp));
  return out;
}

bool sameMaskRules(const Supplies& a, const Supplies& b) {
  return a.maskInset_mm == b.maskInset_mm && a.leastCut_mm == b.leastCut_mm &&
         a.leastHole_mm == b.leastHole_mm;
}

std::vector<MaskRef> masksOf(const Plan& plan, const Analysis* before) {
  std::unordered_map<const Stamp*, MaskRef> known;
  if (before && sameMaskRules(before->supplies, plan.supplies))
    for (size_t s = 0; s < before->stamps.size(); ++s)
      known.emplace(before->stamps[s].get(), before->masks[s]);
  std::vector<MaskRef> out(plan.stamps.size());
  std::vector<size_t> fresh;
  for (size_t s = 0; s < out.size(); ++s) {
    const auto it = known.find(plan.stamps[s].get());
    if (it != known.end()) out[s] = it->second;
    if (it == known.end()) fresh.push_back(s);
  }
  forEachIndex(fresh.size(), 2,
               [&](size_t k) { out[fresh[k]] = maskOf(*plan.stamps[fresh[k]], plan.supplies); });
  return out;
}

/// Places every impression; equal ones of before keep their identity, which is what later stages look at.
std::vector<PlacedRef> placeAll(const Plan& plan, const std::vector<int>& stampOf, const Analysis* before,
                                const ArtSource* art) {
  std::unordered_map<const Stamp*, std::vector<PlacedRef>> known;
  if (before && before->drawnBy == art)
    for (const PlacedRef& p : before->meetings.placed) known[p->outline->stamp.get()].push_back(p);
  const Box panel = plan.card.panel.box();
  std::vector<PlacedRef> out;
  std::unordered_map<const Stamp*, OutlineRef> wholes;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& impression = plan.impressions[i];
    const StampRef& stamp = plan.stamps[ix(stampOf[i])];
    std::vector<PlacedRef>& same = known[stamp.get()];
    const auto unchanged = std::find_if(same.begin(), same.end(), [&](const PlacedRef& p) {
      return p->at == impression.at && p->turn_deg == impression.turn_deg && p->panel == panel &&
             p->outline->part == impression.part;
    });
    if (unchanged != same.end()) {
      out.push_back(*unchanged);
      same.erase(unchanged);  // two impressions on the very same spot stay two
      continue;
    }
    OutlineRef outline;
    for (const PlacedRef& p : same)
      if (p->outline->part == impression.part) outline = p->outline;
    if (const auto whole = wholes.find(stamp.get()); whole != wholes.end() && impression.part.empty())
      outline = whole->second;
    for (size_t k = 0; k < out.size() && !outline && !impression.part.empty(); ++k)
      if (out[k]->outline->stamp == stamp && out[k]->outline->part == impression.part)
        outline = out[k]->outline;
    if (!outline && !impression.part.empty()) {
      OutlineRef& whole = wholes[stamp.get()];
      for (const PlacedRef& p : same)
        if (!whole && p->outline->part.empty()) whole = p->outline;
      if (!whole) whole = outlineOf(stamp, {}, nullptr, art);
      outline = outlineOf(stamp, impression.part, whole.get(), art);
    }
    if (!outline) outline = outlineOf(stamp, {}, nullptr, art);
    if (impression.part.empty()) wholes[stamp.get()] = outline;
    out.push_back(place(outline, impression, panel));
  }
  return out;
}

/// The regions of the stamps whose drawings are coloured by hand.
std::vector<RegionsRef> regionsOf(const Plan& plan, const std::vector<int>& stampOf, const Analysis* before,
                                  const ArtSource* art) {
  const std::vector<char> wanted = wantsRegions(plan, stampOf);
  std::vector<RegionsRef> out(plan.stamps.size());
  std::vector<size_t> fresh;
  for (size_t s = 0; s < out.size(); ++s) {
    if (!wanted[s] || (!art && !plan.stamps[s]->art.empty())) continue;  // nobody draws it
    for (size_t b = 0; before && before->drawnBy == art && b < before->stamps.size() && !out[s]; ++b)
      if (before->stamps[b] == plan.stamps[s]) out[s] = before->regions[b];
    if (!out[s]) fresh.push_back(s);
  }
  forEachIndex(fresh.size(), 2, [&](size_t k) { out[fresh[k]] = knownRegions(plan.stamps[fresh[k]], art); });
  return out;
}

/// Looks for what one paper could cover together, if the maker wants such papers.
void findJoints(const Plan& plan, Analysis& a) {
  if (a.joinable || !plan.making.jointPapers) return;
  a.joinable = std::make_shared<const std::vector<std::pair<int, int>>>(
      findJoinable(plan, a.meetings, *a.needTable, a.masks, a.stampOf));
}

/// What each thing is printed on and stands before: paper, and the blends that lie behind it there.
std::vector<ToneGround> toneGrounds(const Plan& plan, const Analysis& a) {
  std::vector<ToneGround> out;
  if (!plan.view || !plan.view->visibility_m) return out;
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    ToneGround ground{paper, paper};
    const Point at = a.meetings.placed[i]->box.centre();
    for (const StackMark& mark : a.stack.backToFront()) {
      if (!mark.wash) {
        if (mark.index == static_cast<int>(i)) break;  // what lies over it is seen over both
        continue;
      }
      const Wash& wash = plan.washes[ix(mark.index)];
      if (!a.washes.of(mark.index, static_cast<int>(i)).touches) continue;
      const double strength = wash.strength * WashFalloff(plan, wash).shareAt(at);
      if (strength <= 0 || !covers(a.washes.reached[ix(mark.index)], at)) continue;
      const Ink& ink = *plan.ink(wash.ink);
      const InkFilm film(ink.colour, ink.opacity, strength);
      const bool goesOver = printsOver(thing.school) ||
                            std::find(wash.lets.begin(), wash.lets.end(), thing.id) != wash.lets.end();
      for (size_t c = 0; c < 3; ++c) {
        ground.around[c] = ground.around[c] * film.multiply[c] + film.add[c];
        if (goesOver) ground.under[c] = ground.under[c] * film.multiply[c] + film.add[c];
      }
    }
    out.push_back(ground);
  }
  return out;
}

/// From the order on: what must be covered, how many masks, which steps.
void planWork(const Plan& plan, Analysis& a) {
  if (a.acts.empty()) a.acts = a.actRules->withWashes(a.order, false);
  a.acts = a.actRules->withHandwork(std::move(a.acts));
  static const std::vector<std::pair<int, int>> kNone;
  const auto& joinable = a.joinable ? *a.joinable : kNone;
  const WorkTimes times = timesOf(plan.habits);
  const PaperWork work{plan,     a.meetings, a.washes, *a.needTable, a.stampOf,
                       joinable, times,      true,     {},           a.hand.get()};
  Papers papers = joinable.empty() ? plainPapers(work, a.acts) : papersFor(work, a.acts, a.order);
  a.needs = std::move(papers.needs);
  a.stampMasks = std::move(papers.masks);
  for (JointPaper& paper : a.needs.joints) paper.shape = jointShape(plan, a.meetings.placed, paper);
  // A quick order is shown while things are moved about; its bound would be asked for by nobody.
  const bool bound = a.orderState.from != OrderState::From::Quick;
  a.sheet = buildRunSheet({plan, a.meetings, a.washes, *a.needTable, a.order, a.needs, a.stampMasks,
                           a.stampOf, times, bound, &joinable, a.hand.get()});
  a.orderState.broken = brokenRules(orderRules(plan, a.meetings, a.knots, a.needTable->bare()), a.order);
}

/// Everything up to what is done by hand: where things lie, what they meet and what shows of them.
std::shared_ptr<Analysis> sceneOf(const Plan& plan, const Analysis* before, const ArtSource* art) {
  auto a = std::make_shared<Analysis>();
  a->drawnBy = art ? art : before ? before->drawnBy : nullptr;
  a->stampOf = stampIndices(plan);
  a->stamps = plan.stamps;
  a->supplies = plan.supplies;
  a->masks = masksOf(plan, before);
  a->depth = std::make_shared<DepthOrder>(plan);
  a->meetings =
      meet(placeAll(plan, a->stampOf, before, a->drawnBy), *a->depth, before ? &before->meetings : nullptr);
  a->washes = meetWashes(plan, a->meetings.placed, before ? &before->washes : nullptr);
  a->visible = findVisible(plan, a->meetings, before ? &before->visible : nullptr);
  a->knots = findKnots(a->meetings, *a->depth);
  a->stack = Stack(plan, *a->depth, a->knots.frontToBack);
  a->regions = regionsOf(plan, a->stampOf, before, a->drawnBy);
  a->hand =
      std::make_shared<Handwork>(HandScene{plan, a->meetings, a->washes, a->stack, a->stampOf, a->regions});
  return a;
}

/// The work at the table: an order that is found at once, the masks and the steps.
void findWork(const Plan& plan, Analysis& a, const NeedTable* before) {
  a.needTable = std::make_shared<NeedTable>(plan, a.meetings, a.washes, a.visible, a.stack, a.masks,
                                            a.stampOf, a.knots.knotOf, before, a.hand->bare());
  a.actRules =
      std::make_shared<ActRules>(plan, a.meetings, a.washes, a.stack, a.knots, *a.needTable, *a.hand);
  a.order = a.actRules->putRight(stampingOrder(plan, a.knots));
  a.orderState = {};
  if (!plan.making.order.empty()) {
    a.order = completed(plan, a.order);
    a.orderState.from = OrderState::From::Maker;
  }
  a.acts.clear(), a.joinable.reset();
  planWork(plan, a);
  a.workStands = false;
}

/// How large and how strong things should be.
void readSizes(const Plan& plan, Analysis& a) {
  a.scale = readScales(plan);
  std::vector<double> distances;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    distances.push_back(a.depth->distance_m(static_cast<int>(i)));
  a.tone = readTones(plan, distances, toneGrounds(plan, a));
}

/// The same, and what there is to say.
void readOn(const Plan& plan, Analysis& a, const Analysis* before) {
  readSizes(plan, a);
  // Until the eye has looked again what it saw stands, and with it the rules that wait for it.
  const bool stands = before && before->looks && before->looks->fits(plan);
  if (stands) a.looks = before->looks;
  static const Analysis kNothing;
  a.findings = readScene(plan, a, {nullptr, a.workStands ? before : nullptr, stands ? before : &kNothing});
}

/// Whether what was found about the work of one plan means the same things in the other.
bool sameThings(const Plan& a, const Plan& b) {
  const auto sameIds = [](const auto& some, const auto& others) {
    return std::equal(some.begin(), some.end(), others.begin(), others.end(),
                      [](const auto& one, const auto& other) { return one.id == other.id; });
  };
  return sameIds(a.impressions, b.impressions) && sameIds(a.washes, b.washes) &&
         sameIds(a.pieces, b.pieces) && a.stamps == b.stamps && a.colourings.size() == b.colourings.size() &&
         a.lines.size() == b.lines.size() && a.accents.size() == b.accents.size() &&
         a.lifts.size() == b.lifts.size() && a.own.size() == b.own.size();
}

}  // namespace

AnalysisRef analyse(const Plan& plan, const Analysis* before, const ArtSource* art) {
  const std::shared_ptr<Analysis> a = sceneOf(plan, before, art);
  findWork(plan, *a, before ? before->needTable.get() : nullptr);
  readOn(plan, *a, before);
  return a;
}

AnalysisRef analyseUnseen(const Plan& plan, const Analysis* before) {
  const std::shared_ptr<Analysis> a = sceneOf(plan, before, nullptr);
  findWork(plan, *a, before ? before->needTable.get() : nullptr);
  readSizes(plan, *a);
  findGaps(plan, *a);
  a->findings = readScene(plan, *a);
  return a;
}

AnalysisRef measured(const Plan& plan, const Analysis* before) {
  const std::shared_ptr<Analysis> a = sceneOf(plan, before, nullptr);
  readSizes(plan, *a);
  return a;
}

AnalysisRef analyseScene(const Plan& plan, const Plan& was, const Analysis& before, const ArtSource* art) {
  if (plan.impressions.empty() || !before.needTable || !sameThings(plan, was))
    return analyse(plan, &before, art);
  const std::shared_ptr<Analysis> a = sceneOf(plan, &before, art);
  a->workStands = true;
  a->needTable = before.needTable, a->actRules = before.actRules;
  a->order = before.order, a->acts = before.acts, a->orderState = before.orderState;
  a->joinable = before.joinable;
  a->needs = before.needs, a->stampMasks = before.stampMasks, a->sheet = before.sheet;
  readOn(plan, *a, &before);
  return a;
}

AnalysisRef withWork(const Plan& plan, const AnalysisRef& analysis) {
  if (!analysis->workStands) return analysis;
  auto a = std::make_shared<Analysis>(*analysis);
  findWork(plan, *a, analysis->needTable.get());
  static const Analysis kNothing;
  a->findings = readScene(plan, *a, {analysis.get(), nullptr, a->looks ? analysis.get() : &kNothing});
  return a;
}

AnalysisRef withLooks(const Plan& plan, const AnalysisRef& analysis, std::shared_ptr<const Looks> looks) {
  auto a = std::make_shared<Analysis>(*analysis);
  findGaps(plan, *a);
  a->looks = std::move(looks);
  a->findings = readScene(plan, *a);
  return a;
}

AnalysisRef withLooksOf(const Plan& plan, const AnalysisRef& analysis, const Analysis& seen) {
  auto a = std::make_shared<Analysis>(*analysis);
  a->looks = seen.looks;
  a->findings = readScene(plan, *a, {analysis.get(), analysis.get(), &seen});
  return a;
}

Result<AnalysisRef> reordered(const Plan& plan, const Analysis& analysis,
                              const std::vector<std::string>& order) {
  std::vector<int> apart, given;
  std::vector<char> seen(plan.impressions.size(), 0);
  for (int i : analysis.order)
    if (isStampedApart(plan.impressions[ix(i)].school)) apart.push_back(i);
  for (const std::string& id : order) {
    const int i = plan.indexOf(id);
    if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + id + "\"", "order"};
    if (seen[ix(i)]++) return Error{ErrorCode::BadInput, "\"" + id + "\" is named twice", "order"};
    if (!isStampedApart(plan.impressions[ix(i)].school)) given.push_back(i);
  }
  for (size_t i = 0; i < seen.size(); ++i)
    if (!seen[i] && !isStampedApart(plan.impressions[i].school))
      return Error{ErrorCode::BadInput, "\"" + plan.impressions[i].id + "\" is missing", "order"};
  given.insert(given.end(), apart.begin(), apart.end());
  return inOrder(plan, analysis, std::move(given));
}

AnalysisRef inOrder(const Plan& plan, const Analysis& analysis, std::vector<int> order) {
  auto a = std::make_shared<Analysis>(analysis);
  a->order = std::move(order);
  a->acts.clear();
  a->orderState = {OrderState::From::Maker, false, {}, {}};
  findJoints(plan, *a);
  planWork(plan, *a);
  a->findings = readScene(plan, *a);  // rules about damp ink hang on the order
  return a;
}

AnalysisRef inActs(const Plan& plan, const Analysis& analysis, std::vector<int> acts) {
  auto a = std::make_shared<Analysis>(analysis);
  for (int i : analysis.order)
    if (std::find(acts.begin(), acts.end(), i) == acts.end()) acts.push_back(i);
  a->order.clear();
  for (int act : acts)
    if (ix(act) < plan.impressions.size()) a->order.push_back(act);
  a->acts = std::move(acts);
  a->orderState = {OrderState::From::Maker, false, {}, {}};
  findJoints(plan, *a);
  planWork(plan, *a);
  a->findings = readScene(plan, *a);
  return a;
}

OrderWork orderWork(const Plan& plan, const Analysis& a) {
  return {plan,        a.meetings,           a.washes,         a.knots,     *a.needTable, a.stampOf,
          *a.actRules, timesOf(plan.habits), a.joinable.get(), a.hand.get()};
}

AnalysisRef withBestOrder(const Plan& plan, const AnalysisRef& analysis, const OrderEffort& effort,
                          const Progress& progress) {
  if (analysis->orderState.from == OrderState::From::Maker) {
    auto a = std::make_shared<Analysis>(*analysis);
    findJoints(plan, *a);
    BestOrder own = judged(orderWork(plan, *a), a->order);
    a->orderState.unmet = std::move(own.unmet);
    own.acts = a->actRules->withHandwork(std::move(own.acts));
    if (own.acts != a->acts || (a->joinable && !a->joinable->empty())) {
      a->acts = std::move(own.acts);
      planWork(plan, *a);
    }
    return a;
  }
  auto a = std::make_shared<Analysis>(*analysis);
  findJoints(plan, *a);
  BestOrder best = findBestOrder(orderWork(plan, *a), effort, progress);
  a->order = std::move(best.order);
  a->acts = std::move(best.acts);
  a->orderState.from = OrderState::From::Best;
  planWork(plan, *a);
  a->orderState.exact = best.exact;
  a->orderState.unmet = std::move(best.unmet);
  a->findings = readScene(plan, *a);
  return a;
}

}  // namespace havlo
