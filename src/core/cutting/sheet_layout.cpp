// Bit rows: a piece and the taken part of a sheet are rasterised to cells of half a millimetre to a
// millimetre, and a place is free when no row of bits meets.
#include "core/cutting/sheet_layout.h"

#include <algorithm>
#include <cstdint>
#include <numeric>
#include <span>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kCell_mm = 1.0;
constexpr double kLeastInBand = 0.4;  // share of a mask's height that must stick

/// Rows of bits, row 0 at the top.
class Bits {
 public:
  Bits() = default;
  Bits(int columns, int rows) : m_columns(columns), m_rows(rows), m_words((columns + 63) / 64 + 1) {
    m_bits.resize(ix(m_words * m_rows), 0);
  }
  int columns() const { return m_columns; }
  int rows() const { return m_rows; }
  void set(int x, int y) { word(y, x / 64) |= uint64_t{1} << (x % 64); }

  /// Does `piece` with its upper left cell at (x, y) meet any bit of this?
  bool meets(const Bits& piece, int x, int y) const {
    const int shift = x % 64, first = x / 64;
    for (int r = 0; r < piece.m_rows; ++r)
      for (int w = 0; w < piece.m_words; ++w) {
        const uint64_t bits = piece.at(r, w);
        if (!bits) continue;
        if (at(y + r, first + w) & (bits << shift)) return true;
        if (shift && (at(y + r, first + w + 1) & (bits >> (64 - shift)))) return true;
      }
    return false;
  }
  void add(const Bits& piece, int x, int y) {
    const int shift = x % 64, first = x / 64;
    for (int r = 0; r < piece.m_rows; ++r)
      for (int w = 0; w < piece.m_words; ++w) {
        const uint64_t bits = piece.at(r, w);
        if (!bits) continue;
        word(y + r, first + w) |= bits << shift;
        if (shift && first + w + 1 < m_words) word(y + r, first + w + 1) |= bits >> (64 - shift);
      }
  }

 private:
  int m_columns = 0, m_rows = 0, m_words = 0;
  std::vector<uint64_t> m_bits;

  uint64_t& word(int row, int w) { return m_bits[ix(row * m_words + w)]; }
  uint64_t at(int row, int w) const { return w < m_words ? m_bits[ix(row * m_words + w)] : 0; }
};

Point turned(Point p, int quarters) {
  switch (quarters & 3) {
    case 1:
      return {-p.y, p.x};
    case 2:
      return {-p.x, -p.y};
    case 3:
      return {p.y, -p.x};
    default:
      return p;
  }
}

/// A piece in one of its four turns, with the gap around it, as cells.
struct Turned {
  int quarters = 0;
  Box box;    ///< of the turned piece itself
  Bits bits;  ///< of the piece grown by half the gap; its cell (0, 0) is the box's upper left, grown alike
};

Bits cellsOf(const Rings& grown, const Box& box) {
  const int columns = std::max(1, static_cast<int>(std::ceil(box.width() / kCell_mm))),
            rows = std::max(1, static_cast<int>(std::ceil(box.height() / kCell_mm)));
  Bits bits(columns, rows);
  // A cell counts when the shape comes near its middle: the shape is grown by half a cell's diagonal first.
  const Rings near = offset(grown, Millimetres{kCell_mm * 0.71});
  for (int r = 0; r < rows; ++r) {
    const double y = box.top - (r + 0.5) * kCell_mm;
    std::vector<double> xs;
    for (const Ring& ring : near)
      for (size_t i = 0; i < ring.size(); ++i) {
        const Point a = ring[i], b = ring[(i + 1) % ring.size()];
        if ((a.y > y) != (b.y > y)) xs.push_back(a.x + (y - a.y) * (b.x - a.x) / (b.y - a.y));
      }
    std::sort(xs.begin(), xs.end());
    for (size_t i = 0; i + 1 < xs.size(); i += 2) {
      const int from = std::max(0, static_cast<int>(std::ceil((xs[i] - box.left) / kCell_mm - 0.5)));
      const int to =
          std::min(columns - 1, static_cast<int>(std::floor((xs[i + 1] - box.left) / kCell_mm - 0.5)));
      for (int c = from; c <= to; ++c) bits.set(c, r);
    }
  }
  return bits;
}

std::vector<Turned> turnsOf(const Rings& shape) {
  std::vector<Turned> out;
  const auto turnedRings = [](Rings rings, int q) {
    for (Ring& ring : rings)
      for (Point& p : ring) p = turned(p, q);
    return rings;
  };
  const Rings grown = offset(shape, Millimetres{kSheetGap_mm / 2});
  for (int q = 0; q < 4; ++q) {
    Turned t;
    t.quarters = q;
    t.box = boxOf(turnedRings(shape, q));
    t.bits = cellsOf(turnedRings(grown, q), t.box.grown(kSheetGap_mm / 2));
    out.push_back(std::move(t));
  }
  return out;
}

class Layouter {
 public:
  explicit Layouter(const MaskingSheet& sheet) : m_sheet(sheet) {
    // The gap round a piece may reach into the margin.
    m_left = sheet.margin_mm - kSheetGap_mm / 2;
    m_top = sheet.height_mm - sheet.margin_mm + kSheetGap_mm / 2;
    m_columns = std::max(0, static_cast<int>((sheet.width_mm - 2 * m_left) / kCell_mm + 1e-9));
    m_rows =
        std::max(0, static_cast<int>((sheet.height_mm - 2 * (sheet.height_mm - m_top)) / kCell_mm + 1e-9));
  }

  /// Puts the piece on the first sheet where it goes. @return nothing if it goes on none, not even an empty
  /// one
  std::optional<LaidPiece> put(int piece, std::span<const Turned> turns) {
    for (size_t s = 0;; ++s) {
      const bool fresh = s == m_taken.size();
      if (fresh) m_taken.emplace_back(m_columns, m_rows), m_lowest.push_back(0);
      if (auto laid = putOn(s, piece, turns)) return laid;
      if (fresh) {
        m_taken.pop_back();
        m_lowest.pop_back();
        return {};
      }
    }
  }

  int sheets() const { return static_cast<int>(m_taken.size()); }
  double spent_mm2() const {
    return std::accumulate(m_lowest.begin(), m_lowest.end(), 0.0) * kCell_mm * m_sheet.width_mm;
  }

 private:
  const MaskingSheet& m_sheet;
  double m_left = 0, m_top = 0;
  int m_columns = 0, m_rows = 0;
  std::vector<Bits> m_taken;
  std::vector<int> m_lowest;  // lowest row taken, per sheet

  /// How far down the top of a piece may lie.
  int lastRow(const Turned& t) const {
    const int rows = m_rows - t.bits.rows();
    if (!m_sheet.stickyBand_mm) return rows;
    const double room = *m_sheet.stickyBand_mm - m_sheet.margin_mm - kLeastInBand * t.box.height();
    return room < 0 ? -1 : std::min(rows, static_cast<int>(room / kCell_mm));
  }

  std::optional<LaidPiece> putOn(size_t sheet, int piece, std::span<const Turned> turns) {
    const Bits& taken = m_taken[sheet];
    int bestBottom = 0, bestRight = 0, bestX = 0, bestY = 0;
    const Turned* best = nullptr;
    for (const Turned& t : turns) {
      const int lastX = m_columns - t.bits.columns(), lastY = lastRow(t);
      if (lastX < 0) continue;
      for (int y = 0; y <= lastY; ++y) {
        const int bottom = y + t.bits.rows();
        if (best && bottom > bestBottom) break;
        int x = 0;
        while (x <= lastX && taken.meets(t.bits, x, y)) ++x;
        if (x > lastX) continue;
        // Highest up; of equal ones the one farthest left.
        const int right = x + t.bits.columns();
        if (best && bottom == bestBottom && right >= bestRight) break;
        best = &t, bestX = x, bestY = y, bestBottom = bottom, bestRight = right;
        break;
      }
    }
    if (!best) return {};
    m_taken[sheet].add(best->bits, bestX, bestY);
    m_lowest[sheet] = std::max(m_lowest[sheet], bestBottom);
    LaidPiece laid;
    laid.piece = piece;
    laid.sheet = static_cast<int>(sheet);
    laid.turn = Degrees{90.0 * best->quarters};
    const double left = m_left + bestX * kCell_mm + kSheetGap_mm / 2,
                 top = m_top - bestY * kCell_mm - kSheetGap_mm / 2;
    laid.by = {left - best->box.left, top - best->box.top};
    return laid;
  }
};

/// The pieces in all their turns, those of equal shape together.
struct Turns {
  std::vector<size_t> shapeOf;               // piece -> entry of `ofShape`
  std::vector<std::vector<Turned>> ofShape;  // upright first
};

Turns allTurns(const std::vector<SheetPiece>& pieces, const Progress& progress) {
  Turns out;
  std::vector<size_t> firstWith;
  for (size_t i = 0; i < pieces.size() && !progress.stopped(); ++i) {
    const auto same = std::find_if(firstWith.begin(), firstWith.end(),
                                   [&](size_t k) { return pieces[k].shape == pieces[i].shape; });
    out.shapeOf.push_back(ix(same - firstWith.begin()));
    if (same != firstWith.end()) continue;
    firstWith.push_back(i);
    out.ofShape.push_back(pieces[i].shape.empty() ? std::vector<Turned>{} : turnsOf(pieces[i].shape));
  }
  return out;
}

/// @param upright  pieces may not be turned
SheetLayout layOutWith(const std::vector<SheetPiece>& pieces, const Turns& turns,
                       const std::vector<size_t>& order, bool upright, const MaskingSheet& sheet,
                       const Progress& progress) {
  SheetLayout out;
  Layouter layouter(sheet);
  std::vector<std::optional<LaidPiece>> laid(pieces.size());
  for (size_t n = 0; n < order.size() && !progress.stopped(); ++n) {
    const size_t i = order[n];
    progress.at((upright ? 0 : 0.5) + 0.5 * static_cast<double>(n) / static_cast<double>(order.size()));
    const std::span<const Turned> all = turns.ofShape[turns.shapeOf[i]];
    if (all.empty()) continue;
    laid[i] = layouter.put(static_cast<int>(i), upright ? all.first(1) : all);
    if (!laid[i]) out.doesNotFit.push_back(static_cast<int>(i));
  }
  for (const auto& l : laid)
    if (l) out.laid.push_back(*l);
  out.sheets = layouter.sheets();
  out.spent_mm2 = layouter.spent_mm2();
  return out;
}

}  // namespace

Point LaidPiece::onSheet(Point p) const {
  const Point q = turned(p, static_cast<int>(std::lround(turn.value / 90)));
  return {q.x + by.x, q.y + by.y};
}

Rings LaidPiece::onSheet(const Rings& shape) const {
  Rings out = shape;
  for (Ring& ring : out)
    for (Point& p : ring) p = onSheet(p);
  return out;
}

SheetLayout layOut(const std::vector<SheetPiece>& pieces, const MaskingSheet& sheet,
                   const Progress& progress) {
  constexpr double kWorthTurning = 0.85;  // of the sheet that is spent; names and arrows read easier upright
  constexpr size_t kFew = 6;
  const Turns turns = allTurns(pieces, progress);
  if (progress.stopped()) return {};
  std::vector<size_t> order(pieces.size());
  std::iota(order.begin(), order.end(), 0);
  std::vector<double> size(pieces.size());
  double used = 0;
  for (size_t i = 0; i < pieces.size(); ++i) {
    const Box box = boxOf(pieces[i].shape);
    size[i] = std::fmax(box.width(), box.height());
    used += sweptArea(SweepEdges(pieces[i].shape));
  }
  std::stable_sort(order.begin(), order.end(), [&](size_t a, size_t b) { return size[a] > size[b]; });
  SheetLayout upright = layOutWith(pieces, turns, order, true, sheet, progress);
  const SheetLayout turned = layOutWith(pieces, turns, order, false, sheet, progress);
  const bool fewer = turned.doesNotFit.size() < upright.doesNotFit.size() || turned.sheets < upright.sheets;
  const bool less = pieces.size() > kFew && turned.sheets == upright.sheets &&
                    turned.spent_mm2 < kWorthTurning * upright.spent_mm2;
  SheetLayout out = !progress.stopped() && (fewer || less) ? turned : std::move(upright);
  out.used_mm2 = used;
  return out;
}

}  // namespace havlo
