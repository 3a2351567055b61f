// The border of a thing, place by place, and where what is behind it ends there; for this room only.
#pragma once

#include "core/compare/paper_fit.h"
#include "core/compare/seen_card.h"

namespace havlo {

/// Places of a border lie so far apart.
inline constexpr double kEach_mm = 0.2;

struct BorderPlace {
  Point at, outward;
};

/// Where ink of what is behind ends, mm outside the border; between two values where the front's own line
/// hides it.
struct LineEnd {
  double from = 0, to = 0;
  bool hidden() const { return from < to; }
};

/// Points along the silhouette, with arrows outward.
std::vector<BorderPlace> placesOn(const Rings& silhouette);

/// Coverage there, 0 to 1, between pixels.
float bilinear(const Tile& tile, double x, double y);

/// Where a blend ends that a thing was covered in: along all of its border that has one outside and bare
/// paper inside. @return as ends of the paper, the inset of its cut reckoned in
std::vector<PaperEnd> blendEnds(const Plan& plan, const SeenCard& card, const SeenPrint& front,
                                const std::vector<BorderPlace>& places);

}  // namespace havlo
