// The trainer at the mask: a paper is laid on its print by hand, or drawn and cut by eye, and the join it
// gives is measured.
#pragma once

#include <memory>

#include "core/analysis/analysis.h"

namespace havlo {

/// A point of the border that has to join, and how wide the paper is open there when it lies right.
struct JoinSample {
  Point at;             ///< on the front's outline, panel coordinates
  double step_mm = 0;   ///< length of border it stands for
  double right_mm = 0;  ///< signed: outside the outline positive, inside negative
};

/// One print, the paper for it, and what is stamped or blended across it next.
struct LayTask {
  int front = -1, back = -1, wash = -1;  ///< back -1: a wash
  size_t step = 0;                       ///< of the run sheet, the one across it
  Rings paper;                           ///< where it should lie, panel coordinates
  Rings outline;                         ///< of the front's silhouette, panel coordinates
  Point middle;                          ///< it is turned about it
  std::vector<JoinSample> join;
  double length_mm = 0;  ///< of the border that has to join
  double fiddly = 0;     ///< border of the paper over that of a round one of its area; 1 is the easiest
};

/// The papers of a plan that have anything to join, easiest first; a thing with several joins stands with its
/// longest one.
std::vector<LayTask> layTasks(const Plan& plan, const Analysis& analysis);

/// How the learner did it.
struct Laying {
  Point by;             ///< mm from where it should lie
  double turn_deg = 0;  ///< anticlockwise
  Rings drawn;          ///< not empty: cut by eye along this instead, panel coordinates
};
/// Where the paper lies then.
Rings laidPaper(const LayTask& task, const Laying& laying);
/// The same for the press.
CoverSlip slipOf(const LayTask& task, const Laying& laying);

struct LayResult {
  double gap_mm = 0, runIn_mm = 0;              ///< the widest over a millimetre on end
  double gapLength_mm = 0, runInLength_mm = 0;  ///< of border where either is seen
  std::vector<Point> gaps, runIns;              ///< where, panel coordinates
  double points = 0;                            ///< 0 to 1
  int stars = 0;  ///< 3: nothing is seen; 2: less than a tenth of the join; 1: less than a third
};
/// @param visible_mm  what is narrower is not seen
LayResult judgeLaying(const LayTask& task, const Laying& laying, double visible_mm = 0.4);

/// The card once the task's step is done across the paper as it was laid. @error Stopped
Result<Canvas> pressedLaid(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                           const LayTask& task, const Laying& laying, double dpi,
                           const Progress& progress = {});
/// The card before a step of its run sheet, everything done as it should be. @error Stopped
Result<Canvas> pressedBefore(const Plan& plan, const Analysis& analysis, const ArtSource* art, size_t step,
                             double dpi, const Progress& progress = {});

}  // namespace havlo
