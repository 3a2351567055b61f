// A stamp's mask in sentences.
#pragma once

#include <QString>
#include <QStringList>

#include "core/mask/mask_shape.h"
#include "core/units/measure.h"

namespace havlo {

/// What stays uncovered and what is covered too much, and what to do about it.
QStringList maskSentences(const Stamp& stamp, const Supplies& supplies, const MaskShape& mask,
                          const std::vector<FiddlyPart>& parts, MeasureStyle style);

/// "thin part at the upper right, 12 mm long".
QString partName(const Stamp& stamp, const FiddlyPart& part, MeasureStyle style);

}  // namespace havlo
