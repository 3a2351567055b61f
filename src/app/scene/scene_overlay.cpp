#include "app/scene/scene_overlay.h"

#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/scene/row_draft.h"
#include "app/theme/theme.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"
#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr QColor kShade(0x4b, 0x52, 0x66);  // a soft slate: shadows on any paper
constexpr int kShadow = 70, kSide = 50;     // alphas
constexpr double kNear_px = 5;
constexpr double kLayer = 0.5;  // pixels of a layer over pixels of the face

double awayFrom(QPointF p, QPointF a, QPointF b) {
  const QPointF d = b - a, off = p - a;
  const double l = d.x() * d.x() + d.y() * d.y();
  const double t = l > 0 ? std::clamp((off.x() * d.x() + off.y() * d.y()) / l, 0.0, 1.0) : 0;
  const QPointF r = off - t * d;
  return std::hypot(r.x(), r.y());
}

/// Soft shades need no fine pixels: they are painted at half size, with outlines as fine as that shows.
QImage emptyLayer(const QRectF& face) {
  QImage layer((face.size() * kLayer).toSize().expandedTo({1, 1}), QImage::Format_ARGB32_Premultiplied);
  layer.fill(Qt::transparent);
  return layer;
}

QPainterPath coarse(const Rings& rings, const FaceGeometry& g) {
  QPainterPath path;
  for (const Ring& ring : rings) {
    QPolygonF line;
    for (const Point p : ring) {
      const QPointF at = (g.toPixels(p) - g.face().topLeft()) * kLayer;
      if (line.isEmpty() || (at - line.last()).manhattanLength() > 1.1) line << at;
    }
    if (line.size() < 3) continue;
    path.addPolygon(line);
    path.closeSubpath();
  }
  return path;
}

}  // namespace

void SceneOverlay::bringUpToDate() {
  if (m_of == m_session.analysis() && m_withConstruction == construction) return;
  m_of = m_session.analysis();
  m_withConstruction = construction;
  const Plan& plan = m_session.plan();
  m_chains = chained(guidesOf(plan, *m_of->depth, m_of->meetings.placed, {construction, false, true}));
  m_shadows = castShadows(plan, *m_of->depth, m_of->meetings.placed);
}

/// Shadows lie on the ground: what stands nearer covers them, what stands farther does not.
QImage SceneOverlay::shadowLayer(const FaceGeometry& g) const {
  QImage layer = emptyLayer(g.face());
  QPainter p(&layer);
  p.setRenderHint(QPainter::Antialiasing);
  p.setPen(Qt::NoPen);
  p.setBrush(kShade);
  for (const CastShadow& s : m_shadows) p.drawPath(coarse(s.shape, g));
  p.setCompositionMode(QPainter::CompositionMode_Clear);
  const Analysis& a = *m_of;
  for (size_t i = 0; i < a.meetings.placed.size(); ++i) {
    const double d = a.depth->distance_m(static_cast<int>(i));
    if (!std::isfinite(d)) continue;
    const double ground = groundHeight(*m_session.plan().view, Metres{d}).value;
    const double y = (g.toPixels({0, ground}).y() - g.face().top()) * kLayer;
    p.setClipRect(QRectF(0, -1e4, layer.width(), y + 1e4));
    p.drawPath(coarse(a.meetings.placed[i]->silhouette, g));
  }
  return layer;
}

/// From the farthest to the nearest: each thing's shading takes the place of what lies behind it.
QImage SceneOverlay::sideLayer(const FaceGeometry& g) const {
  QImage layer = emptyLayer(g.face());
  const Plan& plan = m_session.plan();
  const auto light = sceneLight(plan);
  if (!light) return layer;
  const Analysis& a = *m_of;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  QPainter p(&layer);
  p.setRenderHint(QPainter::Antialiasing);
  p.setPen(Qt::NoPen);
  const auto& line = a.depth->frontToBack();
  for (auto it = line.rbegin(); it != line.rend(); ++it) {
    const auto i = ix(*it);
    const Placed& thing = *a.meetings.placed[i];
    const RoleFacts& role = factsOf(thing.outline->stamp->role);
    const double d = a.depth->distance_m(*it);
    if (thing.areaOnPanel_mm2 <= 0 || role.words) continue;
    const QPainterPath path = coarse(thing.silhouette, g);
    const bool plain = !std::isfinite(d) || !role.sides;
    p.setCompositionMode(QPainter::CompositionMode_Clear);
    p.setBrush(kShade);
    p.drawPath(path);
    if (plain) continue;
    const Box box = boxOf(thing.silhouette);
    const ScenePoint to = towards(*light, projection.atDistance(box.centre(), d));
    // The dark side is away from the light; light from behind darkens the whole face a little.
    const double across = std::clamp(to.x * 1.4, -1.0, 1.0), behind = std::clamp(to.away, 0.0, 1.0);
    const QRectF bounds = path.boundingRect();
    const QPointF left(bounds.left(), 0), right(bounds.right(), 0);
    QLinearGradient shade(across > 0 ? right : left, across > 0 ? left : right);
    QColor dark = kShade, lit = kShade;
    dark.setAlpha(qRound(kSide * std::max(std::fabs(across), behind * 0.7)));
    lit.setAlpha(qRound(kSide * 0.25 * behind));
    shade.setColorAt(0, lit);
    shade.setColorAt(0.45, lit);
    shade.setColorAt(1, dark);
    p.setCompositionMode(QPainter::CompositionMode_SourceOver);
    p.setBrush(shade);
    p.drawPath(path);
  }
  return layer;
}

void SceneOverlay::paintRow(QPainter& p, const FaceGeometry& g) const {
  if (!m_row.active() || !m_row.plan()) return;
  const Theme onCard = lightTheme();
  const RowPlan& row = m_row.plan().value();
  for (auto place = row.places.rbegin(); place != row.places.rend(); ++place) {
    const Stamp& stamp = *m_row.wish().sizes[ix(place->size)];
    const Placing placing(stamp.foot, place->at, Degrees{0});
    const QPainterPath path = g.transform().map(pathOf(placing.toPanel(stamp.silhouette)));
    QColor veil = onCard.card;
    veil.setAlpha(170);
    p.setBrush(veil);
    p.setPen(QPen(place->fits ? onCard.green : onCard.ochre, 1.4));
    p.drawPath(path);
  }
}

void SceneOverlay::paintBelow(QPainter& p, const FaceGeometry& g) {
  if (!m_session.plan().view) return;
  p.save();
  bringUpToDate();
  const Theme onCard = lightTheme();
  if (!m_shadows.empty()) {
    QImage shades = sideLayer(g);
    QPainter both(&shades);
    both.setOpacity(kShadow / 255.0);
    both.drawImage(0, 0, shadowLayer(g));
    both.end();
    p.drawImage(g.face(), shades);
  }
  const int mark = m_session.chosenMark();
  const bool room = m_session.chosenPart() == QLatin1String("room");
  p.setBrush(Qt::NoBrush);
  for (const GuideChain& c : m_chains) {
    const bool ink = c.kind == GuideKind::Ink && c.of != GuideOf::Reflection;
    if (c.kind == GuideKind::Construction && c.of == GuideOf::Horizon)
      continue;  // drawn with its name elsewhere
    const bool chosen = (c.of == GuideOf::Ground && c.index == mark) || (c.of == GuideOf::Room && room);
    QColor colour = chosen ? onCard.green : onCard.ink;
    colour.setAlpha(ink ? 190 : 110);
    p.setPen(QPen(colour, chosen && ink ? 1.8 : ink ? 1.1 : 0.9, ink ? Qt::SolidLine : Qt::DashLine));
    QPolygonF line;
    for (const Point q : c.points) line << g.toPixels(q);
    p.drawPolyline(line);
  }
  paintRow(p, g);
  p.restore();
}

void SceneOverlay::paintAbove(QPainter& p, const FaceGeometry& g) const {
  p.save();
  const Theme& t = theme();
  const Theme onCard = lightTheme();
  QPointF partFrom;
  for (const SceneHandle& h : handlesOf(m_session, m_row, g)) {
    switch (h.what) {
      case SceneHandle::What::Horizon: {
        // A tab outside the card's edge: a lid with its eye.
        QPainterPath lid;
        lid.moveTo(h.at - QPointF(8, 0));
        lid.quadTo(h.at - QPointF(0, 9), h.at + QPointF(8, 0));
        lid.quadTo(h.at + QPointF(0, 9), h.at - QPointF(8, 0));
        p.setPen(QPen(t.green, 1.4));
        p.setBrush(t.paper);
        p.drawPath(lid);
        p.setBrush(t.green);
        p.drawEllipse(h.at, 2.2, 2.2);
        break;
      }
      case SceneHandle::What::Light: {
        const bool below = h.at.y() > g.toPixels({0, m_session.plan().view->horizon_mm}).y();
        const bool nearBy = m_session.plan().light->ground_mm.has_value();
        p.setPen(QPen(onCard.ochre, 1.6));
        p.setBrush(below && !nearBy ? QBrush(Qt::NoBrush) : QBrush(onCard.card));
        p.drawEllipse(h.at, 7, 7);
        for (int k = 0; k < 8; ++k) {
          const double a = k * 0.785398163;
          const QPointF d(std::cos(a), std::sin(a));
          p.drawLine(h.at + 10 * d, h.at + 13 * d);
        }
        break;
      }
      case SceneHandle::What::LightGround:
        p.setPen(QPen(onCard.ochre, 1.2, Qt::DotLine));
        p.drawLine(h.at, g.toPixels(*m_session.plan().light->at));
        p.setPen(QPen(onCard.ochre, 1.4));
        p.setBrush(onCard.card);
        p.drawEllipse(h.at, 5, 3);
        break;
      case SceneHandle::What::MarkPoint:
      case SceneHandle::What::WallCorner:
      case SceneHandle::What::RowEnd:
        p.setPen(QPen(onCard.green, 1.6));
        p.setBrush(onCard.card);
        p.drawEllipse(h.at, 5, 5);
        break;
      case SceneHandle::What::PartEnd:
        if (h.index == 1) {
          p.setPen(QPen(onCard.green, 1.4, Qt::DashLine));
          p.drawLine(partFrom, h.at);
          p.setPen(QPen(onCard.green, 1.6));
          p.setBrush(onCard.card);
          for (const QPointF& end : {partFrom, h.at}) p.drawRect(QRectF(end - QPointF(4, 4), QSizeF(8, 8)));
        }
        partFrom = h.at;
        break;
      case SceneHandle::What::Vanish:
        break;  // drawn with the horizon
    }
  }
  p.restore();
}

int SceneOverlay::markAt(QPointF pixel, const FaceGeometry& g) const {
  double nearest = kNear_px;
  int best = -1;
  for (const GuideChain& c : m_chains) {
    if (c.kind != GuideKind::Ink || (c.of != GuideOf::Ground && c.of != GuideOf::Room)) continue;
    for (size_t k = 1; k < c.points.size(); ++k)
      if (const double off = awayFrom(pixel, g.toPixels(c.points[k - 1]), g.toPixels(c.points[k]));
          off < nearest)
        nearest = off, best = c.of == GuideOf::Room ? -2 : c.index;
  }
  return best;
}

}  // namespace havlo
