// What the drawer's goods have left once the cards are made, and what they bear until they run low.
#pragma once

#include "core/batch/shopping.h"
#include "core/making/log_entry.h"

namespace havlo {

/// What one need takes from one of the goods.
struct UsedUp {
  StockNeed need;
  DrawerGood before;  ///< its key is empty where the good is counted for the first time
  DrawerGood after;
  int lacking = 0;  ///< counted pieces that were not there
  bool operator==(const UsedUp&) const = default;
};

/// By need, in the order of the needs. Several goods that pass for one need are taken one after the other. An
/// ink that no good tells of gets one, so that what it bears can be learnt; nothing else is made up.
std::vector<UsedUp> usedUp(std::span<const StockNeed> needs, std::span<const DrawerGood> goods);

/// The maker says how much is left: full again begins anew; running low tells what it bore.
DrawerGood told(DrawerGood good, Left left);

/// How much of what it bears is used, from 0; nothing where it never ran low before.
std::optional<double> shareUsed(const DrawerGood& good);

/// The word of a kind of need in the log.
std::string_view wordOf(StockNeed::What what);
/// What is used up as the log keeps it.
std::vector<LogEntry::Used> useOf(std::span<const StockNeed> needs);

}  // namespace havlo
