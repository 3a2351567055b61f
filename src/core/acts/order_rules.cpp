// Rules come from overlapping pairs only.
#include "core/acts/order_rules.h"

#include <algorithm>

#include "core/colour/colour.h"

namespace havlo {
namespace {

School how(const Plan& plan, int i) { return plan.impressions[ix(i)].school; }

/// Two films that let everything through: whichever is first, the card is the same.
bool commute(const Plan& plan, const Meeting& m) {
  const auto clear = [&](int i) { return plan.ink(plan.impressions[ix(i)].ink)->opacity <= kClearFilm; };
  return clear(m.front) && clear(m.back);
}

std::vector<int> placesOf(const std::vector<int>& order) {
  std::vector<int> place(order.size(), 0);
  for (size_t k = 0; k < order.size(); ++k) place[ix(order[k])] = static_cast<int>(k);
  return place;
}

}  // namespace

std::vector<OrderRule> orderRules(const Plan& plan, const Meetings& meetings, const Knots& knots,
                                  const std::vector<char>& bare) {
  const std::vector<int> place = placesOf(stampingOrder(plan, knots));
  std::vector<OrderRule> out;
  for (const Meeting& m : meetings.list) {
    if (!m.overlaps() || isStampedApart(how(plan, m.back))) continue;
    const int knot = knots.knotOf[ix(m.front)];
    const bool inKnot = knot >= 0 && knot == knots.knotOf[ix(m.back)];
    OrderRule rule{m.front, m.back, false};
    switch (how(plan, m.front)) {
      case School::Mask:
        // Too fine to be covered, or nothing to cover it from: then nothing is won by stamping it first.
        if (!m.edge.any || (!bare.empty() && bare[ix(m.front)])) continue;
        rule.ahead = inKnot && !m.contradictory;
        break;
      case School::Resist:
        if (!m.edge.any) continue;
        break;
      case School::Overprint:
        if (commute(plan, m)) continue;
        std::swap(rule.first, rule.then);
        break;
      default:
        continue;
    }
    if (place[ix(rule.first)] < place[ix(rule.then)]) out.push_back(rule);
  }
  return out;
}

std::vector<OrderRule> brokenRules(const std::vector<OrderRule>& rules, const std::vector<int>& order) {
  const std::vector<int> place = placesOf(order);
  std::vector<OrderRule> out;
  for (const OrderRule& r : rules)
    if (!r.ahead && place[ix(r.first)] > place[ix(r.then)]) out.push_back(r);
  return out;
}

std::vector<int> completed(const Plan& plan, const std::vector<int>& otherwise) {
  std::vector<char> seen(plan.impressions.size(), 0);
  std::vector<int> out, apart;
  for (const std::string& id : plan.making.order) {
    const int i = plan.indexOf(id);
    if (i < 0 || seen[ix(i)]++ || isStampedApart(how(plan, i))) continue;
    out.push_back(i);
  }
  // What is not named goes right after the last named thing that `otherwise` has before it.
  const std::vector<int> place = placesOf(otherwise);
  for (int i : otherwise) {
    if (isStampedApart(how(plan, i))) {
      apart.push_back(i);
    } else if (!seen[ix(i)]) {
      auto at = out.begin();
      for (auto it = out.begin(); it != out.end(); ++it)
        if (place[ix(*it)] < place[ix(i)]) at = it + 1;
      out.insert(at, i);
    }
  }
  out.insert(out.end(), apart.begin(), apart.end());
  return out;
}

}  // namespace havlo
