// The steps of a search for an arrangement: throwing things about on a coarse table, reading the best in
// full, small moves, and the proof. For the files of this room alone.
#pragma once

#include "core/arrange/arrange.h"
#include "core/arrange/table.h"
#include "core/chain/chain.h"
#include "core/chain/foretell.h"
#include "core/palette/colouring_proposal.h"

namespace havlo {

struct Candidate {
  double cost = 0;
  std::vector<Point> feet;
};

/// Annealing: pushes that cost more are taken less and less often. Source: Kirkpatrick, Gelatt & Vecchi 1983;
/// from memory.
/// @param afresh  everything is thrown anywhere first
Candidate anneal(Table& table, Random& random, int tries, bool afresh);

/// The plan with its feet there, to a tenth of a millimetre: what can be measured at the table.
Plan movedTo(const Plan& plan, const std::vector<Point>& feet);

/// A plan and what is seen of it, made better step by step: each step is looked at in full and kept only if
/// the reading gains by it.
class Reader {
 public:
  /// @param like  an analysis of a plan that is much the same, to start from; null for none
  Reader(Plan plan, const Analysis* like, const ArtSource* art)
      : m_art(art), m_kept(newTileStore()), m_plan(std::move(plan)) {
    m_a = look(m_plan, like);
    m_score = readingScore(*m_a);
  }
  const Plan& plan() const { return m_plan; }
  const AnalysisRef& analysis() const { return m_a; }
  double score() const { return m_score; }
  /// @param by  the reading must gain so much
  bool tryOut(Plan plan, double by) {
    AnalysisRef a = look(plan, m_a.get());
    const double score = readingScore(*a);
    if (score < m_score + by) return false;
    m_plan = std::move(plan), m_a = std::move(a), m_score = score;
    return true;
  }

 private:
  const ArtSource* m_art;
  std::shared_ptr<TileStore> m_kept;
  Plan m_plan;
  AnalysisRef m_a;
  double m_score = 0;
  AnalysisRef look(const Plan& p, const Analysis* from) const {
    const AnalysisRef a = analyse(p, from, m_art);
    return withLooks(p, a, lookAt(p, *a, m_art, m_kept));
  }
};

/// The greeting to plain space, then every fix that only moves a free thing, while the reading gains.
void mend(Reader& reader, const std::vector<char>& fixed);

/// Small moves of one thing at a time: many are tried on the table, the few that cost least are looked at.
/// @param times  how many are looked at
void nudge(Reader& reader, Table& table, Random& random, int times, const Progress& progress);

struct SearchWish {
  uint64_t seed = 1;
  double heroAt = 0.34;  ///< of the width, where its middle is wanted
  int starts = 4;        ///< searches on the table; half of them from the card as it is
  int tries = 2500;      ///< pushes in each of them
  size_t worked = 2;     ///< of the best that are mended and nudged
  int nudges = 5;
};
/// One search: the best first. Fewer than `starts` if it was stopped. @param table  of the plan, left as it
/// is
std::vector<Reader> searched(const Plan& plan, const Analysis& analysis, const Table& table,
                             const std::vector<char>& fixed, const SearchWish& wish, const ArtSource* art,
                             const Progress& progress);

/// The colourings that these inks allow, best first; none if there are none or it was stopped.
std::vector<ColouringProposal> colouringsOf(const Plan& plan, const std::vector<Ink>& inks,
                                            const ArtSource* art, const Progress& progress);

/// So many fine parts at most are cut although they are fine.
inline constexpr int kMostParts = 4;

/// Proves a proposal. What of a thing is too fine to be cut usually, but too much to go without, is cut all
/// the same. @param mostParts  so many parts at most  @error Stopped
Result<bool> prove(Proposal& proposal, int mostParts, const ArtSource* art, double dpi,
                   const Progress& progress);

/// What was read, as a proposal. @param before  the card it is counted against
Proposal proposalOf(const Reader& reader, const Plan& before);

}  // namespace havlo
