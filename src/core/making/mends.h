// What to do when something went wrong at a step, as makers do it: what helps most with what is at hand
// first.
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/drawer/drawer.h"
#include "core/making/making.h"

namespace havlo {

enum class Mend {
  PressAgain,   ///< in the same place, with a hinged positioner: a clear stamp, cleanly registered
  TypePlace,    ///< where it landed goes into the plan, what follows is worked out anew
  FinePen,      ///< a missed line drawn in
  MarkerInGap,  ///< a nearly matching marker or small brush, the mask put back on
  MarkerOver,   ///< a marker that nearly matches the ground, over a line that ran in
  TapePatch,    ///< scrap tape as a mask for one spot, and the act done once more there
  SandEraser,   ///< a little at a time
  Filler,       ///< a small stamp over it
  StripOver,    ///< the words stamped on a strip of their own, over the spoilt ones
  PieceOver,    ///< stamped again on a piece of its own, cut out and put over it
  WriteDown
};

struct MendWay {
  Mend how = Mend::WriteDown;
  std::string ink;   ///< id in the plan: the marker or pen that comes nearest; empty: none comes near
  double apart = 0;  ///< CIEDE2000 of that ink to the one it stands for
};

/// Best first; never empty. @param step  at which it happened
/// @param mounting  of the step's stamp, where it is known: wood cannot be pressed again in place, for nobody
/// sees through it. Common practice, no source
std::vector<MendWay> mendsFor(Mishap what, const Plan& plan, const Step& step,
                              std::optional<Mounting> mounting);

}  // namespace havlo
