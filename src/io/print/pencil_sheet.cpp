// The pencil sheet: guides with hidden parts removed, on paper and as a drawing.
#include <QPainter>
#include <QXmlStreamWriter>
#include <algorithm>

#include "io/files/whole_file.h"
#include "io/print/panel_pages.h"
#include "io/print/sheets.h"
#include "io/wording/say.h"

namespace havlo {
namespace {

constexpr double kSoft_mm = 0.18;  // the lines of what has no edge of its own

bool soft(const GuideChain& c) { return c.of == GuideOf::Shadow || c.of == GuideOf::Reflection; }

void drawPencil(QPainter& p, const Plan& plan, const std::vector<GuideChain>& chains, MeasureStyle style) {
  const PanelSize& panel = plan.card.panel;
  for (const GuideKind kind : {GuideKind::Construction, GuideKind::Ink})
    drawChains(p, chains, kind, panel.height_mm);
  p.setPen(QPen(kPrintInk, 0.35));
  p.setBrush(Qt::NoBrush);
  p.drawRect(QRectF(0, 0, panel.width_mm, panel.height_mm));
  drawPanelRulers(p, panel, style);
}

std::vector<GuideChain> chainsOf(const Plan& plan, const Analysis& a) {
  return chained(guidesOf(plan, *a.depth, a.meetings.placed));
}

/// What the lines of this sheet mean; nothing is said of lines that are not there.
QString legendOf(const std::vector<GuideChain>& chains) {
  const auto has = [&](GuideOf of) {
    return std::any_of(chains.begin(), chains.end(), [of](const GuideChain& c) { return c.of == of; });
  };
  const bool shadows = has(GuideOf::Shadow), reflections = has(GuideOf::Reflection);
  QStringList out{tr("Pencil sheet at true size.")};
  if (std::any_of(chains.begin(), chains.end(),
                  [](const GuideChain& c) { return c.kind == GuideKind::Construction; }))
    out << tr("Dashed: construction, rub it out.");
  if (std::any_of(chains.begin(), chains.end(),
                  [](const GuideChain& c) { return c.kind == GuideKind::Ink && !soft(c); }))
    out << tr("Full: to ink.");
  if (shadows && reflections) {
    out << tr("Dotted: shadows and reflections.");
  } else if (shadows || reflections) {
    out << (shadows ? tr("Dotted: shadows.") : tr("Dotted: reflections."));
  }
  return out.join(u' ');
}

}  // namespace

void drawChains(QPainter& p, const std::vector<GuideChain>& chains, GuideKind kind, double height_mm) {
  const bool ink = kind == GuideKind::Ink;
  for (const GuideChain& c : chains) {
    if (c.kind != kind) continue;
    p.setPen(ink ? QPen(kPrintInk, soft(c) ? kSoft_mm : 0.3, soft(c) ? Qt::DotLine : Qt::SolidLine,
                        Qt::RoundCap, Qt::RoundJoin)
                 : QPen(kPrintSoft, 0.12, Qt::DashLine));
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
  const PanelPages pages(plan, sheet);
  Printout out;
  out.title = tr("Pencil sheet");
  out.sheet = sheet;
  out.pages = pages.count();
  out.draw = [plan, style, pages, chains = chainsOf(plan, a)](QPainter& p, int page) {
    pages.drawHead(p, plan.title.empty() ? tr("Pencil sheet") : QString::fromStdString(plan.title),
                   legendOf(chains));
    pages.drawTile(p, page, [&](QPainter& q) { drawPencil(q, plan, chains, style); });
  };
  return out;
}

Result<Done> writePencilSvg(const QString& path, const Plan& plan, const Analysis& a) {
  const auto chains = chainsOf(plan, a);
  QByteArray svg;
  const PanelSize& panel = plan.card.panel;
  QXmlStreamWriter w(&svg);
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
  w.writeAttribute(QStringLiteral("stroke"), kPrintInk.name());
  w.writeAttribute(QStringLiteral("stroke-width"), QStringLiteral("0.2"));
  for (const GuideKind kind : {GuideKind::Construction, GuideKind::Ink}) {
    const bool ink = kind == GuideKind::Ink;
    w.writeStartElement(QStringLiteral("g"));
    w.writeAttribute(QStringLiteral("id"), ink ? QStringLiteral("to-ink") : QStringLiteral("construction"));
    w.writeAttribute(QStringLiteral("fill"), QStringLiteral("none"));
    w.writeAttribute(QStringLiteral("stroke"), ink ? kPrintInk.name() : kPrintSoft.name());
    w.writeAttribute(QStringLiteral("stroke-width"), ink ? QStringLiteral("0.3") : QStringLiteral("0.12"));
    for (const GuideChain& c : chains) {
      if (c.kind != kind) continue;
      QStringList points;
      for (const Point q : c.points) points << mm(q.x) + u',' + mm(panel.height_mm - q.y);
      w.writeEmptyElement(QStringLiteral("polyline"));
      w.writeAttribute(QStringLiteral("points"), points.join(u' '));
      if (!soft(c)) continue;
      w.writeAttribute(QStringLiteral("stroke-width"), QString::number(kSoft_mm));
      w.writeAttribute(QStringLiteral("stroke-dasharray"),
                       QStringLiteral("%1 %2").arg(kSoft_mm).arg(2 * kSoft_mm));
    }
    w.writeEndElement();
  }
  w.writeEndElement();
  w.writeEndDocument();
  return saveWhole(path, svg);
}

}  // namespace havlo
