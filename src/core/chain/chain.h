// The chain from plan to findings: an analysis is a pure function of the plan; an earlier one only saves
// work.
#pragma once

#include "core/analysis/analysis.h"
#include "core/base/progress.h"

namespace havlo {

/// @param before  the analysis of an earlier state of the plan, or null
/// @param art  draws stamps, so that it is known where they print; null: as `before`. It outlives the
/// analysis
AnalysisRef analyse(const Plan& plan, const Analysis* before = nullptr, const ArtSource* art = nullptr);

/// As analyse(), for a plan nobody has looked at: the rules that wait for the eye are read too, as far as
/// they need nothing it has seen.
AnalysisRef analyseUnseen(const Plan& plan, const Analysis* before = nullptr);

/// Where things are, what they meet, and how large and strong they should be: neither work at the table nor
/// anything to say.
AnalysisRef measured(const Plan& plan, const Analysis* before = nullptr);

/// What follows from where things are, found at once while a hand holds something: the work at the table
/// (order, masks, steps and the rules about them) stands as it was before, see Analysis::workStands.
/// Everything, as analyse(), where the things or what is done to them are not the same ones as before.
/// @param was  the plan that `before` is of
AnalysisRef analyseScene(const Plan& plan, const Plan& was, const Analysis& before,
                         const ArtSource* art = nullptr);

/// The same plan with the work at the table found, if it only stood: then as analyse() has it, with the looks
/// that are there.
AnalysisRef withWork(const Plan& plan, const AnalysisRef& analysis);

/// The same plan with what is seen first, and what the reading says of that. See focus/looks.h.
AnalysisRef withLooks(const Plan& plan, const AnalysisRef& analysis, std::shared_ptr<const Looks> looks);

/// The same plan with what was seen on a card of the same things a moment before, until the eye has looked
/// again. Reads no rule anew.
AnalysisRef withLooksOf(const Plan& plan, const AnalysisRef& analysis, const Analysis& seen);

/// The same with the best stamping order, unless the plan has the maker's own. May be slow.
AnalysisRef withBestOrder(const Plan& plan, const AnalysisRef& analysis, const OrderEffort& effort = {},
                          const Progress& progress = {});

/// The plan with every act of inking once, in this sequence (impressions by index, washes by theirs after
/// them), whether it keeps the rules or not. Pop-ups may be left out; they go last.
AnalysisRef inActs(const Plan& plan, const Analysis& analysis, std::vector<int> acts);

/// What the search for an order works from. It refers to plan and analysis.
OrderWork orderWork(const Plan& plan, const Analysis& analysis);

/// The same plan stamped in this order, whatever it breaks.
/// @param order  every impression once
AnalysisRef inOrder(const Plan& plan, const Analysis& analysis, std::vector<int> order);

/// The same plan stamped in an order of the maker's choosing.
/// @param order  every impression once; pop-ups may be left out, they go last in any case
/// @error  BadInput if an impression is missing, unknown or named twice
Result<AnalysisRef> reordered(const Plan& plan, const Analysis& analysis,
                              const std::vector<std::string>& order);

}  // namespace havlo
