// Parts of real drawings against a flood of our own over an independent raster: drawn by Qt Svg directly, at
// two resolutions, closed by a disc, flooded pixel by pixel.
#include <QElapsedTimer>
#include <QImage>
#include <QPainter>
#include <QSvgRenderer>
#include <QTest>
#include <cmath>

#include "core/outline/shared_area.h"
#include "core/region/stamp_regions.h"
#include "io/art/svg_art.h"
#include "io/drawer/drawer_file.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// All that ship with the sample drawer.
std::vector<StampRef> allStamps() {
  const auto drawer =
      importDrawer(QStringLiteral(HAVLO_SOURCE_DIR) + QStringLiteral("/data/demo/canal-drawer.zip"));
  std::vector<StampRef> out;
  // But for grounds wider than a card, which take longest to flood.
  for (const DrawerStamp& s : drawer.value().stamps)
    if (s.stamp.width_mm < 100) out.push_back(std::make_shared<const Stamp>(s.stamp));
  return out;
}

/// Areas of the flooded parts, mm², largest first.
std::vector<double> flooded(const Stamp& stamp, double perMm, double radius_mm) {
  const int w = static_cast<int>(std::lround((stamp.width_mm + 2) * perMm)),
            h = static_cast<int>(std::lround((stamp.height_mm + 2) * perMm));
  QImage image(w, h, QImage::Format_ARGB32_Premultiplied);
  image.fill(Qt::transparent);
  {
    QPainter p(&image);
    p.setRenderHint(QPainter::Antialiasing);
    QSvgRenderer svg(QByteArray::fromStdString(stamp.art));
    svg.render(&p, QRectF(perMm, perMm, stamp.width_mm * perMm, stamp.height_mm * perMm));
  }
  const auto at = [w](int x, int y) {
    return static_cast<size_t>(y) * static_cast<size_t>(w) + static_cast<size_t>(x);
  };
  // Ink is what is dark and opaque; white shapes are drawn over it in these stamps.
  std::vector<char> ink(at(0, h), 0), inside(ink.size(), 0);
  for (int y = 0; y < h; ++y)
    for (int x = 0; x < w; ++x) {
      const QRgb c = image.pixel(x, y);
      const double dark = qAlpha(c) / 255.0 * (1 - (qAlpha(c) ? qGray(qUnpremultiply(c)) / 255.0 : 0));
      ink[at(x, y)] = dark >= 0.5;
      const Point p{(x + 0.5) / perMm - 1, (h - y - 0.5) / perMm - 1};
      inside[at(x, y)] = covers(stamp.silhouette, p);
    }
  // Closing by a disc: a pixel stays free only if some disc without ink covers it.
  const int r = std::max(1, static_cast<int>(std::lround(radius_mm * perMm)));
  std::vector<std::pair<int, int>> disc;
  for (int dy = -r; dy <= r; ++dy)
    for (int dx = -r; dx <= r; ++dx)
      if (dx * dx + dy * dy <= r * r) disc.emplace_back(dx, dy);
  std::vector<char> roomy(ink.size(), 0), free(ink.size(), 0);
  for (int y = r; y < h - r; ++y)
    for (int x = r; x < w - r; ++x) {
      bool clear = true;
      for (const auto& [dx, dy] : disc) clear = clear && !ink[at(x + dx, y + dy)];
      roomy[at(x, y)] = clear;
    }
  for (int y = r; y < h - r; ++y)
    for (int x = r; x < w - r; ++x)
      for (const auto& [dx, dy] : disc)
        if (roomy[at(x + dx, y + dy)]) {
          free[at(x, y)] = inside[at(x, y)] && !ink[at(x, y)];
          break;
        }
  std::vector<double> areas;
  std::vector<char> seen(ink.size(), 0);
  for (int y = 1; y < h - 1; ++y)
    for (int x = 1; x < w - 1; ++x) {
      if (!free[at(x, y)] || seen[at(x, y)]) continue;
      std::vector<std::pair<int, int>> open{{x, y}};
      seen[at(x, y)] = 1;
      size_t n = 0;
      while (!open.empty()) {
        const auto [u, v] = open.back();
        open.pop_back();
        ++n;
        for (const auto& [dx, dy] : {std::pair(1, 0), {-1, 0}, {0, 1}, {0, -1}}) {
          const size_t to = at(u + dx, v + dy);
          if (!free[to] || seen[to]) continue;
          seen[to] = 1;
          open.emplace_back(u + dx, v + dy);
        }
      }
      areas.push_back(static_cast<double>(n) / (perMm * perMm));
    }
  std::sort(areas.rbegin(), areas.rend());
  return areas;
}

}  // namespace

class TstRegions : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void partsAgreeWithAFloodOverAnotherRaster_data() {
    QTest::addColumn<double>("perMm");
    QTest::newRow("12 pixels a mm") << 12.0;
    QTest::newRow("16 pixels a mm") << 16.0;
  }
  void partsAgreeWithAFloodOverAnotherRaster() {
    QFETCH(double, perMm);
    const SvgArt art;
    const auto stamps = allStamps();
    QVERIFY2(stamps.size() >= 40, qPrintable(QString::number(stamps.size())));
    int parts = 0, unlike = 0;
    QString said;
    // The finer raster takes long: every third stamp of them.
    const size_t every = thorough() ? 1 : perMm > 12 ? 3 : 2;
    for (size_t k = 0; k < stamps.size(); k += every) {
      const StampRef& stamp = stamps[k];
      const StampRegions regions(*stamp, &art);
      // A gap of just about what is closed is closed on one raster and not on the other: half a millimetre,
      // a tenth more or less.
      const std::vector<double> floods[] = {flooded(*stamp, perMm, 0.25), flooded(*stamp, perMm, 0.2),
                                            flooded(*stamp, perMm, 0.3)};
      // The large ones, one by one: what hangs on a single pixel's bridge are small ones.
      const auto large = [](double mm2) { return mm2 >= 6; };
      for (const Region& r : regions.all()) {
        if (!large(r.area_mm2)) continue;
        ++parts;
        const bool found = std::any_of(std::begin(floods), std::end(floods), [&](const auto& areas) {
          return std::any_of(areas.begin(), areas.end(),
                             [&](double a) { return std::fabs(a - r.area_mm2) < 0.06 * r.area_mm2 + 0.7; });
        });
        if (!found)
          ++unlike, said += QString("%1 %2; ").arg(QString::fromStdString(stamp->id)).arg(r.area_mm2);
      }
      const auto ours = std::count_if(regions.all().begin(), regions.all().end(),
                                      [&](const Region& r) { return large(r.area_mm2); });
      const bool counted = std::any_of(std::begin(floods), std::end(floods), [&](const auto& areas) {
        return std::abs(std::count_if(areas.begin(), areas.end(), large) - ours) <= 1;
      });
      if (!counted)
        ++unlike, said += QString("%1: %2 parts; ").arg(QString::fromStdString(stamp->id)).arg(ours);
    }
    QVERIFY2(parts > (perMm > 12 ? 30 : thorough() ? 100 : 50), qPrintable(QString::number(parts)));
    QVERIFY2(unlike <= parts / 20, qPrintable(QString("%1 of %2: %3").arg(unlike).arg(parts).arg(said)));
  }

  void sixtyStampsWithinASecond() {
    // How fast is the benchmarks' matter; here only that it is not many times that.
    const SvgArt art;
    const auto stamps = allStamps();
    QElapsedTimer timer;
    timer.start();
    size_t parts = 0;
    for (size_t k = 0; k < 60; ++k) parts += StampRegions(*stamps[k % stamps.size()], &art).all().size();
    QVERIFY(parts > 200);
    qInfo("60 stamps: %lld ms", static_cast<long long>(timer.elapsed()));
  }
};

HAVLO_TEST(TstRegions)
#include "tst_regions.moc"
