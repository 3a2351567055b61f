// Ink that dries slowly must not be covered before it is dry: whoever masks it waits.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readSlowInkUnderMask(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  std::vector<char> covered(plan.impressions.size(), 0);
  for (const NeedStep& s : a.needs.steps)
    for (int i : s.covered) covered[ix(i)] = 1;
  for (const Ink& ink : plan.inks) {
    if (ink.dryOnCard_s < kSlowInk_s) continue;
    Finding f{FindingKind::SlowInkUnderMask, Level::Note, {}, ink.dryOnCard_s / 60, {}};
    for (size_t k = 0; k < plan.impressions.size(); ++k)
      if (covered[k] && plan.impressions[k].ink == ink.id && plan.impressions[k].school == School::Mask)
        f.impressions.push_back(static_cast<int>(k));
    if (f.impressions.empty()) continue;
    if (const Ink* quick =
            nearestInk(plan, ink, 15, [](const Ink& o) { return o.dryOnCard_s < kSlowInk_s / 2; })) {
      Fix fix;
      fix.what = Fix::What::PressAll, fix.impression = f.impressions[0], fix.ink = quick->id;
      for (int i : f.impressions) fix.feet.push_back({i, {}});
      f.fix = std::move(fix);
    }
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
