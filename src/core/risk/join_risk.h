// How likely it is that a join shows, when masks are laid and cut by hand (engine section 6).
#pragma once

#include <array>
#include <utility>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/progress.h"
#include "core/base/result.h"

namespace havlo {

/// How exact the maker is; standard deviations. Common practice, no source; the log will fit them.
struct HandErrors {
  double placing_mm = 0.2;  ///< of a mask laid on its print, in each direction
  double turn_deg = 0.3;
  double cutting_mm = 0.1;  ///< of the cut line, outward or inward all round
  double visible_mm = 0.4;  ///< a gap or run-in wider than this is seen
};

HandErrors handErrors(const Habits& habits);

/// A join is noticed where it is open over so much on end; what is shorter is a line's end, joined by pen.
/// Common practice, no source.
inline constexpr double kNoticed_mm = 3;
/// CIEDE2000 from which the other's ink stands out. Settled in the plan format.
inline constexpr double kStandsOut = 8;

struct JoinPoint {
  Point at;           ///< on the border of the front, panel coordinates
  double chance = 0;  ///< that it shows here
};

/// What would make a join easier, with the chance that is then left.
struct JoinEase {
  enum class How {
    Inset,     ///< cut `inset_mm` inside the line
    FootMark,  ///< lay the mask by a mark at the foot: half the placing error, a third of the turn
    PopUp,     ///< the front on a piece of its own
    Resist     ///< emboss the front: ink wipes off it
  };
  How how = How::Inset;
  double inset_mm = 0;
  double chance = 0;
};

struct Join {
  int front = 0, back = -1;  ///< back -1: a wash
  int wash = -1;
  bool tape = false;
  int joint = -1;        ///< the joint paper that covers the front, or -1
  int laying = 0;        ///< of the front's cover: joins of one laying open together
  double length_mm = 0;  ///< of the border that has to join
  double gap = 0;        ///< chance of a white gap along kNoticed_mm of it
  double runIn = 0;      ///< chance of ink running in along as much
  double shows = 0;      ///< chance of either
  double contrast = 1;   ///< how much the other's ink stands out from bare paper, 0 to 1
  double hides_mm = 0;   ///< width of the front's own line, which hides that much running in
  double pen_mm = 0;     ///< expected to be joined by pen: line ends that stop short of the front
  double bestInset_mm = 0, bestShows = 0;
  std::vector<JoinPoint> points;
  std::vector<JoinEase> easier;  ///< best first
};

struct JoinRisk {
  std::vector<Join> joins;  ///< by chance and contrast, those that will be seen most first
  int layings = 0;          ///< papers laid that have anything to join
  double clean = 1;         ///< chance that no laying shows, each on its own
  double expected = 0;      ///< layings that are expected to show somewhere
  double pen_mm = 0;        ///< of all joins
};

struct RiskOptions {
  HandErrors errors;
  int trials = 10000;
  uint64_t seed = 1;
};

/// Deterministic for a seed. @error Stopped
Result<JoinRisk> joinRisk(const Plan& plan, const Analysis& analysis, const RiskOptions& options = {},
                          const Progress& progress = {});

/// A border to be joined, as the trials see it.
struct JoinBorder {
  std::vector<Point> points;   ///< panel mm
  std::vector<Point> normals;  ///< outward, length 1
  Point pivot;                 ///< about which a mask is turned when it is laid askew
  /// Stretches of points that follow on each other: first and number; empty: all points are one.
  std::vector<std::pair<size_t, size_t>> runs;
  double least_mm = kNoticed_mm;  ///< a stretch shorter than this is a line's end
};
struct JoinChances {
  double gap = 0, runIn = 0, shows = 0, pen_mm = 0;
};
/// The trials alone. @param inset_mm  of the mask inside the border. @param hides_mm  run-in that is not seen
JoinChances tryJoin(const JoinBorder& border, double inset_mm, double hides_mm, const RiskOptions& options);

}  // namespace havlo
