#include "app/files/file_pictures.h"

#include <QDateTime>
#include <QFileInfo>
#include <QImageReader>

#include "app/session/plan_session.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"

namespace havlo {
namespace {

struct Known {
  QDateTime written;
  QImage picture;
};

QHash<QString, Known>& known() {
  static QHash<QString, Known> all;  // of the interface thread
  return all;
}

QImage planPicture(const QString& path) {
  const SvgArt art;
  const auto opened = openPlan(path, &art);
  if (!opened) return {};
  const Plan& plan = opened.value().read.plan;
  const PanelSize& panel = plan.card.panel;
  const double fit = std::min(FilePictures::kSize.width() / panel.width_mm,
                              FilePictures::kSize.height() / panel.height_mm);  // px per mm
  const QImage twice =
      intendedPicture(plan, *opened.value().analysis, art, std::max(20.0, 2 * fit * kMmPerInch));
  return twice.scaled(FilePictures::kSize, Qt::KeepAspectRatio, Qt::SmoothTransformation);
}

QImage scanPicture(const QString& path) {
  QImageReader reader(path);
  reader.setAutoTransform(true);
  constexpr qint64 kMost_px = 200'000'000;  // a larger one is opened, but not to be looked at first
  const QSize size = reader.size();
  if (!size.isValid() || qint64(size.width()) * size.height() > kMost_px) return {};
  reader.setScaledSize(size.scaled(FilePictures::kSize, Qt::KeepAspectRatio).expandedTo({1, 1}));
  return reader.read();
}

QImage pictureOf(const QString& path) {
  const QString ending = QFileInfo(path).suffix().toLower();
  if (ending == QLatin1String("havlo")) return planPicture(path);
  static const QStringList scans{QStringLiteral("png"), QStringLiteral("jpg"),  QStringLiteral("jpeg"),
                                 QStringLiteral("tif"), QStringLiteral("tiff"), QStringLiteral("bmp"),
                                 QStringLiteral("webp")};
  return scans.contains(ending) ? scanPicture(path) : QImage();
}

}  // namespace

FilePictures::FilePictures(QObject* parent) : QObject(parent), m_job(new Job<QImage>(this)) {}

QImage FilePictures::of(const QString& path) {
  const QFileInfo info(path);
  // A pipe or a device is not looked into.
  constexpr qint64 kMost_bytes = 256 << 20;
  if (!info.isFile() || info.size() > kMost_bytes) return {};
  const auto it = known().constFind(path);
  if (it != known().constEnd() && it->written == info.lastModified()) return it->picture;
  if (path != m_now && !m_waiting.contains(path)) m_waiting.enqueue(path);
  if (!m_job->running()) makeNext();
  return {};
}

void FilePictures::makeNext() {
  if (m_waiting.isEmpty()) return m_now.clear();
  m_now = m_waiting.dequeue();
  m_job->run([path = m_now](const Progress&) { return pictureOf(path); },
             [this, path = m_now](const QImage& picture) {
               constexpr qsizetype kMostKept = 2000;
               if (known().size() > kMostKept) known().clear();
               known().insert(path, {QFileInfo(path).lastModified(), picture});
               Q_EMIT ready(path);
               makeNext();
             });
}

}  // namespace havlo
