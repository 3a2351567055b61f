// White on white: a pale print that a blend is kept off stands on bare paper and is not seen; laid under a
// blend it takes the blend's colour.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readWhiteUnder(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kSeen = 8, kPale = 85, kCoversSome = 0.3;
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    const Ink& ink = *plan.ink(thing.ink);
    const LinearRgb print = pressedOn(paper, ink, thing.generation);
    if (isStampedApart(thing.school) || labOf(ink.colour).L < kPale || ink.opacity < kCoversSome ||
        ciede2000(labOf(print), labOf(paper)) >= kSeen)
      continue;
    for (size_t w = 0; w < plan.washes.size(); ++w) {
      const Wash& wash = plan.washes[w];
      if (!a.washes.of(static_cast<int>(w), static_cast<int>(i)).edge.any) continue;
      const bool nearer = a.stack.nearer(static_cast<int>(i), static_cast<int>(w));
      const bool lets = thing.school == School::Overprint || thing.school == School::Resist ||
                        std::find(wash.lets.begin(), wash.lets.end(), thing.id) != wash.lets.end();
      if (nearer && lets) continue;
      Finding f{FindingKind::WhiteUnder, Level::Warn, {static_cast<int>(i)}, 0, {}};
      // Kept clean it stands on paper, else both are under the blend.
      const Ink& over = *plan.ink(wash.ink);
      const InkFilm film(over.colour, over.opacity, wash.strength);
      const auto under = [&](LinearRgb c) {
        for (size_t k = 0; k < 3; ++k) c[k] = c[k] * film.multiply[k] + film.add[k];
        return labOf(c);
      };
      f.value = nearer ? ciede2000(labOf(print), labOf(paper)) : ciede2000(under(print), under(paper));
      f.wash = static_cast<int>(w);
      f.other = nearer ? 0 : 1;
      if (nearer) {
        f.fix = Fix{};
        f.fix->what = Fix::What::School, f.fix->impression = static_cast<int>(i),
        f.fix->school = School::Overprint;
      }
      out.push_back(std::move(f));
      break;
    }
  }
}

}  // namespace havlo
