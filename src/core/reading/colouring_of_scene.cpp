// What only colour shows: the hero left white among coloured things, something far off that jumps out in
// colour, shade on the lit side.
#include <cmath>
#include <map>

#include "core/light/light.h"
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {
namespace {

/// How much of a thing is coloured, and how strong the strongest colour is.
struct Coloured {
  double area_mm2 = 0, chroma = 0;
};

std::map<int, Coloured> colouredThings(const Plan& plan, const Analysis& a) {
  std::map<int, Coloured> out;
  for (const HandWork& work : a.hand->all()) {
    if (work.act.kind != ByHand::Colour || !work.does()) continue;
    const Colouring& c = plan.colourings[ix(work.act.index)];
    const InkFilm film(plan.inks[ix(work.ink)].colour, plan.inks[ix(work.ink)].opacity, c.strength);
    LinearRgb seen = linearOf(plan.card.paper.colour);
    for (size_t k = 0; k < 3; ++k) seen[k] = seen[k] * film.multiply[k] + film.add[k];
    const Lab lab = labOf(seen);
    Coloured& one = out[work.act.on];
    one.area_mm2 += work.area_mm2;
    if (work.area_mm2 > 5) one.chroma = std::max(one.chroma, std::hypot(lab.a, lab.b));
  }
  return out;
}

}  // namespace

void readHeroUncoloured(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  const int hero = heroOf(plan);
  if (hero < 0 || !factsOf(plan.stamps[ix(a.stampOf[ix(hero)])]->role).coloured) return;
  const RegionsRef& parts = a.regions[ix(a.stampOf[ix(hero)])];
  if (!parts || parts->all().empty()) return;  // a solid one
  const auto coloured = colouredThings(plan, a);
  if (coloured.size() < 2 || coloured.contains(hero)) return;
  for (const Colouring& c : plan.colourings)  // bare on purpose
    if (c.bare && c.impression == plan.impressions[ix(hero)].id) return;
  out.push_back({FindingKind::HeroUncoloured, Level::Warn, {hero}, static_cast<double>(coloured.size()), {}});
}

void readColourJumpsOut(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kMore = 15;    // chroma; common practice, no source
  constexpr double kFarther = 2;  // times as far as the hero
  const int hero = heroOf(plan);
  const auto coloured = colouredThings(plan, a);
  const auto own = coloured.find(hero);
  if (own == coloured.end()) return;
  for (const auto& [thing, c] : coloured) {
    if (thing == hero || a.depth->distance_m(thing) < kFarther * a.depth->distance_m(hero)) continue;
    if (c.chroma > own->second.chroma + kMore) {
      Finding f{FindingKind::ColourJumpsOut, Level::Warn, {thing, hero}, c.chroma - own->second.chroma, {}};
      f.fix = Fix{};
      f.fix->what = Fix::What::PalerColour, f.fix->impression = thing;
      f.fix->amount = std::max(0.2, 0.9 * own->second.chroma / c.chroma);
      out.push_back(std::move(f));
    }
  }
}

void readShadeOnLitSide(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!sceneLight(plan)) return;
  std::vector<int> told;
  for (const HandWork& work : a.hand->all()) {
    if (work.act.kind != ByHand::Colour || !work.does()) continue;
    if (plan.colourings[ix(work.act.index)].shade != Shade::TowardLight) continue;
    if (std::find(told.begin(), told.end(), work.act.on) != told.end()) continue;
    told.push_back(work.act.on);
    Finding f{FindingKind::ShadeOnLitSide, Level::Warn, {work.act.on}, 1, {}};
    f.fix = Fix{};
    f.fix->what = Fix::What::ShadeAway, f.fix->impression = work.act.on;
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
