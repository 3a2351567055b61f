// With many steps only those about the present one carry a number.
#include "app/make/step_dots.h"

#include <QPainter>
#include <algorithm>
#include <utility>

#include "app/theme/theme.h"

namespace havlo {

StepDots::StepDots(QWidget* parent) : QWidget(parent) {
  setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

QSize StepDots::sizeHint() const { return {400, qRound(30 * textScale())}; }

void StepDots::show(int at, int count, std::vector<char> wrong) {
  m_at = at, m_count = count, m_wrong = std::move(wrong);
  setAccessibleName(tr("%1 of %2 steps done").arg(at).arg(count));
  update();
}

namespace {

/// A hare's print on its way to the right: two hind paws beside each other.
void drawPrint(QPainter& p, const QPointF& at, double r) {
  for (const int side : {-1, 1}) {
    p.save();
    p.translate(at.x() + 0.16 * side * r, at.y() + 0.5 * side * r);
    p.rotate(-12.0 * side);
    p.drawEllipse(QPointF(), 0.68 * r, 0.36 * r);
    p.restore();
  }
}

}  // namespace

void StepDots::paintEvent(QPaintEvent*) {
  if (m_count == 0) return;
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  const double stride = std::min(56.0, (width() - 28.0) / std::max(1, m_count));
  const bool numbered = stride > 26;
  const double y = height() / 2.0, r = std::min(9 * textScale(), stride * 0.42);
  for (int k = 0; k < m_count; ++k) {
    const QPointF c(14 + k * stride, y);
    const bool wrong = k < static_cast<int>(m_wrong.size()) && m_wrong[ix(k)], done = k < m_at;
    if (k == m_at) {
      const double plate = 11 * textScale();
      p.setPen(Qt::NoPen);
      p.setBrush(wrong ? t.madder : t.green);
      p.drawRoundedRect(QRectF(c.x() - plate, c.y() - plate, 2 * plate, 2 * plate), 5, 5);
      p.setPen(t.onGreen);
      p.setFont(sizedFont(12, QFont::Bold));
      p.drawText(QRectF(c.x() - 20, c.y() - 12, 40, 24), Qt::AlignCenter, QString::number(k + 1));
      continue;
    }
    const QPointF print = numbered ? c - QPointF(0, r * 0.7) : c;
    p.setPen(QPen(wrong ? t.madder : done ? t.green : t.soft, 1.1));
    p.setBrush(wrong ? QBrush(t.madder) : done ? QBrush(t.green) : QBrush(Qt::NoBrush));
    if (wrong) {
      p.drawPolygon(QPolygonF{{print.x(), print.y() - r},
                              {print.x() + r, print.y()},
                              {print.x(), print.y() + r},
                              {print.x() - r, print.y()}});
    } else {
      drawPrint(p, print, r);
    }
    if (numbered) {
      p.setPen(done ? t.green : t.soft);
      p.setFont(sizedFont(9, QFont::DemiBold));
      p.drawText(QRectF(c.x() - 20, c.y() + r * 0.2, 40, 14 * textScale()), Qt::AlignCenter,
                 QString::number(k + 1));
    }
  }
}

}  // namespace havlo
