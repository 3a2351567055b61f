// Colour up to an outline that is open: nothing tells the hand where to stop.
#include "core/reading/about.h"

namespace havlo {

void readRegionOpen(const Plan&, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kOpen_mm = 5;  // common practice, no source
  const auto& all = a.hand->all();
  std::vector<int> told;
  for (size_t h = 0; h < all.size(); ++h) {
    const HandWork& work = all[h];
    if (!work.does() || work.open_mm < kOpen_mm || work.act.on < 0) continue;
    const bool again = std::find(told.begin(), told.end(), work.act.on) != told.end();
    if (!again) out.push_back({FindingKind::RegionOpen, Level::Note, {work.act.on}, work.open_mm, {}});
    told.push_back(work.act.on);
  }
}

}  // namespace havlo
