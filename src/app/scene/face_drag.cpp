// Labels are made anew at every move, so that undo names the whole act.
#include "app/scene/face_drag.h"

#include <QCoreApplication>
#include <cmath>

#include "io/wording/finding_words.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

QString tr(const char* text) { return QCoreApplication::translate("FaceDrag", text); }

double angleFrom(Point centre, Point p) {
  return std::atan2(p.y - centre.y, p.x - centre.x) * 180 / 3.14159265358979323846;
}

}  // namespace

FaceDrag::FaceDrag(PlanSession& session, int impression, QString mergeKey)
    : m_session(session),
      m_start(session.plan()),
      m_impression(impression),
      m_mergeKey(std::move(mergeKey)) {}

MoveDrag::MoveDrag(PlanSession& session, int impression, QString mergeKey, Point grabbed)
    : FaceDrag(session, impression, std::move(mergeKey)), m_grabbed(grabbed) {}

void MoveDrag::moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) {
  const Point now = g.toPanel(pixel);
  double dx = now.x - m_grabbed.x, dy = now.y - m_grabbed.y;
  if (keys & Qt::ShiftModifier) (std::fabs(dx) < std::fabs(dy) ? dx : dy) = 0;
  const Point from = thing().at, to{from.x + dx, from.y + dy};
  m_session.edit(tr("Move %1 %2").arg(nameOf(m_start, m_impression), moveWords(from, to, m_session.units())),
                 withFoot(m_start, thing().id, to), m_mergeKey);
}

TurnDrag::TurnDrag(PlanSession& session, int impression, QString mergeKey, Point grabbed)
    : FaceDrag(session, impression, std::move(mergeKey)), m_grabbed_deg(angleFrom(thing().at, grabbed)) {}

void TurnDrag::moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) {
  const double step = keys & Qt::ShiftModifier ? 0.1 : 1.0;
  const double by = angleFrom(thing().at, g.toPanel(pixel)) - m_grabbed_deg;
  const double turn = std::round((thing().turn_deg + by) / step) * step;
  m_session.edit(tr("Turn %1 to %2°")
                     .arg(nameOf(m_start, m_impression))
                     .arg(std::remainder(turn, 360.0), 0, 'f', step < 1 ? 1 : 0),
                 withTurn(m_start, thing().id, Degrees{turn}), m_mergeKey);
}

}  // namespace havlo
