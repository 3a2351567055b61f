// Every pixel of the picture looks back at the card through a pinhole.
#include "io/devices/camera.h"

#include <QBuffer>
#include <QPainter>
#include <QTransform>
#include <algorithm>
#include <array>
#include <cmath>
#include <random>

namespace havlo {
namespace {

/// Mean over what one pixel of the picture sees: a box of (2r + 1) pixels, by running sums.
void soften(std::vector<float>& rgb, int w, int h, int r) {
  if (r < 1) return;
  std::vector<float> line;
  const auto pass = [&](int count, int length, auto index) {
    line.resize(static_cast<size_t>(length));
    for (int a = 0; a < count; ++a)
      for (int c = 0; c < 3; ++c) {
        for (int b = 0; b < length; ++b)
          line[static_cast<size_t>(b)] = rgb[index(a, b) * 3 + static_cast<size_t>(c)];
        float sum = 0;
        for (int b = -r; b <= r; ++b) sum += line[static_cast<size_t>(std::clamp(b, 0, length - 1))];
        for (int b = 0; b < length; ++b) {
          rgb[index(a, b) * 3 + static_cast<size_t>(c)] = sum / static_cast<float>(2 * r + 1);
          sum += line[static_cast<size_t>(std::clamp(b + r + 1, 0, length - 1))] -
                 line[static_cast<size_t>(std::clamp(b - r, 0, length - 1))];
        }
      }
  };
  pass(h, w, [w](int y, int x) {
    return static_cast<size_t>(y) * static_cast<size_t>(w) + static_cast<size_t>(x);
  });
  pass(w, h, [w](int x, int y) {
    return static_cast<size_t>(y) * static_cast<size_t>(w) + static_cast<size_t>(x);
  });
}

/// Three fingers from below.
double onFingers(double u, double v) {
  double most = 0;
  for (int k = 0; k < 3; ++k) {
    const double x = 0.62 + 0.1 * k, top = 0.45 + 0.05 * (k == 1), dx = (u - x) / 0.042;
    const double dy = v < top ? (top - v) / 0.05 : 0;
    most = std::max(most, 1 - std::hypot(dx, dy));
  }
  return most;
}

}  // namespace

QImage photographed(const QImage& image, double width_mm, double height_mm, const CameraSettings& s) {
  const QImage card = image.convertToFormat(QImage::Format_RGB32);
  const double px = s.dpi / 25.4;
  // The card's corners in the picture: turned, its far side shorter and nearer.
  const double a = s.turn.value * 3.14159265358979 / 180, way = s.aslantWay_deg * 3.14159265358979 / 180;
  QPolygonF flat, seen;
  flat << QPointF(0, 0) << QPointF(width_mm, 0) << QPointF(width_mm, height_mm) << QPointF(0, height_mm);
  const double reach = std::max(width_mm, height_mm);
  for (const QPointF& p : flat) {
    const double x = p.x() - width_mm / 2, y = height_mm / 2 - p.y();
    const double u = std::cos(a) * x - std::sin(a) * y, v = std::sin(a) * x + std::cos(a) * y;
    const double far = 1 + s.aslant * (u * std::cos(way) + v * std::sin(way)) / reach;
    seen << QPointF(u / far * px, -v / far * px);
  }
  const QRectF box =
      seen.boundingRect().adjusted(-s.margin_mm * px, -s.margin_mm * px, s.margin_mm * px, s.margin_mm * px);
  for (QPointF& p : seen) p -= box.topLeft();
  int w = static_cast<int>(box.width()), h = static_cast<int>(box.height());
  if (s.shown < 1) w = static_cast<int>(w * s.shown);
  QTransform toPicture;
  QTransform::quadToQuad(flat, seen, toPicture);
  const QTransform toCard = toPicture.inverted();
  std::mt19937 random(s.seed);
  std::normal_distribution<double> grain(0, 1);
  std::vector<float> rgb(static_cast<size_t>(w) * static_cast<size_t>(h) * 3);
  const double perX = card.width() / width_mm, perY = card.height() / height_mm;
  for (int y = 0; y < h; ++y)
    for (int x = 0; x < w; ++x) {
      const QPointF p = toCard.map(QPointF(x + 0.5, y + 0.5));
      const double outside =
          std::max(std::max(-p.x(), p.x() - width_mm), std::max(-p.y(), p.y() - height_mm));
      std::array<double, 3> c{};
      const auto table = [&] {
        const double g = s.grain * grain(random);
        return std::array<double, 3>{s.table.red() + g, s.table.green() + g, s.table.blue() + g};
      };
      if (outside > 0.5 / px) {
        c = table();
        const double near = std::max(p.x() - width_mm, p.y() - height_mm);
        if (near > 0 && near < s.shadow_mm && p.x() > s.shadow_mm && p.y() > s.shadow_mm)
          for (double& k : c) k *= 0.55 + 0.45 * near / s.shadow_mm;
      } else {
        const double fx = p.x() * perX - 0.5, fy = p.y() * perY - 0.5;
        const int i = std::clamp(static_cast<int>(std::floor(fx)), 0, card.width() - 2),
                  j = std::clamp(static_cast<int>(std::floor(fy)), 0, card.height() - 2);
        const double f = std::clamp(fx - i, 0.0, 1.0), g = std::clamp(fy - j, 0.0, 1.0);
        const auto* up = reinterpret_cast<const QRgb*>(card.constScanLine(j)) + i;
        const auto* low = reinterpret_cast<const QRgb*>(card.constScanLine(j + 1)) + i;
        const auto mix = [&](auto channel) {
          return (channel(up[0]) * (1 - f) + channel(up[1]) * f) * (1 - g) +
                 (channel(low[0]) * (1 - f) + channel(low[1]) * f) * g;
        };
        c = {mix([](QRgb q) { return qRed(q); }), mix([](QRgb q) { return qGreen(q); }),
             mix([](QRgb q) { return qBlue(q); })};
        if (outside > -0.5 / px) {  // the pixel on the edge sees both
          const double share = 0.5 - outside * px;
          const auto beside = table();
          for (size_t k = 0; k < 3; ++k) c[k] = c[k] * share + beside[k] * (1 - share);
        }
        if (s.hand)
          if (const double on = onFingers(p.x() / width_mm, p.y() / height_mm); on > 0)
            c = {150 + 60 * on, 105 + 55 * on, 85 + 50 * on};
      }
      for (size_t k = 0; k < 3; ++k)
        rgb[(static_cast<size_t>(y) * static_cast<size_t>(w) + static_cast<size_t>(x)) * 3 + k] =
            static_cast<float>(c[k]);
    }
  soften(rgb, w, h, static_cast<int>(std::lround(s.blur_mm * px)));
  QImage out(w, h, QImage::Format_RGB32);
  const std::array<double, 3> lamp = {s.light.redF(), s.light.greenF(), s.light.blueF()};
  for (int y = 0; y < h; ++y) {
    auto* line = reinterpret_cast<QRgb*>(out.scanLine(y));
    for (int x = 0; x < w; ++x) {
      const double corner = 0.6 * x / w + 0.4 * y / h, light = 1 - s.unevenLight * corner * corner;
      std::array<int, 3> level{};
      for (size_t k = 0; k < 3; ++k) {
        const double v =
            rgb[(static_cast<size_t>(y) * static_cast<size_t>(w) + static_cast<size_t>(x)) * 3 + k];
        level[k] = std::clamp(static_cast<int>(v * light * lamp[k] + s.noise * grain(random) + 0.5), 0, 255);
      }
      line[x] = qRgb(level[0], level[1], level[2]);
    }
  }
  if (s.jpeg > 0) {
    QByteArray packed;
    QBuffer buffer(&packed);
    buffer.open(QIODevice::WriteOnly);
    out.save(&buffer, "JPEG", s.jpeg);
    out.loadFromData(packed);
    out = out.convertToFormat(QImage::Format_RGB32);
  }
  if (s.aslant == 0) out.setDotsPerMeterX(qRound(px * 1000)), out.setDotsPerMeterY(qRound(px * 1000));
  return out;
}

}  // namespace havlo
