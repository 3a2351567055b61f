// Labels are made anew at every move, so that undo names the whole act.
#include "app/face/face_drag.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/face/face_note.h"
#include "app/theme/theme.h"
#include "core/edit/edits.h"
#include "io/wording/finding_words.h"
#include "io/wording/group_words.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

double angleFrom(Point centre, Point p) {
  return std::atan2(p.y - centre.y, p.x - centre.x) * 180 / 3.14159265358979323846;
}

constexpr double kReach_px = 4;

std::vector<int> indicesOf(const Plan& plan, const Ids& things) {
  std::vector<int> out;
  for (const std::string& id : things) out.push_back(plan.indexOf(id));
  return out;
}

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
      m_hold(session),
      m_start(session.plan()),
      m_impression(impression),
      m_mergeKey(std::move(mergeKey)) {}

MoveDrag::MoveDrag(PlanSession& session, int impression, Ids things, QString mergeKey, Point grabbed)
    : FaceDrag(session, impression, std::move(mergeKey)),
      m_things(std::move(things)),
      m_moving(movedWith(m_start, m_things)),
      m_grabbed(grabbed) {}

void MoveDrag::moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) {
  const Point now = g.toPanel(pixel);
  double dx = now.x - m_grabbed.x, dy = now.y - m_grabbed.y;
  if (keys & Qt::ShiftModifier) (std::fabs(dx) < std::fabs(dy) ? dx : dy) = 0;
  const Point from = thing().at;
  Point to{from.x + dx, from.y + dy};
  const auto& placed = m_session.scene()->meetings.placed;
  m_snapped = {};
  // A foot that comes near something to stand on comes to rest there; Alt leaves it where it is held.
  const bool free = keys & (Qt::AltModifier | Qt::ShiftModifier);
  if (!free && m_things.size() == 1)
    if (const auto rest = restFor(m_start, m_impression, to, kReach_px / g.scale, placed);
        rest && worthResting(*rest)) {
      auto after = withFoot(m_start, thing().id, rest->at);
      if (after && rest->depth) after = withDepth(after.value(), thing().id, *rest->depth);
      m_session.edit(tr("Set %1 down").arg(nameOf(m_start, m_impression)), after, m_mergeKey);
      return;
    }
  if (!free) {
    m_snapped = snapped(m_start, placed, m_moving, m_impression, to, kReach_px / g.scale);
    to = m_snapped.foot;
  }
  m_session.edit(
      tr("Move %1 %2")
          .arg(thingsName(m_start, indicesOf(m_start, m_things)), moveWords(from, to, m_session.units())),
      withFeetMoved(m_start, m_things, to - from), m_mergeKey);
}

void MoveDrag::paint(QPainter& p, const FaceGeometry& g) const {
  const Theme onCard = lightTheme();
  const QRectF face = g.face();
  for (const auto& line : {m_snapped.across, m_snapped.up}) {
    if (!line) continue;
    p.setPen(QPen(onCard.green, 1.2, Qt::DashDotLine));
    const QPointF at = g.toPixels({line->at_mm, line->at_mm}), foot = g.toPixels(m_snapped.foot);
    const double x = std::clamp(at.x(), face.left(), face.right()),
                 y = std::clamp(at.y(), face.top(), face.bottom());
    line->upright ? p.drawLine(QPointF(x, face.top()), QPointF(x, face.bottom()))
                  : p.drawLine(QPointF(face.left(), y), QPointF(face.right(), y));
    const QString words = snapWords(m_start, *line);
    const double wide = noteWidth(words);
    // Beside the line, on the side with more room; the two never over each other.
    const QPointF beside =
        line->upright
            ? QPointF(x + (x + wide + 8 > face.right() ? -wide - 4 : 4), face.top() + 4)
            : QPointF(foot.x() < face.center().x() ? face.right() - wide - 4 : face.left() + 4, y + 3);
    drawNote(p, beside, words, face.bottom() - 2);
  }
}

TurnDrag::TurnDrag(PlanSession& session, int impression, Ids things, QString mergeKey, Point grabbed)
    : FaceDrag(session, impression, std::move(mergeKey)), m_things(std::move(things)), m_about(thing().at) {
  if (m_things.size() > 1) {
    m_about = {};
    for (const std::string& id : m_things) m_about = m_about + m_start.impression(id)->at;
    const double n = static_cast<double>(m_things.size());
    m_about = {m_about.x / n, m_about.y / n};
  }
  m_grabbed_deg = angleFrom(m_about, grabbed);
}

void TurnDrag::moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers keys) {
  const double step = keys & Qt::ShiftModifier ? 0.1 : 1.0;
  const double by = angleFrom(m_about, g.toPanel(pixel)) - m_grabbed_deg;
  const int digits = step < 1 ? 1 : 0;
  if (m_things.size() > 1) {
    const double turn = std::remainder(std::round(by / step) * step, 360.0);
    m_session.edit(
        tr("Turn %1 by %2°").arg(thingsName(m_start, indicesOf(m_start, m_things))).arg(turn, 0, 'f', digits),
        withTurnedTogether(m_start, m_things, Degrees{turn}), m_mergeKey);
    return;
  }
  const double turn = std::round((thing().turn_deg + by) / step) * step;
  m_session.edit(tr("Turn %1 to %2°")
                     .arg(nameOf(m_start, m_impression))
                     .arg(std::remainder(turn, 360.0), 0, 'f', digits),
                 withTurn(m_start, thing().id, Degrees{turn}), m_mergeKey);
}

FrameDrag::FrameDrag(PlanSession& session, Point from, QStringList before)
    : FaceDrag(session, -1, {}), m_from(from), m_to(from), m_before(std::move(before)) {}

void FrameDrag::moveTo(QPointF pixel, const FaceGeometry& g, Qt::KeyboardModifiers) {
  m_to = g.toPanel(pixel);
  const Box frame{std::min(m_from.x, m_to.x), std::min(m_from.y, m_to.y), std::max(m_from.x, m_to.x),
                  std::max(m_from.y, m_to.y)};
  const Plan& plan = m_session.plan();
  const auto& placed = m_session.scene()->meetings.placed;
  QStringList in = m_before;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Box box = placed[k]->box;
    if (!m_session.isHidden(static_cast<int>(k)) && frame.contains({box.left, box.bottom}) &&
        frame.contains({box.right, box.top}))
      in << QString::fromStdString(plan.impressions[k].id);
  }
  m_session.choose(in);
}

void FrameDrag::paint(QPainter& p, const FaceGeometry& g) const {
  const Theme onCard = lightTheme();
  QColor veil = onCard.green;
  veil.setAlpha(26);
  p.setPen(QPen(onCard.green, 1.2));
  p.setBrush(veil);
  p.drawRoundedRect(QRectF(g.toPixels(m_from), g.toPixels(m_to)).normalized(), 3, 3);
}

}  // namespace havlo
