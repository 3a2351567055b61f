// Rings of the plan as painter paths and SVG path data.
#pragma once

#include <QColor>
#include <QPainterPath>
#include <QString>

#include "core/outline/shape.h"
#include "core/plan/plan.h"

namespace havlo {

inline QColor colourOf(Colour c) { return QColor(c.red, c.green, c.blue); }

/// Even-odd path in the rings' own coordinates (y up).
QPainterPath pathOf(const Rings& rings);

/// SVG path data, coordinates as they are, to 0.001 mm.
QString svgPathData(const Rings& rings);

}  // namespace havlo
