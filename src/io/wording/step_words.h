// Steps of the run sheet as sentences in the maker's units.
#pragma once

#include <QString>

#include "core/analysis/analysis.h"
#include "core/making/making.h"
#include "core/making/step_groups.h"
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

/// What the hands do in one go, in words; its numbers, "7" or "7 to 9".
StepWords wordsOf(const Plan& plan, const Analysis& analysis, const StepGroup& act, MeasureStyle style);
QString numbersOf(const StepGroup& act);

/// A measure as hands can keep it: to 1/16 in or 0.5 mm.
QString tableMeasure(double mm, MeasureStyle style);

/// The same to 1/32 in or 0.1 mm, for what holds on to something.
QString fineMeasure(double mm, MeasureStyle style);

/// Where a point lies across the panel: "12 mm from the left", or off it "3 mm past the left edge": a ruler
/// has no numbers below nothing. @param fine  as fineMeasure()
QString alongWords(double x_mm, double width_mm, MeasureStyle style, bool fine = false);

/// Where a point lies up the panel: "12 mm from the bottom", "3 mm below the bottom edge".
QString upWords(double y_mm, double height_mm, MeasureStyle style, bool fine = false);

/// Does an impression hold on to another thing, or another to it? Then rounding must not part them.
bool holds(const Plan& plan, int impression);

/// A point of an impression as it is measured on the sheet in hand, which is larger all round until it is
/// trimmed.
struct Measured {
  QString along, up;
  bool untrimmed = false;  ///< measured on a sheet that is trimmed later
};
Measured measured(const Plan& plan, int impression, Point p, MeasureStyle style, bool trimmed = false);

/// How a stamp is turned: "turned 12.0° to the left"; what is nearly upside down is stamped with the card
/// turned round. Empty: not at all.
QString turnWords(double turn_deg);

/// Which part of the rubber is left out where only a part is stamped: "the lower part".
QString leftOutWords(const Stamp& stamp, const Rings& part);

/// The step in one sentence.
QString sentenceOf(const StepWords& words);

/// Why so many masks of a stamp: "covered in 9 pressings, a mask lasts 6".
QString reasonOf(const StampMasks& masks, int maskLife);

/// "42 min", "1 h 05 min".
QString minutesWords(double minutes);

}  // namespace havlo
