// Findings as sentences in the maker's units.
#pragma once

#include <QString>

#include "core/analysis/analysis.h"
#include "core/units/measure.h"

namespace havlo {

struct FindingWords {
  QString text;       ///< what is the matter
  QString why;        ///< why it matters, in a line
  QString value;      ///< the number behind it, short: "0.51 ×", "3 mm"
  QString fix;        ///< what the fix does, as a button would say it; empty without a fix
  QString instead{};  ///< the same of the other answer
};

FindingWords wordsOf(const Plan& plan, const Analysis& analysis, const Finding& finding, MeasureStyle style);

/// How far and where to a foot moves: "6 mm down", "1/4 in left, 1/8 in up".
QString moveWords(Point from, Point to, MeasureStyle style);

/// One sentence for the head of the reading.
QString readingSummary(const Analysis& analysis);

}  // namespace havlo
