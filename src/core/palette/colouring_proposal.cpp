#include "core/palette/colouring_proposal.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "core/chain/chain.h"
#include "core/edit/hand_edits.h"
#include "core/palette/palette.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kSmallPart_mm2 = 14;     // a scarf, a cap
constexpr double kLeastColoured_mm2 = 4;  // parts smaller than this take what is next to them: they stay bare

struct Candidate {
  const Ink* ink = nullptr;
  double hue_deg = 0, chroma = 0, light = 0;
};

std::vector<Candidate> candidatesOf(const std::vector<Ink>& inks) {
  std::vector<Candidate> out;
  for (const Ink& ink : inks) {
    if (ink.kind == InkKind::Embossing || ink.opacity > kCovers) continue;
    const Lab lab = labOf(ink.colour);
    out.push_back(
        {&ink, std::atan2(lab.b, lab.a) * 180 / 3.14159265358979323846, std::hypot(lab.a, lab.b), lab.L});
  }
  return out;
}

double apart(double a, double b) { return std::fabs(std::remainder(a - b, 360)); }

/// The hue that a kind of thing usually has, degrees in CIELAB. Common practice, no source.
double usualHue(Role role) {
  switch (role) {
    case Role::Tree:
    case Role::Plant:
    case Role::Landform:
      return 130;
    case Role::Water:
    case Role::Sky:
      return 265;
    case Role::Building:
      return 45;
    default:
      return 65;
  }
}

/// The ink nearest to a hue, a stronger one rather than a weaker, none beyond a chroma unless there are no
/// others.
const Ink* nearHue(const std::vector<Candidate>& all, double hue_deg, double mostChroma,
                   const Ink* not_ = nullptr) {
  const Ink *best = nullptr, *weakest = nullptr;
  double least = 1e300, weak = 1e300;
  for (const Candidate& c : all) {
    if (c.ink == not_ || c.chroma < kGreyChroma || c.light < 25) continue;
    if (c.chroma < weak) weak = c.chroma, weakest = c.ink;
    if (c.chroma > mostChroma) continue;
    const double cost = apart(c.hue_deg, hue_deg) - 0.2 * c.chroma;
    if (cost < least) least = cost, best = c.ink;
  }
  return best ? best : weakest;
}

const Ink* greyOf(const std::vector<Candidate>& all, double light) {
  const Ink* best = nullptr;
  double least = 1e300;
  for (const Candidate& c : all)
    if (c.chroma < kGreyChroma && std::fabs(c.light - light) < least)
      least = std::fabs(c.light - light), best = c.ink;
  return best;
}

/// Strength by distance: as near as the hero full, far things pale.
double strengthAt(double distance_m, double hero_m) {
  if (!std::isfinite(distance_m) || distance_m <= 0) return 0.4;
  const double times = std::max(1.0, distance_m / std::max(0.1, hero_m));
  return std::clamp(0.8 / std::pow(times, 0.35), 0.3, 0.8);
}

}  // namespace

Result<std::vector<ColouringProposal>> proposeColourings(const Plan& plan, const Analysis& analysis,
                                                         const std::vector<Ink>& inks,
                                                         const std::vector<RegionsRef>& regions,
                                                         const ArtSource* art, const Progress& progress) {
  std::vector<ColouringProposal> out;
  const std::vector<Candidate> all = candidatesOf(inks);
  const auto strongest = std::max_element(
      all.begin(), all.end(), [](const Candidate& a, const Candidate& b) { return a.chroma < b.chroma; });
  std::vector<Candidate> strong;
  for (const Candidate& c : all)
    if (c.chroma >= 0.75 * strongest->chroma) strong.push_back(c);
  int hero = -1;
  for (size_t i = 0; i < plan.impressions.size() && hero < 0; ++i)
    if (plan.impressions[i].hero) hero = static_cast<int>(i);
  if (all.empty() || strongest->chroma < kGreyChroma || hero < 0) return out;
  const double hero_m = analysis.depth->distance_m(hero);
  // What lies round the card: the hue of the blends, which the hero may stand against.
  double x = 0, y = 0;
  for (const Wash& w : plan.washes) {
    const Lab lab = labOf(plan.ink(w.ink)->colour);
    x += w.strength * lab.a, y += w.strength * lab.b;
  }
  const double roundHue = std::atan2(y, x) * 180 / 3.14159265358979323846;

  for (ColouringScheme scheme : {ColouringScheme::Akin, ColouringScheme::Opposite,
                                 ColouringScheme::AmongGreys, ColouringScheme::NearWarm}) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    ColouringProposal made;
    made.scheme = scheme;
    made.plan = plan;
    const Ink* main =
        scheme == ColouringScheme::Opposite ? nearHue(strong, roundHue + 180, 1e9) : strongest->ink;
    const Lab mainLab = labOf(main->colour);
    const double mainHue = std::atan2(mainLab.b, mainLab.a) * 180 / 3.14159265358979323846;
    const double mainChroma = std::hypot(mainLab.a, mainLab.b);
    bool possible = true;
    std::map<std::string, std::string> first;  // stamp -> the impression that is coloured; others share it
    for (size_t i = 0; i < plan.impressions.size() && possible; ++i) {
      const Impression& thing = plan.impressions[i];
      const RegionsRef& parts = regions[ix(analysis.stampOf[i])];
      const Role role = plan.stamps[ix(analysis.stampOf[i])]->role;
      const bool ground = factsOf(role).backdrop && role != Role::Sky;  // blends are for that
      if (!parts || factsOf(role).words || ground) continue;
      const bool isHero = static_cast<int>(i) == hero;
      if (scheme == ColouringScheme::AmongGreys && !isHero && !greyOf(all, 60)) possible = false;
      std::vector<Colouring> kept;
      for (const Colouring& c : plan.colourings)
        if (c.bare && c.impression == thing.id) kept.push_back(c);
      if (auto cleared = withoutColouring(made.plan, thing.id)) made.plan = std::move(cleared).value();
      made.plan.colourings.insert(made.plan.colourings.end(), kept.begin(), kept.end());
      const double strength =
          isHero ? 0.85 : strengthAt(analysis.depth->distance_m(static_cast<int>(i)), hero_m);
      if (!isHero && first.contains(thing.stamp) && kept.empty()) {
        // The same stamp again: alike, and paler where it stands farther off.
        const int from = plan.indexOf(first[thing.stamp]);
        if (analysis.depth->distance_m(from) > 0.75 * analysis.depth->distance_m(static_cast<int>(i)))
          if (auto like = colouredLike(made.plan, thing.id, first[thing.stamp])) {
            made.plan = std::move(like).value();
            ++made.coloured;
            continue;
          }
      }
      const bool near =
          !std::isfinite(hero_m) || analysis.depth->distance_m(static_cast<int>(i)) < 1.5 * hero_m;
      const auto inkFor = [&](size_t rank, double area_mm2) -> const Ink* {
        if (isHero) {
          // A coat in the strongest, small things against it, fur and skin as they are.
          if (rank == 0) return main;
          if (area_mm2 < kSmallPart_mm2) return nearHue(all, mainHue + 180, 0.9 * mainChroma, main);
          return nearHue(all, usualHue(role), 0.7 * mainChroma, main);
        }
        double hue = usualHue(role);
        if (scheme == ColouringScheme::AmongGreys) return greyOf(all, near ? 45 : 65);
        if (scheme == ColouringScheme::NearWarm) hue = near ? 55 : 250;
        if (scheme == ColouringScheme::Akin && role != Role::Tree && role != Role::Plant)
          hue = mainHue + (rank % 2 ? -45 : 45);
        return nearHue(all, hue + (rank % 2 ? 25 : 0), 0.7 * mainChroma, main);
      };
      size_t rank = 0;
      for (size_t part = 0; part < parts->all().size() && rank < 8; ++part) {
        if (parts->all()[part].area_mm2 < kLeastColoured_mm2) break;
        if (colouringOf(made.plan, thing.id, *parts, static_cast<int>(part)) >= 0) continue;  // bare
        const Ink* ink = inkFor(rank, parts->all()[part].area_mm2);
        if (!ink) break;
        const std::string id = addInk(made.plan, *ink);
        if (auto done = withPartColoured(
                made.plan, thing.id, *parts, static_cast<int>(part),
                {id, ColourWay::Marker, Shade::AwayFromLight, rank == 0 ? strength : 0.75 * strength}))
          made.plan = std::move(done).value();
        ++rank;
      }
      made.coloured += rank > 0;
      if (rank > 0) first.emplace(thing.stamp, thing.id);
    }
    if (!possible || made.coloured == 0) continue;
    const AnalysisRef after = analyse(made.plan, &analysis, art);
    const LooksRef looks = lookAt(made.plan, *after, art);
    made.heroShare = looks->heroShare(), made.heroRank = looks->heroRank;
    out.push_back(std::move(made));
  }
  std::stable_sort(out.begin(), out.end(), [](const ColouringProposal& a, const ColouringProposal& b) {
    if ((a.heroRank == 1) != (b.heroRank == 1)) return a.heroRank == 1;
    return a.heroShare > b.heroShare;
  });
  return out;
}

}  // namespace havlo
