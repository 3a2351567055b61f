// What is covered with which paper in a given sequence, one paper over several things where that is less
// work.
#pragma once

#include "core/runsheet/run_sheet.h"

namespace havlo {

/// What papers are chosen from.
struct PaperWork {
  const Plan& plan;
  const Meetings& meetings;
  const WashMeetings& washes;
  const NeedTable& table;
  const std::vector<int>& stampOf;
  const std::vector<std::pair<int, int>>& joinable;  ///< as findJoinable(); empty: one paper each
  const WorkTimes& times;
  bool thorough = true;  ///< else only what is likely is tried
  const std::vector<std::vector<int>>* like =
      {};                          ///< groups that did well in a sequence like this one; may be null
  const Handwork* hand = nullptr;  ///< null: nothing is done by hand
};

struct Papers {
  MaskNeeds needs;
  std::vector<StampMasks> masks;  ///< by stamp
  double minutes = 0;             ///< of the run sheet, where it was reckoned
};

/// The things that its joint papers cover together.
std::vector<std::vector<int>> groupsOf(const Papers& papers);

/// A paper of its own over each thing. How long that takes is not reckoned.
/// @param acts   impressions and washes, first done first
Papers plainPapers(const PaperWork& work, const std::vector<int>& acts);

/// @param acts   impressions and washes, first done first
/// @param order  of the impressions, pieces of their own last
Papers papersFor(const PaperWork& work, const std::vector<int>& acts, const std::vector<int>& order);

}  // namespace havlo
