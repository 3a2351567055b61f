// Only one thing can be seen first.
#include "core/plan/figures.h"
#include "core/reading/about.h"

namespace havlo {

void readSeveralHeroes(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  std::vector<int> heroes;
  const std::vector<int> leads = figureLeads(plan);
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (plan.impressions[i].hero && leads[i] == static_cast<int>(i)) heroes.push_back(static_cast<int>(i));
  if (heroes.size() < 2) return;
  // The one that pulls most keeps the part.
  if (a.looks)
    std::stable_sort(heroes.begin(), heroes.end(),
                     [&](int p, int q) { return a.looks->shares[ix(p)] > a.looks->shares[ix(q)]; });
  Fix fix;
  fix.what = Fix::What::MakeHero, fix.impression = heroes[0];
  const auto count = static_cast<double>(heroes.size());
  out.push_back({FindingKind::SeveralHeroes, Level::Warn, std::move(heroes), count, std::move(fix)});
}

}  // namespace havlo
