// Small enough to try every three inks.
#include "core/palette/palette.h"

#include <algorithm>
#include <cmath>

#include "core/chain/chain.h"
#include "core/edit/wash_edits.h"
#include "core/ink/ink_facts.h"

namespace havlo {
namespace {

constexpr double kWashStrength = 0.6;  // of a usual sky or ground

double hueBetween(const Lch& p, const Lch& q) {
  const double d = std::fabs(p.h_deg - q.h_deg);
  return d > 180 ? 360 - d : d;
}

double liking(Harmony h) {
  switch (h) {
    case Harmony::Jarring:
      return -12;
    case Harmony::Akin:
      return 4;
    case Harmony::Opposite:
      return 4;
    default:
      return 0;
  }
}

}  // namespace

Harmony harmonyOf(const Lab& one, const Lab& other) {
  const Lch p = lchOf(one), q = lchOf(other);
  if (p.C < kGreyChroma || q.C < kGreyChroma) return Harmony::Grey;
  const double apart = hueBetween(p, q);
  if (apart < 30) return Harmony::Akin;
  if (apart >= 150) return Harmony::Opposite;
  if (apart >= 75) return Harmony::Apart;
  const bool strong = p.C > 30 && q.C > 30, level = std::fabs(p.L - q.L) < 25;
  return strong && level ? Harmony::Jarring : Harmony::Akin;
}

std::vector<PaletteChoice> proposePalettes(const std::vector<Ink>& inks, const Paper& paper, size_t most) {
  const LinearRgb white = linearOf(paper.colour);
  std::vector<Lab> washed, pressed;
  for (const Ink& ink : inks) {
    washed.push_back(labOf(throughFilm(white, linearOf(ink.colour), kWashStrength)));
    pressed.push_back(labOf(pressedOn(white, ink, 1)));
  }
  std::vector<PaletteChoice> all;
  for (size_t s = 0; s < inks.size(); ++s)
    for (size_t g = 0; g < inks.size(); ++g)
      for (size_t h = 0; h < inks.size(); ++h) {
        if (s == g || s == h || g == h || inks[s].kind == InkKind::Embossing ||
            inks[g].kind == InkKind::Embossing)
          continue;
        PaletteChoice c;
        c.sky = static_cast<int>(s), c.ground = static_cast<int>(g), c.hero = static_cast<int>(h);
        c.heroContrast = std::min(ciede2000(pressed[h], washed[s]), ciede2000(pressed[h], washed[g]));
        c.groundContrast = ciede2000(washed[s], washed[g]);
        if (c.heroContrast <= c.groundContrast) continue;
        c.skyGround = harmonyOf(washed[s], washed[g]);
        c.heroSky = harmonyOf(pressed[h], washed[s]);
        c.heroGround = harmonyOf(pressed[h], washed[g]);
        // Sky and ground must be told apart; skies are lighter than grounds; a colourful hero is the one
        // colour.
        c.score = c.heroContrast + std::min(c.groundContrast, 12.0) + liking(c.skyGround) +
                  liking(c.heroSky) + liking(c.heroGround) + (washed[s].L >= washed[g].L ? 4 : -4) +
                  0.1 * lchOf(pressed[h]).C;
        // A wash that leaves hardly a trace, or is nearly black, is no sky.
        for (size_t w : {s, g})
          if (washed[w].L < 35 || ciede2000(washed[w], labOf(white)) < 4) c.score -= 15;
        all.push_back(c);
      }
  std::stable_sort(all.begin(), all.end(), [](const auto& p, const auto& q) { return p.score > q.score; });
  std::vector<PaletteChoice> out;
  for (int pass = 0; pass < 2; ++pass)
    for (const PaletteChoice& c : all) {
      if (out.size() >= most) return out;
      const bool same = std::any_of(out.begin(), out.end(), [&](const PaletteChoice& o) {
        return pass == 0 ? o.hero == c.hero || (o.sky == c.sky && o.ground == c.ground)
                         : o.hero == c.hero && o.sky == c.sky && o.ground == c.ground;
      });
      if (!same) out.push_back(c);
    }
  return out;
}

Result<Plan> withPalette(const Plan& plan, const std::vector<Ink>& inks, const PaletteChoice& choice) {
  Plan out = plan;
  const auto there = [&](int index) {
    const Ink& wanted = inks[ix(index)];
    for (const Ink& ink : out.inks)
      if (ink.id == wanted.id && ink.colour == wanted.colour) return ink.id;
    Ink added = wanted;
    for (int n = 2; out.ink(added.id); ++n) added.id = wanted.id + std::to_string(n);
    out.inks.push_back(added);
    return added.id;
  };
  const std::string sky = there(choice.sky), ground = there(choice.ground), hero = there(choice.hero);
  bool any = false;
  for (Impression& i : out.impressions)
    if (i.hero) i.ink = hero, i.generation = 1, any = true;
  if (!any) return Error{ErrorCode::BadInput, "choose the hero first: a palette is built around it", {}};
  for (Wash& w : out.washes) {
    const bool isSky = w.kind == WashKind::Sky || (w.kind == WashKind::Plain && w.from == WashFrom::Top);
    const bool isGround =
        w.kind == WashKind::Ground || (w.kind == WashKind::Plain && w.from == WashFrom::Bottom);
    if (isSky) w.ink = sky;
    if (isGround) w.ink = ground;
  }
  return out;
}

Result<Plan> oneColourAmongGreys(const Plan& plan) {
  const auto chroma = [](const Ink& ink) { return lchOf(labOf(ink.colour)).C; };
  std::vector<const Ink*> greys;
  const Ink* colour = nullptr;
  for (const Ink& ink : plan.inks) {
    if (ink.kind == InkKind::Embossing) continue;
    if (chroma(ink) < kGreyChroma) greys.push_back(&ink);
    if (!colour || chroma(ink) > chroma(*colour)) colour = &ink;
  }
  if (greys.empty()) return Error{ErrorCode::BadInput, "this plan has no grey or black ink", {}};
  if (!colour || chroma(*colour) < 2 * kGreyChroma)
    return Error{ErrorCode::BadInput, "this plan has no ink with a colour for the hero", {}};
  // The grey nearest in lightness that is not much darker: greys must not become louder than the colours
  // were.
  const auto nearest = [&](const Ink& to) {
    const auto light = [](const Ink& ink) { return labOf(ink.colour).L; };
    constexpr double kDarker = 10;
    const Ink* best = nullptr;
    for (const Ink* g : greys) {
      if (light(*g) < light(to) - kDarker) continue;
      if (!best || std::fabs(light(*g) - light(to)) < std::fabs(light(*best) - light(to))) best = g;
    }
    if (!best)
      best = *std::max_element(greys.begin(), greys.end(),
                               [&](auto* p, auto* q) { return light(*p) < light(*q); });
    return best->id;
  };
  Plan out = plan;
  bool any = false;
  for (Impression& i : out.impressions) {
    const Ink& ink = *plan.ink(i.ink);
    if (i.hero) {
      any = true;
      if (chroma(ink) < 2 * kGreyChroma) i.ink = colour->id, i.generation = 1;
    } else if (ink.kind != InkKind::Embossing) {
      i.ink = nearest(ink);
    }
  }
  if (!any)
    return Error{ErrorCode::BadInput, "choose the hero first: it is the one that keeps its colour", {}};
  for (Wash& w : out.washes) w.ink = nearest(*plan.ink(w.ink));
  return out;
}

std::vector<Paper> papersToTry(const Plan& plan) {
  std::vector<Paper> out;
  const auto paper = [&](const char* name, Colour colour) {
    Paper p = plan.card.paper;
    p.name = name, p.colour = colour;
    return p;
  };
  out.push_back(paper("white", {0xfd, 0xfc, 0xf7}));
  out.push_back(paper("toned", {0xd8, 0xca, 0xb0}));
  out.push_back(paper("dark", {0x2c, 0x35, 0x3b}));
  const bool own = std::none_of(out.begin(), out.end(), [&](const Paper& p) {
    return ciede2000(labOf(p.colour), labOf(plan.card.paper.colour)) < 3;
  });
  if (own) out.insert(out.begin(), plan.card.paper);
  return out;
}

double standsOffBy(const Canvas& card, Colour base) {
  const Grid& g = card.grid();
  const int rim = std::max(1, static_cast<int>(std::lround(3 * g.pxPerMmX())));
  double sum[3] = {}, count = 0;
  for (int y = 0; y < g.height; ++y)
    for (int x = 0; x < g.width; ++x) {
      if (x >= rim && x < g.width - rim && y >= rim && y < g.height - rim) continue;
      for (size_t k = 0; k < 3; ++k) sum[k] += static_cast<double>(card.at(x, y)[k]);
      ++count;
    }
  return count > 0 ? ciede2000(labOf(sum[0] / count, sum[1] / count, sum[2] / count), labOf(base)) : 0;
}

Result<std::vector<PaperTrial>> tryPapers(const Plan& plan, const std::vector<Paper>& papers,
                                          const ArtSource* art, const Progress& progress) {
  std::vector<PaperTrial> out;
  AnalysisRef before;
  auto kept = newTileStore();
  for (const Paper& paper : papers) {
    if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
    const Plan tried = withPaper(plan, paper);
    const AnalysisRef a = analyse(tried, before.get(), art);
    const PressInput in = a->press(tried, art);
    PressTiles tiles(in, lookGrid(plan.card.panel.box()), kept);
    PaperTrial t;
    t.paper = paper;
    t.card = intendedCard(in, tiles);
    t.looks = lookAt(tried, *a, t.card, tiles);
    const AnalysisRef read = withLooks(tried, a, t.looks);
    for (const Finding& f : read->findings) {
      if (f.kind == FindingKind::Sunk) ++t.sunk;
      if (f.kind == FindingKind::DyeOnDark) t.sunk += static_cast<int>(f.impressions.size());
      if (f.kind == FindingKind::GreetingIllegible) t.greetingLegible = false;
    }
    out.push_back(std::move(t));
    before = a;
    progress.at(static_cast<double>(out.size()) / static_cast<double>(papers.size()));
  }
  return out;
}

}  // namespace havlo
