#include "app/face/face_note.h"

#include <QFontMetricsF>
#include <QPainter>

#include "app/common/shaped_text.h"
#include "app/theme/theme.h"

namespace havlo {

double noteWidth(const QString& text) { return shapedText(text, labelFont()).size().width() + 8; }

void drawNote(QPainter& p, QPointF upperLeft, const QString& text, double lowest) {
  const Theme onCard = lightTheme();
  QRectF box(upperLeft, QSizeF(noteWidth(text), QFontMetricsF(labelFont()).height()));
  if (box.bottom() > lowest) box.moveBottom(lowest);
  QColor veil = onCard.card;
  veil.setAlpha(190);
  p.setPen(Qt::NoPen);
  p.setBrush(veil);
  p.drawRoundedRect(box, 3, 3);
  p.setPen(onCard.green);
  drawShaped(p, box, text, labelFont());
}

}  // namespace havlo
