// Only the cells in sight are painted; a strip of a hundred steps is as quick as one of ten.
#include "app/order/step_strip.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

#include "app/theme/theme.h"
#include "io/wording/step_words.h"

namespace havlo {

StepStrip::StepStrip(PlanSession& session, QWidget* parent) : QWidget(parent), m_session(session) {
  setFocusPolicy(Qt::StrongFocus);
  setAccessibleName(tr("Steps"));
  setAccessibleDescription(tr("Left and right arrows go from step to step."));
}

QSize StepStrip::pictureSize() const {
  const PanelSize& panel = m_session.plan().card.panel;
  QSizeF size(panel.width_mm, panel.height_mm);
  size.scale(196, 150, Qt::KeepAspectRatio);
  return size.toSize();
}

QSize StepStrip::cellSize() const {
  return {std::max(pictureSize().width(), qRound(150 * textScale())) + 26, pictureSize().height() + qRound(96 * textScale())};
}

QSize StepStrip::sizeHint() const {
  const auto n = static_cast<int>(m_session.analysis()->sheet.steps.size());
  return {n * cellSize().width() + 8, cellSize().height()};
}

QRect StepStrip::cellOf(int step) const { return {QPoint(4 + step * cellSize().width(), 0), cellSize()}; }

void StepStrip::setPictures(std::vector<QImage> pictures) {
  m_pictures = std::move(pictures);
  m_chosen = std::clamp(m_chosen, 0, std::max(0, static_cast<int>(m_session.analysis()->sheet.steps.size()) - 1));
  resize(sizeHint());
  update();
}

void StepStrip::choose(int step) {
  const int last = static_cast<int>(m_session.analysis()->sheet.steps.size()) - 1;
  step = std::clamp(step, 0, std::max(0, last));
  if (step == m_chosen) return;
  m_chosen = step;
  update();
  Q_EMIT chosenChanged(step);
}

void StepStrip::mousePressEvent(QMouseEvent* e) {
  setFocus(Qt::MouseFocusReason);
  choose((qRound(e->position().x()) - 4) / cellSize().width());
}

void StepStrip::keyPressEvent(QKeyEvent* e) {
  switch (e->key()) {
    case Qt::Key_Left: return choose(m_chosen - 1);
    case Qt::Key_Right: return choose(m_chosen + 1);
    case Qt::Key_Home: return choose(0);
    case Qt::Key_End: return choose(1 << 20);
    default: QWidget::keyPressEvent(e);
  }
}

void StepStrip::paintEvent(QPaintEvent* e) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const Theme& t = theme();
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.analysis();
  const auto& steps = a.sheet.steps;
  const QFontMetricsF metrics(labelFont());
  for (int k = 0; k < static_cast<int>(steps.size()); ++k) {
    const QRect cell = cellOf(k);
    if (!cell.intersects(e->rect())) continue;
    if (k == m_chosen) {
      p.setPen(QPen(t.green, hasFocus() ? 2.6 : 1.6));
      p.setBrush(t.paper);
      p.drawRoundedRect(QRectF(cell).adjusted(2, 2, -2, -2), 5, 5);
    }
    const QRectF picture(QPointF(cell.left() + (cell.width() - pictureSize().width()) / 2.0, cell.top() + 12), QSizeF(pictureSize()));
    if (k < static_cast<int>(m_pictures.size())) {
      p.drawImage(picture, m_pictures[static_cast<size_t>(k)]);
    } else {
      p.fillRect(picture, t.card);
    }
    p.setPen(QPen(t.rule, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(picture);
    if (k + 1 < static_cast<int>(steps.size())) {
      const QPointF c(cell.right() + 1, picture.center().y());
      p.setPen(QPen(t.soft, 1.3));
      p.drawPolyline(QPolygonF{{c.x() - 3, c.y() - 5}, {c.x() + 2, c.y()}, {c.x() - 3, c.y() + 5}});
    }
    const StepWords words = wordsOf(plan, a, steps[static_cast<size_t>(k)], m_session.units());
    const double r = 11 * textScale();
    const QPointF badge(cell.left() + 14 + r, picture.bottom() + 10 + r);
    const bool inked = steps[static_cast<size_t>(k)].what == Do::Stamp || steps[static_cast<size_t>(k)].what == Do::Wash;
    p.setPen(QPen(t.green, 1.4));
    p.setBrush(k == m_chosen ? t.green : t.paper);
    if (inked) {
      p.drawEllipse(badge, r, r);
    } else {
      p.drawRoundedRect(QRectF(badge.x() - r, badge.y() - r, 2 * r, 2 * r), 4, 4);
    }
    p.setPen(k == m_chosen ? t.onGreen : t.green);
    p.setFont(labelFont(QFont::Bold));
    p.drawText(QRectF(badge.x() - r, badge.y() - r, 2 * r, 2 * r), Qt::AlignCenter, QString::number(k + 1));
    const QRectF text(badge.x() + r + 7, badge.y() - r, cell.right() - badge.x() - r - 12, cell.bottom() - badge.y() + r - 6);
    p.setPen(t.ink);
    p.setFont(labelFont(QFont::DemiBold));
    QRectF used;
    p.drawText(QRectF(text.topLeft(), QSizeF(text.width(), 2 * metrics.height())), Qt::AlignLeft | Qt::TextWordWrap, words.title, &used);
    p.setPen(t.soft);
    p.setFont(labelFont());
    const QString line = words.where.isEmpty() ? words.detail : words.where;
    p.drawText(QRectF(text.left(), used.bottom() + 2, text.width(), std::min(text.bottom() - used.bottom() - 2, 2.1 * metrics.height())),
               Qt::AlignLeft | Qt::TextWordWrap, line);
  }
}

}  // namespace havlo
