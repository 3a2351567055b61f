// A crowd: many things in rows, each at a foot where its printed size is right, none like its neighbour.
#pragma once

#include <cstdint>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

inline constexpr int kMostInCrowd = 200, kMostCrowdRows = 8;

struct CrowdWish {
  std::vector<StampRef> stamps;  ///< at least one; all with a real height
  int count = 12;                ///< 1 to kMostInCrowd
  int rows = 3;                  ///< 1 to kMostCrowdRows
  uint64_t seed = 1;             ///< the same seed gives the same crowd
};

struct CrowdPlace {
  int stamp = 0;     ///< index in CrowdWish::stamps
  int row = 0;       ///< 0 nearest
  Point at;          ///< foot
  double ratio = 1;  ///< printed over expected height
  bool fits = true;  ///< within the range of its real height
};

struct CrowdPlan {
  std::vector<CrowdPlace> places;  ///< by row, in each from left to right
  std::vector<double> lines_mm;    ///< ground lines of the rows, near to far
  int alike = 0;                   ///< pairs of neighbours that are the same stamp, as no other was to be had
  int unfit = 0;                   ///< places where no stamp has its right size
};

/// Are two places of a crowd neighbours: side by side in a row, or one over the other in the next row?
bool areNeighbours(const CrowdWish& wish, const CrowdPlan& crowd, int first, int second);

/// Rows lie where the stamps have their right size, as far apart as that allows; the rows behind stand in the
/// gaps of those before them.
/// @error  BadInput without stamps or real heights, with no ground below the horizon
Result<CrowdPlan> planCrowd(const View& view, const PanelSize& panel, const CrowdWish& wish);

}  // namespace havlo
