// havlo-cli thumbnail: a small picture of a plan or a packed drawer, for file managers.
#include <QFileInfo>
#include <QPainter>
#include <QPainterPath>
#include <cmath>

#include "cli/verb.h"
#include "core/chain/chain.h"
#include "io/art/picture.h"
#include "io/drawer/drawer_file.h"
#include "io/files/plan_file.h"

namespace havlo::cli {
namespace {

constexpr Option kThumbnailOptions[] = {
    {"--size", "N", "longer side in pixels, 16 to 1024; 256 if not given"}};

/// The card as it is meant to look, drawn at twice the size and made smaller.
Result<QImage> planThumbnail(const QString& file, int size) {
  auto read = loadPlan(file);
  if (!read) return read.error();
  const Plan& plan = read.value().plan;
  const AnalysisRef analysis = analyse(plan, nullptr, &art());
  const PanelSize& panel = plan.card.panel;
  const double dpi = 2 * size / std::max(panel.width_mm, panel.height_mm) * kMmPerInch;
  const QImage large =
      intendedPicture(plan, *analysis, art(), dpiWithin(panel.box(), std::max(20.0, dpi), 4e6));
  return large.scaled(size, size, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

/// The first stamps of a drawer as they would print, in rows.
Result<QImage> drawerThumbnail(const QString& file, int size) {
  const auto read = importDrawer(file);
  if (!read) return read.error();
  const auto& stamps = read.value().stamps;
  const int side = stamps.size() > 4 ? 3 : stamps.size() > 1 ? 2 : 1;
  const double cell = static_cast<double>(size) / side, room = cell * 0.1;
  QImage out(size, size, QImage::Format_RGB32);
  out.fill(QColor(0xfb, 0xfa, 0xf5));
  QPainter p(&out);
  p.setRenderHint(QPainter::Antialiasing);
  for (size_t k = 0; k < stamps.size() && k < static_cast<size_t>(side * side); ++k) {
    const Stamp& s = stamps[k].stamp;
    const double scale = (cell - 2 * room) / std::max({s.width_mm, s.height_mm, 1.0});
    p.save();
    p.translate(static_cast<double>(k % ix(side)) * cell + (cell - s.width_mm * scale) / 2,
                static_cast<double>(k / ix(side)) * cell + (cell - s.height_mm * scale) / 2);
    p.scale(scale, scale);
    if (!art().paint(p, s, Placing{}, s.height_mm)) {
      QPainterPath whole;
      for (const Ring& ring : s.silhouette) {
        QPolygonF corners;
        for (const Point& c : ring) corners << QPointF(c.x, s.height_mm - c.y);
        whole.addPolygon(corners);
      }
      p.fillPath(whole, QColor(0x2b, 0x2b, 0x2b));
    }
    p.restore();
  }
  return out;
}

int runThumbnail(const Call& call) {
  int size = 256;
  if (call.has("--size")) {
    bool number = false;
    size = call.value("--size").toInt(&number);
    if (!number || size < 16 || size > 1024)
      return complain(kUsage, QStringLiteral("--size wants a number from 16 to 1024"));
  }
  const QString ending = QFileInfo(call.file).suffix().toLower();
  const bool drawer = ending == QLatin1String("zip") || ending == QLatin1String("havlo-drawer");
  const auto image = drawer ? drawerThumbnail(call.file, size) : planThumbnail(call.file, size);
  if (!image) return complain(image.error());
  // File managers hand over names of their own, without an ending.
  if (const auto saved = savePicture(call.value("picture"), image.value()); !saved)
    return complain(saved.error());
  return kDone;
}

}  // namespace

const Verb kThumbnail{"thumbnail", "a small picture of a plan or a packed drawer", kThumbnailOptions,
                      runThumbnail, "picture"};

}  // namespace havlo::cli
