// The closed parts of a stamp's drawing: the paper between its lines, which can be coloured by hand.
#pragma once

#include <cstdint>
#include <memory>
#include <string>
#include <vector>

#include "core/plan/plan.h"
#include "core/raster/art_source.h"

namespace havlo {

/// Gaps in a line up to this are taken as closed. Common practice, no source.
inline constexpr double kClosedGap_mm = 0.5;
/// Parts smaller than this stay the paper's: no point of a marker goes in. Common practice, no source.
inline constexpr double kLeastRegion_mm2 = 0.8;
/// Beyond these the smallest ones are left out.
inline constexpr size_t kMostRegions = 2000;

struct Region {
  Point at;  ///< the point deepest inside, stamp frame
  Box box;   ///< stamp frame
  double area_mm2 = 0;
  double open_mm = 0;    ///< length of its border at the stamp's edge where no line is: it is open there
  std::string id, name;  ///< of the plan's stamp, if it has a name
};

class StampRegions {
 public:
  /// @param art  draws stamps; without it a stamp prints its silhouette or a line inside it
  StampRegions(const Stamp& stamp, const ArtSource* art);

  /// By area, largest first.
  const std::vector<Region>& all() const { return m_regions; }
  size_t leftOut() const { return m_leftOut; }  ///< too many to keep
  /// The region at a point of the stamp frame; on a line the nearest within 0.6 mm; -1: none.
  int at(Point p) const;
  /// The region whose colour lies at a point: as at(), but only as far as a quarter of a millimetre under
  /// the lines; -1: none.
  int colouredAt(Point p) const { return labelAt(m_coloured, p); }
  /// Distance to the region's own border, mm, to a pixel; 0 outside.
  double inside_mm(Point p) const;
  /// The regions that a choice means, rising. @param others  choices of the same thing's other colourings,
  /// which `rest` leaves out
  std::vector<int> chosen(const RegionChoice& choice, const std::vector<RegionChoice>& others = {}) const;

 private:
  int m_columns = 0, m_rows = 0;
  double m_perMm = 1;
  Point m_origin;                          // lower left corner, stamp frame
  std::vector<int16_t> m_own, m_coloured;  // region by pixel, top row first; -1: none
  std::vector<uint8_t> m_depth;            // twentieths of a mm from the border
  std::vector<Region> m_regions;
  size_t m_leftOut = 0;

  int labelAt(const std::vector<int16_t>& map, Point p) const;
  size_t pixelAt(Point p) const;
};
using RegionsRef = std::shared_ptr<const StampRegions>;

}  // namespace havlo
