// A square whose size Havlo knows, to tell scale and perspective of a scan or photo.
#include <QCoreApplication>

#include "core/trace/scan.h"
#include "io/print/sheets.h"

namespace havlo {

Printout calibrationPage(Sheet sheet) {
  const auto tr = [](const char* text) { return QCoreApplication::translate("Print", text); };
  Printout out;
  out.title = tr("Calibration square");
  out.sheet = sheet;
  const QString how =
      tr("Lay your stamped sheet beside it, or stamp on this page, and scan or photograph both together.");
  out.draw = [inner = sheet.inner(), title = out.title, how](QPainter& p, int) {
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, Qt::black, Qt::AlignLeft, QFont::Bold);
    drawText(p, {inner.left(), inner.top() + 9.5}, 2.6, how, Qt::black);
    QPen line(Qt::black, kCalibrationLine_mm);
    line.setJoinStyle(Qt::MiterJoin);
    p.setPen(line);
    p.setBrush(Qt::NoBrush);
    const double half = kCalibrationLine_mm / 2, side = kCalibrationSide_mm - kCalibrationLine_mm;
    p.drawRect(QRectF(inner.left() + 12 + half, inner.top() + 24 + half, side, side));
    drawCheckRules(p, {inner.left() + 2, inner.bottom() - kCheckRulesHeight_mm + 1});
  };
  return out;
}

}  // namespace havlo
