#include "app/common/light_layer.h"

#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <QSemaphore>
#include <QThreadPool>
#include <algorithm>
#include <cmath>
#include <exception>
#include <functional>

#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr QColor kShade(0x4b, 0x52, 0x66);  // a soft slate: shadows on any paper
constexpr int kShadow = 70, kSide = 50;     // alphas
constexpr double kLayer = 0.5;              // pixels of a layer over pixels of the face
constexpr double kFine_px = 1.1;            // what is nearer to each other than this on a layer is one point

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
      if (line.isEmpty() || (at - line.last()).manhattanLength() > kFine_px) line << at;
    }
    if (line.size() < 3) continue;
    path.addPolygon(line);
    path.closeSubpath();
  }
  return path;
}

/// Work in one of Qt's own threads while this one goes on. What it throws is thrown again by wait().
class SideBySide {
 public:
  explicit SideBySide(std::function<void()> work) {
    QThreadPool::globalInstance()->start([this, work = std::move(work)] {
      try {
        work();
      } catch (...) {
        m_failed = std::current_exception();
      }
      m_done.release();
    });
  }
  ~SideBySide() {
    if (!m_waited) m_done.acquire();
  }
  void wait() {
    m_done.acquire(), m_waited = true;
    if (m_failed) std::rethrow_exception(m_failed);
  }

 private:
  QSemaphore m_done;
  std::exception_ptr m_failed;
  bool m_waited = false;
};

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
    double twice = 0, around_mm = 0;  // shoelace formula
    for (size_t k = 0; k < ring.size(); ++k) {
      const Point p = ring[k], q = ring[k + 1 == ring.size() ? 0 : k + 1];
      twice += cross(p, q), around_mm += length(q - p);
    }
    if (std::fabs(twice) / 2 < area) continue;
    area = std::fabs(twice) / 2, length_mm = around_mm;
  }
  const double round = length_mm > 0 ? 4 * 3.14159265358979323846 * area / (length_mm * length_mm) : 0;
  return 0.35 + 0.3 * std::clamp((round - 0.4) / 0.5, 0.0, 1.0);
}

/// From the farthest to the nearest: each thing's shading takes the place of what lies behind it.
QImage sideLayer(const Plan& plan, const Analysis& a, const FaceGeometry& g) {
  const Millimetres fine{kFine_px / kLayer / g.scale};
  const std::vector<UprightShadow> thrown = uprightShadows(plan, *a.depth, a.meetings.placed, fine);
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
    if (!std::isfinite(d) || !role.sides) {
      p.setCompositionMode(QPainter::CompositionMode_Clear);
      p.drawPath(path);
      continue;
    }
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
    p.setCompositionMode(QPainter::CompositionMode_Source);
    p.setBrush(shade);
    p.drawPath(path);
    p.setCompositionMode(QPainter::CompositionMode_SourceOver);
    throwOn(*it);
  }
  return layer;
}

}  // namespace

QImage lightLayer(const Plan& plan, const Analysis& a, const std::vector<CastShadow>& shadows,
                  const FaceGeometry& g) {
  // Qt hands each shading of more than 64 lines to its threads and waits for them, a hundred times a picture;
  // what paints in one of those threads does it alone. So the two layers are painted side by side.
  QImage shades;
  SideBySide sides([&] { shades = sideLayer(plan, a, g); });
  const QImage ground = shadowLayer(plan, a, shadows, g);
  sides.wait();
  QPainter both(&shades);
  both.setOpacity(kShadow / 255.0);
  both.drawImage(0, 0, ground);
  return shades;
}

}  // namespace havlo
