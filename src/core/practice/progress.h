// What was practised, how it goes, and what is worth practising next: by one's own mishaps and the next card.
#pragma once

#include <span>

#include "core/learn/learn.h"
#include "core/practice/quiz.h"

namespace havlo {

/// One answer given or mask laid.
struct Practised {
  Drill what = Drill::Order;
  int level = 1;
  double points = 0;  ///< 0 to 1
  double at_s = 0;    ///< since 1970 UTC
  std::string hands;  ///< whose; empty: the first maker's
  bool operator==(const Practised&) const = default;
};

/// How a maker stands in one drill.
struct Standing {
  int level = 1;          ///< to practise at now
  int done = 0;           ///< answers
  double lately = 0;      ///< mean points of the last eight, 0 to 1
  bool mastered = false;  ///< good at the top level
};
/// Up a level after two good answers on end at it, down after two bad ones. @param all  oldest first
Standing standingIn(Drill what, std::span<const Practised> all);

/// Why something is worth practising.
enum class DrillReason { Mishaps, OwnHands, NextCard, Weak, Untried, Kept };

struct DrillAdvice {
  Drill what = Drill::Order;
  DrillReason why = DrillReason::Kept;
  int count = 0;      ///< mishaps, or papers, things, pressings of the next card
  double weight = 0;  ///< most first
};

/// Mishaps of so many cards, the newest, decide: hands change.
inline constexpr size_t kDrillCards = 8;

/// Every drill once, the one worth most first.
/// @param log   of this maker  @param next  the card that is open; may be empty
std::vector<DrillAdvice> drillsFor(std::span<const LogEntry> log, const MakerLearnt& learnt, const Plan& next,
                                   const Analysis& analysis, std::span<const Practised> practised);

}  // namespace havlo
