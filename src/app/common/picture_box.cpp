// Painted smoothly scaled; rings are drawn in madder with a pale rim, so that they read on any picture.
#include "app/common/picture_box.h"

#include <QPainter>

#include "app/theme/theme.h"

namespace havlo {

void PictureBox::setPicture(const QImage& image, std::vector<QPointF> marks) {
  m_image = image;
  m_scaled = {};
  m_marks = std::move(marks);
  update();
}

void PictureBox::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  if (m_image.isNull()) return;
  QSizeF size(m_image.size());
  size.scale(QSizeF(width() - 2, height() - 2), Qt::KeepAspectRatio);
  const QRectF box(QPointF((width() - size.width()) / 2, (height() - size.height()) / 2), size);
  const qreal ratio = devicePixelRatioF();
  if (const QSize pixels = (size * ratio).toSize(); m_scaled.size() != pixels)
    m_scaled = m_image.scaled(pixels, Qt::IgnoreAspectRatio, Qt::SmoothTransformation);
  p.drawImage(box, m_scaled);
  p.setPen(QPen(theme().rule, 1));
  p.drawRect(box);
  for (const QPointF& m : m_marks) {
    const QPointF c(box.left() + m.x() * box.width(), box.top() + m.y() * box.height());
    p.setPen(QPen(lightTheme().card, 4));
    p.drawEllipse(c, 9, 9);
    p.setPen(QPen(lightTheme().madder, 2));
    p.drawEllipse(c, 9, 9);
  }
}

}  // namespace havlo
