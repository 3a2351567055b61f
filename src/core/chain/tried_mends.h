// Mends that mend: what a finding proposes is carried out on a copy and looked at before it is offered.
#pragma once

#include "core/base/progress.h"
#include "core/chain/foretell.h"

namespace havlo {

/// What a fix does to a card, found by carrying it out.
struct TriedMend {
  bool ends = false;        ///< its finding is gone
  int fresh = 0;            ///< faults and warnings that were not there before
  bool offTheCard = false;  ///< it takes a thing off the card, or a good part of it
  bool costsHero = false;   ///< the hero is seen later, or has clearly less of the pull
  Foretold told;

  bool helps() const { return ends && fresh == 0 && !offTheCard && !costsHero; }
};

/// Nothing if the fix cannot be carried out. @param of  index of the finding it is for
/// @param kept  tiles of earlier looks; null for none
std::optional<TriedMend> tryMend(const Plan& plan, const Analysis& analysis, size_t of, const Fix& fix,
                                 const ArtSource* art, std::shared_ptr<TileStore> kept = {});

/// So many findings, those that stand first, have their mends tried.
inline constexpr size_t kMostMends = 24;

/// Findings with the mends that help and no others, and what each does to the hero.
struct TriedFindings {
  std::vector<Finding> findings;
  std::vector<std::optional<Foretold>>
      told;  ///< by finding; nothing where no fix is offered or no hero is there
};

/// Goes through the first `most` findings; where what a rule proposes does not help, other ways of its kind
/// are tried, and none is offered if none helps. Those behind them, and all when it is stopped, stay as they
/// are.
TriedFindings triedFindings(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                            std::shared_ptr<TileStore> kept, size_t most, const Progress& progress = {});

/// The same analysis with other findings.
AnalysisRef withFindings(const AnalysisRef& analysis, std::vector<Finding> findings);

}  // namespace havlo
