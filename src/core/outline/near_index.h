// Which points lie within a fixed distance of a shape: asked thousands of times per drag, so the shape is put
// into cells once, in its own frame.
#pragma once

#include <cstdint>
#include <vector>

#include "core/outline/shape.h"

namespace havlo {

class NearIndex {
 public:
  NearIndex() = default;
  /// @param within_mm  > 0; the distance that will be asked about
  NearIndex(const Rings& rings, double within_mm);

  /// Is the point in the shape or no farther from it than `within_mm`? Exact but for rounding.
  bool near(Point p) const;

  /// The shape's box grown by the distance: no point outside it is near.
  const Box& box() const { return m_box; }
  /// The shape itself.
  const Rings& rings() const { return m_rings; }

 private:
  struct Segment {
    Point a, b;
  };
  static constexpr double kLeastCell_mm = 1.5;
  static constexpr int kMostCells = 400;  // along the longer side

  Rings m_rings;
  double m_within_mm = 0;
  double m_cell_mm = kLeastCell_mm;
  Box m_box;
  int m_columns = 0, m_rows = 0;
  std::vector<Segment> m_segments;
  std::vector<uint32_t> m_start;  // cell -> first of its entries in m_entries
  std::vector<uint32_t> m_entries;
  std::vector<char> m_inside;  // cell with no entries: is it in the shape? All of it is, or none

  double squaredDistance(const Segment& s, Point p) const;
  void markInside();
  template <typename F>
  void eachCell(const Segment& s, F f) const;
};

}  // namespace havlo
