// What the drawer gives the scene.
#pragma once

#include <functional>
#include <string>
#include <utility>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

struct OwnedStamp {
  std::string key;
  StampRef stamp;
};

struct DrawerHelp {
  /// What the maker owns, by name, at most so many.
  std::function<std::vector<OwnedStamp>(size_t most)> owned;
  /// Other sizes of the same thing.
  std::function<std::vector<StampRef>(const Stamp&)> like;
  /// Key and name of what would stand right at this distance, best first.
  std::function<std::vector<std::pair<std::string, std::string>>(double distance_m)> fitting;
};

}  // namespace havlo
