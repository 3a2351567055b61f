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
  double area_mm2 = 0;   ///< inked
  double length_mm = 0;  ///< of adhesive strip

  enum class State {
    Enough,   ///< it is there, or nobody said that it is not
    Unknown,  ///< the drawer does not know it
    RunsLow,  ///< there, but the maker called it low, or less than a tenth would be left
    Missing   ///< `lacking` must be bought
  };
  State state = State::Unknown;
  int lacking = 0;
};

/// Dots of foam under a raised piece: one for every so much of it, three at least. Common practice, no
/// source.
inline constexpr double kFoamDotEvery_mm2 = 500;

std::vector<StockNeed> needsOf(const Plan& plan, const Analysis& analysis, const std::vector<DrawerCut>& cuts,
                               std::span<const DrawerPaper> papers, std::span<const DrawerGood> goods);

}  // namespace havlo
