// Keys, wheel, gestures and what is let fall on the card face.
#include <QDropEvent>
#include <QGestureEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QNativeGestureEvent>
#include <QPinchGesture>
#include <QPushButton>
#include <QToolTip>
#include <algorithm>
#include <cmath>

#include "app/common/stamp_mime.h"
#include "app/scene/face_view.h"
#include "app/scene/handled.h"
#include "app/scene/thing_acts.h"
#include "io/wording/group_words.h"
#include "io/wording/names.h"

namespace havlo {

void FaceView::nudge(Point by) {
  const Ids things = handled(m_session);
  if (things.empty()) return;
  const Plan& plan = m_session.plan();
  m_session.edit(tr("Nudge %1").arg(thingsName(plan, m_session.chosenIndices())),
                 withFeetMoved(plan, things, by),
                 QStringLiteral("nudge-%1").arg(m_session.chosen().all().join(u' ')));
  if (const int i = m_session.selectedIndex(); i >= 0)
    moveLoupe(geometryNow().toPixels(m_session.plan().impressions[ix(i)].at));
}

void FaceView::turnBy(double degrees) {
  const Ids things = handled(m_session);
  if (things.empty()) return;
  const Plan& plan = m_session.plan();
  const Result<Plan> turned =
      things.size() > 1 ? withTurnedTogether(plan, things, Degrees{degrees})
                        : withTurn(plan, things[0], Degrees{plan.impression(things[0])->turn_deg + degrees});
  m_session.edit(tr("Turn %1").arg(thingsName(plan, m_session.chosenIndices())), turned,
                 QStringLiteral("turn-%1").arg(m_session.chosen().all().join(u' ')));
}

void FaceView::keyPressEvent(QKeyEvent* e) {
  const bool fine = e->modifiers() & Qt::ShiftModifier, whole = e->modifiers() & Qt::ControlModifier;
  const double step = m_session.units() == MeasureStyle::Inches ? kMmPerInch / (fine ? 64 : 16)
                      : fine                                    ? 0.1
                                                                : 1.0;
  constexpr double kPan_px = 40;
  switch (e->key()) {
    case Qt::Key_Left:
      return whole ? panBy({kPan_px, 0}) : nudge({-step, 0});
    case Qt::Key_Right:
      return whole ? panBy({-kPan_px, 0}) : nudge({step, 0});
    case Qt::Key_Up:
      return whole ? panBy({0, kPan_px}) : nudge({0, step});
    case Qt::Key_Down:
      return whole ? panBy({0, -kPan_px}) : nudge({0, -step});
    case Qt::Key_Comma:
    case Qt::Key_Less:
      return turnBy(fine ? 0.1 : 1);
    case Qt::Key_Period:
    case Qt::Key_Greater:
      return turnBy(fine ? -0.1 : -1);
    case Qt::Key_L:
      return typeMeasure(Qt::Horizontal);
    case Qt::Key_B:
      return typeMeasure(Qt::Vertical);
    case Qt::Key_Z:
      return setLoupe(!loupeOn());
    case Qt::Key_K:
      if (const QString& id = m_session.selected(); !id.isEmpty() && m_kept.removeAll(id) == 0) m_kept << id;
      return update();
    case Qt::Key_Space:
      m_space = true;
      return setCursor(Qt::OpenHandCursor);
    case Qt::Key_Escape:
      m_kept.clear();
      m_drag.reset();
      if (loupeOn()) return setLoupe(false);
      return m_session.select({});
    default:
      QWidget::keyPressEvent(e);
  }
}

void FaceView::keyReleaseEvent(QKeyEvent* e) {
  if (e->key() != Qt::Key_Space || e->isAutoRepeat()) return QWidget::keyReleaseEvent(e);
  m_space = false;
  setCursor(Qt::ArrowCursor);
}

void FaceView::wheelEvent(QWheelEvent* e) {
  if (e->modifiers() & Qt::ControlModifier) {
    setZoom(m_zoom * std::pow(1.0015, e->angleDelta().y()), e->position());
  } else if (m_zoom > 1) {
    const QPointF by = QPointF(e->angleDelta()) / 4;
    panBy(e->modifiers() & Qt::ShiftModifier ? QPointF(by.y(), by.x()) : by);
  } else {
    return QWidget::wheelEvent(e);
  }
  update();
}

void FaceView::dragEnterEvent(QDragEnterEvent* e) {
  if (e->mimeData()->hasFormat(kStampMime) || ThingActs::canPaste(e->mimeData())) e->acceptProposedAction();
}

void FaceView::dragMoveEvent(QDragMoveEvent* e) { e->acceptProposedAction(); }

void FaceView::dropEvent(QDropEvent* e) {
  e->setDropAction(Qt::CopyAction);
  e->accept();
  Q_EMIT dropped(e->mimeData(), geometryNow().toPanel(e->position()));
  setFocus();
}

/// The next thing to choose by Tab, front to back. @return false past the last one
bool FaceView::goOn(bool forward) {
  std::vector<int> line;
  for (const int i : m_session.analysis()->knots.frontToBack)
    if (!m_session.isHidden(i)) line.push_back(i);
  if (line.empty()) return false;
  const auto here = std::find(line.begin(), line.end(), m_session.selectedIndex());
  const auto next = here == line.end() ? (forward ? 0 : static_cast<long>(line.size()) - 1)
                                       : here - line.begin() + (forward ? 1 : -1);
  if (next < 0 || next >= static_cast<long>(line.size())) return false;
  const QString id = idOf(line[static_cast<size_t>(next)]);
  QStringList all = m_kept;
  all.removeAll(id);
  m_session.choose(all << id);
  return true;
}

bool FaceView::event(QEvent* e) {
  if (e->type() == QEvent::ToolTip) {
    if (loupeOn()) return true;
    const auto* help = static_cast<QHelpEvent*>(e);
    const int i = thingAt(help->pos());
    const auto handles = handlesOf(m_session, m_row, geometryNow());
    const SceneHandle* handle = handleAt(handles, help->pos());
    QToolTip::showText(help->globalPos(),
                       handle  ? handle->tip
                       : i < 0 ? QString()
                               : labelOf(m_session.plan(), i),
                       this);
    return true;
  }
  if (e->type() == QEvent::NativeGesture) {
    const auto* gesture = static_cast<QNativeGestureEvent*>(e);
    if (gesture->gestureType() == Qt::ZoomNativeGesture) {
      setZoom(m_zoom * (1 + gesture->value()), gesture->position());
      return true;
    }
  }
  if (e->type() == QEvent::Gesture)
    if (const auto* pinch =
            static_cast<QPinchGesture*>(static_cast<QGestureEvent*>(e)->gesture(Qt::PinchGesture))) {
      setZoom(m_zoom * pinch->scaleFactor(), mapFromGlobal(pinch->hotSpot()));
      return true;
    }
  // Tab walks through the things, front to back, before it leaves the face.
  if (e->type() == QEvent::KeyPress) {
    const auto* key = static_cast<QKeyEvent*>(e);
    const bool forward = key->key() == Qt::Key_Tab, backward = key->key() == Qt::Key_Backtab;
    if ((forward || backward) && !(key->modifiers() & Qt::ControlModifier) && goOn(forward)) return true;
  }
  return QWidget::event(e);
}

void FaceView::resizeEvent(QResizeEvent*) {
  m_showHidden->move(width() - m_showHidden->width() - 4, 2);
  refresh();
}

}  // namespace havlo
