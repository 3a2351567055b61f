// What a finished card leaves of its masks.
#pragma once

#include <string>
#include <vector>

#include "core/making/making.h"

namespace havlo {

struct MaskLeft {
  std::string id;   ///< "hare#2"
  int stamp = 0;    ///< index in the plan
  int uses = 0;     ///< left in it; 0 or less: worn out
  std::string key;  ///< of the mask at hand it was; empty: newly cut
};
/// Every mask that was used. A use is a mask needed at a pressing or a wash, not its lying there.
std::vector<MaskLeft> masksLeft(const Bench& bench);

}  // namespace havlo
