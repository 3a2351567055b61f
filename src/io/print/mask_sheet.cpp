// Masks at true size on the maker's masking sheets, each with its name and an arrow that shows which way is
// up.
#include <QPainterPath>

#include "io/cut/cut_file.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kMaskHead_mm = 12;

// Only the cuts are in full ink; the stand-in cutter leaves the rest alone.

QPainterPath pathOf(const CutLine& line, QPointF corner) {
  QPainterPath path;
  for (size_t i = 0; i < line.points.size(); ++i) {
    const QPointF p(corner.x() + line.points[i].x, corner.y() - line.points[i].y);
    i == 0 ? path.moveTo(p) : path.lineTo(p);
  }
  if (line.closed) path.closeSubpath();
  return path;
}

QRectF roomOn(const Sheet& sheet) {
  return sheet.inner().adjusted(0, kMaskHead_mm, 0, -kCheckRulesHeight_mm);
}

void drawSheet(QPainter& p, const LabelledSheet& s, QPointF lowerLeft) {
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(kPrintInk, 0.2));
  for (const CutLine& line : s.sheet.cuts) p.drawPath(pathOf(line, lowerLeft));
  p.setPen(QPen(kPrintSoft, 0.2));
  for (const CutLine& line : s.sheet.marks) p.drawPath(pathOf(line, lowerLeft));
  for (const CutLabel& l : s.labels) {
    p.save();
    p.translate(lowerLeft.x() + l.at.x, lowerLeft.y() - l.at.y);
    p.rotate(-l.turn.value);
    drawText(p, {0, l.height_mm * 0.35}, l.height_mm, l.text, kPrintSoft, Qt::AlignHCenter);
    p.restore();
  }
}

}  // namespace

MaskingSheet maskingSheetFor(const Plan& plan, const Sheet& sheet) {
  const QRectF room = roomOn(sheet);
  if (plan.supplies.maskSheet) return *plan.supplies.maskSheet;
  MaskingSheet own;
  own.width_mm = room.width(), own.height_mm = room.height(), own.margin_mm = 1;
  return own;
}

Printout maskSheet(const Plan& plan, const Analysis& a, Sheet sheet) {
  MaskingSheet wanted = maskingSheetFor(plan, sheet);
  const auto fits = [&](const Sheet& s) {
    return wanted.width_mm <= roomOn(s).width() + 0.01 && wanted.height_mm <= roomOn(s).height() + 0.01;
  };
  bool own = plan.supplies.maskSheet.has_value();
  if (own && !fits(sheet)) {
    if (fits(sheet.turned())) {
      sheet = sheet.turned();
    } else {  // larger than the printer's paper: the printer's paper is what there is to print on
      Plan without = plan;
      without.supplies.maskSheet.reset();
      wanted = maskingSheetFor(without, sheet);
      own = false;
    }
  }
  MaskJob job = layMasksOut(plan, a, wanted);
  if (!own && !job.tooLarge.empty()) {
    sheet = sheet.turned();
    wanted = maskingSheetFor(Plan{}, sheet);
    job = layMasksOut(plan, a, wanted);
  }
  const auto sheets = std::make_shared<std::vector<LabelledSheet>>(labelledSheets(plan, job));
  const bool none = job.masks.empty() && job.tooLarge.empty();
  Printout out;
  out.title = plan.title.empty() ? tr("Masks") : tr("Masks for %1").arg(QString::fromStdString(plan.title));
  out.sheet = sheet;
  out.pages = static_cast<int>(sheets->size());
  QStringList large;
  for (const SheetPiece& s : job.tooLarge) large << cutName(plan, s.stamp, s.limit, s.over);
  large.removeDuplicates();
  const QString missing =
      large.empty() ? QString()
                    : tr(" Larger than the sheet and left out: %1.").arg(large.join(QStringLiteral(", ")));
  out.draw = [sheets, wanted, own, none, missing, room = roomOn(sheet), inner = sheet.inner(),
              title = out.title](QPainter& p, int page) {
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, kPrintInk, Qt::AlignLeft, QFont::Bold);
    drawText(
        p, {inner.left(), inner.top() + 9.5}, 2.6,
        none ? tr("No mask is needed for this plan.")
             : tr("True size, printed side up: turn them as you like, never flip them. Cut on the line.") +
                   missing,
        kPrintSoft);
    const QPointF lowerLeft(room.left(), room.top() + wanted.height_mm);
    if (own) {
      QPen edge(kPrintSoft, 0.15);
      edge.setDashPattern({6, 4});
      p.setPen(edge);
      p.setBrush(Qt::NoBrush);
      p.drawRect(QRectF(room.left(), room.top(), wanted.width_mm, wanted.height_mm));
      if (wanted.stickyBand_mm) {
        const double y = room.top() + *wanted.stickyBand_mm;
        p.drawLine(QPointF(room.left(), y), QPointF(room.left() + wanted.width_mm, y));
      }
    }
    drawSheet(p, (*sheets)[ix(page)], lowerLeft);
    drawCheckRules(p, {inner.left() + 2, inner.bottom() - kCheckRulesHeight_mm + 1}, kPrintSoft);
  };
  return out;
}

}  // namespace havlo
