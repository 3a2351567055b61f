// Rules come from overlapping pairs only.
#include "core/runsheet/order_rules.h"

#include <algorithm>

namespace havlo {
namespace {

Technique how(const Plan& plan, int i) { return plan.impressions[static_cast<size_t>(i)].technique; }

std::vector<int> placesOf(const std::vector<int>& order) {
  std::vector<int> place(order.size(), 0);
  for (size_t k = 0; k < order.size(); ++k) place[static_cast<size_t>(order[k])] = static_cast<int>(k);
  return place;
}

}  // namespace

std::vector<OrderRule> orderRules(const Plan& plan, const Meetings& meetings, const Knots& knots) {
  const std::vector<int> place = placesOf(stampingOrder(plan, knots));
  std::vector<OrderRule> out;
  for (const Meeting& m : meetings.list) {
    if (!m.overlaps() || how(plan, m.back) == Technique::PopUp) continue;
    const int knot = knots.knotOf[static_cast<size_t>(m.front)];
    const bool inKnot = knot >= 0 && knot == knots.knotOf[static_cast<size_t>(m.back)];
    OrderRule rule{m.front, m.back, false};
    switch (how(plan, m.front)) {
      case Technique::Mask:
        rule.ahead = inKnot && !m.contradictory;
        break;
      case Technique::Resist:
        break;
      case Technique::Overprint:
        std::swap(rule.first, rule.then);
        break;
      default:
        continue;
    }
    if (place[static_cast<size_t>(rule.first)] < place[static_cast<size_t>(rule.then)]) out.push_back(rule);
  }
  return out;
}

std::vector<OrderRule> brokenRules(const std::vector<OrderRule>& rules, const std::vector<int>& order) {
  const std::vector<int> place = placesOf(order);
  std::vector<OrderRule> out;
  for (const OrderRule& r : rules)
    if (!r.ahead && place[static_cast<size_t>(r.first)] > place[static_cast<size_t>(r.then)])
      out.push_back(r);
  return out;
}

std::vector<int> completed(const Plan& plan, const std::vector<int>& otherwise) {
  std::vector<char> seen(plan.impressions.size(), 0);
  std::vector<int> out, popUps;
  for (const std::string& id : plan.making.order) {
    const int i = plan.indexOf(id);
    if (i < 0 || seen[static_cast<size_t>(i)]++ || how(plan, i) == Technique::PopUp) continue;
    out.push_back(i);
  }
  // What is not named goes right after the last named thing that `otherwise` has before it.
  const std::vector<int> place = placesOf(otherwise);
  for (int i : otherwise) {
    if (how(plan, i) == Technique::PopUp) {
      popUps.push_back(i);
    } else if (!seen[static_cast<size_t>(i)]) {
      auto at = out.begin();
      for (auto it = out.begin(); it != out.end(); ++it)
        if (place[static_cast<size_t>(*it)] < place[static_cast<size_t>(i)]) at = it + 1;
      out.insert(at, i);
    }
  }
  out.insert(out.end(), popUps.begin(), popUps.end());
  return out;
}

}  // namespace havlo
