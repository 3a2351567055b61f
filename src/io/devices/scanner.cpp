#include "io/devices/scanner.h"

#include <QPainter>
#include <algorithm>
#include <cmath>
#include <random>

#include "core/trace/scan.h"

namespace havlo {
namespace {

constexpr double kLid_mm = 6;  // rim of the lid that is seen around the sheet

/// Slowly varying noise: random values on a coarse lattice, blended smoothly.
class Clouds {
 public:
  Clouds(double cell, unsigned seed) : m_cell(cell), m_seed(seed) {}
  /// About 0, within ±1.
  double at(double x, double y) const {
    const double u = x / m_cell, v = y / m_cell;
    const auto i = static_cast<int>(std::floor(u)), j = static_cast<int>(std::floor(v));
    const double s = smooth(u - i), t = smooth(v - j);
    return (value(i, j) * (1 - s) + value(i + 1, j) * s) * (1 - t) +
           (value(i, j + 1) * (1 - s) + value(i + 1, j + 1) * s) * t;
  }

 private:
  double m_cell;
  unsigned m_seed;
  static double smooth(double t) { return t * t * (3 - 2 * t); }
  double value(int i, int j) const {
    uint32_t h =
        static_cast<uint32_t>(i) * 374761393u + static_cast<uint32_t>(j) * 668265263u + m_seed * 2246822519u;
    h = (h ^ (h >> 13)) * 1274126177u;
    h ^= h >> 16;
    return static_cast<double>(h) / 2147483647.5 - 1;
  }
};

/// Coverage of one stamp, 0 to 1, over its tile.
struct Coverage {
  Tile tile;
  QColor ink;
};

double lidAt(double outside_mm, bool shadow) {
  // A grey lid, and on it, close to the sheet, the shadow of the sheet's edge.
  const double lid = 206;
  return shadow && outside_mm < 1.1 ? 70 + (lid - 70) * std::max(0.0, outside_mm - 0.25) / 0.85 : lid;
}

}  // namespace

QImage scanSheet(const std::vector<OnGlass>& stamps, double width_mm, double height_mm, const ArtSource& art,
                 const ScannerSettings& s) {
  const double px = s.dpi / kMmPerInch;
  const Grid grid(Box{0, 0, width_mm, height_mm}, s.dpi);
  std::vector<Coverage> covered;
  for (const OnGlass& on : stamps) {
    const Placing placing({0, 0}, on.lowerLeft, Degrees{0});
    std::optional<Tile> tile;
    if (!on.stamp->art.empty()) tile = art.draw(*on.stamp, placing, grid);
    if (!tile) tile = softTile(grid, placing.toPanel(printedShape(*on.stamp, {})));
    covered.push_back({std::move(*tile), on.ink});
  }
  // The sheet by itself, flat: share of its paper's light in three channels.
  QImage flat(grid.width, grid.height, QImage::Format_RGB32);
  const Clouds blotches(1.6 * px, s.seed), patches(9 * px, s.seed + 7);
  for (int y = 0; y < grid.height; ++y) {
    auto* line = reinterpret_cast<QRgb*>(flat.scanLine(y));
    for (int x = 0; x < grid.width; ++x) line[x] = s.paper.rgb();
  }
  for (const Coverage& c : covered)
    for (int y = std::max(0, c.tile.y); y < std::min(grid.height, c.tile.y + c.tile.height); ++y) {
      auto* line = reinterpret_cast<QRgb*>(flat.scanLine(y));
      for (int x = std::max(0, c.tile.x); x < std::min(grid.width, c.tile.x + c.tile.width); ++x) {
        const double ink = c.tile.at(x, y) / 255.0;
        if (ink <= 0) continue;
        const double thin = s.unevenInk * std::max(0.0, 0.55 * blotches.at(x, y) + 0.45 * patches.at(x, y));
        const double k = ink * (1 - std::min(0.75, thin));
        const auto mix = [&](int paper, int inked) { return static_cast<int>(paper + k * (inked - paper)); };
        line[x] = qRgb(mix(qRed(line[x]), c.ink.red()), mix(qGreen(line[x]), c.ink.green()),
                       mix(qBlue(line[x]), c.ink.blue()));
      }
    }
  std::mt19937 random(s.seed);
  std::uniform_real_distribution<double> anywhere(0, 1);
  {
    QPainter p(&flat);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(90, 86, 80));
    for (int k = 0; k < s.specks; ++k)
      p.drawEllipse(QPointF(anywhere(random) * flat.width(), anywhere(random) * flat.height()), 0.07 * px,
                    0.06 * px);
  }
  // On the glass: turned, with the lid around it, softened by the optics, lit unevenly, with noise.
  const double a = s.skew.value * 3.14159265358979323846 / 180, cosA = std::cos(a), sinA = std::sin(a);
  const double wide = std::fabs(width_mm * cosA) + std::fabs(height_mm * sinA) + 2 * kLid_mm,
               high = std::fabs(height_mm * cosA) + std::fabs(width_mm * sinA) + 2 * kLid_mm;
  const int w = static_cast<int>(wide * px), h = static_cast<int>(high * px);
  QImage soft = flat;
  if (s.blur_mm * px >
      0.3) {  // a box blur by scaling down and up would shift edges: average of shifted copies
    const int r = std::max(1, static_cast<int>(std::lround(s.blur_mm * px)));
    for (int y = 0; y < flat.height(); ++y) {
      auto* to = reinterpret_cast<QRgb*>(soft.scanLine(y));
      for (int x = 0; x < flat.width(); ++x) {
        int red = 0, green = 0, blue = 0, n = 0;
        for (int v = std::max(0, y - r); v <= std::min(flat.height() - 1, y + r); ++v) {
          const auto* from = reinterpret_cast<const QRgb*>(flat.constScanLine(v));
          for (int u = std::max(0, x - r); u <= std::min(flat.width() - 1, x + r); ++u)
            red += qRed(from[u]), green += qGreen(from[u]), blue += qBlue(from[u]), ++n;
        }
        to[x] = qRgb(red / n, green / n, blue / n);
      }
    }
  }
  QImage out(w, h, QImage::Format_RGB32);
  std::normal_distribution<double> noise(0, s.noise);
  for (int y = 0; y < h; ++y) {
    auto* line = reinterpret_cast<QRgb*>(out.scanLine(y));
    for (int x = 0; x < w; ++x) {
      const double dx = (x + 0.5) / px - wide / 2, dy = (y + 0.5) / px - high / 2;
      const double u = cosA * dx - sinA * dy + width_mm / 2, v = sinA * dx + cosA * dy + height_mm / 2;
      const double outside = std::max(std::max(-u, u - width_mm), std::max(-v, v - height_mm));
      double c[3];
      if (outside > 0) {
        c[0] = c[1] = c[2] = lidAt(outside, s.shadowEdge);
      } else {
        const double fx = u * flat.width() / width_mm - 0.5, fy = v * flat.height() / height_mm - 0.5;
        const int i = std::clamp(static_cast<int>(std::floor(fx)), 0, flat.width() - 2),
                  j = std::clamp(static_cast<int>(std::floor(fy)), 0, flat.height() - 2);
        const double f = std::clamp(fx - i, 0.0, 1.0), g = std::clamp(fy - j, 0.0, 1.0);
        const auto* upper = reinterpret_cast<const QRgb*>(soft.constScanLine(j)) + i;
        const auto* lower = reinterpret_cast<const QRgb*>(soft.constScanLine(j + 1)) + i;
        const auto blend = [&](auto channel) {
          return (channel(upper[0]) * (1 - f) + channel(upper[1]) * f) * (1 - g) +
                 (channel(lower[0]) * (1 - f) + channel(lower[1]) * f) * g;
        };
        c[0] = blend([](QRgb q) { return qRed(q); });
        c[1] = blend([](QRgb q) { return qGreen(q); });
        c[2] = blend([](QRgb q) { return qBlue(q); });
      }
      const double corner = (dx / wide + 0.5) * 0.6 + (dy / high + 0.5) * 0.4;
      const double light = 1 - s.unevenLight * corner * corner, grain = noise(random);
      const auto level = [&](double v255) {
        return std::clamp(static_cast<int>(v255 * light + grain + 0.5), 0, 255);
      };
      line[x] = qRgb(level(c[0]), level(c[1]), level(c[2]));
    }
  }
  out.setDotsPerMeterX(qRound(px * 1000));
  out.setDotsPerMeterY(qRound(px * 1000));
  return out;
}

std::vector<OnGlass> inRows(const std::vector<StampRef>& stamps, double width_mm, double gap_mm) {
  std::vector<OnGlass> out;
  double x = gap_mm, y = gap_mm, row = 0;
  for (const StampRef& s : stamps) {
    if (x > gap_mm && x + s->width_mm + gap_mm > width_mm) x = gap_mm, y += row + gap_mm, row = 0;
    out.push_back({s, {x, y}});
    x += s->width_mm + gap_mm;
    row = std::max(row, s->height_mm);
  }
  return out;
}

double heightOfRows(const std::vector<OnGlass>& stamps, double gap_mm) {
  double top = 0;
  for (const OnGlass& s : stamps) top = std::max(top, s.lowerLeft.y + s.stamp->height_mm);
  return top + gap_mm;
}

QImage calibrationSheet(double dpi) {
  const double px = dpi / kMmPerInch;
  QImage sheet(static_cast<int>(100 * px), static_cast<int>(100 * px), QImage::Format_RGB32);
  sheet.fill(Qt::white);
  sheet.setDotsPerMeterX(qRound(px * 1000));
  sheet.setDotsPerMeterY(qRound(px * 1000));
  QPainter p(&sheet);
  p.setRenderHint(QPainter::Antialiasing);
  p.scale(px, px);
  QPen pen(Qt::black, kCalibrationLine_mm);
  pen.setJoinStyle(Qt::MiterJoin);
  p.setPen(pen);
  const double half = kCalibrationLine_mm / 2, side = kCalibrationSide_mm - kCalibrationLine_mm;
  p.drawRect(QRectF(20 + half, 20 + half, side, side));
  return sheet;
}

}  // namespace havlo
