// A change that a finding proposes, small enough to be offered as one button.
#pragma once

#include <string>
#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// A change of the plan that mends a finding. Apply it with `applied` in edit/edits.h.
struct Fix {
  enum class What {
    MoveFoot,
    PutInFront,
    DropInFront,
    MoveFeet,      ///< several at once: `feet`
    Press,         ///< with `ink` at `generation`
    LightAsScene,  ///< forgets from where the thing was shaded by hand
    EndMark,       ///< the last point of the ground mark number `other` goes to `to`
    DropMark       ///< the ground mark number `other` is taken away
  };
  What what = What::MoveFoot;
  int impression = 0;
  int other = -1;  ///< the thing it is put in front of, or no longer said to be in front of
  Point to;        ///< the new foot, panel coordinates
  struct Foot {
    int impression = 0;
    Point to;
    bool operator==(const Foot&) const = default;
  };
  std::vector<Foot> feet{};
  std::string ink{};
  int generation = 1;
  bool operator==(const Fix&) const = default;
};

}  // namespace havlo
