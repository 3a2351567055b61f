// Shapes of the plan on the press's grid.
#include <unordered_map>

#include "core/outline/shape_ops.h"
#include "core/press/press.h"

namespace havlo {

struct PressTiles::Store {
  std::unordered_map<int, Tile> ink, silhouette, cover, edgeLine;
  std::unordered_map<int, Rings> grownMask;  // by stamp: the mask with its edge line
};

PressTiles::PressTiles(const PressInput& in, const Grid& grid)
    : m_in(in), m_grid(grid), m_store(std::make_unique<Store>()) {}
PressTiles::~PressTiles() = default;

const Tile& PressTiles::ink(int i) {
  const auto [it, fresh] = m_store->ink.try_emplace(i);
  if (!fresh) return it->second;
  const Placed& placed = *m_in.meetings.placed[static_cast<size_t>(i)];
  const Stamp& stamp = *placed.outline->stamp;
  std::optional<Tile> art;
  if (!stamp.art.empty() && m_in.art) art = m_in.art->draw(stamp, placed.placing, m_grid);
  if (!art) {
    const Rings shape = stamp.art.empty() ? placed.outline->ink : printedShape(stamp, placed.outline->part);
    return it->second = softTile(m_grid, placed.placing.toPanel(shape));
  }
  it->second = std::move(*art);
  if (!placed.outline->part.empty()) {
    const Tile part = hardTile(m_grid, placed.placing.toPanel(placed.outline->part));
    Tile& tile = it->second;
    for (int y = tile.y; y < tile.y + tile.height; ++y)
      for (int x = tile.x; x < tile.x + tile.width; ++x)
        if (!part.at(x, y)) tile.row(y)[x - tile.x] = 0;
  }
  return it->second;
}

const Tile& PressTiles::silhouette(int i) {
  const auto [it, fresh] = m_store->silhouette.try_emplace(i);
  if (fresh) it->second = hardTile(m_grid, m_in.meetings.placed[static_cast<size_t>(i)]->silhouette);
  return it->second;
}

const Tile& PressTiles::cover(int i) {
  const auto at = static_cast<size_t>(i);
  if (m_in.needs.taped[at]) return silhouette(i);
  const auto [it, fresh] = m_store->cover.try_emplace(i);
  if (fresh) {
    const Rings& mask = m_in.masks[static_cast<size_t>(m_in.stampOf[at])]->mask;
    it->second = hardTile(m_grid, m_in.meetings.placed[at]->placing.toPanel(mask));
  }
  return it->second;
}

const Tile& PressTiles::edgeLine(int i) {
  const auto at = static_cast<size_t>(i);
  const auto [it, fresh] = m_store->edgeLine.try_emplace(i);
  if (!fresh) return it->second;
  const Placed& placed = *m_in.meetings.placed[at];
  if (m_in.needs.taped[at]) {
    it->second = hardTile(m_grid, offset(placed.silhouette, Millimetres{kEdgeLine_mm}));
  } else {
    const int stamp = m_in.stampOf[at];
    const auto [grown, first] = m_store->grownMask.try_emplace(stamp);
    if (first) grown->second = offset(m_in.masks[static_cast<size_t>(stamp)]->mask, Millimetres{kEdgeLine_mm});
    it->second = hardTile(m_grid, placed.placing.toPanel(grown->second));
  }
  block(it->second, cover(i));
  return it->second;
}

}  // namespace havlo
