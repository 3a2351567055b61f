// Of what is chosen, what the hand may move.
#pragma once

#include "app/session/plan_session.h"

namespace havlo {

/// The chosen things that are not held, in the plan's order. Where all of them are, that is said.
Ids handled(PlanSession& session);

}  // namespace havlo
