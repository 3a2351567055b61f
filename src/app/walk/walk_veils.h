// Blends that lie at a distance, as they hang in the walk: mist between rows, a glow behind what it belongs
// to.
#pragma once

#include <QRectF>
#include <QString>
#include <functional>
#include <vector>

#include "core/analysis/analysis.h"

class QPainter;

namespace havlo {

struct WalkVeil {
  int wash = 0;
  double x = 0;       ///< pixels along the walk
  double away_m = 0;  ///< of what it hangs at or beside
};

/// Those of the plan's blends that hang at a distance or beside a thing; what lies behind or before
/// everything has no place in the walk.
/// @param xOf  pixel of a distance
/// @param thingX  pixel at which an impression stands
std::vector<WalkVeil> walkVeils(const Plan& plan, const Analysis& analysis,
                                const std::function<double(double)>& xOf,
                                const std::function<double(int)>& thingX);

/// A soft band in the blend's ink, from `top` down to `ground`, with words over it.
/// @return where the words stand
QRectF paintVeil(QPainter& painter, const Plan& plan, const WalkVeil& veil, double top, double ground,
                 const QString& words, bool chosen);

}  // namespace havlo
