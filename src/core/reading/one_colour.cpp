// Everything alike: nothing stands out from anything.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readOneColour(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks || plan.impressions.empty()) return;
  constexpr double kFlat = 12;  // CIEDE2000: nothing on the card differs more from its surroundings
  double most = 0;
  bool any = false;
  int first = -1;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Standout& s = a.looks->standouts[k];
    if (!s.shows) continue;
    any = true;
    most = std::max(most, s.difference);
    if (first < 0 || plan.impressions[k].hero) first = static_cast<int>(k);
  }
  if (!any || most >= kFlat) return;
  Finding f{FindingKind::OneColour, Level::Warn, {first}, most, {}};
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  const Ink* best = nullptr;
  double strongest = 2 * kFlat;
  for (const Ink& ink : plan.inks)
    if (const double d = ciede2000(labOf(pressedOn(paper, ink, 1)), labOf(paper)); d > strongest)
      strongest = d, best = &ink;
  if (best) {
    Fix fix;
    fix.what = Fix::What::Press, fix.impression = first, fix.ink = best->id, fix.generation = 1;
    f.fix = std::move(fix);
  }
  out.push_back(std::move(f));
}

}  // namespace havlo
