// Where a wash lies and how its strength falls off (settled readings of the plan format).
#pragma once

#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// Share of a wash's full strength at a point of its area: 1 where it starts, 0 from `reach` of the area's
/// box on.
class WashFalloff {
 public:
  explicit WashFalloff(const Wash& wash);
  double shareAt(Point p) const;
  /// Does every point of one height have the same share?
  bool sameAlongRows() const { return m_from == WashFrom::Top || m_from == WashFrom::Bottom; }

 private:
  Box m_box;
  WashFrom m_from;
  double m_reach;
};

/// The part of the wash's area, on the finished panel, that gets any ink.
Rings reachedArea(const Wash& wash, const Box& panel);

/// Indices of the plan's washes, lightest ink first (CIE L*), equal ones in the plan's order.
std::vector<int> washOrder(const Plan& plan);

}  // namespace havlo
