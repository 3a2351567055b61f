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
#include "core/plan/by_hand.h"
#include "core/plan/habits.h"
#include "core/plan/piece.h"

namespace havlo {

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
  Point shift;  ///< off-centre on purpose: what lies on it lies so far to the right and up of its middle
  std::string extra;
  bool operator==(const CardBase&) const = default;
};

struct Mat {
  double reveal_mm = 0;
  Colour colour{0x3b, 0x5a, 0x57};
  Point shift;  ///< as of the base
  std::string extra;
  bool operator==(const Mat&) const = default;
};

struct Card {
  PanelSize panel;
  double trim_mm = 0;   ///< extra on every side while working
  double tape_mm = 0;   ///< border kept clean by tape
  double bare_mm = 0;   ///< border kept clean by care alone: nothing is stamped there
  double raise_mm = 0;  ///< height of the foam under the whole panel; 0: glued flat
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

/// What an ink bears once it is dry; absent: as its kind does.
struct InkHolds {
  std::optional<bool> marker, water, blending;
  std::string extra;
  bool operator==(const InkHolds&) const = default;
};

struct Ink {
  std::string id, name;
  InkKind kind = InkKind::Dye;
  Colour colour;
  double opacity = 0;  ///< 0 transparent to 1 covering
  double dryOnCard_s = 60, dryOnMask_s = 240;
  InkHolds holds;
  std::optional<double> dryOnInk_s;               ///< on top of other ink; absent: as on card
  std::optional<bool> powderSticks;               ///< to it while it is damp; absent: as its kind
  std::vector<double> generations{1, 0.7, 0.49};  ///< strength of each pressing, 0 to 1
  std::string extra;
  bool operator==(const Ink&) const = default;
};

/// Strength of the n-th pressing after inking: the ink's own list, then 0.7 times the one before.
/// @param generation  1 = freshly inked
double strengthOf(const Ink& ink, int generation);

enum class Role { Figure, Animal, Tree, Plant, Building, Landform, Prop, Sky, Water, Texture, Greeting };
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

/// A point of a stamp by which it holds on to something or something holds on to it.
enum class ContactKind {
  Perch,      ///< where another thing can sit or stand on it
  Hand,       ///< what it holds hangs from here
  Underside,  ///< where it rests on what it sits on, besides its foot
  Start       ///< where it must grow from something: a branch's beginning
};
struct Contact {
  ContactKind kind = ContactKind::Perch;
  Point at;  ///< stamp frame
  std::string extra;
  bool operator==(const Contact&) const = default;
};

/// Where what a stamp shows is at home: what floats or flies does not hang over ground by mistake. Usual: as
/// its role is.
enum class Home { Usual, Land, Water, Air };

struct Stamp {
  std::string id, name;
  Role role = Role::Prop;
  double width_mm = 0, height_mm = 0;  ///< printed size
  Rings silhouette;                    ///< what it covers, stamp frame
  std::string art;                     ///< SVG text; empty: the silhouette itself prints
  bool solid = false;
  bool plate =
      false;  ///< a print is pulled from it: it comes out mirrored, as the silhouette and the art show
  Point foot;
  std::optional<RealHeight> realHeight;
  Facing facing = Facing::None;
  Home home = Home::Usual;
  std::vector<Contact> contacts;
  std::vector<StampRegion> regions;  ///< those that have a name
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

/// From where the maker shaded an impression by hand, as seen on the card.
enum class LitFrom { Unsaid, Left, Right, Front, Behind };

/// Across: stamped when what lies flat on the panel is glued on, over its rim.
enum class School { Mask, Overprint, Resist, LeaveOut, WipeOff, PopUp, Across };

/// Is it stamped when the panel is done: on paper of its own, or across the rim of what is glued on?
constexpr bool isStampedApart(School s) { return s == School::PopUp || s == School::Across; }
/// Does its ink simply go over what lies behind it, so that nothing is kept free for it?
constexpr bool printsOver(School s) { return s == School::Overprint || s == School::Across; }

struct Impression {
  std::string id, stamp, ink;
  Point at;
  double turn_deg = 0;
  int generation = 1;
  Depth depth;
  School school = School::Mask;
  std::vector<std::string> inFrontOf;
  Rings part;  ///< stamp frame; empty: the whole stamp prints
  double raise_mm = 0;
  bool hero = false;
  LitFrom lit = LitFrom::Unsaid;
  std::string row;     ///< shared by the things of one row that recedes; empty: none
  std::string figure;  ///< shared by the impressions that make one figure; empty: it is one by itself
  std::string like;    ///< another impression of the same stamp whose colouring it shares; empty: its own
  /// The piece it is stamped on, if not on the panel: then it pops up with that (`school` is PopUp), wherever
  /// the piece lies.
  std::string piece;
  std::string depthExtra, extra;
  bool operator==(const Impression&) const = default;
};

/// Where a wash is fullest. Middle: along the level middle line of its area; Limit: along the outline of its
/// limit.
enum class WashFrom { Top, Bottom, Left, Right, Centre, Edges, Middle, Limit };
/// What a wash stands for in the scene.
enum class WashKind { Plain, Sky, Ground, Water, Glow, Mist, DarkEdges, Rays, Halo };
/// On which side of its limit a wash lies: of an edge above or below, of an opening inside or outside.
enum class LimitSide { Above, Below, Inside, Outside };

/// Paper that lies on the panel while a wash is blended, and the side of it that takes the colour.
struct WashBound {
  std::string id;  ///< of the limit
  LimitSide side = LimitSide::Above;
  std::string extra;
  bool operator==(const WashBound&) const = default;
};

/// By what colour is put on a wash: it gives the edge and the wetness.
enum class WashWay {
  Blend,
  Brush,
  Marker,
  Dab,
  Spray,
  Paste,  ///< spread thick through a stencil: it covers, dries long and stays raised
  Relief  ///< pressed into the dry paper: no ink; its colour is that of the shadow at its rim
};

/// Does it stay raised, so that no stamp prints well over it?
constexpr bool isRaised(WashWay way) { return way == WashWay::Paste || way == WashWay::Relief; }

/// Where a wash lies in the stack of marks, back to front, unless its kind says it.
struct UsualDepth {
  bool operator==(const UsualDepth&) const = default;
};
enum class WashLayer {
  Far,     ///< behind everything
  Ground,  ///< behind whatever stands
  Near     ///< before everything
};
struct BesideThing {
  std::string id;
  bool behind = true;  ///< just behind it, or just before it
  bool operator==(const BesideThing&) const = default;
};
using WashDepth = std::variant<UsualDepth, WashLayer, AtMetres, BesideThing>;

/// Softness of a tool's edge, mm. Common practice, no source.
inline constexpr double kUsualSoftness_mm = 8;

struct Wash {
  std::string id, name, ink;
  Rings area;
  WashFrom from = WashFrom::Top;
  double reach = 1;     ///< share of the area's box, 0 to 1
  double strength = 1;  ///< at its fullest, 0 to 1
  WashKind kind = WashKind::Plain;
  WashDepth depth;
  WashWay way = WashWay::Blend;
  double softness_mm =
      kUsualSoftness_mm;          ///< outside its area it falls off to nothing over this; 0: not at all
  std::vector<std::string> lets;  ///< nearer impressions whose ink goes over it
  std::vector<WashBound> limits;  ///< all lie at once
  std::string depthExtra, extra;
  bool operator==(const Wash&) const = default;

  /// The limit it may start from, which is its first; null: none.
  const WashBound* bound() const { return limits.empty() ? nullptr : &limits.front(); }
};

enum class LimitKind { Straight, Wavy, Torn, Oval, Rectangle, Circle, Arch, Rays, Stencil };
/// Paper that bounds washes instead of covering a thing: an edge across the panel, or an opening cut in a
/// sheet. Cut once; an edge serves above and below.
struct WashLimit {
  std::string id, name;
  LimitKind kind = LimitKind::Straight;
  double left_mm = 0, right_mm = 0;        ///< edges: height of the line at the panel's left and right border
  double wave_mm = 4, length_mm = 60;      ///< wavy and torn: height and length of a wave
  int seed = 1;                            ///< torn: which tear
  Box opening{0, 0, 0, 0};                 ///< frames and circles: the box of the opening
  std::vector<std::string> holds;          ///< frames: impressions that the opening is fitted around
  double larger_mm = 0;                    ///< by so much on every side
  Point at;                                ///< rays: where they come from
  int rays = 7;                            ///< rays: how many
  double first_deg = 200, last_deg = 340;  ///< rays: directions of the outermost two
  Rings shape;                             ///< stencil: what it lets through, panel coordinates
  std::string extra;
  bool operator==(const WashLimit&) const = default;
  bool isEdge() const { return kind <= LimitKind::Torn; }
};

/// How the card is meant to be read: what a maker has answered when she was asked. Absent: not asked yet.
struct Styles {
  std::optional<bool> byEye;    ///< sizes and rows by eye, as in a storybook
  std::optional<bool> allOver;  ///< a pattern over the whole card
  std::optional<bool> layers;   ///< a crowd, or leaves in layers: things touch and cover each other
  std::string extra;
  bool operator==(const Styles&) const = default;
};
enum class Style { ByEye, AllOver, Layers };
inline std::optional<bool>& answerOf(Styles& s, Style which) {
  return which == Style::ByEye ? s.byEye : which == Style::AllOver ? s.allOver : s.layers;
}
inline const std::optional<bool>& answerOf(const Styles& s, Style which) {
  return which == Style::ByEye ? s.byEye : which == Style::AllOver ? s.allOver : s.layers;
}

/// A finding the maker has seen and means to keep. It stays in the reading, below the others.
struct KnownFinding {
  std::string kind;                      ///< word of the rule
  std::vector<std::string> impressions;  ///< empty: whatever the rule says of this plan
  std::string extra;
  bool operator==(const KnownFinding&) const = default;
};

/// The one light. `at` above the horizon: sun or moon there; below it: the light is behind the viewer and
/// `at` is where its rays run to. With `ground`: a lantern near by, hanging above the ground seen at that
/// height.
struct Light {
  std::optional<Point> at;
  std::optional<double> ground_mm;
  /// Used when `at` is absent. Where the light comes from, seen from above: 0 from the right, 90 from
  /// straight ahead, 180 from the left, 270 from behind the viewer; `height` above the horizon.
  double direction_deg = 0, height_deg = 0;
  std::string extra;
  bool operator==(const Light&) const = default;
};

/// What lies flat on the ground and is drawn or inked by hand along guides.
enum class GroundKind {
  Path,     ///< two edges
  Canal,    ///< two edges with water lines between
  Rails,    ///< two rails with sleepers every `spacing`
  Wall,     ///< upright, `height` tall, along the line
  Water,    ///< level water lines every `spacing` from the first point's distance to the last one's
  Ripples,  ///< rings round the first point, `spacing` apart, out to `width`
  Shadow    ///< a cast shadow the maker drew: from the foot to its tip
};
struct GroundMark {
  std::string id, name;
  GroundKind kind = GroundKind::Path;
  std::vector<Point> along;  ///< the middle line on the panel; a point on the horizon is very far
  double width_m = 1, height_m = 1;
  std::optional<double> spacing_m;  ///< of sleepers, water lines and ripples; absent: what is usual
  bool mirrors = false;             ///< water in which what stands there is seen again
  std::string extra;
  bool operator==(const GroundMark&) const = default;
};

enum class FloorKind { Plain, Tiles, Boards };
enum class RoomWall { Back, Left, Right };

/// A door, window or picture in a wall.
struct RoomOpening {
  std::string id, name;
  RoomWall wall = RoomWall::Back;
  double along_m = 0;  ///< from the back wall's left corner; on the side walls from the back corner forward
  double width_m = 1, sill_m = 0, height_m = 1;
  std::string extra;
  bool operator==(const RoomOpening&) const = default;
};

/// A bench, counter, shelf or chest: a box with upright sides.
struct RoomBox {
  std::string id, name;
  double left_m = 0, back_m = 0;  ///< its near corners from the left wall and from the back wall
  double width_m = 1, depth_m = 0.5, height_m = 1;
  double up_m = 0;  ///< its underside above the floor
  std::string extra;
  bool operator==(const RoomBox&) const = default;
};

/// An interior in one-point perspective; the view's eye looks straight at the back wall.
struct Room {
  double left_mm = 0, bottom_mm = 0, width_mm = 0, height_mm = 0;  ///< the back wall on the panel
  FloorKind floor = FloorKind::Tiles;
  double unit_m = 0.3;  ///< side of a tile, width of a board
  bool ceiling = true;
  std::vector<RoomOpening> openings;
  std::vector<RoomBox> boxes;
  std::string backExtra, extra;
  bool operator==(const Room&) const = default;
  Box back() const { return {left_mm, bottom_mm, left_mm + width_mm, bottom_mm + height_mm}; }
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

/// A mask the maker has kept from an earlier card.
struct MaskAtHand {
  std::string stamp;  ///< of the plan
  int uses = 1;       ///< left in it
  std::string key;    ///< in the drawer; empty: not from there
  std::string extra;
  bool operator==(const MaskAtHand&) const = default;
};

/// Common practice, no source.
inline constexpr int kUsualMaskLife = 12;

struct Supplies {
  int maskLife = kUsualMaskLife;  ///< layings; the usual number says nothing: see Plan::maskLife()
  double maskInset_mm = 0.3;
  double leastCut_mm = 1.2;
  std::optional<double> leastHole_mm;  ///< absent: leastCut
  FootMark footMark = FootMark::None;
  std::optional<MaskingSheet> maskSheet;  ///< absent: the printer's own
  std::vector<MaskAtHand> masksAtHand;    ///< used before new ones are cut
  std::string extra;
  bool operator==(const Supplies&) const = default;
};

/// A wish that one act of the making comes before another, each named by its kind and what it is done to:
/// "stamp:hare", "wash:sky".
struct ActWish {
  std::string act, before;
  std::string extra;
  bool operator==(const ActWish&) const = default;
};

/// What the maker's post takes at the price she means to pay, as she typed it. Posts differ: theirs counts.
struct Post {
  std::optional<double> thickness_mm, weight_g;
  std::string extra;
  bool operator==(const Post&) const = default;
};

/// Another stamp, ink or words in a place of the plan.
struct Swap {
  std::string impression;  ///< or the id of a lettered line
  std::string stamp, ink;  ///< empty: as planned
  std::string text;        ///< of a lettered line; empty: as planned
  std::string extra;
  bool operator==(const Swap&) const = default;
};

/// Some cards of a batch that differ from the others in a few places.
struct Variation {
  std::string name;
  int copies = 1;  ///< of those of the plan's
  std::vector<Swap> swaps;
  std::string extra;
  bool operator==(const Variation&) const = default;
};

/// What the maker decided about the making: the order, the evenings, how many cards.
struct Making {
  std::vector<std::string> order;     ///< of stamping, by the maker's own hand; empty: the best is found
  std::vector<std::string> first;     ///< impressions wanted before all others
  std::vector<std::string> together;  ///< inks whose pressings are wanted one after the other
  std::vector<ActWish> sequence;      ///< acts wanted before others
  int evenings = 1;
  int copies = 1;
  std::vector<Variation> variations;
  int rack = 0;             ///< cards that can lie and dry at a time; 0: enough
  bool jointPapers = true;  ///< one paper may cover several things that touch
  bool leftHanded = false;  ///< so that the hand does not lie on what is still wet
  Post post;
  std::string extra;
  bool operator==(const Making&) const = default;
};

struct Face;

struct Plan {
  std::string title, notes;
  Card card;
  std::optional<View> view;
  std::vector<Ink> inks;
  std::vector<StampRef> stamps;
  std::vector<Impression> impressions;
  std::vector<Wash> washes;
  std::vector<WashLimit> limits;
  std::vector<Colouring> colourings;
  std::vector<HandLine> lines;
  std::vector<Accent> accents;
  std::vector<Lift> lifts;
  std::vector<OwnStep> own;
  std::vector<Piece> pieces;
  std::vector<Face> faces;  ///< what is planned on pieces that have a picture of their own
  std::vector<KnownFinding> known;
  Styles styles;
  std::vector<GroundMark> ground;
  std::optional<Room> room;
  std::optional<Light> light;
  School school = School::Mask;  ///< of impressions that say nothing else
  Making making;
  Supplies supplies;
  Habits habits;  ///< of whoever makes it here; in no file
  std::string extra;

  // Copied and dropped in a thousand places, by much machine code: written once, which spares a sixth of what
  // is compiled.
  Plan();
  Plan(const Plan&);
  Plan(Plan&&) noexcept;
  Plan& operator=(const Plan&);
  Plan& operator=(Plan&&) noexcept;
  ~Plan();

  bool operator==(const Plan& other) const;
  /// Layings that a mask bears: as the plan says, or as this maker's masks do.
  int maskLife() const { return supplies.maskLife != kUsualMaskLife ? supplies.maskLife : habits.maskLife; }

  const Ink* ink(std::string_view id) const;
  StampRef stamp(std::string_view id) const;
  const WashLimit* limit(std::string_view id) const;
  const Impression* impression(std::string_view id) const;
  /// Index of an impression, or -1.
  int indexOf(std::string_view id) const;
  /// Index of a piece, or -1.
  int pieceIndex(std::string_view id) const;
};

/// A picture beside the panel's: what is planned on the inside or the envelope, in that piece's frame. Card,
/// inks, stamps, supplies and number of cards are those of the whole plan and empty here; see
/// pieces/face_plan.h.
struct Face {
  std::string piece;
  Plan scene;
  bool operator==(const Face&) const = default;
};

/// Where an impression's stamp frame lies on the panel.
Placing placingOf(const Impression& impression, const Stamp& stamp);

}  // namespace havlo
