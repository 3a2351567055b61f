// Changes of the one viewpoint, the ground, the room, the light and rows. Pure functions, like edits.h.
#pragma once

#include "core/base/result.h"
#include "core/plan/plan.h"
#include "core/viewpoint/rows.h"

namespace havlo {

/// Another viewpoint, brought within what a plan may have: horizon above 0 and at most the panel's height and
/// above the room's floor, heights and distances above 0. @error  BadInput for what is not a number
Result<Plan> withView(const Plan& plan, View view);

/// Eyes at another height while the ground keeps its look: the horizon stays, near distance follows, so that
/// the panel spans the same field of view.
Result<Plan> withEyes(const Plan& plan, Metres eyeHeight);

/// Adds a ground mark, or replaces the one with its id; an empty id gets a fresh one.
/// @error  BadInput without a view, with too few points or sizes that are not above 0
Result<Plan> withGroundMark(const Plan& plan, GroundMark mark);
Result<Plan> withoutGroundMark(const Plan& plan, const std::string& id);

/// @error  BadInput without a view, or when the back wall has no size or no floor before it
Result<Plan> withRoom(const Plan& plan, std::optional<Room> room);
/// The eye set opposite the middle of the back wall: where its diagonals cross.
Result<Plan> withEyeAtWallMiddle(const Plan& plan);

Result<Plan> withLight(const Plan& plan, std::optional<Light> light);
Result<Plan> withLit(const Plan& plan, const std::string& impression, LitFrom from);

/// Puts a row on the card: one act. The impressions share a fresh row name; sizes the plan does not hold yet
/// are taken in, and a thing of it that stands where one of the row is to stand is that one. @param falling
/// each later one is a pressing paler, as far as the ink goes
/// @error  BadInput without an ink
Result<Plan> withRow(const Plan& plan, const RowWish& wish, const RowPlan& row, bool falling);

/// The stamp with another real height, for the whole plan: "in this story the hare is that tall".
Result<Plan> withRealHeight(const Plan& plan, const std::string& stamp, const RealHeight& height);

/// A contact point of a stamp, for the whole plan: put at `at`, in the place of any within 2 mm; nothing:
/// taken away there. @param at  stamp frame  @error  BadInput if the plan has no such stamp
Result<Plan> withContact(const Plan& plan, const std::string& stamp, Point at,
                         std::optional<ContactKind> kind);

}  // namespace havlo
