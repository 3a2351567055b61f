// A change that a finding proposes, small enough to be offered as one button.
#pragma once

#include "core/outline/shape.h"

namespace havlo {

/// A change of the plan that mends a finding. Apply it with `applied` in edit/edits.h.
struct Fix {
  enum class What { MoveFoot, PutInFront, DropInFront };
  What what = What::MoveFoot;
  int impression = 0;
  int other = -1;  ///< the thing it is put in front of, or no longer said to be in front of
  Point to;        ///< the new foot, panel coordinates
  bool operator==(const Fix&) const = default;
};

}  // namespace havlo
