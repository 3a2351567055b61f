#include "core/arrange/variants.h"

#include <algorithm>
#include <cmath>
#include <mutex>
#include <set>

#include "core/arrange/search.h"
#include "core/base/parallel.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr double kAsWide = 1.5;  // another stamp may be so many times as wide, or as narrow
constexpr double kShift_mm = 8;  // and stand so much higher or lower, where its size is right

/// A foot for another stamp in a thing's place; nothing if it does not fit there.
std::optional<Point> footFor(const Plan& plan, const Impression& place, const Stamp& now,
                             const Stamp& other) {
  if (other.id == now.id || other.role != now.role || other.home != now.home || other.plate) return {};
  const double wide = other.width_mm / now.width_mm;
  if (wide > kAsWide || wide < 1 / kAsWide) return {};
  if (!std::holds_alternative<OnGround>(place.depth) || !plan.view) {
    const double high = other.height_mm / now.height_mm;
    return high < kAsWide && high > 1 / kAsWide ? std::optional(place.at) : std::nullopt;
  }
  if (!other.realHeight) return {};
  const StandingBand band = standingBand(*plan.view, *other.realHeight, Millimetres{other.height_mm});
  const double y = std::clamp(place.at.y, band.low_mm, band.high_mm);
  if (std::fabs(y - place.at.y) > kShift_mm || y > plan.view->horizon_mm - 1.5) return {};
  return Point{place.at.x, y};
}

/// Something may hang on it, stand on it or be said of it: then it stays.
bool isFree(const Plan& plan, const Impression& i) {
  if (i.hero || !i.figure.empty() || !i.row.empty() || !i.part.empty() || !i.inFrontOf.empty() ||
      !i.piece.empty())
    return false;
  return std::none_of(plan.impressions.begin(), plan.impressions.end(), [&](const Impression& o) {
    const auto* on = std::get_if<OnThing>(&o.depth);
    return (on && on->id == i.id) || o.like == i.id ||
           std::find(o.inFrontOf.begin(), o.inFrontOf.end(), i.id) != o.inFrontOf.end();
  });
}

Plan changedStamps(Plan plan, const FreshWish& wish, Random& random) {
  int left = 2;
  std::vector<size_t> order(plan.impressions.size());
  for (size_t k = 0; k < order.size(); ++k) order[k] = k;
  for (size_t k = order.size(); k > 1; --k) std::swap(order[k - 1], order[random.below(k)]);
  for (const size_t k : order) {
    if (left == 0) break;
    Impression& i = plan.impressions[k];
    const Stamp& now = *plan.stamp(i.stamp);
    if (!factsOf(now.role).stands() || !isFree(plan, i)) continue;
    std::vector<std::pair<const DrawerStamp*, Point>> choice;
    for (const DrawerStamp& s : wish.drawer)
      if (const auto foot = footFor(plan, i, now, s.stamp)) choice.emplace_back(&s, *foot);
    if (choice.empty()) continue;
    const auto& [other, foot] = choice[random.below(choice.size())];
    std::erase_if(plan.colourings, [&](const Colouring& c) { return c.impression == i.id; });
    std::erase_if(plan.accents, [&](const Accent& a) { return a.on == i.id; });
    std::erase_if(plan.lines, [&](const HandLine& l) { return l.on == i.id; });
    if (!plan.stamp(other->stamp.id)) plan.stamps.push_back(std::make_shared<const Stamp>(other->stamp));
    i.stamp = other->stamp.id, i.at = {std::round(foot.x * 10) / 10, std::round(foot.y * 10) / 10};
    --left;
  }
  return plan;
}

/// Light from the other side, unless it stands in the picture.
Plan otherLight(Plan plan) {
  if (plan.light && !plan.light->at)
    plan.light->direction_deg = std::remainder(180 - plan.light->direction_deg, 360);
  for (Impression& i : plan.impressions)
    if (i.lit == LitFrom::Left || i.lit == LitFrom::Right)
      i.lit = i.lit == LitFrom::Left ? LitFrom::Right : LitFrom::Left;
  return plan;
}

Plan otherColours(const Plan& plan, const std::vector<Ink>& inks, size_t which, const ArtSource* art,
                  const Progress& progress) {
  const std::vector<ColouringProposal> found = colouringsOf(plan, inks, art, progress);
  return found.empty() ? plan : found[which % found.size()].plan;
}

}  // namespace

Result<std::vector<Proposal>> freshened(const Plan& plan, const FreshWish& wish, const ArtSource* art,
                                        const Progress& progress) {
  if (std::none_of(plan.impressions.begin(), plan.impressions.end(),
                   [](const Impression& i) { return i.hero; }))
    return Error{ErrorCode::BadInput, "choose the hero first: the card is freshened around it", {}};
  const Proposal now = proposalAsItIs(plan, art, wish.proof_dpi);
  progress.at(0.1);
  const size_t tries = ix(std::max(1, wish.cards)) * 3;
  std::vector<std::optional<Proposal>> all(tries);
  std::mutex telling;
  size_t done = 0;
  forEachIndex(tries, 2, [&](size_t k) {
    if (progress.stopped()) return;
    Random random(wish.seed * 1000003 + k * 7919);
    Plan fresh = changedStamps(plan, wish, random);
    if (k % 2 == 1) fresh = otherLight(std::move(fresh));
    if (!plan.colourings.empty() || k % 3 == 0) fresh = otherColours(fresh, wish.inks, k, art, progress);
    std::erase_if(fresh.stamps, [&](const StampRef& s) {
      return !plan.stamp(s->id) && std::none_of(fresh.impressions.begin(), fresh.impressions.end(),
                                                [&](const Impression& i) { return i.stamp == s->id; });
    });
    std::vector<char> fixed(fresh.impressions.size(), 0);
    for (size_t i = 0; i < fixed.size(); ++i)
      fixed[i] = staysPut(fresh, static_cast<int>(i)) || fresh.impressions[i].hero ||
                 factsOf(fresh.stamp(fresh.impressions[i].stamp)->role).words;
    Reader reader(std::move(fresh), now.analysis.get(), art);
    mend(reader, fixed);
    all[k] = proposalOf(reader, plan);
    const std::lock_guard lock(telling);
    progress.at(0.1 + 0.7 * static_cast<double>(++done) / static_cast<double>(tries));
  });
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  std::vector<Proposal> found, out;
  for (auto& p : all)
    if (p && !(p->plan == plan)) found.push_back(std::move(*p));
  std::stable_sort(found.begin(), found.end(),
                   [](const Proposal& p, const Proposal& q) { return p.score > q.score; });
  std::set<std::vector<std::string>> seen;
  for (Proposal& p : found) {
    if (out.size() >= ix(std::max(1, wish.cards)) || progress.stopped()) break;
    if (!isWorthTaking(worthOf(p.plan, *p.analysis, true), now.worth, true)) continue;
    // No two with the same stamps in the same colours.
    std::vector<std::string> sign;
    for (const Impression& i : p.plan.impressions) sign.push_back(i.stamp);
    for (const Colouring& c : p.plan.colourings) sign.push_back(c.impression + c.ink);
    if (!seen.insert(sign).second) continue;
    if (const auto proof = prove(p, kMostParts, art, wish.proof_dpi, {progress.stop, {}}); !proof)
      return proof.error();
    p.worth = worthOf(p.plan, *p.analysis, p.proven);
    if (!isWorthTaking(p.worth, now.worth, true)) continue;
    p.why = gainsOf(p.worth, now.worth);
    out.push_back(std::move(p));
  }
  progress.at(1);
  return out;
}

Point fittedPoint(Point at, const View* from, const PanelSize& a, const View* to, const PanelSize& b) {
  const double x = at.x * b.width_mm / a.width_mm;
  if (!from || !to) return {x, at.y * b.height_mm / a.height_mm};
  if (at.y <= 0.5) return {x, at.y};  // the lower edge stays the lower edge
  if (at.y <= from->horizon_mm) return {x, to->horizon_mm - (from->horizon_mm - at.y)};
  const double sky = (b.height_mm - to->horizon_mm) / std::max(1e-6, a.height_mm - from->horizon_mm);
  return {x, to->horizon_mm + (at.y - from->horizon_mm) * sky};
}

Result<Proposal> fitted(const Plan& plan, const PanelSize& size, uint64_t seed, const ArtSource* art,
                        const Progress& progress) {
  constexpr double kLeast_mm = 20, kMost_mm = 1000, kUnderHero = 0.08;
  if (!(size.width_mm > kLeast_mm && size.height_mm > kLeast_mm && size.width_mm < kMost_mm &&
        size.height_mm < kMost_mm))
    return Error{ErrorCode::BadInput, "a card is larger than 20 mm each way", "panel"};
  if (plan.room)
    return Error{ErrorCode::BadInput, "a room cannot be fitted to another size: its walls are where they are",
                 "room"};
  Plan out = plan;
  const PanelSize was = plan.card.panel;
  out.card.panel.width_mm = size.width_mm, out.card.panel.height_mm = size.height_mm;
  if (out.card.base) {
    out.card.base->width_mm += size.width_mm - was.width_mm;
    out.card.base->height_mm += size.height_mm - was.height_mm;
  }
  if (out.view) {
    View& v = *out.view;
    const double focal = v.horizon_mm * v.nearDistance_m / v.eyeHeight_m;
    v.horizon_mm = plan.view->horizon_mm * size.height_mm / was.height_mm;
    for (const Impression& i : plan.impressions)
      if (i.hero && std::holds_alternative<OnGround>(i.depth))
        v.horizon_mm = std::max(v.horizon_mm, plan.view->horizon_mm - i.at.y + kUnderHero * size.height_mm);
    v.horizon_mm = std::clamp(v.horizon_mm, 5.0, size.height_mm);
    if (v.vanishX_mm) v.vanishX_mm = *v.vanishX_mm * size.width_mm / was.width_mm;
    v.nearDistance_m = focal * v.eyeHeight_m / v.horizon_mm;
  }
  const auto to = [&](Point p) {
    return fittedPoint(p, plan.view ? &*plan.view : nullptr, was, out.view ? &*out.view : nullptr, size);
  };
  for (Impression& i : out.impressions) i.at = to(i.at);
  // What holds on to something keeps its way from it.
  for (size_t round = 0; round < 4; ++round)
    for (size_t k = 0; k < out.impressions.size(); ++k)
      if (const auto* on = std::get_if<OnThing>(&out.impressions[k].depth)) {
        const Impression *then = plan.impression(on->id), *now = out.impression(on->id);
        out.impressions[k].at = now->at + (plan.impressions[k].at - then->at);
      }
  const auto rings = [&](Rings& all) {
    for (Ring& ring : all)
      for (Point& p : ring) p = to(p);
  };
  for (Wash& w : out.washes) rings(w.area);
  for (WashLimit& l : out.limits) {
    l.left_mm = to({0, l.left_mm}).y, l.right_mm = to({0, l.right_mm}).y, l.at = to(l.at);
    rings(l.shape);
    const Point low = to({l.opening.left, l.opening.bottom}), high = to({l.opening.right, l.opening.top});
    l.opening = {low.x, low.y, high.x, high.y};
  }
  for (GroundMark& g : out.ground)
    for (Point& p : g.along) p = to(p);
  for (HandLine& l : out.lines)
    for (Point& p : l.along) p = to(p);
  if (out.light && out.light->at) out.light->at = to(*out.light->at);
  if (out.light && out.light->ground_mm) out.light->ground_mm = to({0, *out.light->ground_mm}).y;
  progress.at(0.1);

  std::vector<char> fixed(out.impressions.size(), 0);
  bool free = false;
  for (size_t i = 0; i < fixed.size(); ++i) {
    fixed[i] = staysPut(out, static_cast<int>(i));
    free = free || !fixed[i];
  }
  const AnalysisRef start = analyse(out, nullptr, art);
  std::vector<Reader> readers;
  readers.emplace_back(out, start.get(), art);
  mend(readers[0], fixed);
  if (free) {
    const Table table(out, *start, fixed);
    SearchWish search;
    search.seed = seed, search.starts = 2, search.worked = 2, search.tries = 1200;
    if (start->meetings.placed.size() > 0 && readers[0].analysis()->looks->hero >= 0)
      search.heroAt = out.impressions[ix(readers[0].analysis()->looks->hero)].at.x / size.width_mm;
    if (!table.pieces().empty())
      for (Reader& r : searched(out, *start, table, fixed, search, art, progress))
        readers.push_back(std::move(r));
  }
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  // What was only carried over is kept unless a search made it clearly better.
  constexpr double kClearly = 8;
  size_t best = 0;
  for (size_t k = 1; k < readers.size(); ++k)
    if (readers[k].score() > readers[best].score() + (best == 0 ? kClearly : 0)) best = k;
  Proposal p = proposalOf(readers[best], out);
  progress.at(0.8);
  if (const auto proof = prove(p, kMostParts, art, 75, {progress.stop, {}}); !proof) return proof.error();
  p.worth = worthOf(p.plan, *p.analysis, p.proven);
  progress.at(1);
  return p;
}

Result<std::vector<SceneOffer>> setOfCards(const SceneWish& wish, int cards, const ArtSource* art,
                                           const Progress& progress) {
  std::vector<Stamp> heroes{wish.hero};
  std::vector<const DrawerStamp*> others;
  for (const DrawerStamp& s : wish.drawer)
    if (factsOf(s.stamp.role).lives() && s.stamp.realHeight && !s.stamp.plate && s.stamp.id != wish.hero.id &&
        s.card.key != wish.hero.drawer)
      others.push_back(&s);
  // Those of the hero's set and of its printed size first, so that they are cards of one kind.
  const auto unlike = [&](const DrawerStamp& s) {
    return std::fabs(std::log(s.stamp.height_mm / wish.hero.height_mm));
  };
  std::stable_sort(others.begin(), others.end(),
                   [&](const DrawerStamp* a, const DrawerStamp* b) { return unlike(*a) < unlike(*b); });
  for (const DrawerStamp* s : others) {
    heroes.push_back(s->stamp);
    if (heroes.back().drawer.empty()) heroes.back().drawer = s->card.key;
  }
  std::vector<SceneOffer> out;
  SceneWish one = wish;
  one.scenes = 1;
  one.daylight = wish.daylight.value_or(Daylight::Evening);
  std::optional<Error> last;
  for (size_t k = 0; k < heroes.size() && static_cast<int>(out.size()) < cards; ++k) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    one.hero = heroes[k];
    one.seed = wish.seed + k;
    auto scene = scenesFor(one, art, {progress.stop, {}});
    if (!scene) {
      if (scene.error().code == ErrorCode::Stopped) return scene.error();
      last = scene.error();
      continue;
    }
    if (scene.value().empty()) continue;
    if (out.empty()) one.theme = scene.value()[0].theme;
    out.push_back(std::move(scene.value()[0]));
    progress.at(std::min(1.0, static_cast<double>(out.size()) / std::max(1, cards)));
  }
  if (out.empty() && last) return *last;
  return out;
}

}  // namespace havlo
