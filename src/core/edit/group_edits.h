// Changes of several things at once. Pure functions, like edits.h; ids that the plan does not have are an
// error.
#pragma once

#include <span>
#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/depth/meetings.h"
#include "core/plan/plan.h"
#include "core/viewpoint/crowd.h"

namespace havlo {

using Ids = std::vector<std::string>;

/// What moves when these do, indices: they, the other presses of their figures, and what is on any of it.
std::vector<int> movedWith(const Plan& plan, const Ids& things);

/// Moves feet together. What is on a thing, and the other presses of its figure, go along, each once; so do
/// openings that hold nothing else.
Result<Plan> withFeetMoved(const Plan& plan, const Ids& things, Point by);

/// Turns them as one: about the middle of their feet, anticlockwise.
Result<Plan> withTurnedTogether(const Plan& plan, const Ids& things, Degrees by);

/// Nearer or farther by one factor, each along its own line of sight; what is on another thing stays on it.
/// @param factor  > 0
Result<Plan> withDistancesTimes(const Plan& plan, const Ids& things, double factor);

/// Everything on the ground stands with its foot at this height of the panel.
Result<Plan> onOneLine(const Plan& plan, const Ids& things, Millimetres foot);

enum class Even {
  Picture,  ///< equal gaps between what is printed, from left to right
  Scene  ///< equal metres on the ground between the two that are farthest apart, along the line through them
};
/// The outermost two stay. @error  BadInput with fewer than three, or (scene) with what is not on the ground
Result<Plan> spacedEvenly(const Plan& plan, const Ids& things, Even in);

/// In front of, or behind, whatever else they overlap.
Result<Plan> withAllInFront(const Plan& plan, const Ids& things, const Meetings& meetings, bool inFront);

Result<Plan> withInkOfAll(const Plan& plan, const Ids& things, const std::string& ink);
Result<Plan> withPressingOfAll(const Plan& plan, const Ids& things, int generation);
Result<Plan> withSchoolOfAll(const Plan& plan, const Ids& things, School school);
Result<Plan> withoutAll(const Plan& plan, const Ids& things);

/// These things by themselves, with their stamps, inks and what is done to them by hand: for taking along.
/// The card is the plan's, so that places keep their meaning.
Plan partOf(const Plan& plan, const Ids& things);

struct Added {
  Plan plan;
  Ids things;  ///< ids that the new ones have, in their order
};
/// Puts what partOf() gave onto a card, moved. Stamps and inks that are there already are not taken twice;
/// what is on another of them, in front of it or of its figure stays so. On the plan it was taken from,
/// copies share the colouring of what they were made from.
/// @error  BadInput where that is too far from the panel
Result<Added> withPart(const Plan& plan, const Plan& part, Point by);

/// Stamps a crowd: one act. @error  BadInput without any ink
Result<Added> withCrowd(const Plan& plan, const CrowdWish& wish, const CrowdPlan& crowd);

}  // namespace havlo
