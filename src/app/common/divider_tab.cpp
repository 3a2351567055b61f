#include "app/common/divider_tab.h"

#include <QPainter>
#include <QPainterPath>

#include "app/theme/theme.h"

namespace havlo {
namespace {

constexpr double kSlope = 6, kLift = 3;  // px: how far its sides lean, how far the one in front stands out

}  // namespace

DividerTab::DividerTab(const QString& text, QWidget* parent) : QPushButton(text, parent) {
  setCheckable(true);
  setFont(bodyFont());
  setAttribute(Qt::WA_Hover);
}

QSize DividerTab::sizeHint() const {
  const QFontMetrics bold(bodyFont(QFont::Bold));
  QString words = text();
  const int wide = bold.horizontalAdvance(words.remove(u'&')) + qRound(2 * kSlope) + 12;
  return {wide, std::max(bold.height() + 12, appearance().large ? 40 : 0)};
}

void DividerTab::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  const Theme& t = theme();
  const double top = isChecked() ? 1 : 1 + kLift, w = width() - 1, h = height();
  QPainterPath leaf(QPointF(0.5, h));
  leaf.cubicTo({kSlope * 0.6, h}, {kSlope * 0.5, top}, {kSlope + 2, top});
  leaf.lineTo(w - kSlope - 2, top);
  leaf.cubicTo({w - kSlope * 0.5, top}, {w - kSlope * 0.6, h}, {w, h});
  QColor behind = t.rule;
  behind.setAlpha(underMouse() ? 150 : 90);
  p.fillPath(leaf, isChecked() ? t.card : behind);
  p.setPen(QPen(isChecked() ? t.green : t.edge, isChecked() ? 1.6 : 1));
  p.drawPath(leaf);
  if (!isChecked()) p.drawLine(QPointF(0, h - 0.5), QPointF(w + 1, h - 0.5));
  const QRectF words(kSlope, top, w - 2 * kSlope, h - top);
  if (hasFocus()) {
    p.setPen(QPen(t.green, 2));
    p.drawRoundedRect(words.adjusted(0, 3, 0, -3), 3, 3);
  }
  p.setFont(bodyFont(isChecked() ? QFont::Bold : QFont::Normal));
  p.setPen(!isEnabled() ? t.soft : isChecked() ? t.green : t.ink);
  p.drawText(words, Qt::AlignCenter | Qt::TextShowMnemonic, text());
}

}  // namespace havlo
