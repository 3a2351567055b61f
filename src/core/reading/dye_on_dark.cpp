// Transparent ink vanishes on a dark paper: it can only darken.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readDyeOnDark(const Plan& plan, const Analysis&, std::vector<Finding>& out) {
  constexpr double kDark = 60;  // L* of the paper
  constexpr double kSeen = 14;  // CIEDE2000 between print and paper
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  const Lab ground = labOf(paper);
  if (ground.L >= kDark) return;
  Finding f{FindingKind::DyeOnDark, Level::Warn, {}, 0, {}};
  double worst = 1e9;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Impression& i = plan.impressions[k];
    const double d = ciede2000(labOf(pressedOn(paper, *plan.ink(i.ink), i.generation)), ground);
    if (d >= kSeen) continue;
    f.impressions.push_back(static_cast<int>(k));
    worst = std::min(worst, d);
  }
  if (f.impressions.empty()) return;
  f.value = worst;
  // The ink of the plan that shows best on this paper.
  const Ink* best = nullptr;
  double most = kSeen;
  for (const Ink& ink : plan.inks)
    if (const double d = ciede2000(labOf(pressedOn(paper, ink, 1)), ground); d > most) most = d, best = &ink;
  if (best) {
    Fix fix;
    fix.what = Fix::What::PressAll, fix.impression = f.impressions[0], fix.ink = best->id;
    for (int i : f.impressions) fix.feet.push_back({i, {}});
    f.fix = std::move(fix);
  }
  out.push_back(std::move(f));
}

}  // namespace havlo
