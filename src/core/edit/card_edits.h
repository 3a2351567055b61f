// Changes of the card, of the stamps a plan holds and of its supplies. Pure functions, like edits.h.
#pragma once

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// An empty plan for this card: a horizon a little below the middle, eyes at 1.5 m, one black ink.
Plan newPlan(const Card& card);

/// Another panel size. The scene stays together: feet, vanishing point, light, ground, room and washes keep
/// their places about the panel's middle and above its bottom edge, what reached an edge still reaches it; a
/// horizon above the new panel comes down to its top edge.
/// @error  BadInput if a side is not within 5 to 2000 mm or the border leaves nothing to stamp on
Result<Plan> withPanel(const Plan& plan, Millimetres width, Millimetres height);

/// Everything of the card but the panel's size. @error  BadInput if the border leaves nothing to stamp on
Result<Plan> withCard(const Plan& plan, const Card& card);

/// Panel and everything else together. @error as withPanel and withCard
Result<Plan> withWholeCard(const Plan& plan, const Card& card);

/// Holds a stamp in the plan. An equal one is not taken twice; a different one with the same id gets a fresh
/// id.
struct PlanWithStamp {
  Plan plan;
  std::string stamp;  ///< its id in the plan
};
PlanWithStamp withStamp(const Plan& plan, const Stamp& stamp);

/// Puts a changed stamp in the place of the one with this id; impressions keep their feet.
/// @error  BadInput if the plan has no such stamp
Result<Plan> withStampReplaced(const Plan& plan, const std::string& id, const Stamp& stamp);

/// Stamps of the plan no impression uses are let go. @error BadInput if the stamp is in use or unknown
Result<Plan> withoutStamp(const Plan& plan, const std::string& id);

/// Adds an ink, or replaces the one with the same id.
Plan withInkAdded(const Plan& plan, const Ink& ink);

Plan withSupplies(const Plan& plan, const Supplies& supplies);

/// One part of a stamp's mask cut or not. @param inside  a point in the part, stamp frame
/// @error  BadInput if the plan has no such stamp
Result<Plan> withMaskPart(const Plan& plan, const std::string& stamp, Point inside, bool cut);

}  // namespace havlo
