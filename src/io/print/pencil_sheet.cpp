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

}  // namespace

void drawChains(QPainter& p, const std::vector<GuideChain>& chains, GuideKind kind, double height_mm) {
  const bool ink = kind == GuideKind::Ink;
  for (const GuideChain& c : chains) {
    if (c.kind != kind) continue;
    const bool soft = c.of == GuideOf::Shadow || c.of == GuideOf::Reflection;
    p.setPen(ink ? QPen(kPrintInk, soft ? 0.18 : 0.3, soft ? Qt::DotLine : Qt::SolidLine, Qt::RoundCap,
                        Qt::RoundJoin)
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
    pages.drawHead(
        p, plan.title.empty() ? tr("Pencil sheet") : QString::fromStdString(plan.title),
        tr("Pencil sheet at true size. Dashed: construction, rub it out. Full: to ink. Dotted: shadows."));
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
    }
    w.writeEndElement();
  }
  w.writeEndElement();
  w.writeEndDocument();
  return saveWhole(path, svg);
}

}  // namespace havlo
