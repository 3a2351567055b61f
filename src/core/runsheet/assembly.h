// What makes a card of a finished panel: mats, base, what lies inside, the envelope.
#pragma once

#include <vector>

#include "core/runsheet/run_sheet.h"

namespace havlo {

struct AssemblyStep {
  Do what = Do::Glue;
  int paper = -1;      ///< piece of the plan
  int layer = -1;      ///< layer of the card, from the panel
  double minutes = 0;  ///< on one card
};

/// In the order in which it is done. Empty for a panel alone.
std::vector<AssemblyStep> assemblyOf(const Plan& plan, const WorkTimes& times);
/// Minutes to cut a piece, and to glue it on.
double cutMinutes(const Piece& piece, const WorkTimes& times);
double glueMinutes(const Piece& piece, const WorkTimes& times);
/// Minutes for cutting and gluing every piece of one card, what pops up and the assembly among it.
double finishMinutes(const Plan& plan, const WorkTimes& times);

}  // namespace havlo
