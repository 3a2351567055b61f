// What a picture of the card shows, in a maker's words; and what was learnt from it.
#pragma once

#include <QString>
#include <QStringList>

#include "core/compare/comparison.h"
#include "core/learn/learn.h"
#include "core/units/measure.h"

namespace havlo {

/// "16 of 18 prints sit where they should, on the average 0.4 mm off. One is missing."
QString headOf(const Comparison& seen, MeasureStyle style);
/// "The boat sits 1.5 mm to the right and 0.4 mm low, turned 1.2° to the left."
QString printWords(const Plan& plan, const SeenPrint& print, MeasureStyle style);
/// "The reeds meet the boat with a white gap of 0.6 mm over 4 mm." Nothing where a join is good.
QString joinWords(const Plan& plan, const SeenJoin& join, MeasureStyle style);
/// What to do about it now, the most pressing first. @param stampedAll  nothing is left to be stamped
QStringList adviceWords(const Plan& plan, const Analysis& analysis, const Comparison& seen,
                        MeasureStyle style);

QString traitName(Trait trait);
/// "0.31 mm instead of 0.2 mm (common practice), from 6 cards; give or take 0.03 mm."
QString learntWords(Trait trait, const Learnt& learnt, MeasureStyle style);
/// Empty unless masks were cut from notes and from sheets.
QString maskPaperWords(const MakerLearnt& learnt);
/// Empty unless large stamps are placed otherwise than small ones.
QString sizeWords(const MakerLearnt& learnt, MeasureStyle style);
/// "We said 1 h 50, it took 2 h 10."
QString foretoldWords(double said_min, double took_min);
/// "Lately minutes were missed by 8 %, by 19 % before." Nothing while there are too few cards.
QString missedWords(const MakerLearnt& learnt);
/// What an ink does otherwise than its table says; empty if nothing worth a word.
QStringList inkWords(const LearntInk& ink);

}  // namespace havlo
