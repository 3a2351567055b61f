// The maker's last class: how many there are and what they share. No part of a plan.
#pragma once

#include "core/batch/class_plan.h"

namespace havlo {

ClassWish keptClassWish();
void keepClassWish(const ClassWish& wish);

}  // namespace havlo
