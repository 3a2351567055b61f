// Shape operations that a geometry library does for us. GEOS is included in shape_ops.cpp only.
// All shapes are in mm; results are valid even-odd rings (no ring crosses itself or another).
#pragma once

#include <vector>

#include "core/base/result.h"
#include "core/outline/shape.h"

namespace havlo {

struct CleanRings {
  Rings rings;
  bool split = false;  ///< rings crossed and were split; the covered area is the same
};

/// Most points and crossings of an outline; a traced stamp of 50 mm has some thousand points and no crossing.
inline constexpr size_t kMostOutlinePoints = 100'000, kMostOutlineCrossings = 3000;

/// Rings that do not cross, covering the same even-odd area as `rings`.
/// @error  BadInput if a ring has fewer than 3 points or no area, or if nothing is covered
Result<CleanRings> withoutCrossings(const Rings& rings);

Rings intersection(const Rings& a, const Rings& b);
Rings difference(const Rings& a, const Rings& b);
Rings unionOf(const std::vector<Rings>& shapes);

/// The outline moved outward (or inward, negative) with round corners.
/// The arc of a quarter turn has 16 sides, so it is within 0.13 % of the distance.
Rings offset(const Rings& rings, Millimetres by);

/// Erosion then dilation with a disc: parts thinner than twice the radius go, the rest keeps its place.
Rings opened(const Rings& rings, Millimetres radius);

/// Opened with `radius`, then moved inward by `inset`.
Rings openedAndInset(const Rings& rings, Millimetres radius, Millimetres inset);

/// The shape with every hole filled into which no circle of this diameter fits.
Rings withSmallHolesFilled(const Rings& rings, Millimetres leastHole);

/// The separate pieces of a shape, each with its holes.
std::vector<Rings> pieces(const Rings& rings);

/// What a set of knife lines cuts out of a sheet.
struct CutFaces {
  std::vector<Rings> faces;  ///< areas with a line all round, each with its holes; not nested into each other
  Rings open;                ///< stretches of line that close nothing, as open chains of points
};
/// @param lines  open chains of points; a closed one ends where it begins
/// @param crumb  lines nearer than about that to each other are one: what is between them tears; 0: none are
CutFaces facesCutBy(const Rings& lines, Millimetres crumb = Millimetres{0});

/// The outline with fewer points; no point of it moves by more than `tolerance`, no ring comes to cross
/// another.
Rings simplified(const Rings& rings, Millimetres tolerance);

/// An open chain of points with fewer of them; no point of it is farther than `tolerance` from what is left.
Ring thinned(const Ring& chain, Millimetres tolerance);

/// Largest distance from a point of either outline to the other outline (Hausdorff distance of the borders).
/// Infinite if just one of them is empty.
double borderDistance(const Rings& a, const Rings& b);

/// Area in mm².
double areaOf(const Rings& rings);

}  // namespace havlo
