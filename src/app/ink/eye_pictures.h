// Pictures that show an eye what to look at: how far everything is, where eye level runs, where the light
// comes from. Drawn over the card.
#pragma once

#include <QPainter>

#include "app/common/face_geometry.h"
#include "core/analysis/analysis.h"

namespace havlo {

/// Everything in the colour of its distance: what is near warm and full, what is far pale and cool.
void paintDistances(QPainter& p, const FaceGeometry& g, const Plan& plan, const Analysis& a);
/// Eye level, and the lines of sight that run from heads and feet to where they meet on it.
void paintEyeLevel(QPainter& p, const FaceGeometry& g, const Plan& plan, const Analysis& a);
/// Where the light stands or comes from, dark sides and shadows.
void paintLight(QPainter& p, const FaceGeometry& g, const Plan& plan, const Analysis& a);

}  // namespace havlo
