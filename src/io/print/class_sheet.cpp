// The sheet for a class: who has which stamp when, as bars and as a table, and what each station does.
#include <algorithm>
#include <cmath>
#include <memory>

#include "core/batch/class_plan.h"
#include "core/batch/shopping.h"
#include "io/print/sheets.h"
#include "io/wording/class_words.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"
#include "io/wording/stock_words.h"

namespace havlo {
namespace {

constexpr int kMakersAcross = 12;
constexpr double kTableLine_mm = 5.2, kTableColumn_mm = 15, kTableWords_mm = 84;
const QColor kBarLight(0xe2, 0xdd, 0xcf), kBarDark(0xb9, 0xae, 0x96), kCare(0x8a, 0x55, 0x0b);

/// Words broken to a width. @return the y below them
double drawWords(QPainter& p, QPointF at, double width_mm, double size_mm, const QString& text, QColor colour,
                 int weight = QFont::Normal) {
  for (const QString& line : textLines(size_mm, text, width_mm, weight)) {
    at.ry() += size_mm * 1.4;
    drawText(p, at, size_mm, line, colour, Qt::AlignLeft, weight);
  }
  return at.y();
}

struct ClassPages {
  Plan plan;
  ClassPlan made;
  std::vector<StockNeed> needs;
  MeasureStyle style = MeasureStyle::Millimetres;
  Sheet sheet;
  /// A page of the table: stations from, to; makers from, to.
  struct Part {
    int stationFrom = 0, stationTo = 0, makerFrom = 0, makerTo = 0;
  };
  std::vector<Part> parts;
  std::vector<std::vector<int>> words;  ///< indices of `made.done` told on each of the last pages

  int pages() const { return static_cast<int>(1 + parts.size() + words.size()); }
  QString title() const {
    return plan.title.empty()
               ? tr("For a class of %1").arg(made.wish.makers)
               : tr("%1: for a class of %2").arg(QString::fromStdString(plan.title)).arg(made.wish.makers);
  }
};

/// What a station asks to be careful of, each thing once.
QStringList caresAt(const ClassPages& c, const Station& s) {
  QStringList out;
  const Plan& of = s.face >= 0 ? c.made.card.faces[ix(s.face)].plan : c.plan;
  const AnalysisRef a = s.face >= 0 ? c.made.card.faces[ix(s.face)].analysis
                                    : c.made.card.groups[ix(std::max(0, s.group))].analysis;
  for (int k : s.steps)
    if (const QString care = wordsOf(of, *a, a->sheet.steps[ix(k)], c.style).care;
        !care.isEmpty() && !out.contains(care))
      out << care;
  return out;
}

void drawBars(QPainter& p, const ClassPages& c, const QRectF& room) {
  const int n = c.made.wish.makers;
  const double left = room.left() + 12, width = room.width() - 12;
  const double row = std::min(8.0, (room.height() - 6) / n), perMin = width / std::max(1.0, c.made.minutes);
  const double step = c.made.minutes > 240 ? 60 : c.made.minutes > 90 ? 30 : c.made.minutes > 30 ? 10 : 5;
  for (double t = 0; t <= c.made.minutes + 0.01; t += step) {
    p.setPen(QPen(kPrintSoft, 0.1));
    p.drawLine(QPointF(left + t * perMin, room.top()), QPointF(left + t * perMin, room.top() + row * n));
    drawText(p, {left + t * perMin, room.top() + row * n + 3.6}, 2.6, clockWords(t), kPrintSoft,
             Qt::AlignHCenter);
  }
  for (int m = 0; m < n; ++m)
    drawText(p, {room.left() + 8, room.top() + row * m + row * 0.68}, std::min(3.0, row * 0.6),
             QString::number(m + 1), kPrintInk, Qt::AlignRight, QFont::DemiBold);
  for (const ClassTurn& t : c.made.turns) {
    const auto at = std::find(c.made.done.begin(), c.made.done.end(), t.station) - c.made.done.begin();
    const QRectF bar(left + t.from_min * perMin, room.top() + row * t.maker + row * 0.12,
                     (t.to_min - t.from_min) * perMin, row * 0.76);
    p.setPen(QPen(kPrintInk, 0.12));
    p.setBrush(c.made.toolsAt[ix(t.station)].empty() ? QColor(Qt::white)
               : at % 2 == 0                         ? kBarLight
                                                     : kBarDark);
    p.drawRect(bar);
    const QString number = QString::number(at + 1);
    const double size = std::min(2.6, row * 0.5);
    if (bar.width() > textWidth(size, number) + 0.4)
      drawText(p, {bar.center().x(), bar.center().y() + size * 0.36}, size, number, kPrintInk,
               Qt::AlignHCenter);
  }
  p.setBrush(Qt::NoBrush);
}

void drawFirst(QPainter& p, const ClassPages& c) {
  const QRectF in = c.sheet.inner();
  double y = in.top() + 6;
  drawText(p, {in.left(), y}, 6, c.title(), kPrintInk, Qt::AlignLeft, QFont::DemiBold);
  const double half = in.width() / 2 - 4;
  double left = y + 2, right = y + 2;
  left = drawWords(p, {in.left(), left}, half, 3.2, classFacts(c.plan, c.made).join(u' '), kPrintInk);
  left = drawWords(p, {in.left(), left + 2}, half, 2.8, classCare(), kCare, QFont::DemiBold);
  right = drawWords(p, {in.left() + half + 8, right}, half, 3.2, tr("Ready on the tables:"), kPrintInk,
                    QFont::DemiBold);
  QStringList ready = classReady(c.plan, c.made);
  for (const StockNeed& need : c.needs) ready << needWords(need, c.style);
  for (const QString& line : ready) {
    if (right > in.top() + 74) {
      right = drawWords(p, {in.left() + half + 8, right}, half, 2.8,
                        tr("and more: see the list of what the cards need"), kPrintSoft);
      break;
    }
    right = drawWords(p, {in.left() + half + 8, right}, half, 2.8, line, kPrintSoft);
  }
  y = std::max(left, right) + 7;
  drawText(
      p, {in.left(), y}, 3.2,
      tr("Who does what when, in hours and minutes; the numbers are those of the table, white needs no tool"),
      kPrintInk, Qt::AlignLeft, QFont::DemiBold);
  drawBars(p, c, QRectF(in.left(), y + 3, in.width(), in.bottom() - y - 3));
}

void drawTable(QPainter& p, const ClassPages& c, const ClassPages::Part& part) {
  const QRectF in = c.sheet.inner();
  double y = in.top() + 5;
  drawText(p, {in.left(), y}, 4, tr("When each begins, by maker"), kPrintInk, Qt::AlignLeft, QFont::DemiBold);
  y += 7;
  const int makers = part.makerTo - part.makerFrom;
  const double column = std::min(kTableColumn_mm, (in.width() - kTableWords_mm) / makers);
  const double words = in.width() - column * makers;
  for (int m = part.makerFrom; m < part.makerTo; ++m)
    drawText(p, {in.left() + words + column * (m - part.makerFrom + 0.5), y}, 3, QString::number(m + 1),
             kPrintInk, Qt::AlignHCenter, QFont::DemiBold);
  for (int k = part.stationFrom; k < part.stationTo; ++k) {
    y += kTableLine_mm;
    p.setPen(QPen(kPrintSoft, 0.08));
    p.drawLine(QPointF(in.left(), y + 1.5), QPointF(in.left() + words + column * makers, y + 1.5));
    const Station& s = c.made.card.stations[ix(c.made.done[ix(k)])];
    QString title = stationTitle(c.plan, c.made.card, s);
    while (title.size() > 4 && textWidth(2.9, title) > words - 10)
      title = title.left(title.size() - 2).trimmed() + u'…';
    drawText(p, {in.left() + 5, y}, 2.9, QString::number(k + 1), kPrintInk, Qt::AlignRight, QFont::DemiBold);
    drawText(p, {in.left() + 7, y}, 2.9, title, kPrintInk);
    for (const ClassTurn& t : c.made.turns)
      if (t.station == c.made.done[ix(k)] && t.maker >= part.makerFrom && t.maker < part.makerTo)
        drawText(p, {in.left() + words + column * (t.maker - part.makerFrom + 0.5), y}, 2.9,
                 clockWords(t.from_min), kPrintSoft, Qt::AlignHCenter);
  }
}

/// Which papers lie while it is done.
QString masksAt(const Station& s) {
  return s.kind == Station::Kind::Masks || s.masks == 0 ? QString()
         : s.masks == 1 ? tr("one mask lies meanwhile; the run sheet says which")
                        : tr("%1 masks lie meanwhile; the run sheet says which").arg(s.masks);
}

/// One station in words. @return the y below it
double drawStation(QPainter& p, const ClassPages& c, int k, QPointF at, double width) {
  const Station& s = c.made.card.stations[ix(c.made.done[ix(k)])];
  double y = drawWords(p, at, width, 3.3,
                       QStringLiteral("%1  %2").arg(k + 1).arg(stationTitle(c.plan, c.made.card, s)),
                       kPrintInk, QFont::DemiBold);
  QStringList detail;
  for (int t : c.made.toolsAt[ix(c.made.done[ix(k)])]) detail << toolName(c.plan, c.made.tools[ix(t)]);
  const QString tools = detail.isEmpty() ? QString() : tr("needs %1").arg(detail.join(QStringLiteral(", ")));
  for (const QString& line : {stationDetail(c.plan, c.made.card, s), tools, masksAt(s)})
    if (!line.isEmpty()) y = drawWords(p, {at.x() + 5, y}, width - 5, 2.8, line, kPrintSoft);
  for (const QString& care : caresAt(c, s))
    y = drawWords(p, {at.x() + 5, y}, width - 5, 2.7, care, kCare, QFont::DemiBold);
  return y;
}

}  // namespace

Printout classSheet(const Plan& plan, const ClassPlan& made, const std::vector<StockNeed>& needs,
                    MeasureStyle style, Sheet sheet) {
  auto pages = std::make_shared<ClassPages>(ClassPages{plan, made, needs, style, sheet.turned(), {}, {}});
  ClassPages& c = *pages;
  const QRectF in = c.sheet.inner();
  const int rows = std::max(1, static_cast<int>((in.height() - 16) / kTableLine_mm));
  const int stations = static_cast<int>(made.done.size());
  for (int s = 0; s < stations; s += rows)
    for (int m = 0; m < made.wish.makers; m += kMakersAcross)
      c.parts.push_back({s, std::min(stations, s + rows), m, std::min(made.wish.makers, m + kMakersAcross)});
  // Stations in words, in two columns; how high each is is measured by drawing it where nothing is seen.
  QImage nowhere(8, 8, QImage::Format_ARGB32_Premultiplied);
  QPainter measure(&nowhere);
  const double width = in.width() / 2 - 5;
  double y = 0;
  int column = 0;
  for (int k = 0; k < stations; ++k) {
    const double height = drawStation(measure, c, k, {0, 0}, width) + 3;
    if (y + height > in.height() - 12 && y > 0) ++column, y = 0;
    if (c.words.empty() || column > 1) c.words.emplace_back(), column = 0, y = 0;
    c.words.back().push_back(k);
    y += height;
  }
  Printout out;
  out.title = c.title();
  out.sheet = c.sheet;
  out.pages = c.pages();
  out.draw = [pages](QPainter& p, int page) {
    const ClassPages& all = *pages;
    if (page == 0) return drawFirst(p, all);
    if (ix(page) <= all.parts.size()) return drawTable(p, all, all.parts[ix(page) - 1]);
    const QRectF area = all.sheet.inner();
    drawText(p, {area.left(), area.top() + 5}, 4, tr("What is done at each"), kPrintInk, Qt::AlignLeft,
             QFont::DemiBold);
    const double wide = area.width() / 2 - 5, top = area.top() + 7;
    double down = top;
    int side = 0;
    for (int k : all.words[ix(page) - 1 - all.parts.size()]) {
      QImage away(8, 8, QImage::Format_ARGB32_Premultiplied);
      QPainter unseen(&away);
      const double height = drawStation(unseen, all, k, {0, 0}, wide) + 3;
      if (down - top + height > area.height() - 12 && down > top) ++side, down = top;
      down = drawStation(p, all, k, {area.left() + side * (wide + 10), down}, wide) + 3;
    }
  };
  return out;
}

}  // namespace havlo
