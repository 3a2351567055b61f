// The work at the table in sentences: what went wrong on the press, schools, joins, mishaps, the order.
#pragma once

#include <QString>
#include <QStringList>

#include "core/making/making.h"
#include "core/making/mends.h"
#include "core/risk/join_risk.h"
#include "core/schools/compare.h"

namespace havlo {

/// What a proof forgives, by thing, the largest first: "3.1 mm² along what covers the hare, 1.4 mm² where the
/// heron is too fine to cover". @param most  things named
QString explainedWords(const Plan& plan, const Simulation& simulation, size_t most);

/// "Step 9 printed poplar 2 across the hare, at its upper left: the hare was not covered."
QString blameWords(const Plan& plan, const Analysis& analysis, const Difference& difference);

/// "mask", "overprint", ...; the same with what it is: "stamp the front first, cover it, stamp behind it".
QString schoolWords(School school);
QString obstacleWords(Obstacle obstacle);
/// Why a school is recommended.
QString reasonWords(SchoolReason reason);

/// The masks that save little and are advised to be left out, least first.
std::vector<MaskSaving> littleSaved(const SchoolComparison& comparison);
/// What leaving them out shows and saves.
QString littleSavedWords(const Plan& plan, const std::vector<MaskSaving>& savings);

/// "the hare against poplar 2", "the hare against the sky".
QString joinName(const Plan& plan, const Join& join);
/// What would make a join easier, with what is then left.
QString easeWords(const Plan& plan, const Join& join, const JoinEase& ease);

QString mishapWords(Mishap mishap);
/// One way to mend it, in the ink that comes nearest.
QString mendWords(const Plan& plan, const MendWay& way);

/// What to have on the table before beginning: stamps, inks, paper, tools.
QString neededWords(const Plan& plan, const Analysis& analysis);

/// What the order breaks and which wishes it does not meet, a sentence each.
QStringList orderTroubles(const Plan& plan, const Analysis& analysis);

/// "37 %", "under 1 %".
QString chanceWords(double chance);

}  // namespace havlo
