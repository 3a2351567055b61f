// Drawn with one weight, so that they read at 12 px.
#include "app/common/marks.h"

#include <QPainterPath>

#include "app/theme/theme.h"

namespace havlo {

void drawMark(QPainter& p, QPointF c, double r, Mark mark, QColor colour) {
  p.save();
  p.setRenderHint(QPainter::Antialiasing);
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(colour, 2));
  switch (mark) {
    case Mark::Fine:
      p.drawEllipse(c, r - 1, r - 1);
      break;
    case Mark::NotBegun:
      p.setPen(QPen(colour, 1.5, Qt::DotLine));
      p.drawEllipse(c, r - 1, r - 1);
      break;
    case Mark::Look: {
      QPainterPath wedge;
      wedge.moveTo(c.x(), c.y() - r + 1);
      wedge.lineTo(c.x() + r - 0.5, c.y() + r - 1.5);
      wedge.lineTo(c.x() - r + 0.5, c.y() + r - 1.5);
      wedge.closeSubpath();
      p.drawPath(wedge);
      break;
    }
    case Mark::Here: {
      QPolygonF diamond{{c.x(), c.y() - r}, {c.x() + r, c.y()}, {c.x(), c.y() + r}, {c.x() - r, c.y()}};
      p.setPen(Qt::NoPen);
      p.setBrush(colour);
      p.drawPolygon(diamond);
      break;
    }
  }
  p.restore();
}

Mark markOf(Level level) {
  return level == Level::Fault ? Mark::Here : level == Level::Warn ? Mark::Look : Mark::Fine;
}

QColor colourOf(Level level) {
  return level == Level::Fault ? theme().madder : level == Level::Warn ? theme().ochre : theme().soft;
}

MarkWidget::MarkWidget(Mark mark, QColor colour, QWidget* parent)
    : QWidget(parent), m_mark(mark), m_colour(colour) {
  setFixedSize(sizeHint());
}

QSize MarkWidget::sizeHint() const { return {qRound(16 * textScale()), qRound(18 * textScale())}; }

void MarkWidget::paintEvent(QPaintEvent*) {
  QPainter p(this);
  drawMark(p, QPointF(width() / 2.0, height() / 2.0), 6.5 * textScale(), m_mark, m_colour);
}

}  // namespace havlo
