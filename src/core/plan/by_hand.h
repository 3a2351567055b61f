// What is done to a card by hand besides stamping and blending, as the plan holds it: colourings, lines,
// accents, colour taken away again, and the maker's own steps. A part of the plan; see plan.h.
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// A name for a closed part of a stamp's drawing, by a point in it (stamp frame).
struct StampRegion {
  std::string id, name;
  Point at;
  std::string extra;
  bool operator==(const StampRegion&) const = default;
};

struct AllRegions {
  bool operator==(const AllRegions&) const = default;
};
/// Those that no other colouring of the same thing names.
struct RestOfRegions {
  bool operator==(const RestOfRegions&) const = default;
};
struct NamedRegion {
  std::string id;
  bool operator==(const NamedRegion&) const = default;
};
/// Which parts of a drawing are meant; a point of the stamp frame means the part that it lies in.
using RegionChoice = std::variant<AllRegions, RestOfRegions, NamedRegion, Point>;

enum class ColourWay { Marker, Pencil, Brush, Blend };
enum class Shade {
  Flat,
  AwayFromLight,  ///< darker on the side away from the light
  TowardLight,    ///< darker towards it
  Edge            ///< darker along the edge of the part
};

/// Colour put into parts of one impression's drawing, or left out on purpose.
struct Colouring {
  std::string id, impression;
  RegionChoice region;
  std::string ink;  ///< empty where it stays bare
  ColourWay way = ColourWay::Marker;
  Shade shade = Shade::Flat;
  double strength = 0.8;  ///< 0 to 1, at its darkest
  bool bare = false;
  std::string extra;
  bool operator==(const Colouring&) const = default;
};

enum class LineKind { Join, Ground, Room, Outline, Free, Lettering };

/// A line drawn by hand.
struct HandLine {
  std::string id, name, ink;
  std::vector<Point> along;  ///< on the panel
  double width_mm = 0.4;
  LineKind kind = LineKind::Free;
  std::string on;        ///< an impression it belongs to: it lies directly over that; empty: over everything
  std::string text;      ///< of lettering: what is written along it
  double height_mm = 5;  ///< of a capital letter of it
  std::string piece, extra;
  bool operator==(const HandLine&) const = default;
};

enum class AccentKind { Highlight, Dot, Gloss, Glitter, Sequin, Drops };

/// Small things put on last: dots and highlights, gloss, glitter, sequins, flicked drops.
struct Accent {
  std::string id, ink;
  AccentKind kind = AccentKind::Dot;
  std::vector<Point> at;               ///< on the panel
  std::optional<RegionChoice> region;  ///< instead of points: a whole part of `on`
  std::string on;
  double size_mm = 1.2;         ///< across
  std::optional<double> dry_s;  ///< absent: as its kind
  std::string piece, extra;
  bool operator==(const Accent&) const = default;
};

enum class LiftWith {
  Water,  ///< drops dabbed off again: pale blooms
  Cloth,  ///< a damp cloth: takes away more, evenly
  Salt,   ///< grains on wet colour: small pale stars
  Sand    ///< a sand eraser, a little at a time
};

/// Colour taken out of a blend again.
struct Lift {
  std::string id, wash;
  LiftWith with = LiftWith::Water;
  std::vector<Point> at;  ///< middles, on the panel
  double size_mm = 4;     ///< across
  double strength = 0.6;  ///< of the colour there, 0 to 1
  std::string extra;
  bool operator==(const Lift&) const = default;
};

/// A step in the maker's own words.
struct OwnStep {
  std::string id, text;
  std::vector<std::string> before, after;  ///< impressions, or acts by name ("wash:sky")
  double minutes = 1, dry_s = 0;
  std::string piece, extra;
  bool operator==(const OwnStep&) const = default;
};

}  // namespace havlo
