#include "io/scan/harvest.h"

#include <QCollator>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSet>
#include <algorithm>

#include "core/drawer/twin.h"
#include "io/art/plain_svg.h"
#include "io/art/stamp_set.h"
#include "io/files/errors.h"
#include "io/files/whole_file.h"
#include "io/scan/scan_file.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kWhite = 255, kPalestInk = 0.93;  // of white

/// What is drawn lies on paper that is as white everywhere as paper can be: nothing of it need be found. All
/// of it is one impression, however far its parts lie apart; colours are ink, white is none.
std::optional<FoundSheet> asOne(const Scan& drawn) {
  FoundSheet sheet;
  sheet.light.terms[0] = kWhite;
  sheet.light.width = drawn.width, sheet.light.height = drawn.height;
  sheet.threshold = kPalestInk;
  Box ink;
  for (int y = 0; y < drawn.height; ++y)
    for (int x = 0; x < drawn.width; ++x)
      if (drawn.grey[ix(y) * ix(drawn.width) + ix(x)] < kPalestInk * kWhite) {
        ink.include(toSheet(drawn, {}, {x + 0.0, y + 0.0}));
        ink.include(toSheet(drawn, {}, {x + 1.0, y + 1.0}));
      }
  if (ink.empty()) return {};
  sheet.impressions = {ink};
  return sheet;
}

class Gatherer {
 public:
  Gatherer(Harvest& out, const HarvestWish& wish, const Progress& progress)
      : m_out(out), m_wish(wish), m_progress(progress) {}

  void lookThrough(const QString& path) {
    LookedThrough file;
    file.path = path, file.name = QFileInfo(path).fileName();
    m_title = nameFromFile(QFileInfo(path).completeBaseName());
    m_out.files.push_back(file);
    if (!takeSet(path)) takeScan(path);
  }

 private:
  Harvest& m_out;
  const HarvestWish& m_wish;
  const Progress& m_progress;
  QString m_title;
  QSet<QString> m_ids;

  LookedThrough& file() { return m_out.files.back(); }

  /// A drawing of several groups. @return false: it is none
  bool takeSet(const QString& path) {
    QFile in(path);
    if (!openForReading(in, path) || in.size() > kLargestDrawing || !looksLikeSvg(in.peek(4096)))
      return false;
    auto set = readStampSet(in.readAll(), m_progress);
    if (!set) {
      file().error = set.error();
      return true;
    }
    StampSet s = std::move(set).value();
    file().sizeGuessed = !s.sizeStated;
    if (!s.sizeStated && m_wish.drawingWidth_mm > 0) {
      s.size_mm *= m_wish.drawingWidth_mm / s.size_mm.width();
      file().sizeGuessed = false;
    }
    if (s.groups.empty()) return false;
    file().drawing = true, file().loose = s.loose;
    for (const SetGroup& g : s.groups) {
      if (m_progress.stopped()) return true;
      const QRectF area = inkedPart(g.svg, s.size_mm)
                              .adjusted(-kDrawingRim_mm, -kDrawingRim_mm, kDrawingRim_mm, kDrawingRim_mm);
      const double px = fineness(area.size());
      auto scan = readScanImage(drawnPart(g.svg, s.size_mm, area, px));
      if (!scan) {
        ++file().failed;
        continue;
      }
      Scan picture = std::move(scan).value().scan;
      picture.pxPerMm = px;
      file().dpi = std::max(file().dpi, px * kMmPerInch);
      if (const auto sheet = asOne(picture))
        take(picture, *sheet, sheet->impressions[0], g.name);
      else
        ++file().failed;
    }
    return true;
  }

  void takeScan(const QString& path) {
    auto read = readScanFile(path, m_progress);
    if (!read) {
      file().error = read.error();
      return;
    }
    const ScaleFrom scale = read.value().scale;
    Scan scan = std::move(read).value().scan;
    if (scale != ScaleFrom::File) {
      const bool drawing = scan.pxPerMm > 0;
      if (!drawing && m_wish.dpi > 0) scan.pxPerMm = m_wish.dpi / kMmPerInch;
      if (drawing && file().sizeGuessed && m_wish.drawingWidth_mm > 0)
        scan.pxPerMm = (scan.width - 2 * kDrawingRim_mm * scan.pxPerMm) / m_wish.drawingWidth_mm;
    }
    file().asksScale = !(scan.pxPerMm > 0);
    if (file().asksScale) return;
    file().dpi = scan.pxPerMm * kMmPerInch;
    const auto sheet = readSheet(scan, {}, m_progress);
    if (!sheet) {
      file().error = sheet.error();
      return;
    }
    for (const Box& box : sheet.value().impressions) {
      if (m_progress.stopped()) return;
      take(scan, sheet.value(), box, {});
    }
    // One alone has the file's name; the others are numbered.
    if (file().found == 1) rename(m_out.stamps.back(), m_title);
  }

  void take(const Scan& scan, const FoundSheet& sheet, const Box& box, const QString& name) {
    auto traced = traceStamp(scan, sheet, box, {}, m_progress);
    if (!traced) {
      ++file().failed;
      return;
    }
    TracedStamp t = std::move(traced).value();
    FoundStamp s;
    s.openings = static_cast<int>(t.openings.size());
    s.touchesEdge = t.touchesEdge, s.specks = t.specks;
    s.ink_mm2 = t.ink_mm2, s.silhouette_mm2 = t.silhouette_mm2;
    if (s.openings > 0) {
      TraceSettings how;
      for (const Opening& o : t.openings) how.bridges.push_back({o.a, o.b});
      if (auto closed = traceStamp(scan, sheet, box, how, m_progress))
        s.closed = std::move(closed).value().stamp;
    }
    s.stamp = std::move(t.stamp);
    s.file = static_cast<int>(m_out.files.size()) - 1;
    s.number = file().found++;
    for (size_t k = 0; k < m_out.stamps.size() && s.twin < 0; ++k)
      if (m_out.stamps[k].twin < 0 && likeness(s.stamp, m_out.stamps[k].stamp) >= kTwinLikeness)
        s.twin = static_cast<int>(k);
    rename(s, name.isEmpty() ? QStringLiteral("%1 %2").arg(m_title).arg(s.number + 1) : name);
    m_out.stamps.push_back(std::move(s));
  }

  void rename(FoundStamp& s, const QString& name) {
    m_ids.remove(QString::fromStdString(s.stamp.id));
    const QString base = idFromName(name);
    QString id = base;
    for (int n = 2; m_ids.contains(id); ++n) id = QStringLiteral("%1-%2").arg(base).arg(n);
    m_ids.insert(id);
    s.stamp.id = id.toStdString(), s.stamp.name = name.toStdString();
    if (s.closed) s.closed->id = s.stamp.id, s.closed->name = s.stamp.name;
  }
};

}  // namespace

QString nameFromFile(QString file) {
  file.replace(u'_', u' ').replace(u'-', u' ');
  file = file.simplified();
  return file.isEmpty() ? file : file.left(1).toUpper() + file.mid(1);
}

QString idFromName(const QString& name) {
  QString id;
  for (QChar c : name.toLower()) id += c.isLetterOrNumber() && c.unicode() < 128 ? c : QLatin1Char('-');
  while (id.contains(QStringLiteral("--"))) id.replace(QStringLiteral("--"), QStringLiteral("-"));
  while (id.startsWith(u'-')) id.remove(0, 1);
  while (id.endsWith(u'-')) id.chop(1);
  return id.isEmpty() ? QStringLiteral("stamp") : id;
}

QStringList picturesIn(const QString& folder) {
  QStringList names =
      QDir(folder).entryList({QStringLiteral("*.png"), QStringLiteral("*.jpg"), QStringLiteral("*.jpeg"),
                              QStringLiteral("*.tif"), QStringLiteral("*.tiff"), QStringLiteral("*.bmp"),
                              QStringLiteral("*.webp"), QStringLiteral("*.svg"), QStringLiteral("*.svgz")},
                             QDir::Files | QDir::Readable, QDir::NoSort);
  QCollator order{QLocale(QLocale::English)};  // numbers as numbers, whatever the system speaks
  order.setNumericMode(true);
  order.setCaseSensitivity(Qt::CaseInsensitive);
  std::sort(names.begin(), names.end(), order);
  QStringList out;
  for (const QString& name : std::as_const(names)) out << QDir(folder).filePath(name);
  return out;
}

Result<Harvest> harvest(const QStringList& files, const HarvestWish& wish, const Progress& progress) {
  if (files.size() > kMostHarvestFiles)
    return badInput(
        tr("there are %1 pictures; %2 is the most in one go").arg(files.size()).arg(kMostHarvestFiles));
  Harvest out;
  Gatherer gatherer(out, wish, progress);
  for (qsizetype k = 0; k < files.size() && !progress.stopped(); ++k) {
    progress.at(static_cast<double>(k) / static_cast<double>(files.size()));
    gatherer.lookThrough(files[k]);
  }
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  return out;
}

}  // namespace havlo
