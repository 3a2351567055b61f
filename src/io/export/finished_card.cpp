// Each format by the library that writes it.
#include "io/export/finished_card.h"

#include <QBuffer>
#include <QImage>
#include <QPainter>
#include <cmath>

#include "core/focus/looks.h"
#include "core/plan/plan_text.h"
#include "io/art/picture.h"
#include "io/files/plan_file.h"
#include "io/files/zip_writer.h"
#include "io/paper/page.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

std::string pngOf(const QImage& image) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return bytes.toStdString();
}

QByteArray cell(const std::string& text) {
  QByteArray t = QByteArray::fromStdString(text);
  const bool quoted = t.contains(',') || t.contains('"') || t.contains('\n') || t.contains('\r');
  return quoted ? '"' + t.replace('"', "\"\"") + '"' : t;
}

QByteArray cell(double v, int digits = 3) {
  return std::isfinite(v) ? QByteArray::number(v, 'f', digits) : QByteArray();
}

}  // namespace

Result<Done> saveFinishedCard(const QString& path, const Plan& plan, const Analysis& analysis,
                              const ArtSource& art, double dpi) {
  const QImage image = intendedPicture(plan, analysis, art, dpi);
  const QString ending = path.section(u'.', -1).toLower();
  const double width = plan.card.panel.width_mm, height = plan.card.panel.height_mm;
  const auto draw = [&](QPainter& p) { p.drawImage(QRectF(0, 0, width, height), image); };
  const QString title = QString::fromStdString(plan.title);
  if (ending == QLatin1String("png")) return savePicture(path, image);
  if (ending == QLatin1String("tiff") || ending == QLatin1String("tif"))
    return savePicture(path, image, "TIFF");
  if (ending == QLatin1String("svg")) return writeSvgDrawing(path, title, width, height, draw);
  if (ending == QLatin1String("pdf"))
    return writePdf(path, title, Sheet{width, height, 0, QPageSize::Custom}, 1,
                    [&](QPainter& p, int) { draw(p); });
  return Error{ErrorCode::BadInput, "a picture's name ends in .png, .tiff, .svg or .pdf", path.toStdString()};
}

Result<QByteArray> planZip(const Plan& plan, const Analysis& analysis, const ArtSource& art, double dpi,
                           const Progress& progress) {
  ZipWriter zip;
  const auto failed = [] { return Error{ErrorCode::CannotWrite, "the zip could not be made", {}}; };
  if (!zip.add("plan.havlo", writePlan(plan))) return failed();
  if (!zip.add("finished.png", pngOf(intendedPicture(plan, analysis, art, dpi)))) return failed();
  const QByteArray csv = measuresCsv(plan, analysis);
  if (!zip.add("measures.csv", csv.toStdString())) return failed();
  auto pictures = stepPictures(plan, analysis, art, std::min(dpi, 100.0), QColor(0x1f, 0x6b, 0x5e), progress);
  if (!pictures) return pictures.error();
  QString text;
  for (size_t k = 0; k < analysis.sheet.steps.size(); ++k) {
    const Step& step = analysis.sheet.steps[k];
    text += QStringLiteral("%1. %2\n")
                .arg(k + 1)
                .arg(sentenceOf(wordsOf(plan, analysis, step, MeasureStyle::Millimetres)));
    if (!leavesColour(step.what)) continue;
    const QString name = QStringLiteral("steps/%1.png").arg(k + 1, 3, 10, QLatin1Char('0'));
    if (!zip.add(name.toStdString(), pngOf(pictures.value().steps[k]))) return failed();
  }
  if (!zip.add("steps.txt", text.toStdString())) return failed();
  auto bytes = zip.finish();
  if (!bytes) return failed();
  return std::move(*bytes);
}

QByteArray measuresCsv(const Plan& plan, const Analysis& a) {
  QByteArray out =
      "kind,id,stamp,ink,pressing,left_mm,bottom_mm,corner_left_mm,corner_bottom_mm,turn_deg,distance_m,"
      "printed_mm,"
      "expected_mm,scale_ratio,band_low_mm,band_high_mm,shows,tone_wanted,tone_actual,pull,contrast,contrast_"
      "ratio,"
      "reach,strength\r\n";
  const auto row = [&](const std::vector<QByteArray>& cells) {
    out += cells.empty() ? QByteArray() : [&] {
      QByteArray line = cells[0];
      for (size_t k = 1; k < cells.size(); ++k) line += ',' + cells[k];
      return line + "\r\n";
    }();
  };
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Impression& i = plan.impressions[k];
    const Stamp& stamp = *plan.stamp(i.stamp);
    const Point corner = placingOf(i, stamp).toPanel(Point{0, 0});
    QByteArray expected, ratio, low, high, wanted, actual, pull, contrast, contrastRatio_;
    for (const ScaleReading& s : a.scale) {
      if (s.impression != static_cast<int>(k)) continue;
      if (s.expected_mm) expected = cell(*s.expected_mm);
      if (s.ratio) ratio = cell(*s.ratio);
      low = cell(s.band.low_mm), high = cell(s.band.high_mm);
    }
    for (const ToneReading& t : a.tone)
      if (t.impression == static_cast<int>(k)) wanted = cell(t.wanted), actual = cell(t.actual);
    if (a.looks) {
      pull = cell(a.looks->shares[k], 4);
      const Standout& s = a.looks->standouts[k];
      if (s.shows) contrast = cell(s.difference, 1), contrastRatio_ = cell(s.ratio, 2);
    }
    row({"impression",
         cell(i.id),
         cell(i.stamp),
         cell(i.ink),
         QByteArray::number(i.generation),
         cell(i.at.x),
         cell(i.at.y),
         cell(corner.x),
         cell(corner.y),
         cell(i.turn_deg),
         cell(a.depth->distance_m(static_cast<int>(k))),
         cell(stamp.height_mm),
         expected,
         ratio,
         low,
         high,
         cell(a.visible[k].share),
         wanted,
         actual,
         pull,
         contrast,
         contrastRatio_,
         "",
         ""});
  }
  for (const Wash& w : plan.washes) {
    const Box b = boxOf(w.area);
    row({"wash",
         cell(w.id),
         "",
         cell(w.ink),
         "",
         cell(b.left),
         cell(b.bottom),
         "",
         "",
         "",
         "",
         cell(b.height()),
         "",
         "",
         "",
         "",
         "",
         "",
         "",
         "",
         "",
         "",
         cell(w.reach),
         cell(w.strength)});
  }
  return out;
}

}  // namespace havlo
