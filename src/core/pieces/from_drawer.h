// What a card is cut from: the sheets and offcuts of the drawer first, and what must be bought besides.
#pragma once

#include <span>

#include "core/drawer/drawer.h"
#include "core/pieces/to_cut.h"

namespace havlo {

/// One kind of paper, cut from what is there.
struct DrawerCut {
  PaperToCut paper;
  std::vector<StockSheet> stock;  ///< of the drawer
  std::vector<std::string> keys;  ///< of the drawer's papers, one for each of the stock
  CutList own;                    ///< its `left` is what the drawer has no room for
  std::vector<WantedPiece> missing;
  std::vector<StockSheet> usual;  ///< what is usually sold
  CutList bought;                 ///< of `missing` from `usual`
  bool acrossGrain = false;       ///< the drawer has room for more, but its fibres run the other way
};

/// Sheets that the drawer does not count are taken to be enough; a sheet of unknown size to be the usual one.
/// @param usual  the sheet that is usually bought
std::vector<DrawerCut> cutFromDrawer(const Plan& plan, std::span<const DrawerPaper> papers,
                                     const StockSheet& usual, double kerf_mm = 0,
                                     const Progress& progress = {});

/// Is that the paper? By its name; papers without one by colour and thickness.
bool isThatPaper(const PaperToCut& wanted, const DrawerPaper& paper);

/// The drawer's papers once all of that is cut: fewer whole sheets, offcuts instead.
struct PapersAfter {
  std::vector<DrawerPaper> put;   ///< changed or new; a new one has no key
  std::vector<std::string> gone;  ///< keys of offcuts that are cut up
  int offcuts = 0;
  bool operator==(const PapersAfter&) const = default;
};
PapersAfter papersAfter(const std::vector<DrawerCut>& cuts, std::span<const DrawerPaper> papers);

}  // namespace havlo
