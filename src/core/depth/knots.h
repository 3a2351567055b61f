// Contradictions in depth: rings of impressions each overlapping and in front of the next.
#pragma once

#include <vector>

#include "core/depth/meetings.h"

namespace havlo {

struct Knots {
  std::vector<std::vector<int>>
      rings;                ///< one ring per knot, each impression over the next, the last over the first
  std::vector<int> knotOf;  ///< impression -> its knot, or -1
  /// All impressions front to back; overlapping pairs are respected but for pairs within one knot.
  std::vector<int> frontToBack;
};

Knots findKnots(const Meetings& meetings, const DepthOrder& depth);

/// The stamping order, first stamped first. By school: masked, resist, left-out and wiped things go before
/// what is behind them, overprinted things after it, pop-ups last of all, back to front.
std::vector<int> stampingOrder(const Plan& plan, const Knots& knots);

}  // namespace havlo
