// What the light does on the card face: cast shadows, and the dark side of every thing.
#pragma once

#include <QImage>
#include <vector>

#include "app/common/face_geometry.h"
#include "core/analysis/analysis.h"
#include "core/light/light.h"

namespace havlo {

/// To be drawn over the whole face; coarser than that. Empty of everything without a light.
QImage lightLayer(const Plan& plan, const Analysis& analysis, const std::vector<CastShadow>& shadows,
                  const FaceGeometry& g);

}  // namespace havlo
