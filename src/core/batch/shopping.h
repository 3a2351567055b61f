// What the cards of a plan use up, what of it is in the drawer, and what must be bought.
#pragma once

#include <span>

#include "core/analysis/analysis.h"
#include "core/pieces/from_drawer.h"

namespace havlo {

/// Something that is used up, for all cards.
struct StockNeed {
  enum class What { Paper, Ink, Powder, Adhesive, Foam, Envelope, MaskingPaper };
  What what = What::Paper;
  std::string name;                    ///< of the paper, or of the ink
  std::string ink;                     ///< its id in the plan
  double width_mm = 0, height_mm = 0;  ///< of sheets, of envelopes
  double thickness_mm = 0;             ///< of paper, of foam
  Colour colour;
  int count = 0;         ///< sheets, envelopes, pressings, dots of foam, masks
  double area_mm2 = 0;   ///< inked; of masking paper: the masks with room round them
  double length_mm = 0;  ///< of adhesive strip

  enum class State {
    Enough,   ///< it is there, or nobody said that it is not
    Unknown,  ///< the drawer does not know it
    RunsLow,  ///< there, but the maker called it low, or less than a tenth would be left
    Missing   ///< `lacking` must be bought
  };
  State state = State::Unknown;
  int lacking = 0;  ///< of masking paper: sheets
  bool operator==(const StockNeed&) const = default;
};

/// What is measured by the work done with it: mm² of ink and masking paper, mm of strip; 0: it is counted.
double worked(const StockNeed& need);
/// May that be taken for it?
bool passesFor(const DrawerGood& good, const StockNeed& need);
/// So much of a sheet of masking paper goes into masks, in mm²; the rest falls away between them. A4 where
/// its size is not known. Common practice, no source.
double maskRoomOn(const DrawerGood& good);

/// Dots of foam under a raised piece: one for every so much of it, three at least. Common practice, no
/// source.
inline constexpr double kFoamDotEvery_mm2 = 500;

std::vector<StockNeed> needsOf(const Plan& plan, const Analysis& analysis, const std::vector<DrawerCut>& cuts,
                               std::span<const DrawerPaper> papers, std::span<const DrawerGood> goods);

}  // namespace havlo
