// Alcohol markers dissolve inks that do not hold under them.
#include "core/ink/ink_facts.h"
#include "core/reading/about.h"

namespace havlo {
namespace {

Finding bleeding(const Plan& plan, int thing, int wash, int over) {
  Finding f{FindingKind::MarkerOverBleeding, Level::Warn, {thing}, 1, {}};
  if (over >= 0) f.impressions.push_back(over);
  f.wash = wash;
  const Impression& i = thingAt(plan, thing);
  Fix fix;
  fix.impression = thing;
  if (const Ink* other =
          nearestInk(plan, *plan.ink(i.ink), 20, [](const Ink& o) { return holdsUnderMarker(o); })) {
    fix.what = Fix::What::Press, fix.ink = other->id, fix.generation = i.generation;
    f.fix = std::move(fix);
  } else if (wash >= 0) {
    fix.what = Fix::What::KeepClean, fix.other = wash;
    f.fix = std::move(fix);
  } else if (over >= 0) {
    fix.what = Fix::What::School, fix.impression = over, fix.school = School::Mask;
    f.fix = std::move(fix);
  }
  return f;
}

}  // namespace

void readMarkerOverBleeding(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  const auto inkOf = [&](int i) -> const Ink& { return *plan.ink(thingAt(plan, i).ink); };
  const auto bleeds = [&](int i) {
    const School how = thingAt(plan, i).school;
    return how != School::Resist && !isStampedApart(how) && !holdsUnderMarker(inkOf(i)) &&
           inkOf(i).kind != InkKind::Marker;
  };
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    if (!isAlcohol(*plan.ink(plan.washes[w].ink), plan.washes[w].way)) continue;
    for (int i : inkedBefore(plan, a, static_cast<int>(w)))
      if (bleeds(i)) out.push_back(bleeding(plan, i, static_cast<int>(w), -1));
  }
  for (const Meeting& m : a.meetings.list)
    if (m.overlaps() && printsOver(thingAt(plan, m.front).school) && factsOf(inkOf(m.front).kind).alcohol &&
        bleeds(m.back))
      out.push_back(bleeding(plan, m.back, -1, m.front));
}

}  // namespace havlo
