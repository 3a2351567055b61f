// Rows that recede: equal real spacing from a near foot toward a far one, each place taken by the size of the
// stamp that is least wrong there, since stamps cannot shrink.
#pragma once

#include <vector>

#include "core/base/result.h"
#include "core/viewpoint/projection.h"

namespace havlo {

struct RowWish {
  std::vector<StampRef> sizes;  ///< printed sizes of one thing, at least one; all with a real height
  Point from, to;               ///< feet of the first and the last; `to` may lie on the horizon
  int count = 5;                ///< things in the row, at most 60
  double spacing_m = 0;         ///< used when `to` lies at the horizon; 0: half the first one's distance
  /// The feet are moved along the line, so that what is too tall and what is too short are equally wrong.
  bool balanced = false;
};

struct RowPlace {
  int size = 0;  ///< index in RowWish::sizes
  Point at;      ///< foot
  double away_m = 0;
  double ratio = 1;  ///< printed over expected height
  bool fits = true;  ///< within the range of its real height
  bool seen = true;  ///< some of it lies on the panel
};

struct RowPlan {
  std::vector<RowPlace> places;  ///< near to far
  double spacing_m = 0;
  double worst = 1;  ///< largest of ratio and 1/ratio
};

/// @error  BadInput without sizes or real heights, with feet at one place, with no foot below the horizon
Result<RowPlan> planRow(const View& view, const PanelSize& panel, const RowWish& wish);

}  // namespace havlo
