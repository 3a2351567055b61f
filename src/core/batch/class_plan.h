// One card made by a class: a teacher, several makers, and fewer stamps and ink pads than makers. Who has
// what when.
#pragma once

#include "core/batch/line_of_work.h"

namespace havlo {

struct ClassWish {
  int makers = 6;           ///< 1 to kMostMakers
  int stampSets = 1;        ///< of each stamp there are so many
  int inkSets = 1;          ///< of each ink's pad
  int heatTools = 1;        ///< for powder
  bool masksReady = false;  ///< the teacher has cut the masks beforehand
  bool operator==(const ClassWish&) const = default;
};
inline constexpr int kMostMakers = 60, kMostSets = 60;

/// Something that only one maker has at a time.
struct ClassTool {
  enum class What { Stamp, Ink, HeatTool };
  What what = What::Stamp;
  std::string id;  ///< of the stamp, of the ink
  int copies = 1;
  double busy_min = 0;     ///< in all, over all its copies
  double sparing_min = 0;  ///< one more of it would end the class so much earlier
};

/// One maker at one station.
struct ClassTurn {
  int maker = 0, station = 0;       ///< station: index of ClassPlan::card's
  double from_min = 0, to_min = 0;  ///< counted from the beginning
  double waited_min = 0;            ///< for tools, after all was dry
  bool operator==(const ClassTurn&) const = default;
};

struct ClassPlan {
  ClassWish wish;
  Batch card;                   ///< one card as a line of work
  std::vector<int> done;        ///< its stations that are done in class, in their order
  std::vector<int> beforehand;  ///< those that the teacher does for everybody
  std::vector<ClassTool> tools;
  std::vector<std::vector<int>> toolsAt;  ///< by station: indices of tools
  std::vector<ClassTurn> turns;           ///< by when they begin
  double minutes = 0;                     ///< until the last maker is done
  double alone_min = 0;                   ///< one maker with everything at hand
  double bound_min = 0;                   ///< no sharing of these tools ends earlier
  double waiting_min = 0;                 ///< one maker waits for tools so long, on the average
};

/// Every maker does the card's stations in their order; what dries goes on drying while they wait for a tool.
/// The best of several ways to say who goes first. @param analysis  of the plan, with its order; it is made
/// once each
ClassPlan classPlan(const Plan& plan, const AnalysisRef& analysis, const ClassWish& wish,
                    const ArtSource* art = nullptr, const Progress& progress = {});

}  // namespace havlo
