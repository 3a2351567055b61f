// Cells of a stamp's frame that are in or out: asked thousands of times per drag, so they are filled once.
#pragma once

#include <cstdint>
#include <memory>

#include "core/raster/raster.h"

namespace havlo {

class CellMap {
 public:
  /// Side of a cell; larger for shapes of more than `kMostCells`.
  static constexpr double kCell_mm = 0.2;
  static constexpr double kMostCells = 1e6;

  CellMap() = default;
  /// The cells whose middle the rings cover.
  explicit CellMap(const Rings& rings);
  /// The cells no farther than `by_mm` from one that the rings cover by an eighth or more.
  static CellMap spread(const Rings& rings, double by_mm);
  /// The same of a drawing. @param drawn  coverage of the whole grid. @param origin  as of cellGrid()
  static CellMap spread(const Tile& drawn, const Grid& grid, Point origin, double by_mm);

  bool at(Point p) const {
    const double u = (p.x - m_origin.x) * m_perMmX, v = (p.y - m_origin.y) * m_perMmY;
    if (u < 0 || v < 0) return false;
    const auto column = static_cast<int>(u), row = static_cast<int>(v);
    return column < m_columns && row < m_rows && m_cells.get()[ix(row) * ix(m_columns) + ix(column)] != 0;
  }
  /// Outside it no cell is in.
  const Box& box() const { return m_box; }
  bool empty() const { return m_box.empty(); }

 private:
  CellMap(const Tile& tile, const Grid& grid, Point origin);

  Point m_origin;
  double m_perMmX = 1, m_perMmY = 1;
  int m_columns = 0, m_rows = 0;
  std::shared_ptr<const uint8_t[]> m_cells;  // bottom row first; never written once they are filled
  Box m_box;
};

/// A frame as a grid of cells, grown by `margin_mm` on every side. @param origin  set to its lower left
/// corner
Grid cellGrid(const Box& frame, double margin_mm, Point& origin);

}  // namespace havlo
