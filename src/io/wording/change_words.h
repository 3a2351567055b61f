// What one plan does otherwise than another, in sentences.
#pragma once

#include <QStringList>

#include "core/changes/plan_changes.h"
#include "core/units/measure.h"

namespace havlo {

/// "The hare moved 6 mm right." One sentence a change, in the order they come.
QStringList changeWords(const Plan& was, const Plan& now, const std::vector<PlanChange>& changes,
                        MeasureStyle style);

/// As one tells it: what a thing brings along or takes with it is not told beside it, and what reads alike is
/// counted. Empty only where nothing differs.
QStringList toldChanges(const Plan& was, const Plan& now, const std::vector<PlanChange>& changes,
                        MeasureStyle style);

/// What follows at the table: masks, steps, time, what the reading says of it; no sentence where nothing
/// does.
QStringList tableWords(const Plan& was, const Analysis& before, const Plan& now, const Analysis& after,
                       const TableChanges& changes, MeasureStyle style);

}  // namespace havlo
