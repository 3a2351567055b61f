// What is cut out of masking paper for a stamp (engine section 4).
#pragma once

#include <memory>

#include "core/plan/plan.h"

namespace havlo {

struct MaskShape {
  Rings mask;                  ///< stamp frame; empty when nothing of the stamp is wide enough to cut
  double uncovered_mm2 = 0;    ///< silhouette without the mask: the inset rim and parts too thin to cut
  double overcovered_mm2 = 0;  ///< mask outside the silhouette: filled holes
};
using MaskRef = std::shared_ptr<const MaskShape>;

/// mask = inset(open(fillSmallHoles(silhouette))), of the whole stamp, with the maker's choices about single
/// parts and the notch at the foot if there is to be one.
MaskRef maskOf(const Stamp& stamp, const Supplies& supplies);

/// The mask cut to the part of the stamp that prints, as far inside its line as inside any other.
/// @param part  stamp frame
Rings maskOfPart(const Rings& mask, const Rings& part, const Supplies& supplies);

/// A part of a stamp that is hard to cut, and whether the mask has it.
struct FiddlyPart {
  enum class Kind {
    Thin,     ///< thinner than the least cut: not cut unless the maker says so
    Slender,  ///< up to twice the least cut: cut unless the maker says not to
    Hole      ///< of any size; small ones are not cut unless the maker says so
  };
  Kind kind = Kind::Thin;
  Rings shape;   ///< stamp frame
  Point inside;  ///< a point in the shape; names the part in MaskChoices
  double area_mm2 = 0, length_mm = 0;
  bool usual = false;  ///< whether it would be cut without the maker's word
  bool cut = false;    ///< whether it is
};

/// All parts about which the maker may decide: whiskers, strings, ears, holes; without rounded corners and
/// leaf edges. Largest first.
std::vector<FiddlyPart> fiddlyParts(const Stamp& stamp, const Supplies& supplies);

/// The parts that stay uncovered because they are too thin to cut, as rings.
Rings thinPartsOf(const Stamp& stamp, const Supplies& supplies);

/// The stamp with one part's fate turned round. @param inside  a point in the part, stamp frame
Stamp withPartChosen(const Stamp& stamp, const Supplies& supplies, Point inside, bool cut);

/// Where the foot is marked on a mask: from the border of the mask straight toward the foot.
struct FootTick {
  Point from, to;
};
/// Nothing if the mask is empty. @param length_mm  > 0
std::vector<FootTick> footTicks(const Stamp& stamp, const Rings& mask, double length_mm);

}  // namespace havlo
