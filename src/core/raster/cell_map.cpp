// A frame becomes a small panel of its own, so that the panel's scan conversion fills it.
#include "core/raster/cell_map.h"

#include <algorithm>
#include <cmath>

namespace havlo {
namespace {

constexpr uint8_t kLeastCover = 32;  // an eighth

Rings movedBy(const Rings& rings, Point by) {
  Rings out = rings;
  for (Ring& ring : out)
    for (Point& p : ring) p = p - by;
  return out;
}

}  // namespace

Grid cellGrid(const Box& frame, double margin_mm, Point& origin) {
  const Box all = frame.grown(margin_mm);
  origin = {all.left, all.bottom};
  Grid out;
  out.panelWidth_mm = std::max(all.width(), CellMap::kCell_mm);
  out.panelHeight_mm = std::max(all.height(), CellMap::kCell_mm);
  const double cell =
      std::max(CellMap::kCell_mm, std::sqrt(out.panelWidth_mm * out.panelHeight_mm / CellMap::kMostCells));
  const auto cells = [&](double mm) {
    return static_cast<int>(std::clamp(std::ceil(mm / cell), 1.0, CellMap::kMostCells));
  };
  out.width = cells(out.panelWidth_mm), out.height = cells(out.panelHeight_mm);
  return out;
}

CellMap::CellMap(const Tile& tile, const Grid& grid, Point origin) {
  if (tile.empty()) return;
  m_perMmX = grid.pxPerMmX(), m_perMmY = grid.pxPerMmY();
  m_columns = tile.width, m_rows = tile.height;
  m_origin = {origin.x + tile.x / m_perMmX, origin.y + (grid.height - tile.y - tile.height) / m_perMmY};
  const size_t count = ix(m_columns) * ix(m_rows);
  const std::shared_ptr<uint8_t[]> cells(new uint8_t[count]);
  for (int r = 0; r < m_rows; ++r) {
    const uint8_t* from = tile.row(tile.y + tile.height - 1 - r);
    std::copy(from, from + m_columns, cells.get() + ix(r) * ix(m_columns));
  }
  m_cells = cells;
  if (std::any_of(cells.get(), cells.get() + count, [](uint8_t c) { return c != 0; }))
    m_box = {m_origin.x, m_origin.y, m_origin.x + m_columns / m_perMmX, m_origin.y + m_rows / m_perMmY};
}

CellMap::CellMap(const Rings& rings) {
  const Box box = boxOf(rings);
  if (box.empty()) return;
  Point origin;
  const Grid grid = cellGrid(box, 0, origin);
  *this = CellMap(hardTile(grid, movedBy(rings, origin)), grid, origin);
}

CellMap CellMap::spread(const Rings& rings, double by_mm) {
  const Box box = boxOf(rings);
  if (box.empty()) return {};
  Point origin;
  const Grid grid = cellGrid(box, by_mm + kCell_mm, origin);
  const Tile part = softTile(grid, movedBy(rings, origin));
  Tile whole = tileFor(grid, {0, 0, grid.panelWidth_mm, grid.panelHeight_mm});
  for (int y = part.y; y < part.y + part.height; ++y)
    std::copy(part.row(y), part.row(y) + part.width, whole.row(y) + part.x);
  return spread(whole, grid, origin, by_mm);
}

CellMap CellMap::spread(const Tile& drawn, const Grid& grid, Point origin, double by_mm) {
  return {dilated(drawn, grid, by_mm, kLeastCover), grid, origin};
}

}  // namespace havlo
