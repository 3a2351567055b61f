// Many cards of one plan as a line of work: what is done on all of them before the next thing is set up,
// where they lie and dry meanwhile, and how long all of it takes.
#pragma once

#include <string>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/progress.h"

namespace havlo {

/// A stretch of steps that is set up once and done on one card after the other.
struct Station {
  enum class Kind { Masks, Stamp, Blend, Hand, Powder, Cover, Cut, Assemble, Enclose };
  Kind kind = Kind::Stamp;
  int face = -1;                         ///< of the batch's faces it is for; -1: the front
  int group = -1;                        ///< of the batch's groups it is for; -1: for every card
  int cards = 1;                         ///< that pass through it
  std::vector<int> steps;                ///< of the run sheet of its group (of the first, if for all)
  std::string ink;                       ///< that is open then; empty: none
  std::vector<std::string> impressions;  ///< stamped, or worked on
  int masks = 0;                         ///< masks that go from card to card at it, or are cut here
  double minutes = 0;                    ///< of work, on all cards
  double dry_min = 0;                    ///< each card dries so long after it
  int drying = 0;                        ///< cards that lie and dry at a time, at most
  double rackWait_min = 0;               ///< hands wait because the rack is full
  double wait_min = 0;                   ///< hands wait at the end, until the first card is dry again
};

/// Cards that are alike.
struct BatchGroup {
  int variation = -1;  ///< index of the plan's, or -1: as planned
  int cards = 1;
  AnalysisRef analysis;  ///< of groupPlan(); the first group's for all cards
};

/// The inside or the envelope, stamped on all cards before it is glued in or filled.
struct BatchFace {
  int piece = -1;
  Plan plan;
  AnalysisRef analysis;
};

struct Batch {
  std::vector<BatchGroup> groups;  ///< the largest first; one that has no cards is left out
  std::vector<BatchFace> faces;
  std::vector<Station> stations;
  int cards = 1;
  double minutes = 0;    ///< work and waits for all of them
  double alone_min = 0;  ///< one card made by itself
  double rackWait_min = 0;
  int mostDrying = 0;     ///< cards that lie and dry at a time, at most
  double spared_min = 0;  ///< against making every card by itself
};

/// The plan with what a variation changes; unknown places are left as they are.
Plan withVariation(const Plan& plan, const Variation& variation);
/// Does it name something that the plan has not? @return its first such name, empty if all is there
std::string unknownIn(const Plan& plan, const Variation& variation);
/// The plan of one group with its number of cards. @param variation  index, or -1
Plan groupPlan(const Plan& plan, int variation, int cards);

/// @param analysis  of the plan, with its order: every group is stamped in it
Batch lineOfWork(const Plan& plan, const AnalysisRef& analysis, const ArtSource* art = nullptr,
                 const Progress& progress = {});

/// A row of cards that each take `each` minutes of work and then dry for `dry` minutes on a rack with so many
/// places (0: enough): how many lie there at most, how long hands wait for a place, and when the first and
/// the last are dry, counted from the first card's beginning.
struct Drying {
  int most = 0;
  double wait_min = 0, firstDry_min = 0, lastDry_min = 0, handsFree_min = 0;
};
Drying dryingOf(int cards, double each_min, double dry_min, int places);

}  // namespace havlo
