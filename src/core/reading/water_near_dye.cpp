// Ink that water moves, under something wet.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readWaterNearDye(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    const Wash& wash = plan.washes[w];
    for (int i : inkedBefore(plan, a, static_cast<int>(w))) {
      const Impression& thing = thingAt(plan, i);
      const Ink& ink = *plan.ink(thing.ink);
      const bool runs = isWet(wash.way) ? !holdsUnderWater(ink) : !holdsUnderBlending(ink);
      if (!runs || thing.school == School::Resist || isStampedApart(thing.school)) continue;
      Finding f{FindingKind::WaterNearDye, Level::Warn, {i}, ink.dryOnCard_s / 60, {}};
      f.wash = static_cast<int>(w);
      Fix fix;
      fix.impression = i, fix.other = static_cast<int>(w);
      fix.what = Fix::What::KeepClean;
      if (const Ink* other = nearestInk(plan, ink, 20, [](const Ink& o) { return holdsUnderWater(o); }))
        fix.what = Fix::What::Press, fix.ink = other->id, fix.generation = thing.generation;
      f.fix = std::move(fix);
      out.push_back(std::move(f));
    }
  }
}

}  // namespace havlo
