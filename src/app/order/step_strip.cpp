// Only the cells in sight are painted; a strip of a hundred steps is as quick as one of ten.
#include "app/order/step_strip.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>
#include <utility>

#include "app/common/drawings.h"
#include "app/common/shaped_text.h"
#include "app/theme/theme.h"
#include "io/wording/step_words.h"

namespace havlo {

StepStrip::StepStrip(PlanSession& session, QWidget* parent)
    : QWidget(parent), m_session(session), m_shown(session.state()) {
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
  setAccessibleName(tr("Steps"));
  setAccessibleDescription(
      tr("Left and right arrows go from step to step; with Ctrl they take a stamping earlier or later."));
}

QSize StepStrip::pictureSize() const {
  const PanelSize& panel = m_shown.plan->card.panel;
  QSizeF size(panel.width_mm, panel.height_mm);
  // With large text the pictures give some of their room to the words.
  const double lean = std::sqrt(textScale());
  size.scale(184 / lean, 136 / lean, Qt::KeepAspectRatio);
  return size.toSize();
}

QSize StepStrip::cellSize() const {
  return {std::max(pictureSize().width(), qRound(150 * textScale())) + 26,
          pictureSize().height() + qRound(96 * textScale())};
}

QSize StepStrip::sizeHint() const { return {count() * cellSize().width() + 8, cellSize().height()}; }

QRect StepStrip::cellOf(int place) const { return {QPoint(4 + place * cellSize().width(), 0), cellSize()}; }

int StepStrip::stepAt(int place) const {
  return place >= 0 && place < count() ? m_groups[ix(place)].steps.back() : -1;
}

int StepStrip::placeOf(int step) const {
  return static_cast<int>(std::lower_bound(m_groups.begin(), m_groups.end(), step,
                                           [](const StepGroup& a, int k) { return a.steps.back() < k; }) -
                          m_groups.begin());
}

void StepStrip::show(const PlanState& state, const std::vector<QImage>& pictures) {
  m_shown = state;
  m_groups = stepGroups(state.analysis->sheet);
  m_pictures.clear();
  const QSize size = (QSizeF(pictureSize()) * devicePixelRatioF()).toSize();
  if (pictures.size() == state.analysis->sheet.steps.size())
    for (const StepGroup& act : m_groups)
      m_pictures.push_back(
          pictures[ix(act.steps.back())].scaled(size, Qt::IgnoreAspectRatio, Qt::SmoothTransformation));
  m_chosen = std::clamp(m_chosen, 0, std::max(0, count() - 1));
  resize(sizeHint());
  update();
}

std::vector<ViewItem> StepStrip::items() const {
  std::vector<ViewItem> out;
  for (int k = 0; k < count(); ++k) {
    const StepWords w = wordsOf(*m_shown.plan, *m_shown.analysis, groupAt(k), m_session.units());
    out.push_back({tr("Step %1: %2").arg(numbersOf(groupAt(k)), w.title),
                   w.where.isEmpty() ? w.detail : w.where + QStringLiteral("; ") + w.detail, cellOf(k),
                   k == m_chosen});
  }
  return out;
}

void StepStrip::choose(int place) {
  place = std::clamp(place, 0, std::max(0, count() - 1));
  if (place == m_chosen) return;
  m_chosen = place;
  update();
  itemFocused(this, place);
  Q_EMIT chosenChanged(place);
}

void StepStrip::mousePressEvent(QMouseEvent* e) {
  setFocus(Qt::MouseFocusReason);
  choose((qRound(e->position().x()) - 4) / cellSize().width());
  if (e->button() == Qt::LeftButton && movable(m_chosen)) m_pressedAt = e->position();
}

bool StepStrip::movable(int place) const {
  const int k = stepAt(place);
  if (k < 0) return false;
  const Step& s = m_shown.analysis->sheet.steps[ix(k)];
  return s.what == Do::Stamp && !s.piece;
}

void StepStrip::mouseMoveEvent(QMouseEvent* e) {
  if (!m_pressedAt || (e->position() - *m_pressedAt).manhattanLength() < 12) return;
  setCursor(Qt::ClosedHandCursor);
  const int before = std::clamp(qRound((e->position().x() - 4) / cellSize().width()), 0, count());
  m_dragTo = before == m_chosen || before == m_chosen + 1 ? -1 : before;
  update();
}

void StepStrip::mouseReleaseEvent(QMouseEvent*) {
  unsetCursor();
  const int to = std::exchange(m_dragTo, -1);
  m_pressedAt.reset();
  update();
  if (to >= 0) Q_EMIT moved(m_chosen, to);
}

void StepStrip::keyPressEvent(QKeyEvent* e) {
  // With Ctrl the step itself goes earlier or later, past the next stamping.
  const int by = e->key() == Qt::Key_Left ? -1 : e->key() == Qt::Key_Right ? 1 : 0;
  if (by != 0 && e->modifiers().testFlag(Qt::ControlModifier) && movable(m_chosen)) {
    for (int k = m_chosen + by; k >= 0 && k < count(); k += by)
      if (movable(k)) return Q_EMIT moved(m_chosen, by < 0 ? k : k + 1);
    return;
  }
  switch (e->key()) {
    case Qt::Key_Left:
      return choose(m_chosen - 1);
    case Qt::Key_Right:
      return choose(m_chosen + 1);
    case Qt::Key_Home:
      return choose(0);
    case Qt::Key_End:
      return choose(1 << 20);
    default:
      QWidget::keyPressEvent(e);
  }
}

void StepStrip::paintEvent(QPaintEvent* e) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  const Theme& t = theme();
  const Plan& plan = *m_shown.plan;
  const Analysis& a = *m_shown.analysis;
  const auto& steps = a.sheet.steps;
  const QFontMetricsF metrics(labelFont());
  for (int k = 0; k < count(); ++k) {
    const QRect cell = cellOf(k);
    if (!cell.intersects(e->rect())) continue;
    if (k == m_chosen) {
      p.setPen(QPen(t.green, hasFocus() ? 2.6 : 1.6));
      p.setBrush(t.paper);
      p.drawRoundedRect(QRectF(cell).adjusted(2, 2, -2, -2), 5, 5);
    }
    const QRectF picture(QPointF(cell.left() + (cell.width() - pictureSize().width()) / 2.0, cell.top() + 12),
                         QSizeF(pictureSize()));
    if (k < static_cast<int>(m_pictures.size())) {
      p.drawImage(picture, m_pictures[ix(k)]);
    } else {
      p.fillRect(picture, t.card);
    }
    p.setPen(QPen(t.rule, 1));
    p.setBrush(Qt::NoBrush);
    p.drawRect(picture);
    if (k + 1 < count()) {
      const QPointF c(cell.right() + 1, picture.center().y());
      p.setPen(QPen(t.soft, 1.3));
      p.drawPolyline(QPolygonF{{c.x() - 3, c.y() - 5}, {c.x() + 2, c.y()}, {c.x() - 3, c.y() + 5}});
    }
    const Step& step = steps[ix(stepAt(k))];
    const StepWords words = wordsOf(plan, a, groupAt(k), m_session.units());
    // What is done, drawn; under it its number. On a plate what leaves ink on the card.
    const double r = 12 * textScale();
    const QPointF badge(cell.left() + 14 + r, picture.bottom() + 10 + r);
    if (leavesColour(step.what)) {
      p.setPen(Qt::NoPen);
      p.setBrush(t.greenVeil);
      p.drawEllipse(badge, r + 3, r + 3);
    }
    drawDrawing(p, drawingOf(step.what), QRectF(badge.x() - r, badge.y() - r, 2 * r, 2 * r),
                k == m_chosen ? t.green : t.ink);
    p.setPen(t.green);
    const bool several = groupAt(k).first != groupAt(k).last;
    p.setFont(several ? sizedFont(10, QFont::Bold) : labelFont(QFont::Bold));
    // The words stand beside the drawing, and clear of numbers that are wider than it.
    const QString numbers = numbersOf(groupAt(k));
    const double wide = QFontMetricsF(p.font()).horizontalAdvance(numbers);
    const double from = std::max(cell.left() + 7.0, badge.x() - wide / 2);
    p.drawText(QRectF(from, badge.y() + r + 2, wide + 1, metrics.height()),
               Qt::AlignLeft | Qt::AlignVCenter | Qt::TextDontClip, numbers);
    const QRectF text(QPointF(std::max(badge.x() + r + 9, from + wide + 8), badge.y() - r),
                      QPointF(cell.right() - 5.0, cell.bottom() - 6.0));
    p.setPen(t.ink);
    p.setFont(labelFont(QFont::DemiBold));
    const double under = drawWholeLines(p, QRectF(text.topLeft(), QSizeF(text.width(), 2 * metrics.height())),
                                        keptTogether(words.title));
    p.setPen(t.soft);
    p.setFont(labelFont());
    const QString line = words.where.isEmpty() ? words.detail : words.where;
    drawWholeLines(
        p, QRectF(text.left(), under, text.width(), std::min(text.bottom() - under, 2.1 * metrics.height())),
        keptTogether(line));
  }
  if (m_dragTo >= 0) {
    const double x = 4 + m_dragTo * cellSize().width();
    p.setPen(QPen(t.green, 4, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(x, 10), QPointF(x, 14 + pictureSize().height()));
  }
}

}  // namespace havlo
