// Cells list the segments that can be near any of their points; an empty list says nothing is near the edge
// there.
#include "core/outline/near_index.h"

#include <algorithm>

#include "core/outline/shared_area.h"

namespace havlo {

template <typename F>
void NearIndex::eachCell(const Segment& s, F f) const {
  Box b;
  b.include(s.a);
  b.include(s.b);
  b = b.grown(m_within_mm);
  const auto clampTo = [](double v, int n) { return std::clamp(static_cast<int>(v), 0, n - 1); };
  const int x0 = clampTo((b.left - m_box.left) / m_cell_mm, m_columns);
  const int x1 = clampTo((b.right - m_box.left) / m_cell_mm, m_columns);
  const int y0 = clampTo((b.bottom - m_box.bottom) / m_cell_mm, m_rows);
  const int y1 = clampTo((b.top - m_box.bottom) / m_cell_mm, m_rows);
  const double reach = m_within_mm + m_cell_mm * 0.7072;  // from the cell's middle to its corners
  for (int y = y0; y <= y1; ++y)
    for (int x = x0; x <= x1; ++x) {
      const Point middle{m_box.left + (x + 0.5) * m_cell_mm, m_box.bottom + (y + 0.5) * m_cell_mm};
      if (squaredDistance(s, middle) <= reach * reach) f(ix(y * m_columns + x));
    }
}

NearIndex::NearIndex(const Rings& rings, double within_mm) : m_rings(rings), m_within_mm(within_mm) {
  m_box = boxOf(rings);
  if (m_box.empty()) return;
  m_box = m_box.grown(within_mm);
  m_cell_mm = std::fmax(kLeastCell_mm, std::fmax(m_box.width(), m_box.height()) / kMostCells);
  m_columns = static_cast<int>(m_box.width() / m_cell_mm) + 1;
  m_rows = static_cast<int>(m_box.height() / m_cell_mm) + 1;
  for (const Ring& ring : rings)
    for (size_t i = 0; i < ring.size(); ++i) m_segments.push_back({ring[i], ring[(i + 1) % ring.size()]});
  const auto cells = ix(m_columns) * ix(m_rows);
  m_start.assign(cells + 1, 0);
  for (const Segment& s : m_segments) eachCell(s, [&](size_t c) { ++m_start[c + 1]; });
  for (size_t c = 0; c < cells; ++c) m_start[c + 1] += m_start[c];
  m_entries.resize(m_start[cells]);
  std::vector<uint32_t> fill(m_start.begin(), m_start.end() - 1);
  for (size_t k = 0; k < m_segments.size(); ++k)
    eachCell(m_segments[k], [&](size_t c) { m_entries[fill[c]++] = static_cast<uint32_t>(k); });
  markInside();
}

/// Cells that no edge comes near are wholly in the shape or wholly out of it; neighbours in a row share the
/// answer.
void NearIndex::markInside() {
  m_inside.assign(m_start.size() - 1, 0);
  for (int y = 0; y < m_rows; ++y) {
    bool known = false, inside = false;
    for (int x = 0; x < m_columns; ++x) {
      const auto cell = ix(y * m_columns + x);
      if (m_start[cell] != m_start[cell + 1]) {
        known = false;
        continue;
      }
      if (!known)
        inside = covers(m_rings, {m_box.left + (x + 0.5) * m_cell_mm, m_box.bottom + (y + 0.5) * m_cell_mm});
      known = true;
      m_inside[cell] = inside;
    }
  }
}

double NearIndex::squaredDistance(const Segment& s, Point p) const {
  const double dx = s.b.x - s.a.x, dy = s.b.y - s.a.y;
  const double length2 = dx * dx + dy * dy;
  double t = length2 > 0 ? ((p.x - s.a.x) * dx + (p.y - s.a.y) * dy) / length2 : 0;
  t = std::fmin(1, std::fmax(0, t));
  const double ex = p.x - s.a.x - t * dx, ey = p.y - s.a.y - t * dy;
  return ex * ex + ey * ey;
}

bool NearIndex::near(Point p) const {
  if (!m_box.contains(p)) return false;
  const int x = static_cast<int>((p.x - m_box.left) / m_cell_mm),
            y = static_cast<int>((p.y - m_box.bottom) / m_cell_mm);
  const auto cell = ix(y * m_columns + x);
  if (m_start[cell] == m_start[cell + 1]) return m_inside[cell] != 0;
  const double limit = m_within_mm * m_within_mm * (1 + 1e-9);
  for (uint32_t k = m_start[cell]; k < m_start[cell + 1]; ++k)
    if (squaredDistance(m_segments[m_entries[k]], p) <= limit) return true;
  return covers(m_rings, p);
}

}  // namespace havlo
