// Stamped on what is raised: over paste and pressed relief a stamp prints in patches.
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/reading/about.h"

namespace havlo {

void readUnevenGround(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kLeast_mm2 = 4;
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    const Wash& wash = plan.washes[w];
    if (!isRaised(wash.way)) continue;
    const Rings& raised = a.washes.reached[w];
    if (raised.empty()) continue;
    const SweepEdges edges(raised);
    for (size_t i = 0; i < plan.impressions.size(); ++i) {
      const auto thing = static_cast<int>(i);
      // A thing on paper of its own lies over it; one that the blend is kept off does not touch it.
      if (plan.impressions[i].school == School::PopUp || !a.stack.nearer(thing, static_cast<int>(w)))
        continue;
      const bool over =
          std::find(wash.lets.begin(), wash.lets.end(), plan.impressions[i].id) != wash.lets.end() ||
          printsOver(plan.impressions[i].school);
      const double shared = over ? sharedArea(SweepEdges(a.meetings.placed[i]->silhouette), edges) : 0;
      if (shared < kLeast_mm2) continue;
      Finding f{FindingKind::UnevenGround, Level::Warn, {thing}, shared, {}};
      f.wash = static_cast<int>(w);
      f.other = wash.way == WashWay::Relief ? 1 : 0;
      out.push_back(std::move(f));
    }
  }
}

}  // namespace havlo
