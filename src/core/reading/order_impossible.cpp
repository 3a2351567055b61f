// Over a blend, yet stamped before it: what has its ink over a wash cannot also be covered while things are
// stamped that the wash lies over. The ring is told; printed over all of it, the thing is free of it.
#include "core/reading/about.h"

namespace havlo {

void readOrderImpossible(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  const auto n = static_cast<int>(plan.impressions.size());
  for (const auto& [r, against] : a.actRules->impossible()) {
    // A print that is kept clean can do with paper laid where it will be.
    if (r.why != ActRule::Why::OverIt || (r.first < n) == (r.then < n)) continue;
    const int thing = std::min(r.first, r.then), wash = std::max(r.first, r.then) - n;
    Finding f{FindingKind::OrderImpossible, Level::Warn, {thing}, 1, {}};
    f.wash = wash;
    for (int act : against)
      if (act < n && act != thing) f.impressions.push_back(act);  // what stands in between
    if (r.then == thing && thingAt(plan, thing).school != School::Overprint) {
      f.fix = Fix{};
      f.fix->what = Fix::What::School, f.fix->impression = thing, f.fix->school = School::Overprint;
    }
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
