// What is seen is the front with a hand's breadth round it; the paper is turned about the middle of what it
// covers.
#include "app/practice/lay_view.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr double kRound_mm = 14, kNudge_mm = 0.1, kStride_mm = 1, kTurn_deg = 0.5, kSmooth_mm = 0.08;
constexpr double kLeastDrawn_mm2 = 20;

}  // namespace

LayView::LayView(QWidget* parent) : QWidget(parent) {
  setFocusPolicy(Qt::StrongFocus);
  setLayoutDirection(Qt::LeftToRight);  // what is on paper is not mirrored
}

void LayView::show(const LayTask& task, const PanelSize& panel, const QImage& card, const Laying& start,
                   double opacity) {
  m_any = true, m_task = task, m_panel = panel, m_card = card, m_opacity = opacity;
  m_result.reset(), m_stroke.clear();
  m_laying = m_drawing ? Laying() : start;
  update();
}

void LayView::clear() {
  m_any = false;
  update();
}

void LayView::showResult(const QImage& card, const LayResult& result) {
  m_card = card, m_result = result;
  update();
}

void LayView::setDrawing(bool drawing) {
  m_drawing = drawing;
  m_laying = {}, m_stroke.clear();
  setCursor(drawing ? Qt::CrossCursor : Qt::ArrowCursor);
  update();
}

void LayView::setLaying(const Laying& laying) {
  m_laying = laying;
  update();
  Q_EMIT layingChanged();
}

void LayView::push(Point by_mm, double turn_deg) {
  if (!m_any || m_result || m_drawing) return;
  Laying next = m_laying;
  next.by = next.by + by_mm, next.turn_deg += turn_deg;
  setLaying(next);
}

Box LayView::seen() const { return boxOf(m_task.outline).grown(kRound_mm); }

double LayView::scale() const {
  const Box b = seen();
  return std::min(width() / b.width(), height() / b.height());
}

QPointF LayView::toPixels(Point p) const {
  const Point c = seen().centre();
  return {width() / 2.0 + (p.x - c.x) * scale(), height() / 2.0 - (p.y - c.y) * scale()};
}

Point LayView::toPanel(QPointF pixel) const {
  const Point c = seen().centre();
  return {c.x + (pixel.x() - width() / 2.0) / scale(), c.y - (pixel.y() - height() / 2.0) / scale()};
}

void LayView::paintEvent(QPaintEvent*) {
  if (!m_any) return;
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  p.setRenderHint(QPainter::SmoothPixmapTransform);
  p.fillRect(rect(), theme().ground);
  p.drawImage(QRectF(toPixels({0, m_panel.height_mm}), toPixels({m_panel.width_mm, 0})), m_card);
  const auto path = [&](const Rings& rings) {
    QTransform t;
    t.translate(toPixels({0, 0}).x(), toPixels({0, 0}).y());
    t.scale(scale(), -scale());
    return t.map(pathOf(rings));
  };
  if (m_result) {
    for (const auto& [points, ink] :
         {std::pair(&m_result->gaps, lightTheme().ochre), {&m_result->runIns, lightTheme().madder}})
      for (size_t k = 0; k < points->size(); k += 3) {
        const QPointF at = toPixels((*points)[k]);
        p.setPen(Qt::NoPen);
        QColor soft = ink;
        soft.setAlpha(150);
        p.setBrush(soft);
        p.drawEllipse(at, 3.5, 3.5);
      }
    return;
  }
  if (!m_drawing || !m_laying.drawn.empty()) {
    QColor paper(244, 238, 214);
    paper.setAlphaF(static_cast<float>(m_drawing ? 0.5 : m_opacity));
    const QPainterPath laid = path(laidPaper(m_task, m_laying));
    p.fillPath(laid, paper);
    p.setPen(QPen(hasFocus() ? lightTheme().green : lightTheme().soft, hasFocus() ? 2 : 1.2));
    p.setBrush(Qt::NoBrush);
    p.drawPath(laid);
  }
  if (m_stroke.size() > 1) {
    QPolygonF line;
    for (Point q : m_stroke) line << toPixels(q);
    p.setPen(QPen(lightTheme().green, 1.5));
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(line);
  }
}

void LayView::mousePressEvent(QMouseEvent* e) {
  if (!m_any || m_result || e->button() != Qt::LeftButton) return;
  m_grip = toPanel(e->position());
  if (m_drawing) {
    m_hand = Hand::Drawing, m_stroke = {m_grip}, m_laying = {};
    return update();
  }
  m_hand = covers(laidPaper(m_task, m_laying), m_grip) ? Hand::Pushing : Hand::Turning;
}

void LayView::mouseMoveEvent(QMouseEvent* e) {
  const Point at = toPanel(e->position());
  if (m_hand == Hand::Drawing) {
    if (distance(at, m_stroke.back()) > kSmooth_mm) m_stroke.push_back(at);
    return update();
  }
  if (m_hand == Hand::Pushing) push(at - m_grip, 0);
  if (m_hand == Hand::Turning) {
    const Point middle = m_task.middle + m_laying.by, from = m_grip - middle, to = at - middle;
    push({}, std::atan2(cross(from, to), dot(from, to)) * 180 / 3.14159265358979323846);
  }
  m_grip = at;
}

void LayView::mouseReleaseEvent(QMouseEvent*) {
  if (m_hand == Hand::Drawing) {
    // The scissors close the line; a scribble is no paper.
    Rings cut;
    if (m_stroke.size() > 3)
      if (const auto clean = withoutCrossings({m_stroke}))
        cut = simplified(clean.value().rings, Millimetres{kSmooth_mm});
    m_stroke.clear();
    if (areaOf(cut) >= kLeastDrawn_mm2) setLaying({{}, 0, std::move(cut)});
    update();
  }
  m_hand = Hand::None;
}

void LayView::wheelEvent(QWheelEvent* e) { push({}, kTurn_deg * e->angleDelta().y() / 120.0); }

void LayView::keyPressEvent(QKeyEvent* e) {
  const double by = e->modifiers() & Qt::ShiftModifier ? kStride_mm : kNudge_mm;
  switch (e->key()) {
    case Qt::Key_Left:
      return push({-by, 0}, 0);
    case Qt::Key_Right:
      return push({by, 0}, 0);
    case Qt::Key_Up:
      return push({0, by}, 0);
    case Qt::Key_Down:
      return push({0, -by}, 0);
    case Qt::Key_Comma:
      return push({}, kTurn_deg);
    case Qt::Key_Period:
      return push({}, -kTurn_deg);
    default:
      QWidget::keyPressEvent(e);
  }
}

}  // namespace havlo
