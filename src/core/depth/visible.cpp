// Only things whose fronts share almost all of them with them need the exact sweep.
#include "core/depth/visible.h"

#include <unordered_map>

namespace havlo {
namespace {

double measuredShare(const Visible& v) {
  std::vector<const SweepEdges*> covers;
  for (const PlacedRef& p : v.fronts) covers.push_back(&p->onPanel);
  const double whole = v.thing->areaOnPanel_mm2;
  return areaLeft(v.thing->onPanel, covers, kHiddenShare * whole) / whole;
}

}  // namespace

std::vector<Visible> findVisible(const Plan& plan, const Meetings& meetings,
                                 const std::vector<Visible>* before) {
  std::unordered_map<const Placed*, const Visible*> known;
  if (before)
    for (const Visible& v : *before) known.emplace(v.thing.get(), &v);
  std::vector<Visible> out(plan.impressions.size());
  for (size_t i = 0; i < out.size(); ++i) {
    Visible& v = out[i];
    v.thing = meetings.placed[i];
    double most = 0;
    for (int k : meetings.of[i]) {
      const Meeting& m = meetings.list[static_cast<size_t>(k)];
      const bool overprinted =
          plan.impressions[static_cast<size_t>(m.front)].technique == Technique::Overprint;
      if (m.back != static_cast<int>(i) || overprinted || !m.overlaps()) continue;
      v.behind.push_back(m.front);
      v.fronts.push_back(meetings.placed[static_cast<size_t>(m.front)]);
      most += m.area_mm2;
    }
    if (v.thing->areaOnPanel_mm2 <= 0 || most < (1 - kHiddenShare) * v.thing->areaOnPanel_mm2) continue;
    const auto it = known.find(v.thing.get());
    v.share = it != known.end() && it->second->fronts == v.fronts ? it->second->share : measuredShare(v);
  }
  return out;
}

}  // namespace havlo
