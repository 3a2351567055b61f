// The units of every public signature, and the two axes conventions of the project.
// Panel coordinates: millimetres, origin at the finished panel's lower-left corner, x right, y up.
// Stamp frame: millimetres, origin at the stamp's lower-left corner, x right, y up.
// Angles: degrees, anticlockwise positive. Distances in the scene: metres.
#pragma once

#include <compare>

namespace havlo {

struct Millimetres {
  double value = 0;
  constexpr Millimetres() = default;
  constexpr explicit Millimetres(double v) : value(v) {}
  constexpr auto operator<=>(const Millimetres&) const = default;
};

struct Degrees {
  double value = 0;
  constexpr Degrees() = default;
  constexpr explicit Degrees(double v) : value(v) {}
  constexpr auto operator<=>(const Degrees&) const = default;
};

/// A length or distance in the pictured scene, not on paper.
struct Metres {
  double value = 0;
  constexpr Metres() = default;
  constexpr explicit Metres(double v) : value(v) {}
  constexpr auto operator<=>(const Metres&) const = default;
};

inline constexpr double kMmPerInch = 25.4;

}  // namespace havlo
