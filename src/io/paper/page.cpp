// PDF through QPdfWriter at 1200 dpi, SVG through QSvgGenerator at 100 units a millimetre.
#include "io/paper/page.h"

#include <QBuffer>
#include <QCoreApplication>
#include <QFontMetricsF>
#include <QPageLayout>
#include <QPdfWriter>
#include <QSvgGenerator>

#include "io/files/plan_file.h"
#include "io/fonts.h"

namespace havlo {
namespace {

constexpr double kTextUnits = 40;  // font units a mm: large enough that rounding of metrics does not show
constexpr int kSvgUnits = 100;

}  // namespace

double textWidth(double size_mm, const QString& text, int weight) {
  return QFontMetricsF(typeface(size_mm * kTextUnits, weight)).horizontalAdvance(text) / kTextUnits;
}

QStringList textLines(double size_mm, const QString& text, double width_mm, int weight) {
  QStringList out;
  QString line;
  for (const QString& word : text.split(u' ', Qt::SkipEmptyParts)) {
    const QString longer = line.isEmpty() ? word : line + u' ' + word;
    if (!line.isEmpty() && textWidth(size_mm, longer, weight) > width_mm) {
      out << line;
      line = word;
    } else {
      line = longer;
    }
  }
  if (!line.isEmpty()) out << line;
  return out;
}

void drawText(QPainter& painter, QPointF at, double size_mm, const QString& text, QColor colour,
              Qt::Alignment alignment, int weight) {
  painter.save();
  double x = at.x();
  if (alignment & Qt::AlignHCenter) x -= textWidth(size_mm, text, weight) / 2;
  if (alignment & Qt::AlignRight) x -= textWidth(size_mm, text, weight);
  painter.translate(x, at.y());
  painter.scale(1 / kTextUnits, 1 / kTextUnits);
  painter.setFont(typeface(size_mm * kTextUnits, weight));
  painter.setPen(colour);
  painter.drawText(QPointF(0, 0), text);
  painter.restore();
}

void drawCheckRules(QPainter& painter, QPointF at, QColor colour) {
  painter.save();
  painter.setPen(QPen(colour, kRulePen_mm, Qt::SolidLine, Qt::FlatCap));
  const auto rule = [&](double y, int marks, double step_mm, int longEvery, const QString& label) {
    painter.drawLine(QPointF(at.x(), y), QPointF(at.x() + marks * step_mm, y));
    for (int k = 0; k <= marks; ++k) {
      const double tick = k % longEvery == 0 ? 3.0 : 1.5;
      painter.drawLine(QPointF(at.x() + k * step_mm, y - tick), QPointF(at.x() + k * step_mm, y));
    }
    drawText(painter, {at.x() + marks * step_mm + 2, y}, 2.6, label, colour);
  };
  rule(at.y() + 4, 10, 10, 5, QStringLiteral("100 mm"));
  rule(at.y() + 10, 16, 25.4 / 4, 4, QStringLiteral("4 in"));
  drawText(painter, {at.x(), at.y() + 14.5}, 2.4,
           QCoreApplication::translate(
               "Print", "Measure these with a ruler. If they are off, print at 100 %, not “fit to page”."),
           colour);
  painter.restore();
}

QByteArray pdfPages(const QString& title, int pages, const std::function<QPageLayout(int)>& layoutOf,
                    const std::function<void(QPainter&, int)>& draw) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  QPdfWriter pdf(&buffer);
  pdf.setTitle(title);
  pdf.setCreator(QStringLiteral("Havlo"));
  pdf.setResolution(1200);
  pdf.setPageLayout(layoutOf(0));
  QPainter painter(&pdf);
  for (int page = 0; page < pages; ++page) {
    if (page > 0) pdf.setPageLayout(layoutOf(page)), pdf.newPage();
    painter.resetTransform();
    // Never from width() and height(): the page box is rounded to whole points.
    painter.scale(pdf.resolution() / kMmPerInch, pdf.resolution() / kMmPerInch);
    draw(painter, page);
  }
  painter.end();
  return bytes;
}

QPageLayout exactPage(double width_mm, double height_mm) {
  // Portrait in any case: a page of this very size, not a turned one.
  return {QPageSize(QSizeF(width_mm, height_mm), QPageSize::Millimeter, {}, QPageSize::ExactMatch),
          QPageLayout::Portrait, QMarginsF(0, 0, 0, 0), QPageLayout::Millimeter};
}

Result<Done> writePdf(const QString& path, const QString& title, const Sheet& sheet, int pages,
                      const std::function<void(QPainter&, int)>& draw) {
  const bool lying = sheet.width_mm > sheet.height_mm;
  const QPageLayout layout =
      sheet.id == QPageSize::Custom
          ? exactPage(sheet.width_mm, sheet.height_mm)
          : QPageLayout(QPageSize(sheet.id), lying ? QPageLayout::Landscape : QPageLayout::Portrait,
                        QMarginsF(0, 0, 0, 0), QPageLayout::Millimeter);
  return saveWhole(path, pdfPages(
                             title, pages, [&](int) { return layout; },
                             [&](QPainter& painter, int page) {
                               painter.setRenderHint(QPainter::Antialiasing);
                               draw(painter, page);
                             }));
}

Result<Done> writeSvgDrawing(const QString& path, const QString& title, double width_mm, double height_mm,
                             const std::function<void(QPainter&)>& draw) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  QSvgGenerator svg;
  svg.setOutputDevice(&buffer);
  svg.setTitle(title);
  svg.setResolution(qRound(kMmPerInch * kSvgUnits));
  const QSize size(qRound(width_mm * kSvgUnits), qRound(height_mm * kSvgUnits));
  svg.setSize(size);
  svg.setViewBox(QRect(QPoint(0, 0), size));
  {
    QPainter painter(&svg);
    painter.scale(kSvgUnits, kSvgUnits);
    draw(painter);
  }
  return saveWhole(path, bytes);
}

}  // namespace havlo
