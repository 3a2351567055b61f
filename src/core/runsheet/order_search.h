// The stamping order with the least work: exact for small plans, near the best and with a bound for large
// ones.
#pragma once

#include <functional>
#include <vector>

#include "core/acts/act_rules.h"
#include "core/acts/order_rules.h"
#include "core/base/progress.h"
#include "core/runsheet/run_sheet.h"

namespace havlo {

/// What the maker asked for and an order does not give.
struct UnmetPin {
  int impression = -1;  ///< wanted first, but something else goes before it
  int ink = -1;         ///< wanted together, but taken up more than once
};

struct BestOrder {
  std::vector<int> order;  ///< every impression once, pop-ups last
  std::vector<int> acts;   ///< the same with the washes, each where it costs least
  double minutes = 0;      ///< of its run sheet
  bool exact = false;      ///< no valid order is better
  std::vector<UnmetPin> unmet;
};

/// How hard to try, in steps, so that every machine gives the same answer.
struct OrderEffort {
  int most = 12;                                 ///< impressions up to which the best is proven
  long nodes = 400000;                           ///< of the exact search
  long tries = 5000;                             ///< orders tried by the other one
  long actWork = 30000;                          ///< sequences with the blends tried, times the acts in each
  std::function<void(const BestOrder&)> better;  ///< told of every better order found; may be empty
};

/// What an order is judged by.
struct OrderWork {
  const Plan& plan;
  const Meetings& meetings;
  const WashMeetings& washes;
  const Knots& knots;
  const NeedTable& table;
  const std::vector<int>& stampOf;
  const ActRules& acts;
  WorkTimes times = {};
  const std::vector<std::pair<int, int>>* joinable = nullptr;  ///< as findJoinable(); null: one paper each
  const Handwork* hand = nullptr;                              ///< null: nothing is done by hand
};

/// Deterministic. Stopped early it returns the best found so far. The maker's wishes (`making.first`,
/// `making.together`) go before minutes.
BestOrder findBestOrder(const OrderWork& work, const OrderEffort& effort = {}, const Progress& progress = {});

/// Minutes of an order's run sheet with the washes blended where that is least work, and the wishes it does
/// not meet.
BestOrder judged(const OrderWork& work, std::vector<int> order);

}  // namespace havlo
