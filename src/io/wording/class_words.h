// A class in words.
#pragma once

#include <QStringList>

#include "core/batch/class_plan.h"

namespace havlo {

/// "0:05", hours and minutes since the beginning.
QString clockWords(double minutes);
/// "the hare's stamp", "the pad of soot", "the heat tool".
QString toolName(const Plan& plan, const ClassTool& tool);
/// How long it takes, what is waited for, and what one more of it would spare.
QStringList classFacts(const Plan& plan, const ClassPlan& made);
/// What the teacher has ready, a line each.
QStringList classReady(const Plan& plan, const ClassPlan& made);
/// Blades, heat, solvents and small parts, with children at the table.
QString classCare();

}  // namespace havlo
