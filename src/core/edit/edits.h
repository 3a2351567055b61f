// Changes of a plan, each a pure function from plan to plan. Undo keeps the plans before and after.
#pragma once

#include <optional>
#include <string>

#include "core/base/result.h"
#include "core/edit/fix.h"
#include "core/plan/plan.h"

namespace havlo {

/// Moves a foot, and with it everything that is on the thing and every opening that holds it alone.
/// @error  BadInput if there is no such impression or a coordinate is beyond ±1e5 mm (all edits)
Result<Plan> withFoot(const Plan& plan, const std::string& impression, Point at);
Result<Plan> withTurn(const Plan& plan, const std::string& impression, Degrees turn);
Result<Plan> withDepth(const Plan& plan, const std::string& impression, Depth depth);
Result<Plan> withSchool(const Plan& plan, const std::string& impression, School school);
Result<Plan> withInk(const Plan& plan, const std::string& impression, const std::string& ink, int generation);

/// Says that `front` is in front of `back`, and no longer the other way round.
Result<Plan> saidInFront(const Plan& plan, const std::string& front, const std::string& back);
/// No longer says that `front` is in front of `back`.
Result<Plan> unsaidInFront(const Plan& plan, const std::string& front, const std::string& back);

/// Makes it the only hero.
Result<Plan> withHero(const Plan& plan, const std::string& impression);

/// Makes it a press of the other one's figure; empty: it stands for itself again.
Result<Plan> withFigure(const Plan& plan, const std::string& impression, const std::string& other);

/// Takes an impression away, with every mention of it; what was on it then stands at its distance.
Result<Plan> without(const Plan& plan, const std::string& impression);

/// A new impression of a stamp of the plan, with a fresh id, in the plan's first ink.
/// @error BadInput without such a stamp or without any ink
Result<Plan> withNewImpression(const Plan& plan, const std::string& stamp, Point at);

/// A free impression id made from a stamp's id: "hare", "hare2", ...
std::string freshId(const Plan& plan, const std::string& stamp);

/// The plan with a finding's fix carried out.
Result<Plan> applied(const Plan& plan, const Fix& fix);

/// The straight line across a stamp, stamp frame, that parts what is stamped of it, on the left of the way
/// from `a` to `b`, from what is not.
struct PartLine {
  Point a, b;
};
/// Only what lies on the left of the line is stamped. @error BadInput if that is nothing of the stamp, or all
/// of it
Result<Plan> withPart(const Plan& plan, const std::string& impression, const PartLine& line);
Result<Plan> withoutPart(const Plan& plan, const std::string& impression);
/// The line of a part that was made by one; nothing for the whole stamp and for parts of any other shape.
std::optional<PartLine> partLineOf(const Impression& impression, const Stamp& stamp);

}  // namespace havlo
