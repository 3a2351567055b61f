#include "core/marks/stack.h"

#include <algorithm>

#include "core/plan/role_facts.h"
#include "core/plan/wash_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

/// How many impressions of the line, from the back, lie behind the wash.
int impressionsBehind(const Plan& plan, const DepthOrder& depth, const std::vector<int>& backToFront,
                      const WashDepth& where) {
  const auto count = static_cast<int>(backToFront.size());
  if (const auto* layer = std::get_if<WashLayer>(&where)) {
    if (*layer == WashLayer::Far) return 0;
    if (*layer == WashLayer::Near) return count;
    // Behind whatever stands: before the pieces of sky and land that lie farther than all of it.
    for (int k = 0; k < count; ++k)
      if (!factsOf(plan.stamp(plan.impressions[ix(backToFront[ix(k)])].stamp)->role).backdrop) return k;
    return count;
  }
  if (const auto* at = std::get_if<AtMetres>(&where)) {
    int behind = 0;
    for (int k = 0; k < count; ++k)
      if (depth.distance_m(backToFront[ix(k)]) > at->metres) behind = k + 1;
    return behind;
  }
  const auto& by = std::get<BesideThing>(where);
  const int thing = plan.indexOf(by.id);
  for (int k = 0; k < count; ++k)
    if (backToFront[ix(k)] == thing) return by.behind ? k : k + 1;
  return 0;
}

}  // namespace

WashDepth depthOf(const Plan& plan, const Wash& wash) {
  if (!std::holds_alternative<UsualDepth>(wash.depth)) return wash.depth;
  switch (factsOf(wash.kind).stands) {
    case WashFacts::Stands::Far:
      return WashLayer::Far;
    case WashFacts::Stands::Ground:
      return WashLayer::Ground;
    case WashFacts::Stands::Near:
      return WashLayer::Near;
    case WashFacts::Stands::AtItsFoot: {
      if (!plan.view) return WashLayer::Ground;
      const double foot = boxOf(wash.area).bottom;
      if (!(foot < plan.view->horizon_mm)) return WashLayer::Far;
      return AtMetres{groundDistance(*plan.view, Millimetres{foot}).value};
    }
    case WashFacts::Stands::BehindWhatItHolds:
      for (const WashBound& b : wash.limits)
        if (const WashLimit* limit = plan.limit(b.id); limit && !limit->holds.empty())
          return BesideThing{limit->holds.front(), true};
      return WashLayer::Far;
  }
  return WashLayer::Far;
}

Stack::Stack(const Plan& plan, const DepthOrder& depth, const std::vector<int>& frontToBack)
    : m_place(plan.impressions.size(), 0),
      m_washPlace(plan.washes.size(), 0),
      m_behind(plan.washes.size(), 0) {
  std::vector<int> line(frontToBack.rbegin(), frontToBack.rend());
  std::vector<std::vector<int>> washesAt(line.size() + 1);
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    m_behind[w] = impressionsBehind(plan, depth, line, depthOf(plan, plan.washes[w]));
    washesAt[ix(m_behind[w])].push_back(static_cast<int>(w));
  }
  for (size_t k = 0; k <= line.size(); ++k) {
    for (int w : washesAt[k]) {
      m_washPlace[ix(w)] = static_cast<int>(m_marks.size());
      m_marks.push_back({true, w});
    }
    if (k == line.size()) break;
    m_place[ix(line[k])] = static_cast<int>(m_marks.size());
    m_marks.push_back({false, line[k]});
  }
}

}  // namespace havlo
