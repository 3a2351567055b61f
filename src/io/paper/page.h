// Drawing on paper at true size: everything in millimetres, y down, origin at the sheet's upper left corner.
#pragma once

#include <QColor>
#include <QPageLayout>
#include <QPageSize>
#include <QPainter>
#include <QString>
#include <functional>

#include "core/base/result.h"
#include "core/outline/shape.h"

namespace havlo {

/// A sheet in the maker's printer.
struct Sheet {
  double width_mm = 210, height_mm = 297;
  double margin_mm = 10;
  QPageSize::PageSizeId id = QPageSize::A4;
  double type = 1;  ///< words are this many times as large as usual, 1 to 2
  static Sheet a4() { return {}; }
  static Sheet letter() { return {215.9, 279.4, 10, QPageSize::Letter}; }
  QRectF inner() const { return {margin_mm, margin_mm, width_mm - 2 * margin_mm, height_mm - 2 * margin_mm}; }
  Sheet turned() const {
    Sheet s = *this;
    std::swap(s.width_mm, s.height_mm);
    return s;
  }
};

/// The two inks of words on a printout.
inline const QColor kPrintInk(0x22, 0x30, 0x3a), kPrintSoft(0x5c, 0x68, 0x70);

/// Text with its baseline at `at` in mm, `size_mm` high, whatever the painter's scale.
void drawText(QPainter& painter, QPointF at, double size_mm, const QString& text, QColor colour,
              Qt::Alignment alignment = Qt::AlignLeft, int weight = QFont::Normal);
/// Width of a text in mm.
double textWidth(double size_mm, const QString& text, int weight = QFont::Normal);
/// A text in lines no wider than this, broken between its words; a word that is wider stands alone.
QStringList textLines(double size_mm, const QString& text, double width_mm, int weight = QFont::Normal);

/// A 100 mm and a 4 in rule, to check the printer's scale with a ruler; `at` is the left end of the upper
/// one.
void drawCheckRules(QPainter& painter, QPointF at, QColor colour = Qt::black);
inline constexpr double kCheckRulesHeight_mm = 17;
inline constexpr double kRulePen_mm = 0.1;  ///< the outermost marks reach half of this beyond the length

/// A PDF whose pages are as large as the layouts say. `draw(painter, page)` paints page 0, 1, ... in mm.
QByteArray pdfPages(const QString& title, int pages, const std::function<QPageLayout(int)>& layoutOf,
                    const std::function<void(QPainter&, int)>& draw);
/// A page of exactly this size, without margins.
QPageLayout exactPage(double width_mm, double height_mm);

/// Pages to a PDF file at true size. `draw(painter, page)` paints page 0, 1, ... in mm.
/// @error  CannotWrite with the reason
Result<Done> writePdf(const QString& path, const QString& title, const Sheet& sheet, int pages,
                      const std::function<void(QPainter&, int)>& draw);

/// One drawing to an SVG file whose size is given in mm.
Result<Done> writeSvgDrawing(const QString& path, const QString& title, double width_mm, double height_mm,
                             const std::function<void(QPainter&)>& draw);

}  // namespace havlo
