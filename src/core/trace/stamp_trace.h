// One impression of a scan becomes a stamp: line art, silhouette, size and foot; with the maker's mends.
#pragma once

#include <array>

#include "core/plan/plan.h"
#include "core/trace/sheet.h"

namespace havlo {

/// How an impression is traced, and what the maker mended. Points and shapes are in sheet mm (levelled, y
/// down), so that they keep their places when other settings change.
struct TraceSettings {
  double darkness = 0;         ///< -1 to 1: less or more counts as ink
  double speck_mm2 = 0.05;     ///< ink spots and gaps smaller than this are dropped
  double line_mm = 0.12;       ///< breaks in lines narrower than this are closed
  double gap_mm = 0.8;         ///< openings of the outline narrower than this are closed
  double grow_mm = 0;          ///< outline moved outward, inward negative
  std::vector<Point> holes;    ///< a point in each region turned from filled to hole or back
  std::vector<Rings> added;    ///< added to the silhouette
  std::vector<Rings> removed;  ///< taken away, art and silhouette
  /// Lines that close the outline where it is open; they are not stamped.
  std::vector<std::array<Point, 2>> bridges;
  bool operator==(const TraceSettings&) const = default;
};

/// A plain region inside the outline with ink all round it.
struct EnclosedRegion {
  Rings shape;   ///< stamp frame
  Point inside;  ///< sheet mm, for TraceSettings::holes
  double area_mm2 = 0;
  bool hole = false;
};

/// Where the outline lets the outside in to a roomy inside.
struct Opening {
  Point a, b;  ///< ends of the line that would close it, sheet mm
  double width_mm = 0;
};
/// Wider ones are not asked about.
inline constexpr double kWidestOpening_mm = 2;

struct TracedStamp {
  Stamp stamp;                          ///< without id, name and real height; role prop
  Point lowerLeft;                      ///< of the stamp frame, sheet mm
  std::vector<EnclosedRegion> regions;  ///< largest first
  /// Those that are not closed by themselves (`gap_mm`). Between two outlines that are each closed there is
  /// none.
  std::vector<Opening> openings;
  double ink_mm2 = 0, silhouette_mm2 = 0;
  bool touchesEdge = false;  ///< runs to the edge of the picture: part of it may be missing
  int specks = 0;            ///< dropped
};

/// Traces what lies in `box` of the sheet.
/// @error  BadInput if nothing of it is left after dropping specks; Stopped
Result<TracedStamp> traceStamp(const Scan& scan, const FoundSheet& sheet, const Box& box,
                               const TraceSettings& settings = {}, const Progress& progress = {});

/// The levelled, evenly lit picture of a box of the sheet, 255 white.
/// @param pxPerMm  > 0
Scan levelledPicture(const Scan& scan, const FoundSheet& sheet, const Box& box, double pxPerMm);

/// The same picture of a scan on which nothing has been found yet: turned, not lit.
Scan turnedPicture(const Scan& scan, Degrees level, const Box& box, double pxPerMm);

}  // namespace havlo
