// A card without a hero has nothing to be seen first; the thing that is seen first anyway is offered.
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readNoHero(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  // One or two things need no hero.
  constexpr size_t kFew = 3;
  int best = -1, count = 0;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const int i = static_cast<int>(k);
    if (plan.impressions[k].hero) return;
    const Role role = roleAt(a, i);
    if (!factsOf(role).stands()) continue;
    ++count;
    const auto rank = [&](int t) {
      const Role r = roleAt(a, t);
      const double alive = factsOf(r).alive;
      return alive + (a.looks ? a.looks->shares[ix(t)] : 0);
    };
    if (best < 0 || rank(i) > rank(best)) best = i;
  }
  if (best < 0 || plan.impressions.size() < kFew) return;
  Finding f{FindingKind::NoHero, Level::Note, {best}, static_cast<double>(count), {}};
  Fix fix;
  fix.what = Fix::What::MakeHero, fix.impression = best;
  f.fix = std::move(fix);
  out.push_back(std::move(f));
}

}  // namespace havlo
