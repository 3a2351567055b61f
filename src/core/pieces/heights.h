// How high pieces of paper lie over the panel.
#pragma once

#include <vector>

#include "core/plan/plan.h"

namespace havlo {

/// Height of the foam under what pops up and says nothing. Common practice, no source.
inline constexpr double kUsualFoam_mm = 1.5;

double foamUnder(const Impression& popUp);
/// Height of a piece's under side over what is glued first: the panel's face is 0. @param piece  index
double underside_mm(const Plan& plan, int piece);

/// Over a step higher than this no stamp prints. Common practice, no source.
inline constexpr double kMostStep_mm = 0.8;

/// Something glued on the panel's face: a thing on its own piece, or a piece with all that is on it.
struct Glued {
  int impression = -1;
  int piece = -1;
  double low_mm = 0;  ///< its under side
  double top_mm = 0;  ///< its face
  /// May something be stamped across its rim?
  bool isFlat() const { return top_mm <= kMostStep_mm; }
};
/// What a stamp prints across first, then what lies lower: among equals things before pieces, each in the
/// plan's order.
std::vector<Glued> gluedOn(const Plan& plan);

}  // namespace havlo
