// The cut list on paper: every sheet drawn to scale with its cuts numbered, the cuts in words beside it.
#include <algorithm>
#include <memory>

#include "core/card/card_fit.h"
#include "io/print/sheets.h"
#include "io/wording/card_words.h"
#include "io/wording/say.h"
#include "io/wording/stock_words.h"

namespace havlo {
namespace {

constexpr double kCutHead_mm = 20, kCutWords_mm = 72, kCutGap_mm = 6;

/// One drawing: a sheet of one paper.
struct Drawing {
  QString paper, from, words;
  const PaperToCut* of = nullptr;
  TrimmedSheet sheet;
  double width_mm = 0, height_mm = 0;
  QStringList cuts;
};

constexpr double kRound_mm = 1.7;  // the ring round a cut's number

/// Writes a piece's name on it, and its size where there is room: across, else along it, else in small
/// letters.
/// @return  what that takes
QRectF labelled(QPainter& p, const QRectF& r, const QString& name, const QString& size) {
  const double wide = std::max(textWidth(2.8, name, QFont::DemiBold), textWidth(2.3, size));
  const auto both = [&] {
    drawText(p, {0, 0}, 2.8, name, kPrintInk, Qt::AlignHCenter, QFont::DemiBold);
    drawText(p, {0, 3.4}, 2.3, size, kPrintSoft, Qt::AlignHCenter);
  };
  const auto turned = [&](const auto& write) {
    p.save();
    p.translate(r.center());
    p.rotate(-90);
    write();
    p.restore();
  };
  const QPointF c = r.center();
  if (r.width() > wide + 2 && r.height() > 8) {
    p.translate(c);
    both();
    p.translate(-c);
    return {c.x() - wide / 2, c.y() - 2.6, wide, 7};
  }
  if (r.height() > wide + 2 && r.width() > 8) {
    turned(both);
    return {c.x() - 2.6, c.y() - wide / 2, 7, wide};
  }
  double high = 2;
  const double narrow = textWidth(high, name);
  const bool along = r.width() < narrow + 1 && r.height() > r.width();
  const double room = std::max(1.0, (along ? r.height() : r.width()) - 1);
  high *= std::min({1.0, room / narrow, std::max(1.0, (along ? r.width() : r.height()) - 0.4) / high});
  if (high < 0.9) return {};  // nobody reads that; its size stands among the cuts
  const double length = narrow * high / 2;
  if (along) {
    turned([&] { drawText(p, {0, high * 0.4}, high, name, kPrintInk, Qt::AlignHCenter); });
    return {c.x() - high / 2, c.y() - length / 2, high, length};
  }
  drawText(p, c + QPointF(0, high * 0.4), high, name, kPrintInk, Qt::AlignHCenter);
  return {c.x() - length / 2, c.y() - high / 2, length, high};
}

/// Where a cut's number stands: on its line, off all words and other numbers if it can.
/// @param wanted  from the line's beginning, in mm
QPointF freeSpot(const QPointF& from, const QPointF& along, double length, double wanted,
                 const std::vector<QRectF>& words) {
  const auto spot = [&](double at) { return from + along * std::min(at, length / 2); };
  const auto taken = [&](const QPointF& at) {
    const QRectF ring(at - QPointF(kRound_mm, kRound_mm), QSizeF(2 * kRound_mm, 2 * kRound_mm));
    return std::any_of(words.begin(), words.end(), [&](const QRectF& w) { return w.intersects(ring); });
  };
  if (!taken(spot(wanted))) return spot(wanted);
  for (double at = kRound_mm + 0.3; at < length - kRound_mm; at += 0.5)
    if (const QPointF here = from + along * at; !taken(here)) return here;
  return spot(wanted);
}

void drawSheetOf(QPainter& p, const Drawing& d, const QRectF& room, MeasureStyle style) {
  const double scale = std::min(room.width() / d.width_mm, room.height() / d.height_mm);
  const auto at = [&](const Box& b) {
    return QRectF(room.left() + b.left * scale, room.top() + (d.height_mm - b.top) * scale, b.width() * scale,
                  b.height() * scale);
  };
  std::vector<QRectF> words;
  p.setBrush(Qt::NoBrush);
  p.setPen(QPen(kPrintInk, 0.35));
  p.drawRect(at({0, 0, d.width_mm, d.height_mm}));
  for (const Box& b : d.sheet.offcuts) {
    p.setPen(QPen(kPrintSoft, 0.15, Qt::DashLine));
    p.drawRect(at(b));
    drawText(p, at(b).center() + QPointF(0, 1), 2.4, tr("keep"), kPrintSoft, Qt::AlignHCenter);
  }
  for (const PlacedPiece& piece : d.sheet.pieces) {
    const QRectF r = at(piece.box);
    p.setPen(QPen(kPrintInk, 0.2));
    p.setBrush(QColor(0xee, 0xea, 0xe0));
    p.drawRect(r);
    const QString name = cutPieceName(d.of->pieces[ix(piece.piece)].name);
    const QString size =
        tr("%1 × %2").arg(lengthText(piece.box.width(), style), lengthText(piece.box.height(), style));
    words.push_back(labelled(p, r, name, size));
  }
  p.setBrush(Qt::NoBrush);
  for (size_t k = 0; k < d.sheet.cuts.size(); ++k) {
    const SheetCut& c = d.sheet.cuts[k];
    const QRectF of = at(c.of);
    const double x = room.left() + c.at_mm * scale, y = room.top() + (d.height_mm - c.at_mm) * scale;
    p.setPen(QPen(QColor(0x9e, 0x2f, 0x3c), 0.25, Qt::DashDotLine));
    const QPointF from = c.upright ? QPointF(x, of.top()) : QPointF(of.left(), y);
    p.drawLine(from, c.upright ? QPointF(x, of.bottom()) : QPointF(of.right(), y));
    p.setBrush(Qt::white);
    p.setPen(QPen(QColor(0x9e, 0x2f, 0x3c), 0.2));
    const QPointF middle =
        freeSpot(from, c.upright ? QPointF(0, 1) : QPointF(1, 0), c.upright ? of.height() : of.width(),
                 3 + 5.0 * static_cast<double>(k % 3), words);
    words.push_back(QRectF(middle - QPointF(kRound_mm, kRound_mm), QSizeF(2 * kRound_mm, 2 * kRound_mm)));
    p.drawEllipse(middle, kRound_mm, kRound_mm);
    drawText(p, middle + QPointF(0, 0.8), 2.1, QString::number(k + 1), QColor(0x9e, 0x2f, 0x3c),
             Qt::AlignHCenter, QFont::Bold);
    p.setBrush(Qt::NoBrush);
  }
}

/// What is cut, in its order: all of it within this height, smaller where it is much.
void drawCuts(QPainter& p, QPointF at, double height_mm, const QStringList& cuts) {
  constexpr double kUsual = 2.6, kApart = 1.5, kBeforeNext = 0.5;  // apart: of the type's size
  QList<QStringList> wrapped;
  double size = kUsual;
  for (;; size *= 0.95) {
    wrapped.clear();
    double high = 0;
    for (const QString& cut : cuts) {
      wrapped << textLines(size, cut, kCutWords_mm);
      high += (kApart * static_cast<double>(wrapped.back().size()) + kBeforeNext) * size;
    }
    if (high <= height_mm) break;
  }
  double y = at.y();
  for (const QStringList& lines : wrapped) {
    for (const QString& line : lines) drawText(p, {at.x(), y}, size, line, kPrintInk), y += kApart * size;
    y += kBeforeNext * size;
  }
}

}  // namespace

Printout cutListPages(const Plan& plan, const std::vector<DrawerCut>& cuts, MeasureStyle style, Sheet sheet) {
  const auto held = std::make_shared<const std::vector<DrawerCut>>(cuts);
  auto drawings = std::make_shared<std::vector<Drawing>>();
  for (const DrawerCut& cut : *held) {
    const auto add = [&](const TrimmedSheet& s, const StockSheet& of, const QString& from) {
      Drawing d;
      d.paper = paperWords(cut.paper.name, cut.paper.colour, cut.paper.thickness_mm);
      d.from = from, d.of = &cut.paper, d.sheet = s;
      d.width_mm = of.width_mm, d.height_mm = of.height_mm;
      if (of.grain != Grain::Unknown)
        d.from += of.grain == Grain::Upright ? tr(", its fibres upright") : tr(", its fibres level");
      for (size_t k = 0; k < s.cuts.size(); ++k)
        d.cuts << cutWords(s.cuts[k], static_cast<int>(k) + 1, style);
      drawings->push_back(std::move(d));
    };
    for (const TrimmedSheet& s : cut.own.sheets) add(s, cut.stock[ix(s.sheet)], tr("from the drawer"));
    if (cut.bought.sheets.empty()) continue;
    for (TrimmedSheet s : cut.bought.sheets) {
      for (PlacedPiece& p : s.pieces)  // told in the paper's own list
        for (size_t k = 0; k < cut.paper.pieces.size(); ++k)
          if (cut.paper.pieces[k].name == cut.missing[ix(p.piece)].name) {
            p.piece = static_cast<int>(k);
            break;
          }
      add(s, cut.usual[0], tr("a new one"));
    }
  }
  const CardFit fit = fitCard(plan);
  const QString score =
      fit.scoreAt_mm <= 0 ? QString()
      : fit.scoreUpright
          ? tr(" Score the base upright, %1 from its left edge, with the grain along the fold.")
                .arg(lengthText(fit.scoreAt_mm, style))
          : tr(" Score the base level, %1 from its bottom edge, with the grain along the fold.")
                .arg(lengthText(fit.scoreAt_mm, style));
  Printout out;
  out.title =
      plan.title.empty() ? tr("Cut list") : tr("Cut list for %1").arg(QString::fromStdString(plan.title));
  out.sheet = sheet;
  out.pages = std::max(1, static_cast<int>((drawings->size() + 1) / 2));
  out.draw = [held, drawings, style, inner = sheet.inner(), title = out.title, pages = out.pages, score](
                 QPainter& p, int page) {
    drawText(p, {inner.left(), inner.top() + 5}, 4.6, title, kPrintInk, Qt::AlignLeft, QFont::Bold);
    drawText(p, {inner.left(), inner.top() + 9.5}, 2.8,
             tr("Every cut goes right across what is in hand; do them in their order."), kPrintSoft);
    drawText(p, {inner.left(), inner.top() + 13.2}, 2.8, score.trimmed(), kPrintSoft);
    drawText(p, {inner.left(), inner.top() + (score.isEmpty() ? 13.2 : 16.9)}, 2.8,
             tr("Cut away from your fingers; keep blades away from children. Page %1 of %2.")
                 .arg(page + 1)
                 .arg(pages),
             QColor(0x8a, 0x55, 0x0b));
    if (drawings->empty()) {
      drawText(p, {inner.left(), inner.top() + 24}, 3.2, tr("Nothing can be cut from what is there."),
               kPrintInk);
      return;
    }
    const double half = (inner.height() - kCutHead_mm - kCutGap_mm) / 2;
    for (size_t n = 0; n < 2; ++n) {
      const size_t k = static_cast<size_t>(page) * 2 + n;
      if (k >= drawings->size()) return;
      const Drawing& d = (*drawings)[k];
      const double top = inner.top() + kCutHead_mm + static_cast<double>(n) * (half + kCutGap_mm);
      drawText(p, {inner.left(), top + 4}, 3.6,
               tr("%1: a sheet of %2, %3").arg(d.paper, sheetName(d.width_mm, d.height_mm, style), d.from),
               kPrintInk, Qt::AlignLeft, QFont::DemiBold);
      const QRectF room(inner.left(), top + 7, inner.width() - kCutWords_mm - kCutGap_mm, half - 8);
      drawSheetOf(p, d, room, style);
      drawCuts(p, {inner.right() - kCutWords_mm, top + 9}, half - 11, d.cuts);
    }
  };
  return out;
}

}  // namespace havlo
