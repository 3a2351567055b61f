// Work that nobody will see: everything of it lies behind other things.
#include "core/analysis/analysis.h"

namespace havlo {
namespace {

constexpr double kShows = 0.02;

}  // namespace

void readWhollyHidden(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  const Meetings& meetings = analysis.meetings;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Placed& thing = *meetings.placed[i];
    if (thing.areaOnPanel_mm2 <= 0) continue;
    std::vector<const SweepEdges*> covers;
    std::vector<int> by;
    double most = 0;
    for (int k : meetings.of[i]) {
      const Meeting& m = meetings.list[static_cast<size_t>(k)];
      const bool overprinted = plan.impressions[static_cast<size_t>(m.front)].technique == Technique::Overprint;
      if (m.back != static_cast<int>(i) || overprinted || !m.overlaps()) continue;
      covers.push_back(&meetings.placed[static_cast<size_t>(m.front)]->onPanel);
      by.push_back(m.front);
      most += m.area_mm2;
    }
    if (most < (1 - kShows) * thing.areaOnPanel_mm2) continue;  // cannot be hidden, whatever the fronts share
    const double share = areaLeft(thing.onPanel, covers) / thing.areaOnPanel_mm2;
    if (share > kShows) continue;
    Finding f{FindingKind::WhollyHidden, Level::Warn, {static_cast<int>(i)}, share, {}};
    if (by.size() == 1) f.fix = Fix{Fix::What::PutInFront, static_cast<int>(i), by[0], {}};
    f.impressions.insert(f.impressions.end(), by.begin(), by.end());
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
