// What a way of colouring and a kind of accent usually are: one table of each.
#pragma once

#include <array>

#include "core/plan/plan.h"

namespace havlo {

/// Speeds and drying times are common practice, no source.
struct ColourWayFacts {
  ColourWay way;
  std::string_view word;  ///< in plan files
  double each_mm2;        ///< coloured in a minute, flat
  bool wet;               ///< moves what does not hold under it
  bool marker;            ///< of that, what does not hold under markers
  double dry_s;           ///< until it may be touched, whatever the ink says at the least
  bool darkToLight;       ///< the darker colours go on first
};

inline constexpr std::array<ColourWayFacts, 4> kColourWayFacts{{
    {ColourWay::Marker, "marker", 260, true, true, 30, false},
    {ColourWay::Pencil, "pencil", 120, false, false, 0, false},
    {ColourWay::Brush, "brush", 220, true, false, 300, false},
    {ColourWay::Blend, "blend", 320, false, false, 60, false},
}};
constexpr const ColourWayFacts& factsOf(ColourWay way) { return kColourWayFacts[ix(way)]; }

struct AccentFacts {
  AccentKind kind;
  std::string_view word;  ///< in plan files
  double each_min;        ///< for one
  double dry_s;           ///< until it may be touched
  bool covers;            ///< hides what is under it; else it tints
  bool inked;             ///< has a colour of its own from an ink
  double shine;           ///< 0 to 1, how white it is where it shines
};

inline constexpr std::array<AccentFacts, 6> kAccentFacts{{
    {AccentKind::Highlight, "highlight", 0.1, 120, true, true, 0},
    {AccentKind::Dot, "dot", 0.06, 600, true, true, 0},
    {AccentKind::Gloss, "gloss", 0.3, 7200, false, false, 0.5},
    {AccentKind::Glitter, "glitter", 0.3, 10800, false, true, 0.7},
    {AccentKind::Sequin, "sequin", 0.5, 3600, true, true, 0.25},
    {AccentKind::Drops, "drops", 0.02, 300, true, true, 0},
}};
constexpr const AccentFacts& factsOf(AccentKind kind) { return kAccentFacts[ix(kind)]; }

}  // namespace havlo
