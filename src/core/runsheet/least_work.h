// What no order of stamping can save: a lower bound for the time of a run sheet.
#pragma once

#include "core/runsheet/run_sheet.h"

namespace havlo {

/// Minutes that every valid order of this plan takes at least; the order of the input does not matter.
double leastMinutes(const RunSheetInput& in);

/// One pressing or wash of the chains that drying makes.
struct ChainNode {
  double work_min = 0;
};
/// `after` cannot begin before `before` is done and `gap_min` more have passed.
struct ChainLink {
  int before = 0, after = 0;
  double gap_min = 0;
};
/// The pressings (by impression) and, as the last node, all washes, with what must wait for what.
struct Chains {
  std::vector<ChainNode> nodes;
  std::vector<ChainLink> links;
};
Chains chainsOf(const RunSheetInput& in);

/// Length in minutes of the longest chain. @param chains  without circles
double criticalPath(const Chains& chains);

}  // namespace havlo
