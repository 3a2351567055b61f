// Something done by hand refers to what is not there any more: a part, a thing, an ink. It is kept and not
// done.
#include "core/reading/about.h"

namespace havlo {

void readHandworkGone(const Plan&, const Analysis& a, std::vector<Finding>& out) {
  const auto& all = a.hand->all();
  for (size_t h = 0; h < all.size(); ++h) {
    if (all[h].gone.empty()) continue;
    Finding f{FindingKind::HandworkGone, Level::Warn, {}, static_cast<double>(h), {}};
    if (all[h].act.on >= 0) f.impressions.push_back(all[h].act.on);
    f.fix = Fix{};
    f.fix->what = Fix::What::DropHandwork, f.fix->other = static_cast<int>(h);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
