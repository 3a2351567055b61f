// All masks of a plan, laid out and ready to cut.
#pragma once

#include "core/analysis/analysis.h"
#include "core/cutting/sheet_layout.h"
#include "core/mask/mask_shape.h"
#include "core/outline/distance.h"

namespace havlo {

/// A mask on its sheet.
struct LaidMask {
  int stamp = 0, number = 0, of = 1;  ///< `number` from 0, of so many
  int limit = -1;                     ///< the edge or opening it is instead of a stamp's mask
  int joint = -1;                     ///< the joint paper it is instead
  std::vector<int> over;              ///< the impressions that one covers
  LaidPiece place;
  Rings onSheet;                ///< sheet coordinates
  DeepestPoint roomiest;        ///< where its label goes
  Point up;                     ///< unit vector on the sheet: the printed upward direction
  std::vector<FootTick> ticks;  ///< on the sheet, when the plan marks feet by ticks
};

struct MaskJob {
  MaskingSheet sheet;
  std::vector<LaidMask> masks;  ///< by stamp, then number
  std::vector<SheetPiece> tooLarge;
  int sheets = 0;
  double used_mm2 = 0, spent_mm2 = 0;
};

/// What is cut for one mask of a stamp: of the whole stamp, or of a part that alone is stamped.
Rings maskShapeOf(const Plan& plan, const Analysis& analysis, int stamp, int number);

/// @param sheet  what is cut from; usually `plan.supplies.maskSheet` or the printer's paper
MaskJob layMasksOut(const Plan& plan, const Analysis& analysis, const MaskingSheet& sheet,
                    const Progress& progress = {});

/// "hare#1", or the id of the edge or opening.
std::string idOf(const Plan& plan, const LaidMask& mask);

/// The cuts of one sheet in cutting order (inner before outer), foot ticks as marks. Ids are mask ids
/// ("hare#1"); a hole has "hare#1.2".
CutSheet cutsOf(const Plan& plan, const MaskJob& job, int sheet);

}  // namespace havlo
