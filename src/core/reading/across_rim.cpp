// Stamped across the rim of what is glued on: there must be something flat under it, and nothing before it.
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/pieces/heights.h"
#include "core/reading/about.h"

namespace havlo {
namespace {

constexpr double kLeastUnder_mm2 = 4;

/// What is glued on lies under a thing: by area, what is flat and what no stamp prints across.
struct Under {
  double flat_mm2 = 0, raised_mm2 = 0;
};

Under under(const Plan& plan, const Analysis& a, size_t thing) {
  Under out;
  const SweepEdges& own = a.meetings.placed[thing]->onPanel;
  for (const Glued& g : gluedOn(plan)) {
    const Rings lies =
        g.piece >= 0 ? onCard(plan.pieces[ix(g.piece)]) : a.meetings.placed[ix(g.impression)]->silhouette;
    (g.isFlat() ? out.flat_mm2 : out.raised_mm2) += sharedArea(own, SweepEdges(lies));
  }
  return out;
}

}  // namespace

void readAcrossRim(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    if (plan.impressions[i].school != School::Across) continue;
    const auto thing = static_cast<int>(i);
    Fix onPanel;
    onPanel.what = Fix::What::School, onPanel.impression = thing, onPanel.school = plan.school;
    const Under lies = under(plan, a, i);
    if (lies.flat_mm2 < kLeastUnder_mm2) {
      Finding f{FindingKind::AcrossRim, Level::Warn, {thing}, lies.raised_mm2, onPanel};
      f.other = lies.raised_mm2 < kLeastUnder_mm2 ? 0 : 1;
      out.push_back(std::move(f));
    }
    for (int k : a.meetings.of[i]) {
      const Meeting& m = a.meetings.list[ix(k)];
      if (m.back != thing || !m.overlaps() || isStampedApart(plan.impressions[ix(m.front)].school)) continue;
      Finding f{FindingKind::AcrossRim, Level::Fault, {thing, m.front}, m.area_mm2, onPanel};
      f.other = 2;
      out.push_back(std::move(f));
    }
  }
}

}  // namespace havlo
