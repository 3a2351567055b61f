// Many faults of one kind on one card are a way of working: the maker is asked once, and judged by her
// answer.
#include <algorithm>
#include <array>
#include <set>

#include "core/analysis/analysis.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr size_t kFew = 2, kMany = 4;  // findings that one answer would end
constexpr double kShare = 0.5;         // of the things that stand, which they are about

struct StyleRules {
  Style style;
  std::array<FindingKind, 10> kinds;  // filled up with the last one
};
using K = FindingKind;
constexpr std::array<StyleRules, 3> kStyles{{
    {Style::AllOver,
     {K::Floating, K::Crowded, K::Clones, K::KissingEdges, K::Merging, K::Unbalanced, K::LookingOut,
      K::OutOfScale, K::NoGround, K::Spacing}},
    {Style::Layers,
     {K::KissingEdges, K::Merging, K::Clones, K::Crowded, K::BranchFromNowhere, K::HorizonMeetsHead,
      K::HorizonMeetsHead, K::HorizonMeetsHead, K::HorizonMeetsHead, K::HorizonMeetsHead}},
    {Style::ByEye,
     {K::OutOfScale, K::Spacing, K::Tone, K::DrawnBehind, K::HorizonMeetsHead, K::HorizonMeetsHead,
      K::HorizonMeetsHead, K::HorizonMeetsHead, K::HorizonMeetsHead, K::HorizonMeetsHead}},
}};

Fix answer(Style style, int yes) {
  Fix fix;
  fix.what = Fix::What::SayStyle, fix.impression = -1, fix.style = style, fix.amount = yes;
  return fix;
}

/// A pattern has things everywhere: many, at least half of those that stand with their foot above the ground.
bool everywhere(const Plan& plan, const Analysis& a) {
  constexpr int kPattern = 8;
  int stand = 0, up = 0;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Stamp& stamp = *a.meetings.placed[i]->outline->stamp;
    if (!factsOf(stamp.role).stands()) continue;
    ++stand;
    up += !plan.view || plan.impressions[i].at.y >= plan.view->horizon_mm;
  }
  return stand >= kPattern && 2 * up >= stand;
}

}  // namespace

void readAsksStyle(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  size_t stand = 0;
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    stand += factsOf(analysis.meetings.placed[i]->outline->stamp->role).stands();
  for (const StyleRules& rules : kStyles) {
    const auto its = [&](const Finding& f) {
      return std::find(rules.kinds.begin(), rules.kinds.end(), f.kind) != rules.kinds.end() &&
             (!f.style || *f.style == rules.style);
    };
    const std::optional<bool>& said = answerOf(plan.styles, rules.style);
    Finding asks{FindingKind::AsksStyle, Level::Warn, {}, 0, {}};
    asks.style = rules.style;
    if (said && *said) {
      std::erase_if(out, its);
      asks.level = Level::Note, asks.known = true, asks.fix = answer(rules.style, -1);
      out.push_back(std::move(asks));
      continue;
    }
    if (said || (rules.style == Style::AllOver && !everywhere(plan, analysis))) continue;
    size_t findings = 0;
    std::set<int> about;
    for (const Finding& f : out)
      if (its(f)) ++findings, about.insert(f.impressions.begin(), f.impressions.end());
    // A pattern shows in how it is laid out; the others only in what is found.
    const bool pattern = rules.style == Style::AllOver;
    if (findings < (pattern ? kFew : kMany)) continue;
    if (!pattern && static_cast<double>(about.size()) < kShare * static_cast<double>(stand)) continue;
    for (Finding& f : out)
      if (its(f)) f.level = Level::Note, f.style = rules.style;
    asks.value = static_cast<double>(findings);
    asks.fix = answer(rules.style, 1), asks.instead = answer(rules.style, 0);
    out.push_back(std::move(asks));
  }
}

}  // namespace havlo
