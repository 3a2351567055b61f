// Keys, wheel, gestures and what is let fall on the card face.
#include <QDropEvent>
#include <QGestureEvent>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QMimeData>
#include <QNativeGestureEvent>
#include <QPinchGesture>
#include <QPushButton>
#include <algorithm>
#include <cmath>

#include "app/common/stamp_mime.h"
#include "app/common/tip.h"
#include "app/face/face_view.h"
#include "app/face/handled.h"
#include "app/face/thing_acts.h"
#include "io/wording/finding_words.h"
#include "io/wording/group_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

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
  if (m_handle >= 0 && !whole) {
    const double px = step * geometryNow().scale;
    const QPointF by = e->key() == Qt::Key_Left    ? QPointF(-px, 0)
                       : e->key() == Qt::Key_Right ? QPointF(px, 0)
                       : e->key() == Qt::Key_Up    ? QPointF(0, -px)
                       : e->key() == Qt::Key_Down  ? QPointF(0, px)
                                                   : QPointF();
    if (!by.isNull() && moveHandle(by)) return;
  }
  switch (e->key()) {
    case Qt::Key_Left:
      return whole ? panBy({kPan_px, 0}) : nudge({-step, 0});
    case Qt::Key_Right:
      return whole ? panBy({-kPan_px, 0}) : nudge({step, 0});
    case Qt::Key_Up:
      return whole ? panBy({0, kPan_px}) : nudge({0, step});
    case Qt::Key_Down:
      return whole ? panBy({0, -kPan_px}) : nudge({0, -step});
    case Qt::Key_PageDown:
    case Qt::Key_PageUp:
      goOn(e->key() == Qt::Key_PageDown);
      return;
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
    case Qt::Key_H:
      return nextHandle();
    case Qt::Key_Escape:
      m_kept.clear();
      m_handle = -1;
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

std::vector<int> FaceView::frontToBack() const {
  std::vector<int> line;
  for (const int i : m_session.scene()->knots.frontToBack)
    if (!m_session.isHidden(i)) line.push_back(i);
  return line;
}

/// With its place and what the scene says of it.
std::vector<ViewItem> FaceView::items() const {
  std::vector<ViewItem> out;
  const Plan& plan = m_session.plan();
  const Analysis& a = *m_session.scene();
  if (a.meetings.placed.size() != plan.impressions.size()) return out;
  const FaceGeometry g = geometryNow();
  for (const int i : frontToBack()) {
    const Impression& thing = plan.impressions[ix(i)];
    const Box box = a.meetings.placed[ix(i)]->box;
    QStringList words{
        tr("%1 from the left, %2 from the bottom").arg(measureWords(thing.at.x), measureWords(thing.at.y)),
        tr("%1 away").arg(spoken(writeDistance(Metres{a.depth->distance_m(i)})))};
    if (thing.hero) words << tr("the hero");
    for (const Finding& f : a.findings)
      if (!f.known && std::find(f.impressions.begin(), f.impressions.end(), i) != f.impressions.end())
        words << wordsOf(plan, a, f, m_session.units()).text;
    if (m_session.aside().held.contains(idOf(i))) words << tr("held in place");
    out.push_back(
        {labelOf(plan, i), words.join(QStringLiteral("; ")),
         QRectF(g.toPixels({box.left, box.top}), g.toPixels({box.right, box.bottom})).toAlignedRect(),
         m_session.chosen().holds(idOf(i))});
  }
  return out;
}

void FaceView::takeItem(int item) {
  const std::vector<int> line = frontToBack();
  if (item < 0 || item >= static_cast<int>(line.size())) return;
  setFocus();
  m_session.select(idOf(line[ix(item)]));
}

/// H goes through what can be taken hold of besides things; then arrow keys move that.
void FaceView::nextHandle() {
  const auto all = handlesOf(m_session, m_row, geometryNow());
  m_handle = m_handle + 1 < static_cast<int>(all.size()) ? m_handle + 1 : -1;
  if (m_handle >= 0) announce(this, all[ix(m_handle)].tip);
  if (m_handle < 0) setAccessibleName(tr("Card face"));
  update();
}

bool FaceView::moveHandle(QPointF by_px) {
  const auto all = handlesOf(m_session, m_row, geometryNow());
  if (m_handle < 0 || m_handle >= static_cast<int>(all.size())) return false;
  const SceneHandle& handle = all[ix(m_handle)];
  const auto drag = dragOf(handle, m_session, m_row, QStringLiteral("handle-%1").arg(m_handle));
  if (!drag) return false;
  // By where it really is, not where its tab hangs beside the card.
  drag->moveTo(handle.at + by_px, geometryNow(), Qt::AltModifier);
  update();
  return true;
}

/// Chooses the next thing, front to back. @return false past the last one
bool FaceView::goOn(bool forward) {
  const std::vector<int> line = frontToBack();
  if (line.empty()) return false;
  const auto here = std::find(line.begin(), line.end(), m_session.selectedIndex());
  const auto next = here == line.end() ? (forward ? 0 : static_cast<long>(line.size()) - 1)
                                       : here - line.begin() + (forward ? 1 : -1);
  if (next < 0 || next >= static_cast<long>(line.size())) return false;
  const QString id = idOf(line[static_cast<size_t>(next)]);
  QStringList all = m_kept;
  all.removeAll(id);
  m_session.choose(all << id);
  itemFocused(this, static_cast<int>(next));
  return true;
}

bool FaceView::event(QEvent* e) {
  if (e->type() == QEvent::ToolTip) {
    if (loupeOn()) return true;
    const auto* help = static_cast<QHelpEvent*>(e);
    const int i = thingAt(help->pos());
    const auto handles = handlesOf(m_session, m_row, geometryNow());
    const SceneHandle* handle = handleAt(handles, help->pos());
    showTip(help->globalPos(), handle ? handle->tip : i < 0 ? QString() : labelOf(m_session.plan(), i), this);
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
  return QWidget::event(e);
}

void FaceView::resizeEvent(QResizeEvent*) {
  m_showHidden->move(width() - m_showHidden->width() - 4, 2);
  keepMiddle();
  refresh();
}

}  // namespace havlo
