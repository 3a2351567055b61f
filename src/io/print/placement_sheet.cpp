// The placement sheet: lay it under or beside the panel and set every foot where its cross is.
#include <algorithm>
#include <cmath>

#include "core/mask/mask_needs.h"
#include "io/art/shape_path.h"
#include "io/print/panel_pages.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

/// What shows of each outline: parts behind other things are dashed.
void drawOutlines(QPainter& p, const Plan& plan, const Analysis& a) {
  for (auto it = a.knots.frontToBack.rbegin(); it != a.knots.frontToBack.rend(); ++it) {
    const QPainterPath path = pathOf(a.meetings.placed[ix(*it)]->silhouette);
    QTransform flip(1, 0, 0, -1, 0, plan.card.panel.height_mm);
    const QPainterPath down = flip.map(path);
    p.fillPath(down, QColor(255, 255, 255, 235));
    p.setPen(QPen(kPrintInk, 0.25));
    p.drawPath(down);
  }
}

void drawFeet(QPainter& p, const Plan& plan, const Analysis& a, MeasureStyle style) {
  int number = 0;
  for (int i : a.order) {
    const Impression& impression = plan.impressions[ix(i)];
    ++number;
    const QPointF foot(impression.at.x, plan.card.panel.height_mm - impression.at.y);
    p.setPen(QPen(kPrintGreen, 0.3));
    p.drawLine(foot - QPointF(3, 0), foot + QPointF(3, 0));
    p.drawLine(foot - QPointF(0, 3), foot + QPointF(0, 3));
    if (plan.card.panel.box().contains(impression.at))
      drawText(p, foot + QPointF(0.8, -0.8), 2.6, QString::number(number), kPrintGreen, Qt::AlignLeft,
               QFont::Bold);
  }
  Q_UNUSED(style)
}

void drawPanel(QPainter& p, const Plan& plan, const Analysis& a, MeasureStyle style) {
  const PanelSize& panel = plan.card.panel;
  const QRectF face(0, 0, panel.width_mm, panel.height_mm);
  p.save();
  p.setClipRect(face);
  drawOutlines(p, plan, a);
  drawFeet(p, plan, a, style);
  p.restore();
  if (plan.view) {
    p.setPen(QPen(kPrintGreen, 0.2, Qt::DashLine));
    const double y = panel.height_mm - plan.view->horizon_mm;
    p.drawLine(QPointF(-3, y), QPointF(0, y));
    p.drawLine(QPointF(panel.width_mm, y), QPointF(panel.width_mm + 3, y));
    drawText(p, {panel.width_mm + 3.5, y + 0.8}, 2.2, tr("horizon"), kPrintGreen);
  }
  p.setPen(QPen(kPrintInk, 0.35));
  p.drawRect(face);
  if (plan.card.tape_mm > 0) {
    p.setPen(QPen(kPrintSoft, 0.2, Qt::DotLine));
    const double t = plan.card.tape_mm;
    p.drawRect(face.adjusted(t, t, -t, -t));
  }
  if (plan.card.trim_mm > 0) {
    p.setPen(QPen(kPrintSoft, 0.2, Qt::DashLine));
    const double t = plan.card.trim_mm;
    p.drawRect(face.adjusted(-t, -t, t, t));
  }
  drawPanelRulers(p, panel, style);
}

constexpr double kTableRow_mm = 4.4;

void drawTable(QPainter& p, const Plan& plan, const Analysis& a, MeasureStyle style, QRectF room, size_t from,
               size_t to) {
  const double columns[] = {0, 7, 62, 86, 110, 126};
  const QString heads[] = {QString(), tr("Stamp"), tr("Left"), tr("Bottom"), tr("Turn"), tr("Ink")};
  double y = room.top() + 4;
  for (int c = 0; c < 6; ++c)
    drawText(p, {room.left() + columns[c], y}, 2.6, heads[c], kPrintSoft, Qt::AlignLeft, QFont::DemiBold);
  p.setPen(QPen(kPrintSoft, 0.15));
  p.drawLine(QPointF(room.left(), y + 1.2), QPointF(room.right(), y + 1.2));
  for (size_t k = from; k < to; ++k) {
    y += kTableRow_mm;
    const int i = a.order[k];
    const Impression& impression = plan.impressions[ix(i)];
    const auto measure = [&](double mm) {
      return QString::fromStdString(writeMeasure(Millimetres{mm}, style));
    };
    const QString cells[] = {
        QString::number(k + 1),
        labelOf(plan, i),
        measure(impression.at.x),
        measure(impression.at.y),
        std::fabs(impression.turn_deg) > 0.05 ? QStringLiteral("%1°").arg(impression.turn_deg, 0, 'f', 1)
                                              : QStringLiteral("–"),
        inkName(*plan.ink(impression.ink)) + QStringLiteral(", ") + pressingName(impression.generation)};
    for (int c = 0; c < 6; ++c)
      drawText(p, {room.left() + columns[c], y}, 2.7, cells[c], kPrintInk, Qt::AlignLeft,
               c == 0 ? QFont::Bold : QFont::Normal);
  }
}

/// How the table of feet is spread: under the panel if it fits there, else on pages of its own.
struct Table {
  size_t rowsBeside = 0, rowsPerPage = 0;
  int pages = 0;
};

Table tableFor(const Plan& plan, const Analysis& a, const PanelPages& pages) {
  Table t;
  const size_t rows = a.order.size();
  if (pages.count() == 1) {
    const double left = pages.tileHeight - plan.card.panel.height_mm - 2 * plan.card.trim_mm - 8;
    t.rowsBeside =
        left > 3 * kTableRow_mm ? std::min(rows, static_cast<size_t>((left - 5) / kTableRow_mm)) : 0;
    if (t.rowsBeside < rows) t.rowsBeside = 0;  // a table is not torn in two
  }
  t.rowsPerPage = static_cast<size_t>((pages.inner.height() - kPanelHead_mm - 6) / kTableRow_mm);
  t.pages = static_cast<int>((rows - t.rowsBeside + t.rowsPerPage - 1) / t.rowsPerPage);
  return t;
}

}  // namespace

Printout placementSheet(const Plan& plan, const Analysis& a, MeasureStyle style, Sheet sheet) {
  sheet = turnedFor(plan, sheet);
  const PanelPages pages(plan, sheet);
  const Table table = tableFor(plan, a, pages);
  Printout out;
  out.title = plan.title.empty() ? tr("Placement sheet") : QString::fromStdString(plan.title);
  out.sheet = sheet;
  out.pages = pages.count() + table.pages;
  const auto shared = std::make_shared<Analysis>(a);
  out.draw = [plan, shared, style, pages, table, title = out.title](QPainter& p, int page) {
    pages.drawHead(p, title,
                   tr("Placement sheet at true size. Crosses are feet, numbers are the order of stamping."));
    if (page >= pages.count()) {
      const size_t from = table.rowsBeside + ix(page - pages.count()) * table.rowsPerPage;
      drawTable(p, plan, *shared, style, pages.inner.adjusted(0, kPanelHead_mm, 0, 0), from,
                std::min(shared->order.size(), from + table.rowsPerPage));
      return;
    }
    pages.drawTile(p, page, [&](QPainter& q) { drawPanel(q, plan, *shared, style); });
    if (table.rowsBeside > 0) {
      const double top = pages.inner.top() + kPanelHead_mm + plan.card.panel.height_mm +
                         2 * plan.card.trim_mm + kRulerRoom_mm;
      drawTable(p, plan, *shared, style, QRectF(pages.inner.left(), top, pages.inner.width(), 10), 0,
                table.rowsBeside);
    }
  };
  return out;
}

Printout joined(Printout first, Printout second) {
  Printout out = first;
  out.pages = first.pages + second.pages;
  out.draw = [first = std::move(first), second = std::move(second)](QPainter& p, int page) {
    page < first.pages ? first.draw(p, page) : second.draw(p, page - first.pages);
  };
  return out;
}

Result<Done> writePlacementSvg(const QString& path, const Plan& plan, const Analysis& a, MeasureStyle style) {
  const double margin = 14 + plan.card.trim_mm;
  const double width = std::max(plan.card.panel.width_mm, 130.0) + 2 * margin;
  const double height = plan.card.panel.height_mm + 2 * margin + kCheckRulesHeight_mm;
  return writeSvgDrawing(path, QString::fromStdString(plan.title), width, height, [&](QPainter& p) {
    p.save();
    p.translate(margin, margin);
    drawPanel(p, plan, a, style);
    p.restore();
    drawCheckRules(p, {margin, height - kCheckRulesHeight_mm - 2});
  });
}

Result<Done> writePdf(const QString& path, const Printout& printout) {
  return writePdf(path, printout.title, printout.sheet, printout.pages, printout.draw);
}

}  // namespace havlo
