// A wish about the making that cannot be met: what stands against it is told, everything else goes on without
// it.
#include "core/reading/about.h"

namespace havlo {

void readWishImpossible(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  for (const RefusedWish& r : a.actRules->refused()) {
    Finding f{FindingKind::WishImpossible, Level::Warn, {}, static_cast<double>(r.wish), {}};
    for (int act : r.against)
      if (ix(act) < plan.impressions.size()) f.impressions.push_back(act);
    f.fix = Fix{};
    f.fix->what = Fix::What::DropWish, f.fix->amount = static_cast<double>(r.wish);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
