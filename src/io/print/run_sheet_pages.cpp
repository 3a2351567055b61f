// The run sheet on paper: a box to tick, the picture after the step, the step in words.
#include <algorithm>

#include "io/print/sheets.h"
#include "io/wording/step_words.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kRunSheetHead_mm = 14, kRow_mm = 34, kPictureHeight_mm = 30;

const QColor kOchre(0x8a, 0x55, 0x0b);

/// Text broken into lines no wider than `width_mm`; returns the y below the last line.
double drawBroken(QPainter& p, QPointF at, double size_mm, const QString& text, double width_mm,
                  QColor colour) {
  QString line;
  double y = at.y();
  for (const QString& word : text.split(u' ', Qt::SkipEmptyParts)) {
    const QString longer = line.isEmpty() ? word : line + u' ' + word;
    if (!line.isEmpty() && textWidth(size_mm, longer) > width_mm) {
      drawText(p, {at.x(), y}, size_mm, line, colour);
      y += size_mm * 1.4;
      line = word;
    } else {
      line = longer;
    }
  }
  drawText(p, {at.x(), y}, size_mm, line, colour);
  return y + size_mm * 1.5;
}

}  // namespace

double runSheetDpi(const Plan& plan, const Analysis& analysis) {
  const auto steps = static_cast<double>(std::max<size_t>(1, analysis.sheet.steps.size()));
  return dpiWithin(plan.card.panel.box(), 100, std::min(5e5, 1e8 / steps));
}

Printout runSheetPages(const Plan& plan, const Analysis& a, const std::vector<QImage>& pictures,
                       MeasureStyle style, Sheet sheet) {
  const QRectF inner = sheet.inner();
  const int perPage = static_cast<int>((inner.height() - kRunSheetHead_mm) / kRow_mm);
  const std::vector<int> shown = stepsToShow(a.sheet);
  const int steps = static_cast<int>(shown.size());
  Printout out;
  out.title =
      plan.title.empty() ? tr("Run sheet") : tr("Run sheet for %1").arg(QString::fromStdString(plan.title));
  out.sheet = sheet;
  out.pages = std::max(1, (steps + perPage - 1) / perPage);
  const auto shared = std::make_shared<Analysis>(a);
  QString about = tr("%1 steps, about %2.").arg(steps).arg(minutesWords(a.sheet.minutes));
  if (a.sheet.copies > 1)
    about += tr(" %1 cards at once: each step is done on all of them.").arg(a.sheet.copies);
  if (a.sheet.evenings.size() > 1) about += tr(" %1 evenings.").arg(a.sheet.evenings.size());
  out.draw = [=, title = out.title, pages = out.pages](QPainter& p, int page) {
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, kPrintInk, Qt::AlignLeft, QFont::Bold);
    drawText(p, {inner.left(), inner.top() + 9.5}, 2.8,
             about + tr(" Page %1 of %2.").arg(page + 1).arg(pages), kPrintSoft);
    for (int k = page * perPage; k < std::min(steps, (page + 1) * perPage); ++k) {
      const auto at = static_cast<size_t>(shown[static_cast<size_t>(k)]);
      const Step& step = shared->sheet.steps[at];
      const StepWords words = wordsOf(plan, *shared, step, style);
      const double top = inner.top() + kRunSheetHead_mm + (k - page * perPage) * kRow_mm;
      p.setPen(QPen(kPrintSoft, 0.15));
      p.drawLine(QPointF(inner.left(), top), QPointF(inner.right(), top));
      p.setPen(QPen(kPrintInk, 0.3));
      p.drawRect(QRectF(inner.left(), top + 3, 5, 5));
      double left = inner.left() + 9;
      if (at < pictures.size()) {
        const QImage& image = pictures[at];
        QSizeF size(image.size());
        size.scale(46, kPictureHeight_mm, Qt::KeepAspectRatio);
        const QRectF box(QPointF(left, top + 2), size);
        p.drawImage(box, image);
        p.setPen(QPen(kPrintSoft, 0.15));
        p.drawRect(box);
        left += size.width() + 5;
      }
      const bool newEvening = k > 0 && step.evening != shared->sheet.steps[at - 1].evening;
      if (newEvening)
        drawText(p, {inner.right(), top + 6.5}, 3.2, tr("evening %1 begins").arg(step.evening + 1), kOchre,
                 Qt::AlignRight, QFont::DemiBold);
      drawText(p, {left, top + 6.5}, 4, QStringLiteral("%1  %2").arg(k + 1).arg(words.title), kPrintInk,
               Qt::AlignLeft, QFont::DemiBold);
      const double width = inner.right() - left;
      double y = top + 12.5;
      if (!words.where.isEmpty()) y = drawBroken(p, {left, y}, 3.2, words.where, width, kPrintInk);
      if (!words.corner.isEmpty()) y = drawBroken(p, {left, y}, 2.7, words.corner, width, kPrintSoft);
      if (!words.detail.isEmpty()) y = drawBroken(p, {left, y}, 3, words.detail, width, kPrintSoft);
      if (!words.care.isEmpty()) drawBroken(p, {left, y}, 2.7, words.care, width, kOchre);
    }
  };
  return out;
}

}  // namespace havlo
