// Letters that lean by a few degrees look like a slip; upright ones and those turned by a quarter do not.
#include <cmath>

#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readGreetingOffLevel(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kLevel_deg = 0.2;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    if (!factsOf(roleAt(a, static_cast<int>(k))).words) continue;
    const double turn = plan.impressions[k].turn_deg, off = std::remainder(turn, 90.0);
    if (std::fabs(off) <= kLevel_deg) continue;
    Finding f{FindingKind::GreetingOffLevel, Level::Warn, {static_cast<int>(k)}, off, {}};
    Fix fix;
    fix.what = Fix::What::Turn, fix.impression = static_cast<int>(k), fix.amount = turn - off;
    f.fix = std::move(fix);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
