// The placement sheet: lay it under or beside the panel and set every foot where its cross is.
#include <QCoreApplication>
#include <QFile>
#include <QXmlStreamWriter>
#include <algorithm>
#include <cmath>

#include "core/mask/mask_needs.h"
#include "io/art/shape_path.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kRulerRoom_mm = 9;  // left of and below the panel, for the ruler marks
constexpr double kHead_mm = 12;

QString tr(const char* text) { return QCoreApplication::translate("Print", text); }

const QColor kInk(0x22, 0x30, 0x3a), kSoft(0x5c, 0x68, 0x70), kGreen(0x1f, 0x6b, 0x5e);

/// Ruler marks along the panel's left and bottom edge, in the maker's units.
void drawRulers(QPainter& p, const PanelSize& panel, MeasureStyle style) {
  const bool inches = style == MeasureStyle::Inches;
  const double step = inches ? kMmPerInch / 8 : 5;
  const int longEvery = inches ? 8 : 2;
  p.setPen(QPen(kSoft, 0.15));
  const auto label = [&](int k) { return QString::number(inches ? k / 8 : k * 5); };
  for (int k = 0; k * step <= panel.width_mm + 1e-6; ++k) {
    const bool big = k % longEvery == 0;
    const double x = k * step, y = panel.height_mm;
    p.drawLine(QPointF(x, y + 1), QPointF(x, y + (big ? 3 : 2)));
    if (big) drawText(p, {x, y + 5.6}, 2.2, label(k), kSoft, Qt::AlignHCenter);
  }
  for (int k = 0; k * step <= panel.height_mm + 1e-6; ++k) {
    const bool big = k % longEvery == 0;
    const double y = panel.height_mm - k * step;
    p.drawLine(QPointF(-1, y), QPointF(big ? -3 : -2, y));
    if (big) drawText(p, {-3.6, y + 0.8}, 2.2, label(k), kSoft, Qt::AlignRight);
  }
}

/// What shows of each outline: parts behind other things are dashed.
void drawOutlines(QPainter& p, const Plan& plan, const Analysis& a) {
  for (auto it = a.knots.frontToBack.rbegin(); it != a.knots.frontToBack.rend(); ++it) {
    const QPainterPath path = pathOf(a.meetings.placed[static_cast<size_t>(*it)]->silhouette);
    QTransform flip(1, 0, 0, -1, 0, plan.card.panel.height_mm);
    const QPainterPath down = flip.map(path);
    p.fillPath(down, QColor(255, 255, 255, 235));
    p.setPen(QPen(kInk, 0.25));
    p.drawPath(down);
  }
}

void drawFeet(QPainter& p, const Plan& plan, const Analysis& a, MeasureStyle style) {
  int number = 0;
  for (int i : a.order) {
    const Impression& impression = plan.impressions[static_cast<size_t>(i)];
    ++number;
    const QPointF foot(impression.at.x, plan.card.panel.height_mm - impression.at.y);
    p.setPen(QPen(kGreen, 0.3));
    p.drawLine(foot - QPointF(3, 0), foot + QPointF(3, 0));
    p.drawLine(foot - QPointF(0, 3), foot + QPointF(0, 3));
    if (plan.card.panel.box().contains(impression.at))
      drawText(p, foot + QPointF(0.8, -0.8), 2.6, QString::number(number), kGreen, Qt::AlignLeft,
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
    p.setPen(QPen(kGreen, 0.2, Qt::DashLine));
    const double y = panel.height_mm - plan.view->horizon_mm;
    p.drawLine(QPointF(-3, y), QPointF(0, y));
    p.drawLine(QPointF(panel.width_mm, y), QPointF(panel.width_mm + 3, y));
    drawText(p, {panel.width_mm + 3.5, y + 0.8}, 2.2, tr("horizon"), kGreen);
  }
  p.setPen(QPen(kInk, 0.35));
  p.drawRect(face);
  if (plan.card.tape_mm > 0) {
    p.setPen(QPen(kSoft, 0.2, Qt::DotLine));
    const double t = plan.card.tape_mm;
    p.drawRect(face.adjusted(t, t, -t, -t));
  }
  if (plan.card.trim_mm > 0) {
    p.setPen(QPen(kSoft, 0.2, Qt::DashLine));
    const double t = plan.card.trim_mm;
    p.drawRect(face.adjusted(-t, -t, t, t));
  }
  drawRulers(p, panel, style);
}

constexpr double kTableRow_mm = 4.4;

void drawTable(QPainter& p, const Plan& plan, const Analysis& a, MeasureStyle style, QRectF room, size_t from,
               size_t to) {
  const double columns[] = {0, 7, 62, 86, 110, 126};
  const QString heads[] = {QString(), tr("Stamp"), tr("Left"), tr("Bottom"), tr("Turn"), tr("Ink")};
  double y = room.top() + 4;
  for (int c = 0; c < 6; ++c)
    drawText(p, {room.left() + columns[c], y}, 2.6, heads[c], kSoft, Qt::AlignLeft, QFont::DemiBold);
  p.setPen(QPen(kSoft, 0.15));
  p.drawLine(QPointF(room.left(), y + 1.2), QPointF(room.right(), y + 1.2));
  for (size_t k = from; k < to; ++k) {
    y += kTableRow_mm;
    const int i = a.order[k];
    const Impression& impression = plan.impressions[static_cast<size_t>(i)];
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
      drawText(p, {room.left() + columns[c], y}, 2.7, cells[c], kInk, Qt::AlignLeft,
               c == 0 ? QFont::Bold : QFont::Normal);
  }
}

/// How the panel and the table are spread over pages.
struct Layout {
  QRectF inner;
  int across = 1, down = 1;  // tiles of the panel
  size_t rowsBeside = 0;     // table rows that fit under the panel on its own page
  size_t rowsPerPage = 0;
  int tablePages = 0;
  double tileWidth = 0, tileHeight = 0;
};

Layout layOut(const Plan& plan, const Analysis& a, const Sheet& sheet) {
  Layout l;
  l.inner = sheet.inner();
  l.tileWidth = l.inner.width() - 2 * kRulerRoom_mm;
  l.tileHeight = l.inner.height() - kHead_mm - kRulerRoom_mm - kCheckRulesHeight_mm;
  const double trim = 2 * plan.card.trim_mm;
  l.across = std::max(1, static_cast<int>(std::ceil((plan.card.panel.width_mm + trim) / l.tileWidth)));
  l.down = std::max(1, static_cast<int>(std::ceil((plan.card.panel.height_mm + trim) / l.tileHeight)));
  const size_t rows = a.order.size();
  if (l.across == 1 && l.down == 1) {
    const double left = l.tileHeight - plan.card.panel.height_mm - trim - 8;
    l.rowsBeside =
        left > 3 * kTableRow_mm ? std::min(rows, static_cast<size_t>((left - 5) / kTableRow_mm)) : 0;
    if (l.rowsBeside < rows) l.rowsBeside = 0;  // a table is not torn in two
  }
  l.rowsPerPage = static_cast<size_t>((l.inner.height() - kHead_mm - 6) / kTableRow_mm);
  const size_t rest = rows - l.rowsBeside;
  l.tablePages = static_cast<int>((rest + l.rowsPerPage - 1) / l.rowsPerPage);
  return l;
}

/// Landscape cards on a turned sheet.
Sheet turnedFor(const Plan& plan, const Sheet& sheet) {
  return plan.card.panel.width_mm > plan.card.panel.height_mm &&
                 plan.card.panel.width_mm > sheet.width_mm - 40
             ? sheet.turned()
             : sheet;
}

void drawHead(QPainter& p, const Layout& l, const QString& title, const QString& note) {
  drawText(p, {l.inner.left(), l.inner.top() + 5}, 4.6, title, kInk, Qt::AlignLeft, QFont::Bold);
  drawText(p, {l.inner.left(), l.inner.top() + 9.5}, 2.6, note, kSoft);
}

/// One page of the panel at true size: all of it, or a tile with crosses where tiles join.
void drawTile(QPainter& p, const Layout& l, double trim_mm, int page,
              const std::function<void(QPainter&)>& panel) {
  const int tiles = l.across * l.down;
  const QPointF corner(l.inner.left() + kRulerRoom_mm, l.inner.top() + kHead_mm);
  const int column = page % l.across, row = page / l.across;
  p.save();
  if (tiles > 1)
    p.setClipRect(QRectF(corner - QPointF(kRulerRoom_mm, 2),
                         QSizeF(l.tileWidth + 2 * kRulerRoom_mm, l.tileHeight + kRulerRoom_mm + 2)));
  p.translate(corner + QPointF(trim_mm - column * l.tileWidth, trim_mm - row * l.tileHeight));
  panel(p);
  p.restore();
  if (tiles > 1) {
    p.setPen(QPen(kGreen, 0.2));
    for (double x : {0.0, l.tileWidth})
      for (double y : {0.0, l.tileHeight}) {
        const QPointF c = corner + QPointF(x, y);
        p.drawLine(c - QPointF(4, 0), c + QPointF(4, 0));
        p.drawLine(c - QPointF(0, 4), c + QPointF(0, 4));
      }
    drawText(p, {l.inner.right(), l.inner.top() + 5}, 3, tr("part %1 of %2").arg(page + 1).arg(tiles), kSoft,
             Qt::AlignRight);
  }
  drawCheckRules(p, {l.inner.left() + 2, l.inner.bottom() - kCheckRulesHeight_mm + 1});
}

void drawPencil(QPainter& p, const Plan& plan, const std::vector<GuideChain>& chains, MeasureStyle style) {
  const PanelSize& panel = plan.card.panel;
  for (const GuideKind kind : {GuideKind::Construction, GuideKind::Ink})
    drawChains(p, chains, kind, panel.height_mm);
  p.setPen(QPen(kInk, 0.35));
  p.setBrush(Qt::NoBrush);
  p.drawRect(QRectF(0, 0, panel.width_mm, panel.height_mm));
  drawRulers(p, panel, style);
}

std::vector<GuideChain> chainsOf(const Plan& plan, const Analysis& a) {
  return chained(guidesOf(plan, *a.depth, a.meetings.placed));
}

}  // namespace

void drawChains(QPainter& p, const std::vector<GuideChain>& chains, GuideKind kind, double height_mm) {
  const bool ink = kind == GuideKind::Ink;
  for (const GuideChain& c : chains) {
    if (c.kind != kind) continue;
    const bool soft = c.of == GuideOf::Shadow || c.of == GuideOf::Reflection;
    p.setPen(
        ink ? QPen(kInk, soft ? 0.18 : 0.3, soft ? Qt::DotLine : Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin)
            : QPen(kSoft, 0.12, Qt::DashLine));
    QPolygonF line;
    for (const Point q : c.points) line << QPointF(q.x, height_mm - q.y);
    p.drawPolyline(line);
  }
}

bool hasGuides(const Plan& plan) {
  return plan.view && (!plan.ground.empty() || plan.room || plan.light ||
                       std::any_of(plan.impressions.begin(), plan.impressions.end(),
                                   [](const Impression& i) { return !i.row.empty(); }));
}

Printout pencilSheet(const Plan& plan, const Analysis& a, MeasureStyle style, Sheet sheet) {
  sheet = turnedFor(plan, sheet);
  Layout l = layOut(plan, a, sheet);
  Printout out;
  out.title = tr("Pencil sheet");
  out.sheet = sheet;
  out.pages = l.across * l.down;
  out.draw = [plan, style, l, chains = chainsOf(plan, a)](QPainter& p, int page) {
    drawHead(
        p, l, plan.title.empty() ? tr("Pencil sheet") : QString::fromStdString(plan.title),
        tr("Pencil sheet at true size. Dashed: construction, rub it out. Full: to ink. Dotted: shadows."));
    drawTile(p, l, plan.card.trim_mm, page, [&](QPainter& q) { drawPencil(q, plan, chains, style); });
  };
  return out;
}

Printout placementSheet(const Plan& plan, const Analysis& a, MeasureStyle style, Sheet sheet) {
  sheet = turnedFor(plan, sheet);
  const Layout l = layOut(plan, a, sheet);
  Printout out;
  out.title = plan.title.empty() ? tr("Placement sheet") : QString::fromStdString(plan.title);
  out.sheet = sheet;
  const int tiles = l.across * l.down;
  out.pages = tiles + l.tablePages;
  const auto shared = std::make_shared<Analysis>(a);
  out.draw = [plan, shared, style, l, tiles, title = out.title](QPainter& p, int page) {
    drawHead(p, l, title,
             tr("Placement sheet at true size. Crosses are feet, numbers are the order of stamping."));
    if (page >= tiles) {
      const size_t from = l.rowsBeside + static_cast<size_t>(page - tiles) * l.rowsPerPage;
      drawTable(p, plan, *shared, style, l.inner.adjusted(0, kHead_mm, 0, 0), from,
                std::min(shared->order.size(), from + l.rowsPerPage));
      return;
    }
    drawTile(p, l, plan.card.trim_mm, page, [&](QPainter& q) { drawPanel(q, plan, *shared, style); });
    if (tiles == 1 && l.rowsBeside > 0) {
      const double top =
          l.inner.top() + kHead_mm + plan.card.panel.height_mm + 2 * plan.card.trim_mm + kRulerRoom_mm;
      drawTable(p, plan, *shared, style, QRectF(l.inner.left(), top, l.inner.width(), 10), 0, l.rowsBeside);
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

Result<Done> writePencilSvg(const QString& path, const Plan& plan, const Analysis& a) {
  const auto chains = chainsOf(plan, a);
  QFile file(path);
  if (!file.open(QIODevice::WriteOnly | QIODevice::Truncate))
    return Error{ErrorCode::CannotWrite, file.errorString().toStdString(), path.toStdString()};
  const PanelSize& panel = plan.card.panel;
  QXmlStreamWriter w(&file);
  const auto mm = [](double v) { return QString::number(v, 'f', 3); };
  w.setAutoFormatting(true);
  w.writeStartDocument();
  w.writeStartElement(QStringLiteral("svg"));
  w.writeDefaultNamespace(QStringLiteral("http://www.w3.org/2000/svg"));
  w.writeAttribute(QStringLiteral("width"), mm(panel.width_mm) + QStringLiteral("mm"));
  w.writeAttribute(QStringLiteral("height"), mm(panel.height_mm) + QStringLiteral("mm"));
  w.writeAttribute(QStringLiteral("viewBox"),
                   QStringLiteral("0 0 %1 %2").arg(mm(panel.width_mm), mm(panel.height_mm)));
  w.writeTextElement(QStringLiteral("title"), QString::fromStdString(plan.title));
  w.writeEmptyElement(QStringLiteral("rect"));
  w.writeAttribute(QStringLiteral("id"), QStringLiteral("panel"));
  w.writeAttribute(QStringLiteral("width"), mm(panel.width_mm));
  w.writeAttribute(QStringLiteral("height"), mm(panel.height_mm));
  w.writeAttribute(QStringLiteral("fill"), QStringLiteral("none"));
  w.writeAttribute(QStringLiteral("stroke"), kInk.name());
  w.writeAttribute(QStringLiteral("stroke-width"), QStringLiteral("0.2"));
  for (const GuideKind kind : {GuideKind::Construction, GuideKind::Ink}) {
    const bool ink = kind == GuideKind::Ink;
    w.writeStartElement(QStringLiteral("g"));
    w.writeAttribute(QStringLiteral("id"), ink ? QStringLiteral("to-ink") : QStringLiteral("construction"));
    w.writeAttribute(QStringLiteral("fill"), QStringLiteral("none"));
    w.writeAttribute(QStringLiteral("stroke"), ink ? kInk.name() : kSoft.name());
    w.writeAttribute(QStringLiteral("stroke-width"), ink ? QStringLiteral("0.3") : QStringLiteral("0.12"));
    for (const GuideChain& c : chains) {
      if (c.kind != kind) continue;
      QStringList points;
      for (const Point q : c.points) points << mm(q.x) + u',' + mm(panel.height_mm - q.y);
      w.writeEmptyElement(QStringLiteral("polyline"));
      w.writeAttribute(QStringLiteral("points"), points.join(u' '));
    }
    w.writeEndElement();
  }
  w.writeEndElement();
  w.writeEndDocument();
  if (!file.flush() || w.hasError())
    return Error{ErrorCode::CannotWrite, file.errorString().toStdString(), path.toStdString()};
  return Done{};
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
