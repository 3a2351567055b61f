// What the mouse does on the card face.
#include <QApplication>
#include <QContextMenuEvent>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>

#include "app/face/face_view.h"
#include "app/face/handled.h"

namespace havlo {
namespace {

constexpr double kStill_px = 3;  // less is no drag where a click means something else

}  // namespace

void FaceView::mousePressEvent(QMouseEvent* e) {
  setFocus(Qt::MouseFocusReason);
  m_press.reset();
  if (e->button() == Qt::MiddleButton || (e->button() == Qt::LeftButton && m_space)) {
    m_panFrom = e->position();
    setCursor(Qt::ClosedHandCursor);
    return;
  }
  if (e->button() != Qt::LeftButton) return;
  const QPointF at = e->position();
  const int selected = m_session.selectedIndex();
  const QString key = nextDragKey();
  if (selected >= 0) {
    if (!m_session.severalChosen())
      for (const auto along : {Qt::Horizontal, Qt::Vertical})
        if (tag(along).contains(at)) return typeMeasure(along);
    const QPointF off = at - turnHandle(selected);
    if (std::hypot(off.x(), off.y()) < 9) {
      if (Ids things = handled(m_session); !things.empty())
        m_drag = std::make_unique<TurnDrag>(m_session, selected, std::move(things), key,
                                            geometryNow().toPanel(at));
      return;
    }
  }
  const auto handles = handlesOf(m_session, m_row, geometryNow());
  if (const SceneHandle* h = handleAt(handles, at)) {
    if (h->what == SceneHandle::What::Light) m_session.choosePart(QStringLiteral("light"));
    m_drag = dragOf(*h, m_session, m_row, key);
    return;
  }
  if (const int thing = thingAt(at); thing >= 0) return pressThing(thing, e);
  const int mark = m_overlay.markAt(at, geometryNow());
  if (mark == -2) return m_session.choosePart(QStringLiteral("room"));
  if (mark >= 0)
    return m_session.choosePart(QStringLiteral("ground:") +
                                QString::fromStdString(m_session.plan().ground[ix(mark)].id));
  beginFrame(e);
}

void FaceView::beginFrame(QMouseEvent* e) {
  const bool more = e->modifiers() & (Qt::ShiftModifier | Qt::ControlModifier);
  if (!more) m_session.select({});
  m_drag =
      std::make_unique<FrameDrag>(m_session, geometryNow().toPanel(m_press ? m_press->at : e->position()),
                                  more ? m_session.chosen().all() : QStringList());
}

/// What it comes to is known when the pointer moves, or is let go. With Alt what stands behind comes.
void FaceView::pressThing(int thing, QMouseEvent* e) {
  m_press = Press{e->position(), thing, false, {}, {}};
  const std::vector<int> all = thingsAt(e->position());
  const auto here = std::find(all.begin(), all.end(), m_session.selectedIndex());
  if ((e->modifiers() & Qt::AltModifier) && here != all.end()) {
    m_press->thing = *here;
    m_press->only = idOf(here + 1 == all.end() ? all.front() : *(here + 1));
    return;
  }
  const QString id = idOf(thing);
  if (isGroundOrSky(thing)) {
    // Clicked it is chosen; a drag over it draws a frame round what stands before it.
    (e->modifiers() & (Qt::ShiftModifier | Qt::ControlModifier) ? m_press->toggle : m_press->only) = id;
    m_press->frame = true;
    if (m_press->toggle.isEmpty()) m_session.select({});
  } else if (e->modifiers() & (Qt::ShiftModifier | Qt::ControlModifier)) {
    m_press->toggle = id;
  } else if (!m_session.chosen().holds(id)) {
    m_session.select(id);
  } else if (m_session.severalChosen()) {
    m_press->only = id;
  }
}

void FaceView::beginMove() {
  const int thing = m_press->thing;
  const QPointF from = m_press->at;
  if (!m_session.chosen().holds(idOf(thing))) m_session.toggle(idOf(thing));
  m_press.reset();
  Ids things = handled(m_session);
  if (things.empty()) return;
  // A held one among others is pulled at in vain: the first that moves leads.
  const int leads =
      std::find(things.begin(), things.end(), m_session.plan().impressions[ix(thing)].id) == things.end()
          ? m_session.plan().indexOf(things.front())
          : thing;
  m_drag = std::make_unique<MoveDrag>(m_session, leads, std::move(things), nextDragKey(),
                                      geometryNow().toPanel(from));
}

void FaceView::mouseMoveEvent(QMouseEvent* e) {
  moveLoupe(e->position());
  if (m_panFrom) {
    panBy(e->position() - *m_panFrom);
    m_panFrom = e->position();
    return;
  }
  if (m_press && (e->buttons() & Qt::LeftButton)) {
    const QPointF way = e->position() - m_press->at;
    const double away = std::hypot(way.x(), way.y());
    if (m_press->frame) {
      if (away < kStill_px) return;
      beginFrame(e);
      m_press.reset();
    } else if (e->modifiers() & Qt::ControlModifier) {
      if (away < QApplication::startDragDistance()) return;
      if (!m_session.chosen().holds(idOf(m_press->thing))) m_session.select(idOf(m_press->thing));
      m_press.reset();
      Q_EMIT carryWanted();
      return;
    } else {
      if (!m_press->toggle.isEmpty() && away < kStill_px) return;
      beginMove();
    }
  }
  if (m_drag && (e->buttons() & Qt::LeftButton)) {
    m_drag->moveTo(e->position(), geometryNow(), e->modifiers());
    update();
    return;
  }
  const int selected = m_session.selectedIndex();
  const int hover = thingAt(e->position());
  if (hover != m_hover) {
    m_hover = hover;
    update();
  }
  const bool onTag =
      selected >= 0 && !m_session.severalChosen() &&
      (tag(Qt::Horizontal).contains(e->position()) || tag(Qt::Vertical).contains(e->position()));
  const auto handles = handlesOf(m_session, m_row, geometryNow());
  const SceneHandle* handle = handleAt(handles, e->position());
  setCursor(m_space                                                ? Qt::OpenHandCursor
            : handle && handle->what == SceneHandle::What::Horizon ? Qt::SizeVerCursor
            : handle && handle->what == SceneHandle::What::Vanish  ? Qt::SizeHorCursor
            : handle                                               ? Qt::SizeAllCursor
            : onTag                                                ? Qt::IBeamCursor
            : hover >= 0                                           ? Qt::OpenHandCursor
                                                                   : Qt::ArrowCursor);
}

void FaceView::mouseReleaseEvent(QMouseEvent*) {
  m_panFrom.reset();
  if (m_drag) {
    m_drag->finish();
    m_drag.reset();
    update();
  }
  if (!m_press) return;
  const Press press = *m_press;
  m_press.reset();
  if (!press.toggle.isEmpty()) {
    m_session.toggle(press.toggle);
  } else if (!press.only.isEmpty()) {
    m_session.select(press.only);
  }
}

void FaceView::leaveEvent(QEvent*) {
  if (m_hover < 0) return;
  m_hover = -1;
  update();
}

void FaceView::contextMenuEvent(QContextMenuEvent* e) {
  // By the keyboard it opens on what is chosen.
  const int chosen = m_session.selectedIndex();
  const bool byKeys = e->reason() == QContextMenuEvent::Keyboard && chosen >= 0;
  const QPointF at =
      byKeys ? geometryNow().toPixels(m_session.plan().impressions[ix(chosen)].at) : QPointF(e->pos());
  const Point spot = geometryNow().toPanel(at);
  if (const int thing = byKeys ? chosen : thingAt(at); thing >= 0 && !isGroundOrSky(thing)) {
    if (!m_session.chosen().holds(idOf(thing))) m_session.select(idOf(thing));
    const Impression& i = m_session.plan().impressions[ix(thing)];
    Q_EMIT pointAsked(thing, placingOf(i, *m_session.plan().stamp(i.stamp)).toFrame(spot),
                      mapToGlobal(at.toPoint()));
    return;
  }
  Q_EMIT spotAsked(spot, mapToGlobal(at.toPoint()));
}

void FaceView::showConstruction(bool shown) {
  m_overlay.construction = shown;
  update();
}

void FaceView::mouseDoubleClickEvent(QMouseEvent* e) {
  if (thingAt(e->position()) >= 0) typeMeasure(Qt::Horizontal);
}

}  // namespace havlo
