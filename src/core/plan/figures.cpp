#include "core/plan/figures.h"

#include <map>

namespace havlo {

std::vector<int> figureLeads(const Plan& plan) {
  std::map<std::string, int> lead;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& one = plan.impressions[i];
    if (one.figure.empty()) continue;
    const auto [at, first] = lead.emplace(one.figure, static_cast<int>(i));
    if (!first && one.hero && !plan.impressions[ix(at->second)].hero) at->second = static_cast<int>(i);
  }
  std::vector<int> out;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const std::string& figure = plan.impressions[i].figure;
    out.push_back(figure.empty() ? static_cast<int>(i) : lead.at(figure));
  }
  return out;
}

std::vector<int> figureOf(const Plan& plan, int thing) {
  std::vector<int> out;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (static_cast<int>(i) == thing || sameFigure(plan, thing, static_cast<int>(i)))
      out.push_back(static_cast<int>(i));
  return out;
}

}  // namespace havlo
