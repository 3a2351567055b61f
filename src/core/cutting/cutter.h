// The stand-in for a cutting machine: moves a simulated knife along the lines in their order and says what
// comes of it.
#pragma once

#include <vector>

#include "core/base/result.h"
#include "core/cutting/cut_sheet.h"
#include "core/outline/shape.h"

namespace havlo {

/// How the stand-in moves. Common practice, no source.
struct CutterSettings {
  double cut_mm_per_s = 20, travel_mm_per_s = 100;
  double lift_s = 0.15;    ///< for each time the knife goes up or down
  double join_mm = 0.05;   ///< ends nearer than this meet: the paper tears apart there
  double trailing_mm = 0;  ///< the blade's tip is dragged so far behind what is moved along the lines
};

/// An area with a cut all round it.
struct FreePiece {
  Rings shape;
  double area_mm2 = 0;
  bool movedBefore = false;  ///< a cut inside it came after its own outline: it had already moved
};

/// A stretch of cut that frees nothing.
struct OpenCut {
  Point from, to;
  double length_mm = 0;
  double gap_mm = 0;  ///< distance between its ends
};

struct CutReport {
  double travel_mm = 0;  ///< knife up, from the lower-left corner and back to it
  double cut_mm = 0;     ///< knife down
  double seconds = 0;
  int lifts = 0;
  std::vector<FreePiece> pieces;  ///< largest first
  std::vector<OpenCut> open;      ///< pieces that would not come free
  std::vector<CutLine> knife;     ///< where the tip went, if it trails; empty: along the lines
};

/// @param lines  in cutting order, sheet coordinates
/// @error  BadInput when there are more than kMostCutPoints, or lines that cross too often to be told apart
Result<CutReport> runCutter(const std::vector<CutLine>& lines, const CutterSettings& settings = {});

}  // namespace havlo
