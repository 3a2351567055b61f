// The card and its layers as sentences.
#pragma once

#include <QString>
#include <QStringList>

#include "core/card/card_fit.h"
#include "core/units/measure.h"

namespace havlo {

/// "The panel", "The second mat", "The base".
QString layerName(const Plan& plan, const Layer& layer);

QString wordsOf(const Plan& plan, const CardFit& fit, const Misfit& misfit, MeasureStyle style);

/// What there is to know of a card that fits: how the base is cut and scored, thickness, which envelope takes
/// it.
QStringList cardFacts(const Plan& plan, const CardFit& fit, MeasureStyle style);

/// How to bring an off-size base true, or empty if it is true.
QString trimmingWords(const Plan& plan, double reveal_mm, MeasureStyle style);

/// "4 1/4 × 5 1/2 in", "105 × 148 mm".
QString sizeWords(double width_mm, double height_mm, MeasureStyle style);
/// What a usual size is called, see core/card/card_sizes.h.
QString sizeName(std::string_view name);

}  // namespace havlo
