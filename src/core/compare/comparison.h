// A picture of the finished card, or of the card half made, held against its plan.
#pragma once

#include "core/analysis/analysis.h"
#include "core/compare/find_card.h"

namespace havlo {

enum class PrintState {
  AsPlanned,
  Off,  ///< farther from its place than hands usually are
  Missing,
  Doubled,  ///< the stamp jumped
  Smeared,
  Pale,
  Untold  ///< too little of it shows to be told
};

std::string_view wordOf(PrintState state);

/// A place where ink should be and is not.
struct BareSpot {
  Point at;  ///< panel mm
  double area_mm2 = 0;
};

struct SeenPrint {
  int impression = 0;
  PrintState state = PrintState::Untold;
  Point by;             ///< of its foot from where it was planned, mm
  double turn_deg = 0;  ///< anticlockwise
  double bySd_mm = 0, turnSd_deg = 0;
  double likeness = 0;         ///< correlation with the drawing where it lies
  double strength = 1;         ///< of its ink, as share of what was wanted
  Point again;                 ///< Doubled: the second print from the first, mm
  double smear_mm = 0;         ///< Smeared: how far
  std::vector<BareSpot> bare;  ///< largest first
  Colour colour;               ///< of its ink on the card, as on even light
  double difference = 0;       ///< CIEDE2000 of that from what was wanted
  double shows_mm2 = 0;        ///< of its ink that should be seen
};

/// How a join came out. Millimetres across the border.
struct SeenJoin {
  int front = 0, back = 0;
  double looked_mm = 0;                     ///< length of border at which the back's lines end
  double gap_mm = 0, gapLength_mm = 0;      ///< widest white gap; length over which there is one
  double runIn_mm = 0, runInLength_mm = 0;  ///< deepest run-in
  Point at;                                 ///< where it is worst, panel mm
};

/// How the paper on a thing must have lain, told by the ends of what was printed round it.
struct SeenPaper {
  int front = 0;
  Point by;
  double turn_deg = 0, grow_mm = 0;
  int places = 0;  ///< at which it was told
  Point bySd;      ///< each direction for itself: wide where nothing tells
  double turnSd_deg = 0, growSd_mm = 0;
};

struct Comparison {
  FoundCard found;
  double pxPerMm = 0;             ///< of the picture
  double unsure_mm = 0;           ///< of all places together: how well the panel's edges are seen
  double likeness = 0;            ///< of the whole
  std::vector<SeenPrint> prints;  ///< of what is stamped by then, by impression
  std::vector<SeenJoin> joins;    ///< worst first
  std::vector<SeenPaper> papers;
  ColourScan flat;  ///< the panel straightened, as even light would show it
  double flatPxPerMm = 0;
};

struct CompareOptions {
  std::optional<double> dpi;  ///< of the picture, where it knows it: then sizes must agree
  size_t steps = SIZE_MAX;    ///< the card is made so far
};

/// @error  BadInput, in a maker's words: as findCard(); another card, one upside down or on its side, blank
/// paper,
///         something lying on it, too coarse a picture; Stopped
Result<Comparison> compared(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                            const ColourScan& picture, const CompareOptions& options = {},
                            const Progress& progress = {});

/// A print farther off than this is told as off. Common practice, no source.
inline constexpr double kOff_mm = 0.8, kOffTurn_deg = 1.2;

/// The picture turned by quarter turns, clockwise as seen.
ColourScan turnedBy(const ColourScan& picture, int quarters);

}  // namespace havlo
