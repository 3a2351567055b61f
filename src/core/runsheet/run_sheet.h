// The steps at the table, in order, with times (engine section 5).
#pragma once

#include <string>
#include <vector>

#include "core/mask/mask_needs.h"

namespace havlo {

enum class Do {
  Cut,
  Tape,
  CutMask,
  Stamp,
  MaskOn,
  MaskOff,
  Dry,
  Wash,
  Emboss,
  Wipe,
  Draw,
  Colour,
  Attach,
  Trim
};

/// A mask, or a strip of tape, and what it lies on.
struct Cover {
  std::string mask;     ///< mask id ("hare#1"), empty for a strip of tape
  int impression = -1;  ///< -1 while it is only cut
};

struct Step {
  Do what = Do::Stamp;
  int impression = -1;  ///< -1: none or all
  int wash = -1;
  int stamp = -1;             ///< of a mask to cut
  std::vector<Cover> covers;  ///< laid, lifted or cut at this step
  std::vector<int> masksOn;   ///< impressions covered: during a stamping or wash, after anything else
  std::vector<int> needed;    ///< of those, the ones this step needs
  std::vector<int> leaveOut;  ///< fronts whose place on the rubber is covered or wiped before pressing
  bool piece = false;         ///< stamped on a piece of its own
  double minutes = 0, wait = 0;
};

struct RunSheet {
  std::vector<Step> steps;
  double minutes = 0;  ///< all work and waits
  double atLeast = 0;  ///< work that no order can save
};

/// Everything a run sheet is made from.
struct RunSheetInput {
  const Plan& plan;
  const Meetings& meetings;
  const WashMeetings& washes;
  const std::vector<int>& order;
  const MaskNeeds& needs;
  const std::vector<StampMasks>& masks;  ///< by stamp
  const std::vector<int>& stampOf;       ///< impression -> stamp index
};

RunSheet buildRunSheet(const RunSheetInput& in);

std::string_view wordOf(Do what);

/// Id of the n-th mask of a stamp, from 0: "hare#1".
std::string maskId(const Stamp& stamp, int number);

}  // namespace havlo
