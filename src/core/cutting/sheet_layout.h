// Masks laid out on masking sheets with little waste: turned in quarter turns, never flipped, nested into
// each other's bays.
#pragma once

#include <string>
#include <vector>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/cutting/cut_sheet.h"
#include "core/plan/plan.h"

namespace havlo {

/// One mask to be laid out.
struct SheetPiece {
  int stamp = 0;   ///< index in the plan
  int number = 0;  ///< among the masks of its stamp, from 0
  Rings shape;     ///< stamp frame; the panel's of a joint paper
  int limit = -1;  ///< index of the edge or opening it is instead of a stamp's mask; -1 for a mask
  int joint = -1;  ///< index of the joint paper it is instead
  std::vector<int> over = {};  ///< the impressions that one covers
};

/// Where a piece lies: turned about the stamp frame's origin, then moved. Sheet coordinates: origin at the
/// sheet's lower-left corner, y up.
struct LaidPiece {
  int piece = 0;  ///< index of the input
  int sheet = 0;
  Degrees turn;
  Point by;  ///< where the stamp frame's origin comes to lie
  Rings onSheet(const Rings& shape) const;
  Point onSheet(Point p) const;
};

struct SheetLayout {
  std::vector<LaidPiece> laid;  ///< in the order of the input, without those that do not fit
  std::vector<int> doesNotFit;  ///< pieces larger than a sheet
  int sheets = 0;
  double used_mm2 = 0;   ///< area of the pieces
  double spent_mm2 = 0;  ///< area of sheet down to the lowest piece, over all sheets
};

/// Least distance between two pieces.
inline constexpr double kSheetGap_mm = 2.0;

/// Lays the pieces out, largest first, each as near to the upper left corner as it goes; turned only where
/// that saves a sheet or a good part of one. On sheets with a sticky band along the top every piece hangs
/// from the top edge with its broader half in the band as far as that goes. @param progress  may be stopped;
/// what is laid so far is then returned
SheetLayout layOut(const std::vector<SheetPiece>& pieces, const MaskingSheet& sheet,
                   const Progress& progress = {});

}  // namespace havlo
