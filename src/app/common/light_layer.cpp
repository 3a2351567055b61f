#include "app/common/light_layer.h"

#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>
#include <future>
#include <vector>

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

/// Across a thing, from its lit side to its dark one: the first shade up to where it turns, then ever darker.
struct Turning {
  double turns_px, dark_px;  // either may be on the left
  double lit, dark;          // alphas

  QRgb at(double x) const {
    const double t = std::clamp((x - turns_px) / (dark_px - turns_px), 0.0, 1.0);
    QColor shade = kShade;
    shade.setAlpha(qRound(lit + (dark - lit) * t));
    return qPremultiply(shade.rgba());
  }
};

QRgb mixed(QRgb under, QRgb over, int share) {
  const auto channel = [&](int shift) {
    const int u = static_cast<int>(under >> shift & 0xff), o = static_cast<int>(over >> shift & 0xff);
    return static_cast<QRgb>((u * (255 - share) + o * share + 127) / 255) << shift;
  };
  return channel(24) | channel(16) | channel(8) | channel(0);
}

/// Puts a shade that turns in place of what is on a layer. Qt would hand each gradient of more than 64 lines
/// to its painters and wait for them, a hundred times a layer, and the window would wait behind that; a shape
/// of one colour it paints at once.
class Shading {
 public:
  explicit Shading(QImage& layer)
      : m_bits(layer.bits()), m_line(layer.bytesPerLine()), m_shape(layer.size(), layer.format()) {}

  void put(const QPainterPath& path, const Turning& turning) {
    const QRect on = path.boundingRect().toAlignedRect().adjusted(-1, -1, 1, 1) & m_shape.rect();
    if (on.isEmpty() || turning.dark_px == turning.turns_px) return;
    cover(path, on);
    m_row.clear();
    for (int x = on.left(); x <= on.right(); ++x) m_row.push_back(turning.at(x + 0.5));
    for (int y = on.top(); y <= on.bottom(); ++y) {
      const auto* covered = reinterpret_cast<const QRgb*>(m_shape.constScanLine(y)) + on.left();
      auto* out = reinterpret_cast<QRgb*>(m_bits + y * m_line) + on.left();
      for (size_t k = 0; k < m_row.size(); ++k)
        if (const int share = qAlpha(covered[k]); share > 0) out[k] = mixed(out[k], m_row[k], share);
    }
  }

 private:
  uchar* m_bits;
  qsizetype m_line;
  QImage m_shape;
  std::vector<QRgb> m_row;  // premultiplied

  void cover(const QPainterPath& path, const QRect& on) {
    QPainter p(&m_shape);
    p.setCompositionMode(QPainter::CompositionMode_Source);
    p.fillRect(on, Qt::transparent);
    p.setRenderHint(QPainter::Antialiasing);
    p.setClipRect(on);
    p.fillPath(path, Qt::black);
  }
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
  Shading shading(layer);
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
    const Box box = thing.box;
    const SeenLight seen = seenLight(plan, *light, box.centre(), projection.atDistance(box.centre(), d));
    // The dark side is away from the light; light from behind darkens the whole face a little.
    const auto [across, behind] = seen;
    const QRectF bounds = path.boundingRect();
    const double lit_px = across > 0 ? bounds.right() : bounds.left(),
                 dark_px = across > 0 ? bounds.left() : bounds.right();
    shading.put(path, {lit_px + (dark_px - lit_px) * litShare(thing), dark_px, kSide * 0.25 * behind,
                       kSide * std::max(std::fabs(across), behind * 0.7)});
    p.setCompositionMode(QPainter::CompositionMode_SourceOver);
    throwOn(*it);
  }
  return layer;
}

}  // namespace

QImage lightLayer(const Plan& plan, const Analysis& a, const std::vector<CastShadow>& shadows,
                  const FaceGeometry& g) {
  auto ground = std::async(std::launch::async, [&] { return shadowLayer(plan, a, shadows, g); });
  QImage shades = sideLayer(plan, a, g);
  QPainter both(&shades);
  both.setOpacity(kShadow / 255.0);
  both.drawImage(0, 0, ground.get());
  return shades;
}

}  // namespace havlo
