#include "core/ink/ink_facts.h"

#include <algorithm>

#include "core/colour/colour.h"

namespace havlo {

const InkFacts& factsOf(InkKind kind) {
  static constexpr InkFacts table[] = {
      {InkKind::Dye, false, false, false, false},          {InkKind::Pigment, true, false, false, false},
      {InkKind::Hybrid, true, true, false, false},         {InkKind::Archival, true, true, false, false},
      {InkKind::WaterReactive, false, false, true, false}, {InkKind::Embossing, true, true, false, false},
      {InkKind::Marker, true, false, false, true},         {InkKind::Paint, true, true, true, false},
  };
  return table[ix(kind)];
}

bool holdsUnderMarker(const Ink& ink) {
  return ink.holds.marker.value_or(factsOf(ink.kind).holdsUnderMarker);
}
bool holdsUnderWater(const Ink& ink) { return ink.holds.water.value_or(factsOf(ink.kind).holdsUnderWater); }
bool holdsUnderBlending(const Ink& ink) { return ink.holds.blending.value_or(true); }

bool isWet(WashWay way) { return way == WashWay::Brush || way == WashWay::Spray; }
bool isAlcohol(const Ink& ink, WashWay way) { return way == WashWay::Marker || factsOf(ink.kind).alcohol; }

double drySeconds(const Wash& wash, const Ink& ink) {
  if (wash.way == WashWay::Relief) return 0;
  return wash.way == WashWay::Paste ? std::max(ink.dryOnCard_s, kPasteDry_s) : ink.dryOnCard_s;
}

LinearRgb pressedOn(const LinearRgb& ground, const Ink& ink, int generation) {
  const InkFilm film(ink.colour, ink.opacity, strengthOf(ink, generation));
  LinearRgb out;
  for (size_t k = 0; k < 3; ++k) out[k] = ground[k] * film.multiply[k] + film.add[k];
  return out;
}

}  // namespace havlo
