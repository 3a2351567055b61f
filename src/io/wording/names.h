// What things are called in sentences.
#pragma once

#include <QString>
#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// "the hare", "poplar 2": the stamp's name, numbered where the stamp is used more than once.
QString nameOf(const Plan& plan, int impression);
/// The same at the start of a sentence or as a label: "Hare", "Poplar 2".
QString labelOf(const Plan& plan, int impression);
/// Of every impression, by index: in one go, where hundreds are named.
std::vector<QString> labelsOf(const Plan& plan);
/// "the hare, poplar 2 and the lock cottage".
QString listOf(const Plan& plan, const std::vector<int>& impressions);
/// The same in the plan's order, whatever theirs.
QString sortedListOf(const Plan& plan, std::vector<int> impressions);
/// "one paper over the hare and the duck", "a mask of what shows of the hare".
QString paperName(const Plan& plan, const std::vector<int>& over);
/// With a capital letter, as a sentence begins.
QString capital(QString words);
QString stampName(const Stamp& stamp);
QString inkName(const Ink& ink);
/// "fresh", "second pressing", "third pressing", "4th pressing".
QString pressingName(int generation);
QString schoolName(School school);
QString washName(const Wash& wash);  ///< its name, else "the sky wash"
QString washName(const Plan& plan, int wash);
/// An act of inking: "stamping the hare", "blending the sky".
QString actWords(const Plan& plan, int act);
QString limitName(const WashLimit& limit);  ///< its name, else "the wavy edge"
QString wayName(WashWay way);               ///< "a blending tool", "a brush"
QString sideName(LimitSide side);           ///< "above it"
/// Where a wash lies in the stack: "behind everything", "just behind the hare".
QString depthName(const Plan& plan, const WashDepth& depth);
QString kindName(WashKind kind);
QString kindName(LimitKind kind);

/// What is cut, by its stamp, or the edge or opening (-1: none) or what one paper is over (empty: it is no
/// such paper) that it is instead.
QString cutName(const Plan& plan, int stamp, int limit, const std::vector<int>& over);

}  // namespace havlo
