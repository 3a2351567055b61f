// What pulls at the eye more than the hero, or nearly as much.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {
namespace {

/// Quieter: a generation paler while that changes much; else the ink of the plan that is nearer to the paper.
std::optional<Fix> quieter(const Plan& plan, int thing) {
  const Impression& i = thingAt(plan, thing);
  const Ink& ink = *plan.ink(i.ink);
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  const auto loud = [&](const Ink& of, int generation) {
    return ciede2000(labOf(pressedOn(paper, of, generation)), labOf(paper));
  };
  Fix fix;
  fix.what = Fix::What::Press, fix.impression = thing;
  const double now = loud(ink, i.generation);
  double best = 0.75 * now;  // what it must come below
  constexpr double kLeast = 8;
  for (int g = i.generation + 1; g <= std::min(i.generation + 2, 4); ++g)
    if (const double l = loud(ink, g); l < best && l >= kLeast) {
      fix.ink = ink.id, fix.generation = g;
      return fix;
    }
  const Ink* other = nullptr;
  for (const Ink& o : plan.inks)
    if (const double l = loud(o, 1); o.kind != InkKind::Embossing && l < best && l >= 2 * kLeast)
      best = l, other = &o;
  if (!other) return {};
  fix.ink = other->id, fix.generation = 1;
  return fix;
}

}  // namespace

void readRival(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks || a.looks->hero < 0) return;
  const Looks& l = *a.looks;
  constexpr size_t kMost = 3;
  // Several that are alike and ahead are quietened together.
  const auto alike = [&](const Rival& first) {
    Fix fix;
    fix.what = Fix::What::Quieter, fix.impression = first.thing;
    const Impression& one = thingAt(plan, first.thing);
    for (const Rival& r : l.rivals) {
      const Impression& other = thingAt(plan, r.thing);
      if (other.stamp == one.stamp && other.ink == one.ink && other.generation == one.generation)
        fix.feet.push_back({r.thing, {}});
    }
    return fix;
  };
  for (size_t k = 0; k < std::min(kMost, l.rivals.size()); ++k) {
    const Rival& r = l.rivals[k];
    const bool ahead = r.share > 1.05 * l.heroShare();
    Finding f{FindingKind::Rival, ahead ? Level::Warn : Level::Note, {r.thing}, r.share, {}};
    f.other = l.heroShare();
    f.fix = quieter(plan, r.thing);
    if (Fix together = alike(r);
        f.fix && f.fix->ink == thingAt(plan, r.thing).ink && together.feet.size() > 1)
      f.fix = std::move(together);
    out.push_back(std::move(f));
  }
  // A piece of paper has no ink that could be paler: which paper, or whether it is there at all, is the
  // maker's to say.
  for (size_t p = 0; p < std::min(l.byPiece.size(), plan.pieces.size()); ++p) {
    if (l.byPiece[p] <= 1.05 * l.heroShare()) continue;
    Finding f{FindingKind::Rival, Level::Warn, {l.hero}, l.byPiece[p], {}};
    f.other = l.heroShare(), f.piece = static_cast<int>(p);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
