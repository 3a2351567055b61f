// The kinds of work by hand that there are. For hand_kind.cpp alone.
#pragma once

#include "core/handwork/hand_kind.h"

namespace havlo {

const HandKind& colouringIn();
const HandKind& drawing();
const HandKind& accenting();
const HandKind& lifting();
const HandKind& ownSteps();

}  // namespace havlo
