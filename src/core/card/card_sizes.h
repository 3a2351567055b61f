// Sizes that cards, panels and sheets usually have, and the ways they are folded.
#pragma once

#include <span>
#include <string_view>

#include "core/units/units.h"

namespace havlo {

enum class SizeFamily { Inch, Metric };

/// A usual size, upright (width <= height), mm.
struct UsualSize {
  std::string_view name;
  SizeFamily family;
  double width_mm, height_mm;
  std::string_view source;  ///< where it comes from
};

/// Folded card bases. Metric: ISO 216 (A and B series); inch: common practice, no source.
std::span<const UsualSize> usualBases();

/// Sheets that masks are cut from and card is cut from: Letter, A4, sticky notes, rolls.
std::span<const UsualSize> usualSheets();

/// Sheets that card is bought in: A4 and A3 (ISO 216), Letter and 12 × 12 in (common practice, no source).
std::span<const UsualSize> usualCardSheets();

/// Envelopes: ISO 269 C sizes and DL, common North American announcement sizes.
std::span<const UsualSize> usualEnvelopes();

/// ISO 216: the n-th size of a series, sides rounded down to the millimetre, upright.
/// A: A0 has 1 m² and sides 1 : sqrt 2; B(n) is the geometric mean of A(n) and A(n-1); ISO 269: C(n) that of
/// A(n) and B(n). @param series  'A', 'B' or 'C'  @param n  0 to 10
UsualSize isoSize(char series, int n);

}  // namespace havlo
