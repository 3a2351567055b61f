// Straight translation, ring by ring.
#include "io/art/shape_path.h"

namespace havlo {

QPainterPath pathOf(const Rings& rings) {
  QPainterPath path;
  path.setFillRule(Qt::OddEvenFill);
  for (const Ring& ring : rings) {
    if (ring.empty()) continue;
    path.moveTo(ring[0].x, ring[0].y);
    for (size_t i = 1; i < ring.size(); ++i) path.lineTo(ring[i].x, ring[i].y);
    path.closeSubpath();
  }
  return path;
}

QString svgPathData(const Rings& rings) {
  QString d;
  for (const Ring& ring : rings) {
    for (size_t i = 0; i < ring.size(); ++i)
      d += (i == 0 ? QStringLiteral("M") : QStringLiteral("L")) + QString::number(ring[i].x, 'f', 3) + u',' +
           QString::number(ring[i].y, 'f', 3) + u' ';
    if (!ring.empty()) d += QStringLiteral("Z ");
  }
  return d.trimmed();
}

}  // namespace havlo
