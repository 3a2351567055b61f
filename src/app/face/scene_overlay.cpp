#include "app/face/scene_overlay.h"

#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/common/lay_down.h"
#include "app/common/light_layer.h"
#include "app/face/crowd_draft.h"
#include "app/face/row_draft.h"
#include "app/theme/theme.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"
#include "io/art/shape_path.h"

namespace havlo {
namespace {

constexpr double kNear_px = 5;

double awayFrom(QPointF p, QPointF a, QPointF b) {
  const QPointF d = b - a, off = p - a;
  const double l = d.x() * d.x() + d.y() * d.y();
  const double t = l > 0 ? std::clamp((off.x() * d.x() + off.y() * d.y()) / l, 0.0, 1.0) : 0;
  const QPointF r = off - t * d;
  return std::hypot(r.x(), r.y());
}

}  // namespace

void SceneOverlay::bringUpToDate() {
  if (m_of == m_session.snapshot() && m_withConstruction == construction) return;
  m_of = m_session.snapshot();
  m_withConstruction = construction;
  const Analysis& a = *m_session.scene();
  m_chains = chained(guidesOf(*m_of, *a.depth, a.meetings.placed, {construction, false, true}));
}

void SceneOverlay::refresh(const FaceGeometry& g, double ratio) {
  if (m_lightOf == m_session.snapshot() && m_lightSize == g.face().size()) return;
  m_lightOf = m_session.snapshot(), m_lightSize = g.face().size();
  if (!m_lightOf->light || !m_lightOf->view) return forget();
  m_lighting->run(
      [plan = m_lightOf, a = m_session.scene(), g, ratio](const Progress&) {
        const auto shadows = castShadows(*plan, *a->depth, a->meetings.placed);
        return shadows.empty() ? QImage() : fittedTo(g.face(), ratio, lightLayer(*plan, *a, shadows, g));
      },
      [this](QImage light) {
        m_light = std::move(light);
        m_lit();
      },
      false);
}

void SceneOverlay::forget() {
  m_lighting->cancel();
  m_light = {}, m_lightOf.reset();
}

/// A thing that is not on the card yet.
void SceneOverlay::paintGhost(QPainter& p, const FaceGeometry& g, const Stamp& stamp, Point foot,
                              bool fits) const {
  const Theme onCard = lightTheme();
  const Placing placing(stamp.foot, foot, Degrees{0});
  QColor veil = onCard.card;
  veil.setAlpha(170);
  p.setBrush(veil);
  p.setPen(QPen(fits ? onCard.green : onCard.ochre, 1.4));
  p.drawPath(g.transform().map(pathOf(placing.toPanel(stamp.silhouette))));
}

/// Rows and crowds that are being laid, farthest first.
void SceneOverlay::paintDrafts(QPainter& p, const FaceGeometry& g) const {
  if (m_row.active() && m_row.plan()) {
    const RowPlan& row = m_row.plan().value();
    for (auto place = row.places.rbegin(); place != row.places.rend(); ++place)
      paintGhost(p, g, *m_row.wish().sizes[ix(place->size)], place->at, place->fits);
  }
  if (m_crowd.active() && m_crowd.plan()) {
    std::vector<CrowdPlace> places = m_crowd.plan().value().places;
    std::stable_sort(places.begin(), places.end(),
                     [](const CrowdPlace& a, const CrowdPlace& b) { return a.at.y > b.at.y; });
    for (const CrowdPlace& place : places)
      paintGhost(p, g, *m_crowd.wish().stamps[ix(place.stamp)], place.at, place.fits);
  }
}

void SceneOverlay::paintBelow(QPainter& p, const FaceGeometry& g) {
  if (!m_session.plan().view) return;
  p.save();
  bringUpToDate();
  const Theme onCard = lightTheme();
  if (!m_light.isNull()) layDown(p, g.face(), m_light);
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
  paintDrafts(p, g);
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

int SceneOverlay::markAt(QPointF pixel, const FaceGeometry& g) {
  bringUpToDate();  // a click may come before the painting
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
