// Steps of the run sheet as sentences in the maker's units.
#pragma once

#include <QString>

#include "core/analysis/analysis.h"
#include "core/making/making.h"
#include "core/units/measure.h"

namespace havlo {

struct StepWords {
  QString title;   ///< "Stamp the hare"
  QString where;   ///< "2 3/8 in from the left, 1 1/4 in from the bottom"; empty where nothing is measured
  QString corner;  ///< the same of the stamp's lower left corner, for a stamping platform; or empty
  QString detail;  ///< ink, pressing, masks on: "soot, fresh; nothing covered yet"
  QString care;    ///< a caution that belongs to this step, or empty
};

StepWords wordsOf(const Plan& plan, const Analysis& analysis, const Step& step, MeasureStyle style);

/// A measure as hands can keep it: to 1/16 in or 0.5 mm.
QString tableMeasure(double mm, MeasureStyle style);

/// Where a point lies across the panel: "12 mm from the left", or off it "3 mm past the left edge": a ruler
/// has no numbers below nothing.
QString alongWords(double x_mm, double width_mm, MeasureStyle style);

/// Where a point lies up the panel: "12 mm from the bottom", "3 mm below the bottom edge".
QString upWords(double y_mm, double height_mm, MeasureStyle style);

/// The step in one sentence.
QString sentenceOf(const StepWords& words);

/// Why so many masks of a stamp: "covered in 9 pressings, a mask lasts 6".
QString reasonOf(const StampMasks& masks, const Supplies& supplies);

/// "42 min", "1 h 05 min".
QString minutesWords(double minutes);

}  // namespace havlo
