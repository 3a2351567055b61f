#include "app/common/light_layer.h"

#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

#include "core/outline/shape_ops.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr QColor kShade(0x4b, 0x52, 0x66);  // a soft slate: shadows on any paper
constexpr int kShadow = 70, kSide = 50;     // alphas
constexpr double kLayer = 0.5;              // pixels of a layer over pixels of the face

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

/// Shadows lie on the ground: what stands nearer covers them, what stands farther does not.
QImage shadowLayer(const Plan& plan, const Analysis& a, const std::vector<CastShadow>& shadows,
                   const FaceGeometry& g) {
  QImage layer = emptyLayer(g.face());
  QPainter p(&layer);
  p.setRenderHint(QPainter::Antialiasing);
  p.setPen(Qt::NoPen);
  p.setBrush(kShade);
  for (const CastShadow& s : shadows) p.drawPath(coarse(s.shape, g));
  p.setCompositionMode(QPainter::CompositionMode_Clear);
  for (size_t i = 0; i < a.meetings.placed.size(); ++i) {
    const double d = a.depth->distance_m(static_cast<int>(i));
    if (!std::isfinite(d)) continue;
    const double ground = groundHeight(*plan.view, Metres{d}).value;
    const double y = (g.toPixels({0, ground}).y() - g.face().top()) * kLayer;
    p.setClipRect(QRectF(0, -1e4, layer.width(), y + 1e4));
    p.drawPath(coarse(a.meetings.placed[i]->silhouette, g));
  }
  return layer;
}

/// Of the width, how much of the side toward the light is lit: a round thing keeps a wide highlight, an
/// angular one turns into shade at its edge. Round is what fills most of the circle of its outline's length
/// (4 pi A / P^2, the isoperimetric quotient).
double litShare(const Placed& thing) {
  double area = 0, length_mm = 0;
  for (const Ring& ring : thing.silhouette) {
    const double one = areaOf(Rings{ring});
    if (one < area) continue;
    area = one, length_mm = 0;
    for (size_t k = 0; k < ring.size(); ++k) length_mm += length(ring[(k + 1) % ring.size()] - ring[k]);
  }
  const double round = length_mm > 0 ? 4 * 3.14159265358979323846 * area / (length_mm * length_mm) : 0;
  return 0.35 + 0.3 * std::clamp((round - 0.4) / 0.5, 0.0, 1.0);
}

/// From the farthest to the nearest: each thing's shading takes the place of what lies behind it.
QImage sideLayer(const Plan& plan, const Analysis& a, const FaceGeometry& g) {
  const std::vector<UprightShadow> thrown = uprightShadows(plan, *a.depth, a.meetings.placed);
  QImage layer = emptyLayer(g.face());
  const auto light = sceneLight(plan);
  if (!light) return layer;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  QPainter p(&layer);
  p.setRenderHint(QPainter::Antialiasing);
  p.setPen(Qt::NoPen);
  const auto throwOn = [&](int thing) {
    QColor dark = kShade;
    dark.setAlpha(kShadow);
    p.setBrush(dark);
    for (const UprightShadow& s : thrown)
      if (s.on == thing) p.drawPath(coarse(s.shape, g));
  };
  throwOn(-1);  // on walls, behind what stands before them
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
    const SeenLight seen = seenLight(plan, *light, box.centre(), projection.atDistance(box.centre(), d));
    // The dark side is away from the light; light from behind darkens the whole face a little.
    const auto [across, behind] = seen;
    const QRectF bounds = path.boundingRect();
    const QPointF left(bounds.left(), 0), right(bounds.right(), 0);
    QLinearGradient shade(across > 0 ? right : left, across > 0 ? left : right);
    QColor dark = kShade, lit = kShade;
    dark.setAlpha(qRound(kSide * std::max(std::fabs(across), behind * 0.7)));
    lit.setAlpha(qRound(kSide * 0.25 * behind));
    shade.setColorAt(0, lit);
    shade.setColorAt(litShare(thing), lit);
    shade.setColorAt(1, dark);
    p.setCompositionMode(QPainter::CompositionMode_SourceOver);
    p.setBrush(shade);
    p.drawPath(path);
    throwOn(*it);
  }
  return layer;
}

}  // namespace

QImage lightLayer(const Plan& plan, const Analysis& a, const std::vector<CastShadow>& shadows,
                  const FaceGeometry& g) {
  QImage shades = sideLayer(plan, a, g);
  QPainter both(&shades);
  both.setOpacity(kShadow / 255.0);
  both.drawImage(0, 0, shadowLayer(plan, a, shadows, g));
  return shades;
}

}  // namespace havlo
