// Labels are made anew at every move, so that undo names the whole act.
#include "app/scene/face_drag.h"

#include <cmath>

#include "core/edit/edits.h"
#include "io/wording/finding_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

double angleFrom(Point centre, Point p) {
  return std::atan2(p.y - centre.y, p.x - centre.x) * 180 / 3.14159265358979323846;
}

constexpr double kReach_px = 4;

}  // namespace

/// What stands on the ground stays on it unless it is brought to a point made for it; a thing that is on
/// another may come to rest on tops as well.
bool MoveDrag::worthResting(const Rest& rest) const {
  const bool onGround = std::holds_alternative<OnGround>(thing().depth);
  switch (rest.on) {
    case Rest::On::Contact:
    case Rest::On::RoomBox:
      return true;
    case Rest::On::GroundEdge:
    case Rest::On::Ground:
      return onGround;
    case Rest::On::Top:
      return std::holds_alternative<OnThing>(thing().depth);
  }
  return false;
}

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
  const Point from = thing().at;
  Point to{from.x + dx, from.y + dy};
  // A foot that comes near something to stand on comes to rest there; Alt leaves it where it is held.
  if (!(keys & (Qt::AltModifier | Qt::ShiftModifier)))
    if (const auto rest =
            restFor(m_start, m_impression, to, kReach_px / g.scale, m_session.analysis()->meetings.placed);
        rest && worthResting(*rest)) {
      auto after = withFoot(m_start, thing().id, rest->at);
      if (after && rest->depth) after = withDepth(after.value(), thing().id, *rest->depth);
      m_session.edit(tr("Set %1 down").arg(nameOf(m_start, m_impression)), after, m_mergeKey);
      return;
    }
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
