// How likely it is that a join shows, when masks are laid and cut by hand (engine section 6).
#pragma once

#include <array>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/progress.h"
#include "core/base/result.h"

namespace havlo {

/// How exact the maker is; standard deviations. Common practice, no source; the log will fit them.
struct HandErrors {
  double placing_mm = 0.4;  ///< of a mask laid on its print, in each direction
  double turn_deg = 0.7;
  double cutting_mm = 0.15;  ///< of the cut line, outward or inward all round
  double visible_mm = 0.3;   ///< a gap or run-in wider than this is seen
};

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
  double length_mm = 0;  ///< of the border that has to join
  double gap = 0;        ///< chance of a white gap somewhere along it
  double runIn = 0;      ///< chance of ink running in somewhere
  double shows = 0;      ///< chance of either
  double contrast = 1;   ///< how much the other's ink stands out from bare paper, 0 to 1
  double hides_mm = 0;   ///< width of the front's own line, which hides that much running in
  double bestInset_mm = 0, bestShows = 0;
  std::vector<JoinPoint> points;
  std::vector<JoinEase> easier;  ///< best first
};

struct JoinRisk {
  std::vector<Join> joins;  ///< by chance and contrast, those that will be seen most first
  double clean = 1;         ///< chance that no join shows at all, each join on its own
  double expected = 0;      ///< joins that are expected to show
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
};
struct JoinChances {
  double gap = 0, runIn = 0, shows = 0;
  std::vector<double> atPoints;
};
/// The trials alone. @param inset_mm  of the mask inside the border. @param hides_mm  run-in that is not seen
JoinChances tryJoin(const JoinBorder& border, double inset_mm, double hides_mm, const RiskOptions& options);

}  // namespace havlo
