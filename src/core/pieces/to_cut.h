// All that is cut for a card, or for so many of them, sorted by the paper it is cut from.
#pragma once

#include <string>
#include <vector>

#include "core/plan/plan.h"
#include "core/stock/cut_list.h"

namespace havlo {

/// What is cut from one kind of paper. Shapes with curves count as their boxes and some room to cut in.
struct PaperToCut {
  std::string name;  ///< of the paper; may be empty
  Colour colour;
  double thickness_mm = 0.3;
  std::vector<WantedPiece> pieces;
};

/// Base, mats, panel with its working allowance, and every piece, times the copies of the plan.
std::vector<PaperToCut> piecesToCut(const Plan& plan);

}  // namespace havlo
