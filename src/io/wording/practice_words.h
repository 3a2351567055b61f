// Drills in words: what is asked, what was right, and why it is worth practising.
#pragma once

#include <QString>

#include "core/practice/laying.h"
#include "core/practice/progress.h"
#include "core/units/measure.h"

namespace havlo {

/// "Near and far".
QString drillName(Drill drill);
/// What it trains, in a sentence.
QString drillLesson(Drill drill);
/// Why it is worth practising now.
QString adviceWords(const DrillAdvice& advice);
/// "level 2 of 5, 7 answers", "not tried yet", "mastered".
QString standingWords(const Standing& standing);

/// What is asked.
QString questionWords(const Plan& plan, const Analysis& analysis, const Question& question);
/// How it was, and what would have been right.
QString gradedWords(const Plan& plan, const Analysis& analysis, const Question& question,
                    const Graded& graded, MeasureStyle style);

/// "Lay the paper on the hare; poplar 2 is stamped across it next."
QString layTaskWords(const Plan& plan, const LayTask& task);
/// "A gap of 0.6 mm is left along 12 mm of the hare, and ..."
QString layResultWords(const Plan& plan, const LayTask& task, const LayResult& result, MeasureStyle style);

}  // namespace havlo
