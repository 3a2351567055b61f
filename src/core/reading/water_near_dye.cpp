// Ink that water moves, under something wet.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readWaterNearDye(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    const Wash& wash = plan.washes[w];
    const bool wet = factsOf(plan.ink(wash.ink)->kind).wet;
    for (const std::string& id : wash.lets) {
      const int i = plan.indexOf(id);
      if (i < 0 || !a.washes.meets[w][ix(i)].touches) continue;
      const Impression& thing = thingAt(plan, i);
      const Ink& ink = *plan.ink(thing.ink);
      // A blending tool is damp: that is enough for ink that is made to run.
      const bool runs = ink.kind == InkKind::WaterReactive || (wet && !factsOf(ink.kind).holdsUnderWater);
      if (!runs || thing.school == School::Resist || thing.school == School::PopUp) continue;
      Finding f{FindingKind::WaterNearDye, Level::Warn, {i}, ink.dryOnCard_s / 60, {}};
      f.wash = static_cast<int>(w);
      Fix fix;
      fix.impression = i, fix.other = static_cast<int>(w);
      fix.what = Fix::What::KeepClean;
      if (const Ink* other =
              nearestInk(plan, ink, 20, [](const Ink& o) { return factsOf(o.kind).holdsUnderWater; }))
        fix.what = Fix::What::Press, fix.ink = other->id, fix.generation = thing.generation;
      f.fix = std::move(fix);
      out.push_back(std::move(f));
    }
  }
}

}  // namespace havlo
