// The press: executes a run sheet in raster, and composites the intended card on its own (engine section 6).
#pragma once

#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <vector>

#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/depth/meetings.h"
#include "core/handwork/hand_kind.h"
#include "core/mask/mask_needs.h"
#include "core/press/canvas.h"
#include "core/raster/art_source.h"
#include "core/runsheet/run_sheet.h"

namespace havlo {

class WashFalloff;

/// How a paper lies that was cut and laid by hand.
struct CoverSlip {
  Point by;                               ///< mm
  double turn_deg = 0;                    ///< anticlockwise, about the middle of what it covers
  double grow_mm = 0;                     ///< cut so much outside its line
  std::shared_ptr<const Rings> cut = {};  ///< not null: cut by eye and laid here instead, panel coordinates
};

/// What the press works from.
struct PressInput {
  const Plan& plan;
  const Meetings& meetings;
  const WashMeetings& washes;
  const std::vector<int>& frontToBack;
  const Stack& stack;
  const std::vector<MaskRef>& masks;  ///< by stamp
  const std::vector<int>& stampOf;
  const MaskNeeds& needs;
  const ArtSource* art = nullptr;
  const std::vector<RegionsRef>* regions = nullptr;  ///< by stamp; null: nothing is done by hand
  const Handwork* hand = nullptr;
  const std::vector<CoverSlip>* coverSlips = nullptr;  ///< by impression; null: papers lie where they should
};

/// Width of the line that a mask's thickness leaves unprinted along its edge. Common practice, no source.
inline constexpr double kEdgeLine_mm = 0.1;

/// How far beside a paper's edge, besides its inset, a difference is put down to that edge. Settled in the
/// plan format.
inline constexpr double kHandOff_mm = 0.35;
/// A part that is too fine to be cut may differ by this much in one place. Settled in the plan format.
inline constexpr double kLargestFine_mm2 = 4;

/// Where a hand is led along a line it may be off by this much. Common practice, no source.
inline constexpr double kHandAlongLine_mm = 0.35;

/// Tiles kept from one picture to the next: an impression that has not moved is not drawn again.
class TileStore;

/// The tiles of every impression on one grid, made when first asked for. Not for use from two threads at
/// once.
class PressTiles {
 public:
  /// @param kept  tiles of earlier pictures to start from and to add to; null for none
  PressTiles(const PressInput& in, const Grid& grid, std::shared_ptr<TileStore> kept = {});
  ~PressTiles();
  const Tile& ink(int impression);
  const Tile& silhouette(int impression);
  /// What a mask (or, for taped impressions, the tape) covers.
  const Tile& cover(int impression);
  /// The unprinted line along the cover's edge, outside it.
  const Tile& edgeLine(int impression);
  /// The cover and what lies no farther from its edge than a hand may be off: its inset and kHandOff_mm.
  const Tile& nearCover(int impression);
  /// The same of a joint paper, and the silhouettes of all that lies under it.
  struct JointTiles {
    Tile cover, edgeLine, nearCover, silhouettes;
  };
  const JointTiles& joint(int paper);
  const Grid& grid() const { return m_grid; }
  /// What an act by hand leaves if nothing is in its way.
  const std::vector<HandFilm>& byHand(int hand);
  /// Where a wash is wanted, within its limits: for the intention; the replay knows papers only.
  const Tile& field(int wash);

 private:
  const PressInput& m_in;
  Grid m_grid;
  std::shared_ptr<TileStore> m_store;
  std::map<int, JointTiles> m_joints;
  std::map<int, std::vector<HandFilm>> m_byHand;

  Tile nearTo(const Tile& covered) const;
  Rings coverShape(int impression) const;
};

std::shared_ptr<TileStore> newTileStore();

/// Hears what comes over what, back to front, while the intended card is put together.
class LayerWatcher {
 public:
  enum class Of { Impression, Wash, Hand, Piece };
  virtual ~LayerWatcher() = default;
  /// What follows belongs to that one, index in the plan (of a hand: among all that is done by hand).
  virtual void layer(Of what, int index) = 0;
  virtual void film(const Tile& coverage, const InkFilm& film) = 0;
  /// A film of strength · coverage.
  virtual void share(const Tile& coverage, Colour colour, double opacity, double strength) = 0;
  virtual void wash(const Tile& coverage, const Ink& ink, double strength, const WashFalloff& falloff) = 0;
  /// Paper hides what is under it.
  virtual void paper(const Tile& shows, Colour colour) = 0;
};

/// The card as it should come out, from silhouettes and depth alone.
/// @param only  the part of the panel that is wanted; absent: all of it  @param watcher  hears of each layer
Canvas intendedCard(const PressInput& in, PressTiles& tiles, std::optional<Box> only = {},
                    LayerWatcher* watcher = nullptr);

/// How true to life the press is. With everything off it is the press that proves plans.
struct PressManner {
  bool uneven = false;     ///< pressure differs over the rubber: paler patches
  bool bleeds = false;     ///< a wash over water-reactive ink draws some of it along
  bool shadows = false;    ///< pop-ups cast a shadow
  bool softWipes = false;  ///< what is wiped off the rubber has a soft edge
  uint32_t seed = 1;       ///< of the unevenness
};

/// How one print came out of the hand.
struct PrintSlip {
  double share = 1;            ///< of its ink that came onto the card; 0: not stamped
  std::optional<Point> again;  ///< pressed a second time, so far off: the stamp jumped
  double smear_mm = 0;         ///< slid so far to the right while it was pressed
};

/// What differs from the plain proof of a plan.
struct PressRun {
  PressManner manner;
  const std::vector<PrintSlip>* prints = nullptr;  ///< by impression; null: all came out as they should
  std::optional<int> maskLife;                     ///< uses after which ink seeps through; absent: the plan's
  /// What the card should look like, if that is another plan's intention: things are matched by index.
  const PressInput* intended = nullptr;
  bool explain = true;  ///< Replay::explained is wanted
};

/// Share of the ink that comes through a mask for every use beyond its life. Common practice, no source.
inline constexpr double kSeepEach = 0.25;

/// Why a difference is no fault.
enum class Excuse {
  AlongEdge,  ///< beside the edge of a paper that lay there
  TooFine     ///< a part of the thing that no mask can cover, or a hole none can leave open
};

struct Replay {
  Canvas card;
  /// Per pixel: 0, or codeOf() what may honestly differ here.
  std::vector<uint32_t> explained;
};
constexpr uint32_t codeOf(int thing, Excuse why) {
  return 2 * (static_cast<uint32_t>(thing) + 1) + (why == Excuse::TooFine ? 1 : 0);
}

/// The panel as the replay leaves it after each step: called with the step's index.
using StepWatcher = std::function<void(size_t step, const Canvas& card)>;

/// Executes the steps one by one. @error Stopped
Result<Replay> replay(const PressInput& in, const RunSheet& sheet, PressTiles& tiles,
                      const Progress& progress = {}, const StepWatcher& watch = {}, const PressRun& run = {});

/// Why a patch is not as intended: which step did what to what.
struct Blame {
  enum class Kind {
    Unknown,
    RanOver,    ///< `step` printed `back` across `front`, which was not covered
    Missing,    ///< a cover on `front` kept `step` from printing `back`
    Coloured,   ///< `step` blended over `front`, which should have stayed clean
    LeftPlain,  ///< a cover on `front` kept the wash of `step` out
    OutOfTurn,  ///< `step` printed `back` on top of `front`, which belongs above it
    Seeped,     ///< ink of `step` came through the worn mask on `front`
    Displaced,  ///< `back` does not lie where it was planned
    OtherInk,   ///< `back` was printed in another ink than planned
    Omitted,    ///< `back` was never stamped, `wash` never blended, or `hand` never done
    NotWiped,   ///< ink of `step` lies on the embossed `front` and was never wiped off
    ByHand,     ///< `hand` was done across `front`, which should have been there to end at
    TooFine     ///< so much of `front` cannot be covered that it is no trifle any more
  };
  Kind kind = Kind::Unknown;
  int step = 0;  ///< number from 1; 0: none
  int back = -1, front = -1, wash = -1;
  bool stampedYet = false;  ///< RanOver: whether `front` lay there already
  int hand = -1;            ///< index among what is done by hand
};

/// A patch in which replay and intention differ.
struct Difference {
  Point at;  ///< its middle, panel coordinates
  double area_mm2 = 0;
  bool explained = false;
  std::vector<int> steps;  ///< numbers, from 1, of the pressings and washes that ink it
  Blame blame;
};

/// What of the differences is put down to one thing's paper, or to its being too fine for one.
struct Explained {
  int thing = 0;
  Excuse why = Excuse::AlongEdge;
  double area_mm2 = 0;
};

struct Simulation {
  double mismatch_mm2 = 0;
  double unexplained_mm2 = 0;
  double largestPatch_mm2 = 0;       ///< of what is not explained
  std::vector<Explained> explained;  ///< largest first
  bool proven = false;
  std::vector<Difference> worst;  ///< unexplained first, then by area
  Canvas card;
};

/// Replays, composites, compares: a plan is proven when what differs is explained.
/// @param dpi  at least 20
/// @param kept  tiles of earlier runs to start from; null for none
Result<Simulation> simulate(const PressInput& in, const RunSheet& sheet, double dpi,
                            const Progress& progress = {}, const StepWatcher& watch = {},
                            std::shared_ptr<TileStore> kept = {}, const PressRun& run = {});

/// What is not proven is looked at once more, twice as fine, before it is told: narrow gaps hang on coarse
/// pixels. The picture of the card stays as it was.
/// @param first  what simulate() found at this dpi
/// @error Stopped
Result<Simulation> lookedAtOnceMore(const PressInput& in, const RunSheet& sheet, double dpi, Simulation first,
                                    const Progress& progress = {});

}  // namespace havlo
