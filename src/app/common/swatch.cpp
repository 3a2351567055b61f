#include "app/common/swatch.h"

#include <QPainter>
#include <QPixmap>

#include "app/theme/theme.h"

namespace havlo {

QIcon swatchOf(Colour colour, int width, int height) {
  QPixmap patch(width, height);
  patch.fill(QColor(colour.red, colour.green, colour.blue));
  QPainter p(&patch);
  p.setPen(theme().rule);
  p.drawRect(0, 0, width - 1, height - 1);
  p.end();
  return patch;
}

}  // namespace havlo
