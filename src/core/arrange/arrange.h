// Arrangements proposed: where the chosen things could go so that sizes, depth, overlaps and plain space come
// right and the hero is seen first. A seeded search; the best of it are read like any plan and proven by the
// press.
#pragma once

#include <cstdint>
#include <string>
#include <vector>

#include "core/analysis/analysis.h"
#include "core/base/progress.h"
#include "core/base/result.h"
#include "core/focus/looks.h"

namespace havlo {

struct ArrangeWish {
  std::vector<std::string> locked;  ///< impressions that stay where they are
  std::vector<std::string> add;     ///< stamps of the plan to be put on the card besides
  uint64_t seed = 1;                ///< the same seed gives the same proposals; another one others
  int proposals = 3;
  int tries = 2500;  ///< moves tried in each search: effort in steps, not in time
  int nudges = 5;    ///< small moves of each of the best that are looked at in full
  double proof_dpi = 75;
};

/// What a proposal has over the card it began from.
enum class Gain {
  HeroFirst,
  HeroShare,
  FewerFindings,
  TellsDepth,
  OnAThird,
  Triangle,
  GreetingRoom,
  Balance,
  PlainSpace,
  FewerMasks
};
struct Gained {
  Gain what = Gain::HeroShare;
  double before = 0, after = 0;  ///< shares 0 to 1, or counts
};

/// A card measured for being compared with another one.
struct Worth {
  int faults = 0, warnings = 0;  ///< warnings alone
  double heroShare = 0;
  int heroRank = 0;
  bool clearlyFirst = false;  ///< the hero, and by a margin
  int overlaps = 0;           ///< of things that stand, well over one another: they tell depth
  double offThird = 0;        ///< the hero's middle from the nearest third of the width, of the width
  double triangle = 0;        ///< area of the triangle of the three largest things' middles, of the panel
  double greetingRoom = 0;    ///< mm2 of other things in the greetings' room
  double balance = 0;         ///< of the width, the weight's way from the middle
  double plain = 0;           ///< largest plain rectangle, of the panel
  int masks = 0;
  bool proven = false;
};
Worth worthOf(const Plan& plan, const Analysis& looked, bool proven);

struct Proposal {
  Plan plan;
  AnalysisRef analysis;  ///< with looks
  double score = 0;      ///< readingScore()
  bool proven = false;
  int moved = 0;     ///< impressions that stand elsewhere than before
  double apart = 1;  ///< from the nearest other proposal: mean way things moved between the two, of the panel
  Worth worth;
  std::vector<Gained> why;  ///< what it has over the card it began from, the most telling first
};

/// Never worse: no fault or warning more, the hero seen no later and with no less of the pull, proven if the
/// other was; and better in something. @param fresh  it is another card of the same scene: that may cost the
/// hero a little
bool isWorthTaking(const Worth& proposal, const Worth& now, bool fresh = false);
std::vector<Gained> gainsOf(const Worth& proposal, const Worth& now);

struct Arrangements {
  Proposal now;  ///< the plan as it is, for comparison
  /// Best first; fewer than asked for, or none, if there are no more that differ and are worth taking.
  std::vector<Proposal> proposals;
};

/// Things that stay without being locked: what is a backdrop, what stands in a row, what holds on to another
/// thing (it goes with that).
bool staysPut(const Plan& plan, int impression);

/// The card as it is, looked at and pressed.
Proposal proposalAsItIs(const Plan& plan, const ArtSource* art, double proof_dpi = 75);

/// @error BadInput without a hero, or if nothing may move; Stopped
Result<Arrangements> suggestArrangements(const Plan& plan, const ArtSource* art, const ArrangeWish& wish = {},
                                         const Progress& progress = {});

}  // namespace havlo
