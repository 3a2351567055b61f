#include "io/print/panel_pages.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "io/wording/say.h"

namespace havlo {
namespace {}  // namespace

Sheet turnedFor(const Plan& plan, const Sheet& sheet) {
  return plan.card.panel.width_mm > plan.card.panel.height_mm &&
                 plan.card.panel.width_mm > sheet.width_mm - 40
             ? sheet.turned()
             : sheet;
}

void drawPanelRulers(QPainter& p, const PanelSize& panel, MeasureStyle style) {
  const bool inches = style == MeasureStyle::Inches;
  const double step = inches ? kMmPerInch / 8 : 5;
  const int longEvery = inches ? 8 : 2;
  p.setPen(QPen(kPrintSoft, 0.15));
  const auto label = [&](int k) { return QString::number(inches ? k / 8 : k * 5); };
  for (int k = 0; k * step <= panel.width_mm + 1e-6; ++k) {
    const bool big = k % longEvery == 0;
    const double x = k * step, y = panel.height_mm;
    p.drawLine(QPointF(x, y + 1), QPointF(x, y + (big ? 3 : 2)));
    if (big) drawText(p, {x, y + 5.6}, 2.2, label(k), kPrintSoft, Qt::AlignHCenter);
  }
  for (int k = 0; k * step <= panel.height_mm + 1e-6; ++k) {
    const bool big = k % longEvery == 0;
    const double y = panel.height_mm - k * step;
    p.drawLine(QPointF(-1, y), QPointF(big ? -3 : -2, y));
    if (big) drawText(p, {-3.6, y + 0.8}, 2.2, label(k), kPrintSoft, Qt::AlignRight);
  }
}

PanelPages::PanelPages(const Plan& plan, const Sheet& sheet)
    : inner(sheet.inner()), trim_mm(plan.card.trim_mm) {
  tileWidth = inner.width() - 2 * kRulerRoom_mm;
  tileHeight = inner.height() - kPanelHead_mm - kRulerRoom_mm - kCheckRulesHeight_mm;
  across = std::max(1, static_cast<int>(std::ceil((plan.card.panel.width_mm + 2 * trim_mm) / tileWidth)));
  down = std::max(1, static_cast<int>(std::ceil((plan.card.panel.height_mm + 2 * trim_mm) / tileHeight)));
}

void PanelPages::drawHead(QPainter& p, const QString& title, const QString& note) const {
  drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, kPrintInk, Qt::AlignLeft, QFont::Bold);
  drawText(p, {inner.left(), inner.top() + 9.5}, 2.6, note, kPrintSoft);
}

void PanelPages::drawTile(QPainter& p, int page, const std::function<void(QPainter&)>& panel) const {
  const int tiles = count();
  const QPointF corner(inner.left() + kRulerRoom_mm, inner.top() + kPanelHead_mm);
  const int column = page % across, row = page / across;
  p.save();
  if (tiles > 1)
    p.setClipRect(QRectF(corner - QPointF(kRulerRoom_mm, 2),
                         QSizeF(tileWidth + 2 * kRulerRoom_mm, tileHeight + kRulerRoom_mm + 2)));
  p.translate(corner + QPointF(trim_mm - column * tileWidth, trim_mm - row * tileHeight));
  panel(p);
  p.restore();
  if (tiles > 1) {
    p.setPen(QPen(kPrintGreen, 0.2));
    for (double x : {0.0, tileWidth})
      for (double y : {0.0, tileHeight}) {
        const QPointF c = corner + QPointF(x, y);
        p.drawLine(c - QPointF(4, 0), c + QPointF(4, 0));
        p.drawLine(c - QPointF(0, 4), c + QPointF(0, 4));
      }
    drawText(p, {inner.right(), inner.top() + 5}, 3, tr("part %1 of %2").arg(page + 1).arg(tiles), kPrintSoft,
             Qt::AlignRight);
  }
  drawCheckRules(p, {inner.left() + 2, inner.bottom() - kCheckRulesHeight_mm + 1});
}

}  // namespace havlo
