// The run sheet on paper: a box to tick, the picture after the step, the step in words.
#include <algorithm>
#include <memory>
#include <vector>

#include "io/print/sheets.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

constexpr double kRunSheetHead_mm = 14, kRow_mm = 34, kPictureHeight_mm = 30, kPictureWidth_mm = 46;
constexpr double kTextLeft_mm = 9, kTextGap_mm = 5, kTextTop_mm = 1.2, kTextBelow_mm = 2.5;

const QColor kOchre(0x8a, 0x55, 0x0b);

/// One line of words, broken to its width already.
struct Line {
  QString text;
  double size_mm = 3;
  QColor colour;
  int weight = QFont::Normal;
  double height_mm() const { return size_mm * 1.4; }
};

void addBroken(std::vector<Line>& out, const Line& like, double width_mm) {
  QString line;
  for (const QString& word : like.text.split(u' ', Qt::SkipEmptyParts)) {
    const QString longer = line.isEmpty() ? word : line + u' ' + word;
    if (!line.isEmpty() && textWidth(like.size_mm, longer, like.weight) > width_mm) {
      out.push_back(like), out.back().text = line;
      line = word;
    } else {
      line = longer;
    }
  }
  if (!line.isEmpty()) out.push_back(like), out.back().text = line;
}

/// What stands on a page for one step: all of it, or where it is longer than a page a part of its lines.
struct Row {
  size_t step = 0;  // of the run sheet
  int number = 0;
  bool begins = true;
  std::vector<Line> lines;
  double height_mm() const {
    double sum = kTextTop_mm + kTextBelow_mm;
    for (const Line& l : lines) sum += l.height_mm();
    return begins ? std::max(kRow_mm, sum) : sum;
  }
};

std::vector<Line> linesOf(const StepWords& words, int number, const QString& evening, double width_mm) {
  std::vector<Line> out;
  if (!evening.isEmpty()) addBroken(out, {evening, 3.2, kOchre, QFont::DemiBold}, width_mm);
  addBroken(out, {QStringLiteral("%1  %2").arg(number).arg(words.title), 4, kPrintInk, QFont::DemiBold},
            width_mm);
  addBroken(out, {words.where, 3.2, kPrintInk}, width_mm);
  addBroken(out, {words.corner, 2.7, kPrintSoft}, width_mm);
  addBroken(out, {words.detail, 3, kPrintSoft}, width_mm);
  addBroken(out, {words.care, 2.7, kOchre}, width_mm);
  return out;
}

/// Fills pages from above; a step is kept together where a page can hold it.
std::vector<std::vector<Row>> paged(std::vector<Row> rows, double room_mm) {
  std::vector<std::vector<Row>> pages(1);
  double left = room_mm;
  for (Row& row : rows) {
    if (row.height_mm() > left && !pages.back().empty()) pages.emplace_back(), left = room_mm;
    while (row.height_mm() > room_mm) {
      Row part = row;
      part.lines.clear();
      while (!row.lines.empty()) {
        part.lines.push_back(row.lines.front());
        if (part.height_mm() > room_mm && part.lines.size() > 1) {
          part.lines.pop_back();
          break;
        }
        row.lines.erase(row.lines.begin());
      }
      pages.back().push_back(std::move(part));
      row.begins = false;
      pages.emplace_back(), left = room_mm;
    }
    left -= row.height_mm();
    pages.back().push_back(std::move(row));
  }
  return pages;
}

void drawRow(QPainter& p, const Row& row, const QRectF& inner, double top, const QSizeF& picture,
             const QImage* image) {
  p.setPen(QPen(kPrintSoft, 0.15));
  p.drawLine(QPointF(inner.left(), top), QPointF(inner.right(), top));
  double left = inner.left() + kTextLeft_mm;
  if (row.begins) {
    p.setPen(QPen(kPrintInk, 0.3));
    p.drawRect(QRectF(inner.left(), top + 3, 5, 5));
  }
  if (!picture.isEmpty()) {
    const QRectF box(QPointF(left, top + 2), picture);
    if (row.begins && image) {
      p.drawImage(box, *image);
      p.setPen(QPen(kPrintSoft, 0.15));
      p.drawRect(box);
    }
    left += picture.width() + kTextGap_mm;
  }
  double y = top + kTextTop_mm;
  for (const Line& line : row.lines) {
    y += line.height_mm();
    drawText(p, {left, y}, line.size_mm, line.text, line.colour, Qt::AlignLeft, line.weight);
  }
}

}  // namespace

double runSheetDpi(const Plan& plan, const Analysis& analysis) {
  const auto steps = static_cast<double>(std::max<size_t>(1, analysis.sheet.steps.size()));
  return dpiWithin(plan.card.panel.box(), 100, std::min(5e5, 1e8 / steps));
}

Printout runSheetPages(const Plan& plan, const Analysis& a, const std::vector<QImage>& pictures,
                       MeasureStyle style, Sheet sheet) {
  const QRectF inner = sheet.inner();
  const std::vector<int> shown = stepsToShow(a.sheet);
  const int steps = static_cast<int>(shown.size());
  QSizeF picture;
  if (!pictures.empty()) {
    picture = pictures.front().size();
    picture.scale(kPictureWidth_mm, kPictureHeight_mm, Qt::KeepAspectRatio);
  }
  const double words_mm =
      inner.width() - kTextLeft_mm - (picture.isEmpty() ? 0 : picture.width() + kTextGap_mm);
  std::vector<Row> rows;
  for (int k = 0; k < steps; ++k) {
    Row row;
    row.step = ix(shown[ix(k)]);
    row.number = k + 1;
    const Step& step = a.sheet.steps[row.step];
    const bool newEvening = k > 0 && step.evening != a.sheet.steps[row.step - 1].evening;
    row.lines = linesOf(wordsOf(plan, a, step, style), k + 1,
                        newEvening ? tr("evening %1 begins").arg(step.evening + 1) : QString(), words_mm);
    rows.push_back(std::move(row));
  }
  const auto pages = std::make_shared<const std::vector<std::vector<Row>>>(
      paged(std::move(rows), inner.height() - kRunSheetHead_mm));
  Printout out;
  out.title =
      plan.title.empty() ? tr("Run sheet") : tr("Run sheet for %1").arg(QString::fromStdString(plan.title));
  out.sheet = sheet;
  out.pages = static_cast<int>(pages->size());
  QString about = tr("%1 steps, about %2.").arg(steps).arg(minutesWords(a.sheet.minutes));
  if (a.sheet.copies > 1)
    about += tr(" %1 cards at once: each step is done on all of them.").arg(a.sheet.copies);
  if (a.sheet.evenings.size() > 1) about += tr(" %1 evenings.").arg(a.sheet.evenings.size());
  out.draw = [=, title = out.title](QPainter& p, int page) {
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, kPrintInk, Qt::AlignLeft, QFont::Bold);
    drawText(p, {inner.left(), inner.top() + 9.5}, 2.8,
             about + tr(" Page %1 of %2.").arg(page + 1).arg(pages->size()), kPrintSoft);
    double top = inner.top() + kRunSheetHead_mm;
    for (const Row& row : (*pages)[ix(page)]) {
      drawRow(p, row, inner, top, picture, row.step < pictures.size() ? &pictures[row.step] : nullptr);
      top += row.height_mm();
    }
  };
  return out;
}

Printout runSheetOf(const std::vector<Chapter>& chapters, MeasureStyle style, Sheet sheet) {
  Printout out = runSheetPages(chapters[0].plan, *chapters[0].analysis, chapters[0].pictures, style, sheet);
  for (size_t k = 1; k < chapters.size(); ++k)
    out = joined(std::move(out),
                 runSheetPages(chapters[k].plan, *chapters[k].analysis, chapters[k].pictures, style, sheet));
  return out;
}

}  // namespace havlo
