// Printed straight over something darker, a transparent or pale ink does not show: dark goes over light.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readLightOverDark(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kSeen = 12, kMuch = 0.15;
  for (const Meeting& m : a.meetings.list) {
    const Impression &front = thingAt(plan, m.front), &back = thingAt(plan, m.back);
    if (!m.overlaps() || front.school != School::Overprint || !stampAt(a, m.back).solid) continue;
    const Placed& f = *a.meetings.placed[ix(m.front)];
    if (m.area_mm2 < kMuch * f.areaOnPanel_mm2) continue;
    const LinearRgb below = pressedOn(linearOf(plan.card.paper.colour), *plan.ink(back.ink), back.generation);
    const double d = ciede2000(labOf(pressedOn(below, *plan.ink(front.ink), front.generation)), labOf(below));
    if (d >= kSeen) continue;
    Fix fix;
    fix.what = Fix::What::School, fix.impression = m.front, fix.school = School::Mask;
    out.push_back({FindingKind::LightOverDark, Level::Warn, {m.front, m.back}, d, std::move(fix)});
  }
}

}  // namespace havlo
