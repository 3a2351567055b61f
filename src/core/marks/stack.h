// What is wanted: the marks of the panel over one another, back to front. What is done when is another matter
// (acts/).
#pragma once

#include <vector>

#include "core/depth/depth_order.h"
#include "core/plan/plan.h"

namespace havlo {

/// One mark of the stack.
struct StackMark {
  bool wash = false;
  int index = 0;  ///< of the impression or the wash
  bool operator==(const StackMark&) const = default;
};

/// Impressions by depth, and each wash where it says or its kind usually lies: a sky, rays and plain colour
/// behind everything; ground and water behind whatever stands; mist at the distance of the ground at its
/// lower border; a glow just behind what its frame holds, else behind everything; dark edges before
/// everything. Among equals the plan's list.
class Stack {
 public:
  Stack() = default;
  /// @param frontToBack  every impression once, with what the plan says of pairs
  Stack(const Plan& plan, const DepthOrder& depth, const std::vector<int>& frontToBack);

  const std::vector<StackMark>& backToFront() const { return m_marks; }
  /// Does the impression lie before the wash?
  bool nearer(int impression, int wash) const { return m_place[ix(impression)] > m_washPlace[ix(wash)]; }
  /// Does the first wash lie under the second?
  bool under(int wash, int other) const { return m_washPlace[ix(wash)] < m_washPlace[ix(other)]; }
  /// Impressions behind a wash, as many of the line from the back.
  int behind(int wash) const { return m_behind[ix(wash)]; }

 private:
  std::vector<StackMark> m_marks;
  std::vector<int> m_place, m_washPlace, m_behind;
};

/// What a wash's depth comes to, spelt out: never UsualDepth.
WashDepth depthOf(const Plan& plan, const Wash& wash);

}  // namespace havlo
