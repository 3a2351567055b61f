// Between panel millimetres and widget pixels on the card face.
#pragma once

#include <QPointF>
#include <QRectF>
#include <QTransform>

#include "core/plan/plan.h"

namespace havlo {

struct FaceGeometry {
  double scale = 1;  ///< pixels a mm
  QPointF origin;    ///< pixel of the panel's lower-left corner
  double width_mm = 0, height_mm = 0;

  QPointF toPixels(Point p) const { return {origin.x() + p.x * scale, origin.y() - p.y * scale}; }
  Point toPanel(QPointF q) const { return {(q.x() - origin.x()) / scale, (origin.y() - q.y()) / scale}; }
  QRectF face() const {
    return {origin.x(), origin.y() - height_mm * scale, width_mm * scale, height_mm * scale};
  }
  QTransform transform() const { return QTransform(scale, 0, 0, -scale, origin.x(), origin.y()); }
};

}  // namespace havlo
