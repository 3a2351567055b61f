// With which ink a background is begun, before the maker chooses one.
#pragma once

#include <span>
#include <string>

#include "core/plan/plan.h"

namespace havlo {

struct PlanWithInk {
  Plan plan;
  std::string ink;  ///< its id
};

/// The plan with an ink that suits a background of this kind: pale, still seen on this paper, of a fitting
/// hue; one of the plan's, else one of those the maker owns, else a plain one is put with the plan's inks.
/// @param owned  inks of the drawer
PlanWithInk withInkFor(const Plan& plan, WashKind kind, std::span<const Ink> owned);

}  // namespace havlo
