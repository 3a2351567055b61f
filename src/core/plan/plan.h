// The plan as a value: everything the maker has decided, nothing that is computed.
// Lengths mm, angles degrees anticlockwise, scene distances metres, drying seconds. See docs/plan-format.md.
// Each part keeps `extra`, the JSON object text of the keys this version does not know, so that saving loses
// nothing.
#pragma once

#include <memory>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/outline/shape.h"

namespace havlo {

/// An sRGB colour, channels 0 to 255.
struct Colour {
  unsigned char red = 0, green = 0, blue = 0;
  bool operator==(const Colour&) const = default;
};

struct PanelSize {
  double width_mm = 0, height_mm = 0;
  std::string extra;
  bool operator==(const PanelSize&) const = default;
  Box box() const { return {0, 0, width_mm, height_mm}; }
};

struct Paper {
  std::string name;  ///< may be empty
  Colour colour{0xfd, 0xfc, 0xf7};
  double thickness_mm = 0.3;
  std::string extra;
  bool operator==(const Paper&) const = default;
};

struct CardBase {
  double width_mm = 0, height_mm = 0;
  std::string fold = "left";
  std::string extra;
  bool operator==(const CardBase&) const = default;
};

struct Mat {
  double reveal_mm = 0;
  Colour colour{0x3b, 0x5a, 0x57};
  std::string extra;
  bool operator==(const Mat&) const = default;
};

struct Card {
  PanelSize panel;
  double trim_mm = 0;  ///< extra on every side while working
  double tape_mm = 0;  ///< border kept clean by tape
  double bare_mm = 0;  ///< border kept clean by care alone: nothing is stamped there
  Paper paper;
  std::optional<CardBase> base;
  std::vector<Mat> mats;
  std::string extra;
  bool operator==(const Card&) const = default;
};

/// The one viewpoint (engine section 2).
struct View {
  double horizon_mm = 0;
  double eyeHeight_m = 1.5;
  std::optional<double> vanishX_mm;  ///< absent: the panel's middle
  double nearDistance_m = 2.0;       ///< of the ground seen at the panel's bottom edge
  std::optional<double> visibility_m;
  std::string extra;
  bool operator==(const View&) const = default;
};

enum class InkKind { Dye, Pigment, Hybrid, Archival, WaterReactive, Embossing, Marker, Paint };

struct Ink {
  std::string id, name;
  InkKind kind = InkKind::Dye;
  Colour colour;
  double opacity = 0;  ///< 0 transparent to 1 covering
  double dryOnCard_s = 60, dryOnMask_s = 240;
  std::vector<double> generations{1, 0.7, 0.49};  ///< strength of each pressing, 0 to 1
  std::string extra;
  bool operator==(const Ink&) const = default;
};

/// Strength of the n-th pressing after inking: the ink's own list, then 0.7 times the one before.
/// @param generation  1 = freshly inked
double strengthOf(const Ink& ink, int generation);

enum class Role { Figure, Animal, Tree, Plant, Building, Landform, Prop, Sky, Water, Texture, Sentiment };
enum class Facing { None, Left, Right };

struct RealHeight {
  double typical_m = 0, least_m = 0, most_m = 0;
  std::string extra;
  bool operator==(const RealHeight&) const = default;
};

/// What the maker decided about single fiddly parts of a stamp's mask: a point inside each, stamp frame.
struct MaskChoices {
  std::vector<Point> cut;   ///< parts and holes that are cut although they are fiddly
  std::vector<Point> skip;  ///< parts and holes that are not cut although they could be
  std::string extra;
  bool operator==(const MaskChoices&) const = default;
  bool none() const { return cut.empty() && skip.empty() && extra.empty(); }
};

struct Stamp {
  std::string id, name;
  Role role = Role::Prop;
  double width_mm = 0, height_mm = 0;  ///< printed size
  Rings silhouette;                    ///< what it covers, stamp frame
  std::string art;                     ///< SVG text; empty: the silhouette itself prints
  bool solid = false;
  Point foot;
  std::optional<RealHeight> realHeight;
  Facing facing = Facing::None;
  MaskChoices mask;
  std::string drawer;  ///< key of the stamp in the drawer it was taken from; empty: none
  std::string sizeExtra, extra;
  bool operator==(const Stamp&) const = default;
};
using StampRef = std::shared_ptr<const Stamp>;

struct OnGround {
  bool operator==(const OnGround&) const = default;
};
struct AtMetres {
  double metres = 0;
  bool operator==(const AtMetres&) const = default;
};
struct OnThing {
  std::string id;
  bool behind = false;
  bool operator==(const OnThing&) const = default;
};
using Depth = std::variant<OnGround, AtMetres, OnThing>;

enum class Technique { Mask, Overprint, Resist, LeaveOut, WipeOff, PopUp };

struct Impression {
  std::string id, stamp, ink;
  Point at;
  double turn_deg = 0;
  int generation = 1;
  Depth depth;
  Technique technique = Technique::Mask;
  std::vector<std::string> inFrontOf;
  Rings part;  ///< stamp frame; empty: the whole stamp prints
  double raise_mm = 0;
  bool hero = false;
  std::string depthExtra, extra;
  bool operator==(const Impression&) const = default;
};

enum class WashFrom { Top, Bottom, Left, Right, Centre, Edges };

struct Wash {
  std::string id, name, ink;
  Rings area;
  WashFrom from = WashFrom::Top;
  double reach = 1;     ///< share of the area's box, 0 to 1
  double strength = 1;  ///< at its fullest, 0 to 1
  std::vector<std::string> overImpressions;
  std::string extra;
  bool operator==(const Wash&) const = default;
};

struct Light {
  std::optional<Point> at;
  double direction_deg = 0, height_deg = 0;  ///< used when `at` is absent
  std::string extra;
  bool operator==(const Light&) const = default;
};

/// How a mask shows where the stamp's foot is.
enum class FootMark { None, Tick, Notch };

/// The sheet masks are cut from.
struct MaskingSheet {
  double width_mm = 210, height_mm = 297;
  double margin_mm = 5;                 ///< kept free along every edge
  std::optional<double> stickyBand_mm;  ///< sticky along the top edge only, this high; absent: all over
  std::string extra;
  bool operator==(const MaskingSheet&) const = default;
};

struct Supplies {
  int maskLife = 6;
  double maskInset_mm = 0.3;
  double leastCut_mm = 1.2;
  std::optional<double> leastHole_mm;  ///< absent: leastCut
  FootMark footMark = FootMark::None;
  std::optional<MaskingSheet> maskSheet;  ///< absent: the printer's own
  std::string extra;
  bool operator==(const Supplies&) const = default;
};

struct Plan {
  std::string title, notes;
  Card card;
  std::optional<View> view;
  std::vector<Ink> inks;
  std::vector<StampRef> stamps;
  std::vector<Impression> impressions;
  std::vector<Wash> washes;
  std::optional<Light> light;
  Supplies supplies;
  std::string extra;

  bool operator==(const Plan& other) const;

  const Ink* ink(std::string_view id) const;
  StampRef stamp(std::string_view id) const;
  const Impression* impression(std::string_view id) const;
  /// Index of an impression, or -1.
  int indexOf(std::string_view id) const;
};

/// Where an impression's stamp frame lies on the panel.
Placing placingOf(const Impression& impression, const Stamp& stamp);

}  // namespace havlo
