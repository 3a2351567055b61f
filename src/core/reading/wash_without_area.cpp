// A wash of which nothing will be seen: it lies off the panel, reaches nowhere, or has no strength.
#include "core/reading/about.h"

namespace havlo {

void readWashWithoutArea(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kLeast_mm2 = 4;
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    const double area = plan.washes[w].strength <= 0 ? 0 : a.washes.area_mm2[w];
    if (area >= kLeast_mm2) continue;
    Finding f{FindingKind::WashWithoutArea, Level::Warn, {}, area, {}};
    f.wash = static_cast<int>(w);
    Fix fix;
    fix.impression = -1, fix.other = static_cast<int>(w);
    fix.what = Fix::What::DropWash;
    if (plan.washes[w].reach <= 0) fix.what = Fix::What::WashReach, fix.amount = 0.75;
    if (plan.washes[w].strength <= 0) fix.what = Fix::What::WashStrength, fix.amount = 0.5;
    f.fix = std::move(fix);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
