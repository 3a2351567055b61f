#include "app/ink/eye_pictures.h"

#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "app/common/light_layer.h"
#include "app/theme/theme.h"
#include "core/plan/role_facts.h"
#include "io/art/shape_path.h"
#include "io/wording/eye_words.h"

namespace havlo {
namespace {

void veil(QPainter& p, const FaceGeometry& g, int alpha) {
  QColor paper = lightTheme().card;
  paper.setAlpha(alpha);
  p.fillRect(g.face(), paper);
}

/// A word on the card, on a slip of paper that stays inside the face.
void slip(QPainter& p, const FaceGeometry& g, QPointF at, const QString& words) {
  p.setFont(sizedFont(12, QFont::DemiBold));
  const QSizeF size = QSizeF(p.fontMetrics().size(0, words)) + QSizeF(10, 4);
  QRectF box(at - QPointF(size.width() / 2, size.height() / 2), size);
  const QRectF face = g.face().adjusted(2, 2, -2, -2);
  box.moveLeft(std::clamp(box.left(), face.left(), std::max(face.left(), face.right() - size.width())));
  box.moveTop(std::clamp(box.top(), face.top(), std::max(face.top(), face.bottom() - size.height())));
  p.setPen(Qt::NoPen);
  p.setBrush(lightTheme().card);
  p.drawRect(box);
  p.setPen(lightTheme().ink);
  p.drawText(box, Qt::AlignCenter, words);
}

}  // namespace

void paintDistances(QPainter& p, const FaceGeometry& g, const Plan& plan, const Analysis& a) {
  veil(p, g, 215);
  const DepthSpan span = depthSpan(plan, a);
  if (span.nearest < 0) return;
  const QColor near(0x8a, 0x3f, 0x1d), far(0xb9, 0xcb, 0xd8);
  p.save();
  p.setClipRect(g.face());
  const auto& line = a.depth->frontToBack();
  for (auto it = line.rbegin(); it != line.rend(); ++it) {
    const double d = a.depth->distance_m(*it);
    const Role role = a.meetings.placed[ix(*it)]->outline->stamp->role;
    // A greeting is in no distance, and a ground that is stamped reaches over all of them.
    if (factsOf(role).words || role == Role::Water || role == Role::Texture) continue;
    const double t =
        !std::isfinite(d) ? 1
        : span.far_m > span.near_m
            ? std::clamp(std::log(d / span.near_m) / std::log(span.far_m / span.near_m), 0.0, 1.0)
            : 0;
    const QPainterPath path = g.transform().map(pathOf(a.meetings.placed[ix(*it)]->silhouette));
    p.setPen(QPen(lightTheme().card, 1.6));
    p.setBrush(mixed(near, far, t));
    p.drawPath(path);
  }
  p.restore();
  const auto tell = [&](int thing, double d) {
    const Box box = a.meetings.placed[ix(thing)]->box;
    slip(p, g, g.toPixels({box.centre().x, box.top}) - QPointF(0, 12), metresText(d));
  };
  tell(span.nearest, span.near_m);
  if (span.farthest != span.nearest) tell(span.farthest, span.far_m);
}

void paintEyeLevel(QPainter& p, const FaceGeometry& g, const Plan& plan, const Analysis& a) {
  veil(p, g, 150);
  if (!plan.view) return;
  const double horizon = plan.view->horizon_mm;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  const Point vanish{projection.vanishX_mm(), horizon};
  p.save();
  p.setClipRect(g.face());
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Placed& thing = *a.meetings.placed[i];
    const double d = a.depth->distance_m(static_cast<int>(i));
    if (!std::isfinite(d) || !factsOf(thing.outline->stamp->role).stands() || thing.areaOnPanel_mm2 <= 0)
      continue;
    const Box box = thing.box;
    const auto fits = std::find_if(a.scale.begin(), a.scale.end(), [&](const ScaleReading& r) {
      return r.impression == static_cast<int>(i);
    });
    const bool wrong = fits != a.scale.end() && fits->verdict != ScaleVerdict::Fits &&
                       fits->verdict != ScaleVerdict::NotOnGround;
    p.setPen(QPen(wrong ? lightTheme().madder : lightTheme().green, 1.1));
    for (const Point from : {Point{box.centre().x, box.top}, Point{thing.at.x, thing.at.y}})
      p.drawLine(g.toPixels(from), g.toPixels(vanish));
    p.setPen(QPen(wrong ? lightTheme().madder : lightTheme().green, 2.4));
    p.drawLine(g.toPixels({thing.at.x, box.bottom}), g.toPixels({thing.at.x, box.top}));
  }
  p.setPen(QPen(lightTheme().ink, 2));
  // On whole pixels, so that it is as dark as it is meant.
  const double level = std::round(g.toPixels({0, horizon}).y());
  p.drawLine(QPointF(g.face().left(), level), QPointF(g.face().right(), level));
  p.restore();
  slip(p, g, g.toPixels({plan.card.panel.width_mm * 0.86, horizon}), eyeLevelText(plan));
}

void paintLight(QPainter& p, const FaceGeometry& g, const Plan& plan, const Analysis& a) {
  const auto light = sceneLight(plan);
  if (!light) return;
  veil(p, g, 90);
  const auto shadows = castShadows(plan, *a.depth, a.meetings.placed);
  const QImage layer = lightLayer(plan, a, shadows, g);
  for (int twice = 0; twice < 2; ++twice) p.drawImage(g.face(), layer);  // it is what is to be looked at
  const QColor warm(0xe0, 0xa0, 0x30);
  p.save();
  p.setClipRect(g.face());
  if (plan.light->at) {
    const QPointF at = g.toPixels(*plan.light->at);
    const double r = 9 * textScale();
    p.setPen(QPen(warm, 3));
    for (int k = 0; k < 12; ++k) {
      const double turn = k * 3.14159265358979 / 6;
      const QPointF way(std::cos(turn), std::sin(turn));
      p.drawLine(at + way * (r + 4), at + way * (r + 11));
    }
    p.setBrush(warm);
    p.drawEllipse(at, r, r);
  } else {
    // From outside the picture: a broad ray in from that side.
    const ScenePoint to = towards(*light, {0, 0, 5});
    const double across = std::clamp(to.x, -1.0, 1.0), up = std::clamp(to.up, 0.0, 1.0);
    const QRectF face = g.face();
    const QPointF from(face.center().x() + across * face.width() * 0.5,
                       face.top() + (1 - up) * face.height() * 0.5);
    const QPointF way = face.center() - from;
    p.setPen(QPen(warm, 5, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(from, from + way * 0.35);
    const double turn = std::atan2(way.y(), way.x());
    for (const double side : {2.6, -2.6})
      p.drawLine(from + way * 0.35,
                 from + way * 0.35 + 16 * QPointF(std::cos(turn + side), std::sin(turn + side)));
  }
  p.restore();
}

}  // namespace havlo
