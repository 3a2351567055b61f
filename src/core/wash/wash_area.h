// Where a wash lies and how its strength falls off (settled readings of the plan format).
#pragma once

#include <vector>

#include "core/wash/limit_shape.h"

namespace havlo {

/// Share of a wash's full strength at a point of its area: 1 where it starts, 0 from `reach` of the area's
/// box on; from a limit, `reach` of what lies between the limit and the far side of the box. Paste and
/// pressed relief are the same all over.
class WashFalloff {
 public:
  WashFalloff(const Plan& plan, const Wash& wash);
  double shareAt(Point p) const;
  /// Does every point of one height have the same share?
  bool sameAlongRows() const {
    return m_even || m_from == WashFrom::Top || m_from == WashFrom::Bottom || m_from == WashFrom::Middle;
  }
  /// How much the share changes over a millimetre at most, where finding it takes long: from the border of a
  /// stencil. 0: that is not known.
  double steepest_perMm() const {
    const bool far =
        !m_even && m_from == WashFrom::Limit && m_limit && m_limit->limit().kind == LimitKind::Stencil;
    return far ? 1 / (m_span_mm * m_reach) : 0;
  }

 private:
  Box m_box;
  WashFrom m_from;
  double m_reach;
  bool m_even;
  std::optional<LimitDistance> m_limit;
  double m_span_mm = 1;
};

/// The part of the finished panel that gets any of its ink: its area and what its softness adds, as far as it
/// reaches, on the right side of every limit.
Rings reachedArea(const Plan& plan, const Wash& wash);

/// What is left of a blend's strength so far outside its area: a smooth step from 1 to 0 over its softness.
double softShare(double outside_mm, double softness_mm);

/// From a limit: how far in mm its area lies from it, the length that `reach` is a share of.
double spanOf(const Wash& wash, const WashLimit& limit, double panelWidth_mm);

/// Indices of the plan's washes, lightest ink first (CIE L*), equal ones in the plan's order.
std::vector<int> washOrder(const Plan& plan);

}  // namespace havlo
