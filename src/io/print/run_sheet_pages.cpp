// The run sheet on paper: a box to tick, the picture after the step, the step in words. Two columns in usual
// type, one in large.
#include <algorithm>
#include <memory>
#include <optional>
#include <vector>

#include "io/print/sheets.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

constexpr double kRunSheetHead_mm = 14, kBetween_mm = 7;
constexpr double kTextLeft_mm = 7, kTextGap_mm = 3, kTextTop_mm = 1.2, kTextBelow_mm = 2.5;

const QColor kOchre(0x8a, 0x55, 0x0b), kGreen(0x1f, 0x6b, 0x5e);

/// How rows are laid out: all lengths in mm.
struct Look {
  double type = 1;  ///< size of words
  int columns = 2;
  double width = 90;  ///< of a column
  QSizeF picture;     ///< none: empty
  double words() const {
    return width - kTextLeft_mm - (picture.isEmpty() ? 0 : picture.width() + kTextGap_mm);
  }
  double leastHeight() const { return picture.isEmpty() ? 9 * type : picture.height() + 4; }
};

/// One line of words, broken to its width already.
struct Line {
  QString text;
  double size_mm = 3;
  QColor colour;
  int weight = QFont::Normal;
  double height_mm() const { return size_mm * 1.4; }
};

void addBroken(std::vector<Line>& out, const Line& like, double width_mm) {
  for (const QString& line : textLines(like.size_mm, like.text, width_mm, like.weight)) {
    out.push_back(like);
    out.back().text = line;
  }
}

/// What stands in a column for one group of steps: all of it, or where it is longer than a page a part.
struct Row {
  int step = 0;  ///< of the run sheet, whose picture it has
  bool begins = true;
  std::optional<Box> present;  ///< where on the panel it happens, mm
  std::vector<Line> lines;
  double height_mm(const Look& look) const {
    double sum = kTextTop_mm + kTextBelow_mm;
    for (const Line& l : lines) sum += l.height_mm();
    return begins ? std::max(look.leastHeight(), sum) : sum;
  }
};

std::vector<Line> linesOf(const StepWords& words, const QString& numbers, const QString& evening,
                          const Look& look) {
  std::vector<Line> out;
  const double t = look.type, wide = look.words();
  if (!evening.isEmpty()) addBroken(out, {evening, 2.8 * t, kOchre, QFont::DemiBold}, wide);
  addBroken(out, {QStringLiteral("%1  %2").arg(numbers, words.title), 3.4 * t, kPrintInk, QFont::DemiBold},
            wide);
  addBroken(out, {words.where, 2.9 * t, kPrintInk}, wide);
  addBroken(out, {words.corner, 2.5 * t, kPrintSoft}, wide);
  addBroken(out, {words.detail, 2.7 * t, kPrintSoft}, wide);
  addBroken(out, {words.care, 2.6 * t, kOchre, QFont::DemiBold}, wide);
  return out;
}

/// Fills columns from above; a row is kept together where a column can hold it.
std::vector<std::vector<Row>> inColumns(std::vector<Row> rows, double room_mm, const Look& look) {
  std::vector<std::vector<Row>> columns(1);
  double left = room_mm;
  for (Row& row : rows) {
    if (row.height_mm(look) > left && !columns.back().empty()) columns.emplace_back(), left = room_mm;
    while (row.height_mm(look) > room_mm) {
      Row part = row;
      part.lines.clear();
      while (!row.lines.empty()) {
        part.lines.push_back(row.lines.front());
        if (part.height_mm(look) > room_mm && part.lines.size() > 1) {
          part.lines.pop_back();
          break;
        }
        row.lines.erase(row.lines.begin());
      }
      columns.back().push_back(std::move(part));
      row.begins = false;
      columns.emplace_back(), left = room_mm;
    }
    left -= row.height_mm(look);
    columns.back().push_back(std::move(row));
  }
  return columns;
}

void drawRow(QPainter& p, const Row& row, QPointF at, const Look& look, const PanelSize& panel,
             const QImage* image) {
  p.setPen(QPen(kPrintSoft, 0.15));
  p.drawLine(at, at + QPointF(look.width, 0));
  double left = at.x() + kTextLeft_mm;
  if (row.begins) {
    p.setPen(QPen(kPrintInk, 0.3));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(at.x() + 0.3, at.y() + 2, 4.4, 4.4));
  }
  if (!look.picture.isEmpty()) {
    const QRectF box(QPointF(left, at.y() + 2), look.picture);
    if (row.begins && image) {
      p.drawImage(box, *image);
      p.setPen(QPen(kPrintSoft, 0.15));
      p.setBrush(Qt::NoBrush);
      p.drawRect(box);
      // Where it happens: a ring of two inks, that shows on every ground and without colour.
      if (row.present) {
        const double by = box.width() / panel.width_mm;
        QRectF ring(box.left() + row.present->left * by, box.bottom() - row.present->top * by,
                    row.present->width() * by, row.present->height() * by);
        ring = ring.adjusted(-1, -1, 1, 1).intersected(box.adjusted(0.3, 0.3, -0.3, -0.3));
        if (!ring.isEmpty()) {
          p.setPen(QPen(Qt::white, 1.0));
          p.drawRoundedRect(ring, 1, 1);
          p.setPen(QPen(kGreen, 0.5));
          p.drawRoundedRect(ring, 1, 1);
        }
      }
    }
    left += look.picture.width() + kTextGap_mm;
  }
  double y = at.y() + kTextTop_mm;
  for (const Line& line : row.lines) {
    y += line.height_mm();
    drawText(p, {left, y}, line.size_mm, line.text, line.colour, Qt::AlignLeft, line.weight);
  }
}

/// What is under the hands at a step, on the panel.
std::optional<Box> placeOf(const Analysis& a, const Step& step) {
  if (step.piece) return {};
  std::optional<Box> all;
  const auto add = [&](int i) {
    if (i < 0) return;
    const Box b = a.meetings.placed[ix(i)]->box;
    if (!all) all.emplace();
    all->include({b.left, b.bottom}), all->include({b.right, b.top});
  };
  if (step.what == Do::Stamp || step.what == Do::Colour) add(step.impression);
  if (step.what == Do::MaskOn && step.covers.size() == 1) add(step.covers[0].impression);
  return all;
}

Look lookFor(const std::vector<QImage>& pictures, const Sheet& sheet) {
  Look look;
  const double inner = sheet.inner().width();
  look.type = sheet.type;
  look.columns = sheet.type < 1.2 && inner >= 170 ? 2 : 1;
  look.width = (inner - (look.columns - 1) * kBetween_mm) / look.columns;
  if (!pictures.empty() && !pictures.front().isNull()) {
    look.picture = pictures.front().size();
    look.picture.scale(look.width * (look.columns == 2 ? 0.33 : 0.28), 30, Qt::KeepAspectRatio);
  }
  return look;
}

}  // namespace

double runSheetDpi(const Plan& plan, const Analysis& analysis) {
  const auto steps = static_cast<double>(std::max<size_t>(1, analysis.sheet.steps.size()));
  return dpiWithin(plan.card.panel.box(), 100, std::min(5e5, 1e8 / steps));
}

Printout runSheetPages(const Plan& plan, const Analysis& a, const std::vector<QImage>& pictures,
                       MeasureStyle style, Sheet sheet) {
  const QRectF inner = sheet.inner();
  const Look look = lookFor(pictures, sheet);
  const std::vector<StepGroup> groups = stepGroups(a.sheet);
  const int steps = groups.empty() ? 0 : groups.back().last;
  std::vector<Row> rows;
  for (const StepGroup& group : groups) {
    Row row;
    row.step = group.steps.back();
    const Step& step = a.sheet.steps[ix(group.steps.front())];
    const bool newEvening =
        group.steps.front() > 0 && step.evening != a.sheet.steps[ix(group.steps.front()) - 1].evening;
    row.present = placeOf(a, merged(a.sheet, group));
    row.lines = linesOf(wordsOf(plan, a, group, style), numbersOf(group),
                        newEvening ? tr("evening %1 begins").arg(step.evening + 1) : QString(), look);
    rows.push_back(std::move(row));
  }
  const auto columns = std::make_shared<const std::vector<std::vector<Row>>>(
      inColumns(std::move(rows), inner.height() - kRunSheetHead_mm, look));
  const int pages = (static_cast<int>(columns->size()) + look.columns - 1) / look.columns;
  Printout out;
  out.title =
      plan.title.empty() ? tr("Run sheet") : tr("Run sheet for %1").arg(QString::fromStdString(plan.title));
  out.sheet = sheet;
  out.pages = pages;
  QString about = steps == 1 ? tr("One step, about %1.").arg(minutesWords(a.sheet.minutes))
                             : tr("%1 steps, about %2.").arg(steps).arg(minutesWords(a.sheet.minutes));
  if (a.sheet.copies > 1)
    about += tr(" %1 cards at once: each step is done on all of them.").arg(a.sheet.copies);
  if (a.sheet.evenings.size() > 1) about += tr(" %1 evenings.").arg(a.sheet.evenings.size());
  out.draw = [=, title = out.title, panel = plan.card.panel](QPainter& p, int page) {
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, kPrintInk, Qt::AlignLeft, QFont::Bold);
    drawText(p, {inner.left(), inner.top() + 9.5}, 2.8,
             about + tr(" Page %1 of %2.").arg(page + 1).arg(pages), kPrintSoft);
    for (int c = 0; c < look.columns; ++c) {
      const size_t k = ix(page * look.columns + c);
      if (k >= columns->size()) break;
      QPointF at(inner.left() + c * (look.width + kBetween_mm), inner.top() + kRunSheetHead_mm);
      for (const Row& row : (*columns)[k]) {
        drawRow(p, row, at, look, panel, ix(row.step) < pictures.size() ? &pictures[ix(row.step)] : nullptr);
        at.ry() += row.height_mm(look);
      }
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
