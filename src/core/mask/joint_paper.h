// One paper over several things that touch: which could have one, and what is cut for it.
#pragma once

#include <utility>
#include <vector>

#include "core/mask/mask_needs.h"

namespace havlo {

/// Pairs of things whose masks, laid in place, overlap so far that one paper hangs together over both. Things
/// stamped in part, and those on pieces of their own, are left out.
/// @param masks  by stamp index of the plan
std::vector<std::pair<int, int>> findJoinable(const Plan& plan, const Meetings& meetings,
                                              const NeedTable& table, const std::vector<MaskRef>& masks,
                                              const std::vector<int>& stampOf);

/// All the things under one paper, as far as it covers them, as one stamp in the panel's frame, with the
/// maker's choices about the parts of each.
Stamp jointStamp(const Plan& plan, const std::vector<PlacedRef>& placed, const JointPaper& paper);

/// What is cut for it, on the panel: inset, opened and filled as the mask of one thing is.
MaskRef jointShape(const Plan& plan, const std::vector<PlacedRef>& placed, const JointPaper& paper);

/// Where a mask of its own, or tape, lies that covers this impression, on the panel.
Rings coverOnPanel(const Plan& plan, const std::vector<PlacedRef>& placed, const MaskNeeds& needs,
                   const std::vector<MaskRef>& masks, const std::vector<int>& stampOf, int impression);

/// "joint#1".
std::string jointId(const Plan& plan, int joint);

}  // namespace havlo
