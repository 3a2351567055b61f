// Changes of how a plan is made: schools, order, evenings, copies, masks at hand.
#pragma once

#include <string>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// The plan's own school; impressions that followed the one before follow this one.
Plan withDefaultSchool(const Plan& plan, School school);
/// Each impression's school at once. @param schools  by impression
Result<Plan> withSchools(const Plan& plan, const std::vector<School>& schools);

/// The maker's own stamping order. @param order  impression ids, each at most once; empty: the best is found
/// again
/// @error BadInput if one is unknown or named twice (all edits that name things)
Result<Plan> withOrder(const Plan& plan, const std::vector<std::string>& order);
/// Whether an impression is wanted before all others.
Result<Plan> wantedFirst(const Plan& plan, const std::string& impression, bool first);
/// Whether the pressings of an ink are wanted one after the other.
Result<Plan> wantedTogether(const Plan& plan, const std::string& ink, bool together);
/// Whether one act is wanted before another. @param act, before  "stamp:hare", "wash:sky"
Result<Plan> wantedBefore(const Plan& plan, const std::string& act, const std::string& before, bool wanted);
/// @param evenings  1 to 99. @error BadInput beyond
Result<Plan> withEvenings(const Plan& plan, int evenings);
/// Whether one paper may cover several things that touch and are covered together.
Result<Plan> withJointPapers(const Plan& plan, bool may);
/// @param copies  1 to 9999. @error BadInput beyond
Result<Plan> withCopies(const Plan& plan, int copies);
/// The masks kept from earlier cards that this plan may use.
Result<Plan> withMasksAtHand(const Plan& plan, std::vector<MaskAtHand> masks);

}  // namespace havlo
