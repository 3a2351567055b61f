// Masks at true size, in rows by falling height, each with its name and an arrow that shows which way is up.
#include <QCoreApplication>
#include <algorithm>

#include "io/art/shape_path.h"
#include "io/files/plan_file.h"
#include "io/print/sheets.h"
#include "io/wording/names.h"

namespace havlo {
namespace {

constexpr double kGap_mm = 5, kLabel_mm = 5, kHead_mm = 12, kLabelText_mm = 2.4;

QString tr(const char* text) { return QCoreApplication::translate("Print", text); }

const QColor kInk(0x22, 0x30, 0x3a), kSoft(0x5c, 0x68, 0x70);

/// The mask's rings moved so that its box has its upper left corner at `corner`, y down.
Rings onPage(const Rings& mask, const MaskPlace& place) {
  Rings out = mask;
  for (Ring& ring : out)
    for (Point& p : ring)
      p = {p.x - place.box.left + place.upperLeft.x, place.box.top - p.y + place.upperLeft.y};
  return out;
}

}  // namespace

namespace {

QString labelFor(const Plan& plan, const Analysis& a, const MaskPlace& m) {
  const auto s = static_cast<size_t>(m.stamp);
  return tr("%1, %2 of %3").arg(stampName(*plan.stamps[s])).arg(m.number + 1).arg(a.stampMasks[s].cut);
}

}  // namespace

std::vector<MaskPlace> layMasksOut(const Plan& plan, const Analysis& a, const Sheet& sheet) {
  std::vector<MaskPlace> masks;
  for (size_t s = 0; s < plan.stamps.size(); ++s)
    for (int k = 0; k < a.stampMasks[s].cut; ++k)
      masks.push_back({static_cast<int>(s), k, 0, {}, boxOf(a.masks[s]->mask)});
  std::stable_sort(masks.begin(), masks.end(),
                   [](const MaskPlace& x, const MaskPlace& y) { return x.box.height() > y.box.height(); });
  const QRectF room = sheet.inner().adjusted(0, kHead_mm, 0, -kCheckRulesHeight_mm);
  double x = room.left(), y = room.top(), rowHeight = 0;
  int page = 0;
  for (MaskPlace& m : masks) {
    const double width = std::max(m.box.width(), textWidth(kLabelText_mm, labelFor(plan, a, m)) + 4);
    if (x > room.left() && x + width > room.right()) {
      x = room.left();
      y += rowHeight + kLabel_mm + kGap_mm;
      rowHeight = 0;
    }
    if (y > room.top() && y + m.box.height() + kLabel_mm > room.bottom()) {
      ++page;
      x = room.left();
      y = room.top();
      rowHeight = 0;
    }
    m.page = page;
    m.upperLeft = {x, y};
    x += width + kGap_mm;
    rowHeight = std::max(rowHeight, m.box.height());
  }
  return masks;
}

Printout maskSheet(const Plan& plan, const Analysis& a, Sheet sheet) {
  double widest = 0;
  for (size_t s = 0; s < plan.stamps.size(); ++s)
    if (a.stampMasks[s].cut > 0) widest = std::max(widest, boxOf(a.masks[s]->mask).width());
  if (widest > sheet.inner().width()) sheet = sheet.turned();
  const std::vector<MaskPlace> masks = layMasksOut(plan, a, sheet);
  Printout out;
  out.title = plan.title.empty() ? tr("Masks") : tr("Masks for %1").arg(QString::fromStdString(plan.title));
  out.sheet = sheet;
  out.pages = masks.empty() ? 1 : masks.back().page + 1;
  const auto shared = std::make_shared<Analysis>(a);
  out.draw = [plan, shared, masks, inner = sheet.inner(), title = out.title](QPainter& p, int page) {
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, kInk, Qt::AlignLeft, QFont::Bold);
    drawText(p, {inner.left(), inner.top() + 9.5}, 2.6,
             masks.empty()
                 ? tr("No mask is needed for this plan.")
                 : tr("True size, printed side up: turn them as you like, never flip them. Cut on the line."),
             kSoft);
    for (const MaskPlace& m : masks) {
      if (m.page != page) continue;
      p.setPen(QPen(kInk, 0.2));
      p.setBrush(Qt::NoBrush);
      p.drawPath(pathOf(onPage(shared->masks[static_cast<size_t>(m.stamp)]->mask, m)));
      const double y = m.upperLeft.y + m.box.height() + 3.4;
      const QPointF arrow(m.upperLeft.x + 1, y - 2.4);
      p.drawLine(arrow, arrow + QPointF(0, 2.4));
      p.drawLine(arrow, arrow + QPointF(-0.8, 1));
      p.drawLine(arrow, arrow + QPointF(0.8, 1));
      drawText(p, {m.upperLeft.x + 3, y}, kLabelText_mm, labelFor(plan, *shared, m), kInk);
    }
    drawCheckRules(p, {inner.left() + 2, inner.bottom() - kCheckRulesHeight_mm + 1});
  };
  return out;
}

Result<Done> writeMaskSvg(const QString& path, const Plan& plan, const Analysis& a) {
  // One endless sheet: pages of an A4 sheet stacked below each other.
  const Sheet sheet = Sheet::a4();
  const std::vector<MaskPlace> masks = layMasksOut(plan, a, sheet);
  const int pages = masks.empty() ? 1 : masks.back().page + 1;
  double width = sheet.width_mm;
  for (const MaskPlace& m : masks) width = std::max(width, m.upperLeft.x + m.box.width() + sheet.margin_mm);
  double bottom = 0;
  for (const MaskPlace& m : masks)
    bottom = std::max(bottom, m.upperLeft.y + m.box.height() + sheet.margin_mm);
  const double pageHeight = std::max(sheet.height_mm, bottom);
  const double height = pageHeight * pages;
  const auto mm = [](double v) { return QString::number(v, 'f', 3); };
  QString svg = QStringLiteral(
                    "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" "
                    "width=\"%1mm\" height=\"%2mm\" viewBox=\"0 0 %1 %2\">\n")
                    .arg(mm(width), mm(height));
  for (MaskPlace m : masks) {
    m.upperLeft.y += m.page * pageHeight;
    const Stamp& stamp = *plan.stamps[static_cast<size_t>(m.stamp)];
    svg += QStringLiteral("<g id=\"%1\"><title>%2</title>\n")
               .arg(QString::fromStdString(maskId(stamp, m.number)).toHtmlEscaped(),
                    tr("%1, mask %2").arg(stampName(stamp)).arg(m.number + 1).toHtmlEscaped());
    // One path per cut: inner cuts before outer, so that a piece does not move before its holes are cut.
    Rings rings = onPage(a.masks[static_cast<size_t>(m.stamp)]->mask, m);
    std::stable_sort(rings.begin(), rings.end(), [](const Ring& x, const Ring& y) {
      const Box bx = boxOf({x}), by = boxOf({y});
      return bx.width() * bx.height() < by.width() * by.height();
    });
    for (const Ring& ring : rings)
      svg += QStringLiteral("<path d=\"%1\" fill=\"none\" stroke=\"#000000\" stroke-width=\"0.1\"/>\n")
                 .arg(svgPathData({ring}));
    svg += QStringLiteral("</g>\n");
  }
  svg += QStringLiteral("</svg>\n");
  return saveWhole(path, svg.toUtf8());
}

}  // namespace havlo
