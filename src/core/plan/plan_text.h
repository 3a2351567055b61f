// Plan text (JSON, version 2 of the format; version 1 is read for ever) to plan and back. The contract is
// docs/plan-format.md.
#pragma once

#include <string>
#include <string_view>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// Largest plan text that is read; a card with a hundred drawn stamps is a tenth of it.
inline constexpr size_t kLargestPlanBytes = 64u << 20;

/// Most impressions of a plan that is read; a crowded card has a tenth of it.
inline constexpr size_t kMostImpressions = 600;

struct ReadPlan {
  Plan plan;
  std::vector<std::string> repairs;  ///< what was mended without changing the covered area, with its place
};

/// Reads and checks a whole plan.
/// @error  BadInput with the place ("impressions[3].at") for wrong types, ranges, ids, references, rings,
///         numbers that are not finite, deep nesting, truncated text and newer versions
Result<ReadPlan> readPlan(std::string_view text);

/// Writes a plan so that reading it back gives an equal plan; unknown keys are kept.
std::string writePlan(const Plan& plan);

/// One stamp or ink as the plan format has it, for the drawer and for exchange.
/// @error  BadInput with the place ("size.width")
Result<Stamp> readStamp(std::string_view text);
std::string writeStamp(const Stamp& stamp);
Result<Ink> readInk(std::string_view text);
/// A card by itself, as in the plan's `card`. @error  BadInput with its place
Result<Card> readCard(std::string_view text);
std::string writeCard(const Card& card);
std::string writeInk(const Ink& ink);

// Words of the format for its enumerations.
std::string_view wordOf(InkKind kind);
std::string_view wordOf(Role role);
std::string_view wordOf(Facing facing);
std::string_view wordOf(School school);
std::string_view wordOf(WashFrom from);
std::string_view wordOf(FootMark mark);
std::string hexOf(Colour colour);

}  // namespace havlo
