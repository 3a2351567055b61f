#include "app/card/cut_view.h"

#include <QPainter>
#include <algorithm>
#include <cmath>

#include "app/theme/theme.h"
#include "io/art/shape_path.h"
#include "io/wording/say.h"
#include "io/wording/stock_words.h"

namespace havlo {
namespace {

constexpr double kGap = 26, kCaption = 34;

bool sameCuts(const TrimmedSheet& a, const TrimmedSheet& b) {
  const auto piece = [](const PlacedPiece& p, const PlacedPiece& q) {
    return p.piece == q.piece && p.box == q.box;
  };
  return a.sheet == b.sheet &&
         std::equal(a.pieces.begin(), a.pieces.end(), b.pieces.begin(), b.pieces.end(), piece);
}

}  // namespace

CutView::CutView(QWidget* parent) : QWidget(parent) {
  setObjectName(QStringLiteral("cutView"));
  setAccessibleName(tr("The sheets as they are cut"));
}

void CutView::add(Shown shown) {
  const auto same = std::find_if(m_sheets.begin(), m_sheets.end(), [&](const Shown& s) {
    return s.from == shown.from && sameCuts(s.sheet, shown.sheet);
  });
  if (same != m_sheets.end()) {
    ++same->alike;
  } else {
    m_sheets.push_back(std::move(shown));
  }
}

void CutView::show(const DrawerCut* cut, MeasureStyle style) {
  m_sheets.clear();
  m_style = style;
  QStringList spoken;
  if (cut) {
    const auto all = [&](const CutList& list, const std::vector<StockSheet>& stock,
                         const std::vector<WantedPiece>& pieces, const QString& from) {
      for (const TrimmedSheet& s : list.sheets) {
        Shown shown{s, stock[ix(s.sheet)].width_mm, stock[ix(s.sheet)].height_mm, from, {},
                    1, stock[ix(s.sheet)].grain};
        for (const PlacedPiece& p : s.pieces) shown.names.push_back(cutPieceName(pieces[ix(p.piece)].name));
        spoken
            << tr("%1 from a sheet of %2 × %3.")
                   .arg(shown.names.empty()
                            ? QString()
                            : QStringList(shown.names.begin(), shown.names.end()).join(QStringLiteral(", ")),
                        lengthText(shown.width_mm, style), lengthText(shown.height_mm, style));
        add(std::move(shown));
      }
    };
    all(cut->own, cut->stock, cut->paper.pieces, tr("from the drawer"));
    all(cut->bought, cut->usual, cut->missing, tr("a new one"));
  }
  setAccessibleDescription(spoken.join(u' '));
  update();
}

void CutView::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setLayoutDirection(Qt::LayoutDirectionAuto);  // measures stay where they belong
  p.setRenderHint(QPainter::Antialiasing);
  if (m_sheets.empty()) {
    p.setPen(theme().soft);
    p.setFont(bodyFont());
    p.drawText(rect().adjusted(20, 20, -20, -20), Qt::AlignCenter | Qt::TextWordWrap,
               tr("Nothing is cut from this paper yet."));
    return;
  }
  // As many side by side as make the drawings largest.
  double widest = 0, highest = 0;
  for (const Shown& s : m_sheets)
    widest = std::max(widest, s.width_mm), highest = std::max(highest, s.height_mm);
  const auto n = static_cast<int>(m_sheets.size());
  int across = 1;
  double best = 0;
  for (int c = 1; c <= n; ++c) {
    const int rows = (n + c - 1) / c;
    const double scale = std::min((width() - (c + 1) * kGap) / (c * widest),
                                  (height() - rows * (kCaption + kGap)) / (rows * highest));
    if (scale > best) best = scale, across = c;
  }
  const int rows = (n + across - 1) / across;
  const double cellWidth = static_cast<double>(width()) / across,
               cellHeight = static_cast<double>(height()) / rows;
  for (int k = 0; k < n; ++k) {
    const Shown& s = m_sheets[ix(k)];
    const QRectF cell((k % across) * cellWidth, (k / across) * cellHeight, cellWidth, cellHeight);
    const double scale = std::max(0.02, best);
    const QSizeF size(s.width_mm * scale, s.height_mm * scale);
    const QRectF room(QPointF(cell.center().x() - size.width() / 2, cell.top() + kCaption), size);
    paintSheet(p, s, room);
  }
}

void CutView::paintSheet(QPainter& p, const Shown& s, const QRectF& room) const {
  const Theme& t = theme();
  const double scale = room.width() / s.width_mm;
  const auto at = [&](const Box& b) {
    return QRectF(room.left() + b.left * scale, room.top() + (s.height_mm - b.top) * scale, b.width() * scale,
                  b.height() * scale);
  };
  p.setFont(labelFont());
  p.setPen(t.ink);
  QString caption = tr("%1, %2").arg(sheetName(s.width_mm, s.height_mm, m_style), s.from);
  if (s.grain != Grain::Unknown)
    caption += s.grain == Grain::Upright ? tr(", fibres upright") : tr(", fibres level");
  if (s.alike > 1) caption = tr("%1 sheets of %2").arg(s.alike).arg(caption);
  p.drawText(QRectF(room.center().x() - 190, room.top() - kCaption + 6, 380, 20), Qt::AlignCenter, caption);
  p.setPen(QPen(t.ink, 1.2));
  p.setBrush(Qt::NoBrush);
  p.drawRect(room);
  for (const Box& b : s.sheet.offcuts) {
    p.setPen(QPen(t.green, 1, Qt::DashLine));
    p.drawRect(at(b).adjusted(3, 3, -3, -3));
    p.setPen(t.green);
    if (at(b).width() > 44 && at(b).height() > 16) p.drawText(at(b), Qt::AlignCenter, tr("keep"));
  }
  for (size_t k = 0; k < s.sheet.pieces.size(); ++k) {
    const QRectF r = at(s.sheet.pieces[k].box);
    p.setPen(QPen(t.rule, 1));
    p.setBrush(t.dark ? QColor(0x3a, 0x41, 0x46) : QColor(0xf3, 0xee, 0xe2));
    p.drawRect(r);
    p.setPen(t.ink);
    const Box& b = s.sheet.pieces[k].box;
    const QString size = tr("%1 × %2").arg(lengthText(b.width(), m_style), lengthText(b.height(), m_style));
    p.save();
    p.setClipRect(r);
    const bool upright = r.height() > 1.6 * r.width() && r.width() < 90;
    QRectF text(-r.width() / 2, -r.height() / 2, r.width(), r.height());
    p.translate(r.center());
    if (upright) p.rotate(-90), text = QRectF(-r.height() / 2, -r.width() / 2, r.height(), r.width());
    const bool both = text.height() > 2.4 * p.fontMetrics().height() &&
                      text.width() > p.fontMetrics().horizontalAdvance(size);
    p.drawText(text, Qt::AlignCenter | Qt::TextWordWrap, both ? s.names[k] + u'\n' + size : s.names[k]);
    p.restore();
  }
  p.setBrush(Qt::NoBrush);
  const double round = room.width() < 240 ? 6.5 : 8.5;
  QFont small = labelFont();
  if (round < 8) small.setPixelSize(9);
  p.setFont(small);
  for (size_t k = 0; k < s.sheet.cuts.size(); ++k) {
    const SheetCut& c = s.sheet.cuts[k];
    const QRectF of = at(c.of);
    const double x = room.left() + c.at_mm * scale, y = room.top() + (s.height_mm - c.at_mm) * scale;
    p.setPen(QPen(t.madder, 1.2, Qt::DashDotLine));
    const QPointF from = c.upright ? QPointF(x, of.top()) : QPointF(of.left(), y);
    p.drawLine(from, c.upright ? QPointF(x, of.bottom()) : QPointF(of.right(), y));
    // Each number stands on its own cut, away from those before it.
    const double length = c.upright ? of.height() : of.width();
    const double along = std::min(12 + 22 * static_cast<double>(k % 3), length / 2);
    const QPointF middle = from + (c.upright ? QPointF(0, along) : QPointF(along, 0));
    p.setBrush(t.card);
    p.drawEllipse(middle, round, round);
    p.setPen(t.madder);
    p.drawText(QRectF(middle - QPointF(9, 9), QSizeF(18, 18)), Qt::AlignCenter, QString::number(k + 1));
    p.setBrush(Qt::NoBrush);
  }
}

}  // namespace havlo
