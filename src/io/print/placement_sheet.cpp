// The placement sheet: lay it under or beside the panel and set every foot where its cross is.
#include <algorithm>
#include <cmath>

#include "core/mask/mask_needs.h"
#include "io/art/shape_path.h"
#include "io/print/panel_pages.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"
#include "io/wording/say.h"
#include "io/wording/step_words.h"

namespace havlo {
namespace {

constexpr double kPale = 0.3;  // how much of its ink a stamp is drawn with

/// What shows of each thing, pale; what lies behind others is hidden by them.
void drawOutlines(QPainter& p, const Plan& plan, const Analysis& a, const SvgArt* art) {
  const QTransform flip(1, 0, 0, -1, 0, plan.card.panel.height_mm);
  for (auto it = a.knots.frontToBack.rbegin(); it != a.knots.frontToBack.rend(); ++it) {
    const QPainterPath down = flip.map(pathOf(a.meetings.placed[ix(*it)]->silhouette));
    p.fillPath(down, QColor(255, 255, 255, 235));
    if (art) {
      const Impression& i = plan.impressions[ix(*it)];
      const Stamp& stamp = *plan.stamp(i.stamp);
      p.save();
      p.setClipPath(down, Qt::IntersectClip);
      p.setOpacity(kPale);
      art->paint(p, stamp, placingOf(i, stamp), plan.card.panel.height_mm);
      p.restore();
    }
    p.setPen(QPen(kPrintInk, 0.25));
    p.setBrush(Qt::NoBrush);
    p.drawPath(down);
  }
}

constexpr double kNumber_mm = 2.6;

/// Where the number of each foot is written: beside it, or where others are in the way farther off.
struct Numbered {
  QPointF foot, at;  ///< mm, y down; `at` is the middle of the number
  int number = 0;
};
std::vector<Numbered> numbersFor(const Plan& plan, const Analysis& a) {
  std::vector<Numbered> out;
  std::vector<QPointF> feet;
  for (int i : a.order)
    feet.push_back({plan.impressions[ix(i)].at.x, plan.card.panel.height_mm - plan.impressions[ix(i)].at.y});
  const QRectF room(1.5, 1.5, plan.card.panel.width_mm - 3, plan.card.panel.height_mm - 3);
  for (size_t k = 0; k < feet.size(); ++k) {
    if (!plan.card.panel.box().contains(plan.impressions[ix(a.order[k])].at)) continue;
    const auto inTheWay = [&](QPointF at) {
      double cost = room.contains(at) ? 0 : 100;
      for (size_t m = 0; m < feet.size(); ++m)
        if (m != k && std::hypot(feet[m].x() - at.x(), feet[m].y() - at.y()) < 3.4) cost += 10;
      for (const Numbered& n : out)
        if (std::hypot(n.at.x() - at.x(), n.at.y() - at.y()) < 4.2) cost += 20;
      return cost;
    };
    QPointF best = feet[k] + QPointF(2.2, -2.2);
    double least = 1e9;
    for (const double far : {3.1, 6.0, 9.0, 13.0, 18.0})
      for (int turn = 0; turn < 12; ++turn) {
        const double angle = (30 * turn + 45) * 3.14159265358979323846 / 180;
        const QPointF at = feet[k] + QPointF(far * std::cos(angle), -far * std::sin(angle));
        const double cost = inTheWay(at) + far * 0.4 + turn * 0.01;
        if (cost < least) least = cost, best = at;
      }
    out.push_back({feet[k], best, static_cast<int>(k) + 1});
  }
  return out;
}

void drawFeet(QPainter& p, const Plan& plan, const Analysis& a) {
  for (int i : a.order) {
    const QPointF foot(plan.impressions[ix(i)].at.x,
                       plan.card.panel.height_mm - plan.impressions[ix(i)].at.y);
    p.setPen(QPen(kPrintGreen, 0.3));
    p.drawLine(foot - QPointF(3, 0), foot + QPointF(3, 0));
    p.drawLine(foot - QPointF(0, 3), foot + QPointF(0, 3));
  }
  for (const Numbered& n : numbersFor(plan, a)) {
    const QPointF way = n.foot - n.at;
    const double far = std::hypot(way.x(), way.y());
    p.setPen(QPen(kPrintGreen, 0.2));
    if (far > 4) p.drawLine(n.at + way * (1.9 / far), n.foot);
    const QString number = QString::number(n.number);
    const double r = std::max(1.7, textWidth(kNumber_mm, number, QFont::Bold) / 2 + 0.5);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(255, 255, 255, 225));
    p.drawEllipse(n.at, r, 1.7);
    drawText(p, n.at + QPointF(0, kNumber_mm * 0.36), kNumber_mm, number, kPrintGreen, Qt::AlignHCenter,
             QFont::Bold);
  }
  p.setBrush(Qt::NoBrush);
}

void drawPanel(QPainter& p, const Plan& plan, const Analysis& a, MeasureStyle style, const SvgArt* art) {
  const PanelSize& panel = plan.card.panel;
  const QRectF face(0, 0, panel.width_mm, panel.height_mm);
  p.save();
  p.setClipRect(face);
  drawOutlines(p, plan, a, art);
  drawFeet(p, plan, a);
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
    const auto measure = [&](double mm) { return spoken(writeMeasure(Millimetres{mm}, style)); };
    const QString cells[] = {
        QString::number(k + 1),
        labelOf(plan, i),
        measure(impression.at.x),
        measure(impression.at.y),
        std::fabs(impression.turn_deg) > 0.05
            ? spoken(QStringLiteral("%1°").arg(impression.turn_deg, 0, 'f', 1))
            : QStringLiteral("–"),
        inkName(*plan.ink(impression.ink)) + QStringLiteral(", ") + pressingName(impression.generation)};
    for (int c = 0; c < 6; ++c)
      drawText(p, {room.left() + columns[c], y}, 2.7, cells[c], kPrintInk, Qt::AlignLeft,
               c == 0 ? QFont::Bold : QFont::Normal);
  }
}

constexpr double kBesideRow_mm = 7.4, kBesideLeast_mm = 72;

/// The same where it is narrow: every thing in two lines.
void drawNarrowTable(QPainter& p, const Plan& plan, const Analysis& a, MeasureStyle style,
                     const QRectF& room) {
  const double left = room.right() - 17;
  double y = room.top() + 4;
  drawText(p, {room.left() + 6, y}, 2.6, tr("Stamp"), kPrintSoft, Qt::AlignLeft, QFont::DemiBold);
  drawText(p, {left, y}, 2.6, tr("Left"), kPrintSoft, Qt::AlignRight, QFont::DemiBold);
  drawText(p, {room.right(), y}, 2.6, tr("Bottom"), kPrintSoft, Qt::AlignRight, QFont::DemiBold);
  y += 1.2;
  for (size_t k = 0; k < a.order.size(); ++k) {
    const Impression& i = plan.impressions[ix(a.order[k])];
    p.setPen(QPen(kPrintSoft, 0.12));
    p.drawLine(QPointF(room.left(), y), QPointF(room.right(), y));
    const auto measure = [&](double mm) { return spoken(writeMeasure(Millimetres{mm}, style)); };
    drawText(p, {room.left() + 4, y + 3.2}, 2.7, QString::number(k + 1), kPrintGreen, Qt::AlignRight,
             QFont::Bold);
    QString name = labelOf(plan, a.order[k]);
    while (name.size() > 4 && textWidth(2.7, name, QFont::DemiBold) > left - 15 - room.left())
      name = name.left(name.size() - 2).trimmed() + u'…';
    drawText(p, {room.left() + 6, y + 3.2}, 2.7, name, kPrintInk, Qt::AlignLeft, QFont::DemiBold);
    drawText(p, {left, y + 3.2}, 2.7, measure(i.at.x), kPrintInk, Qt::AlignRight);
    drawText(p, {room.right(), y + 3.2}, 2.7, measure(i.at.y), kPrintInk, Qt::AlignRight);
    QString how = inkName(*plan.ink(i.ink)) + QStringLiteral(", ") + pressingName(i.generation);
    if (std::fabs(i.turn_deg) > 0.05) how += QStringLiteral(", ") + turnWords(i.turn_deg);
    drawText(p, {room.left() + 6, y + 6.3}, 2.3, how, kPrintSoft);
    y += kBesideRow_mm;
  }
}

/// How the table of feet is spread: under the panel or beside it if it fits there, else on pages of its own.
struct Table {
  size_t rowsUnder = 0, rowsPerPage = 0;
  bool beside = false;
  int pages = 0;
};

/// Room right of the panel.
QRectF besideOf(const Plan& plan, const PanelPages& pages) {
  const double left =
      pages.inner.left() + 2 * kRulerRoom_mm + 6 + plan.card.panel.width_mm + 2 * plan.card.trim_mm;
  return {left, pages.inner.top() + kPanelHead_mm, pages.inner.right() - left,
          pages.tileHeight + kRulerRoom_mm};
}

Table tableFor(const Plan& plan, const Analysis& a, const PanelPages& pages) {
  Table t;
  const size_t rows = a.order.size();
  if (pages.count() == 1) {
    const QRectF room = besideOf(plan, pages);
    const double left = pages.tileHeight - plan.card.panel.height_mm - 2 * plan.card.trim_mm - 8;
    const double needed = static_cast<double>(rows) * kBesideRow_mm + 6;
    t.rowsUnder =
        left > 3 * kTableRow_mm ? std::min(rows, static_cast<size_t>((left - 5) / kTableRow_mm)) : 0;
    if (t.rowsUnder < rows) t.rowsUnder = 0;  // a table is not torn in two
    t.beside = t.rowsUnder == 0 && rows > 0 && room.width() >= kBesideLeast_mm && room.height() >= needed;
    if (t.beside) return t;
  }
  t.rowsPerPage = static_cast<size_t>((pages.inner.height() - kPanelHead_mm - 6) / kTableRow_mm);
  t.pages = static_cast<int>((rows - t.rowsUnder + t.rowsPerPage - 1) / t.rowsPerPage);
  return t;
}

/// The sheet as it lies, or turned where only then the table has room on it.
Sheet bestTurn(const Plan& plan, const Analysis& a, const Sheet& sheet) {
  const PanelPages here(plan, sheet), turned(plan, sheet.turned());
  const Table now = tableFor(plan, a, here), then = tableFor(plan, a, turned);
  const bool better = here.count() == 1 && turned.count() == 1 && now.pages > 0 && then.pages == 0;
  return better ? sheet.turned() : sheet;
}

}  // namespace

Printout placementSheet(const Plan& plan, const Analysis& a, MeasureStyle style, Sheet sheet,
                        std::shared_ptr<const SvgArt> art) {
  sheet = bestTurn(plan, a, turnedFor(plan, sheet));
  const PanelPages pages(plan, sheet);
  const Table table = tableFor(plan, a, pages);
  Printout out;
  out.title = plan.title.empty() ? tr("Placement sheet") : QString::fromStdString(plan.title);
  out.sheet = sheet;
  out.pages = pages.count() + table.pages;
  const auto shared = std::make_shared<Analysis>(a);
  out.draw = [plan, shared, style, pages, table, art, title = out.title](QPainter& p, int page) {
    pages.drawHead(p, title,
                   tr("Placement sheet at true size. Crosses are feet, numbers are the order of stamping."));
    if (page >= pages.count()) {
      const size_t from = table.rowsUnder + ix(page - pages.count()) * table.rowsPerPage;
      drawTable(p, plan, *shared, style, pages.inner.adjusted(0, kPanelHead_mm, 0, 0), from,
                std::min(shared->order.size(), from + table.rowsPerPage));
      return;
    }
    pages.drawTile(p, page, [&](QPainter& q) { drawPanel(q, plan, *shared, style, art.get()); });
    if (table.beside) drawNarrowTable(p, plan, *shared, style, besideOf(plan, pages));
    if (table.rowsUnder > 0) {
      const double top = pages.inner.top() + kPanelHead_mm + plan.card.panel.height_mm +
                         2 * plan.card.trim_mm + kRulerRoom_mm;
      drawTable(p, plan, *shared, style, QRectF(pages.inner.left(), top, pages.inner.width(), 10), 0,
                table.rowsUnder);
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
    drawPanel(p, plan, a, style, nullptr);
    p.restore();
    drawCheckRules(p, {margin, height - kCheckRulesHeight_mm - 2});
  });
}

Result<Done> writePdf(const QString& path, const Printout& printout) {
  return writePdf(path, printout.title, printout.sheet, printout.pages, printout.draw);
}

}  // namespace havlo
