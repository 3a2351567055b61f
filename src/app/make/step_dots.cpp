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

void StepDots::paintEvent(QPaintEvent*) {
  if (m_count == 0) return;
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  const double stride = std::min(56.0, (width() - 28.0) / std::max(1, m_count));
  const double y = height() / 2.0;
  p.setPen(QPen(t.rule, 1.4, Qt::DotLine));
  p.drawLine(QPointF(14, y), QPointF(14 + (m_count - 1) * stride, y));
  for (int k = 0; k < m_count; ++k) {
    const QPointF c(14 + k * stride, y);
    const bool here = k == m_at;
    const double r = here ? 11 * textScale() : std::min(9 * textScale(), stride * 0.38);
    const bool wrong = k < static_cast<int>(m_wrong.size()) && m_wrong[ix(k)];
    p.setPen(QPen(k <= m_at ? t.green : t.soft, 1.5));
    p.setBrush(k <= m_at ? t.green : t.ground);
    if (wrong) {
      p.setPen(QPen(t.madder, 1.5));
      p.setBrush(t.madder);
      p.drawPolygon(
          QPolygonF{{c.x(), c.y() - r}, {c.x() + r, c.y()}, {c.x(), c.y() + r}, {c.x() - r, c.y()}});
    } else {
      p.drawEllipse(c, r, r);
    }
    if (here || stride > 26) {
      p.setPen(k <= m_at ? t.onGreen : t.soft);
      p.setFont(sizedFont(here ? 12 : 10, QFont::Bold));
      p.drawText(QRectF(c.x() - 20, c.y() - 12, 40, 24), Qt::AlignCenter, QString::number(k + 1));
    }
  }
}

}  // namespace havlo
