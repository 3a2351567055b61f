// Three variants of where the hero is; each searched from several starts by annealing; the best read in full,
// nudged while the reading gains, proven, and offered only if it is worth taking.
#include "core/arrange/arrange.h"

#include <algorithm>
#include <cmath>
#include <mutex>

#include "core/arrange/search.h"
#include "core/base/parallel.h"
#include "core/chain/chain.h"
#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kLeastApart = 0.1;  // of the panel's width that two proposals must differ by, on the mean

double apart(const Proposal& p, const Proposal& q, const std::vector<int>& movable) {
  double sum = 0;
  for (int i : movable) {
    const Point a = p.plan.impressions[ix(i)].at, b = q.plan.impressions[ix(i)].at;
    sum += std::hypot(a.x - b.x, a.y - b.y);
  }
  return sum / std::max(1.0, static_cast<double>(movable.size())) / p.plan.card.panel.width_mm;
}

}  // namespace

bool staysPut(const Plan& plan, int impression) {
  const Impression& i = plan.impressions[ix(impression)];
  return factsOf(plan.stamp(i.stamp)->role).backdrop || !i.row.empty() ||
         std::holds_alternative<OnThing>(i.depth);
}

Proposal proposalAsItIs(const Plan& plan, const ArtSource* art, double proof_dpi) {
  Proposal out = proposalOf(Reader(plan, nullptr, art), plan);
  out.proven = false;
  if (const auto proof = prove(out, 0, art, proof_dpi, {}); proof) out.proven = proof.value();
  out.worth = worthOf(out.plan, *out.analysis, out.proven);
  return out;
}

Result<Arrangements> suggestArrangements(const Plan& given, const ArtSource* art, const ArrangeWish& wish,
                                         const Progress& progress) {
  Plan plan = given;
  for (const std::string& stamp : wish.add) {
    auto more = withNewImpression(plan, stamp, plan.card.panel.box().centre());
    if (!more) return more.error();
    plan = std::move(more).value();
  }
  const bool hero = std::any_of(plan.impressions.begin(), plan.impressions.end(),
                                [](const Impression& i) { return i.hero; });
  if (!hero)
    return Error{ErrorCode::BadInput, "choose the hero first: an arrangement is built around it", {}};
  std::vector<char> fixed(plan.impressions.size(), 0);
  for (const std::string& id : wish.locked) {
    const int i = plan.indexOf(id);
    if (i < 0) return Error{ErrorCode::BadInput, "there is no impression \"" + id + "\"", "locked"};
    fixed[ix(i)] = 1;
  }
  std::vector<int> movable;
  for (size_t i = 0; i < fixed.size(); ++i) {
    if (staysPut(plan, static_cast<int>(i))) fixed[i] = 1;
    if (!fixed[i]) movable.push_back(static_cast<int>(i));
  }
  if (movable.empty())
    return Error{ErrorCode::BadInput, "everything is held in place: let something move", {}};

  const AnalysisRef start = analyse(plan, nullptr, art);
  Arrangements out;
  out.now = proposalAsItIs(given, art, wish.proof_dpi);
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  progress.at(0.05);

  // Where the hero is makes arrangements differ most: on either third, or near the middle.
  constexpr double kVariants[] = {0.34, 0.66, 0.5};
  const int variants = std::max(1, wish.proposals);
  std::vector<std::vector<Reader>> found(ix(variants));
  const Table table(plan, *start, fixed);
  if (table.pieces().empty())
    return Error{ErrorCode::BadInput, "everything is held in place: let something move", {}};
  std::mutex telling;
  int done = 0;
  forEachIndex(found.size(), 2, [&](size_t v) {
    SearchWish search;
    search.seed = wish.seed * 1000003 + v * 97, search.tries = wish.tries, search.nudges = wish.nudges;
    Random random(search.seed);
    search.heroAt = kVariants[v % 3] + (v >= 3 ? 0.08 * (random.unit() - 0.5) : 0);
    found[v] = searched(plan, *start, table, fixed, search, art, progress);
    const std::lock_guard lock(telling);
    progress.at(0.05 + 0.7 * ++done / variants);
  });
  // What is put on the card besides takes some of the pull: then the card is compared as it is with that on
  // it.
  const Worth base = wish.add.empty() ? out.now.worth : proposalAsItIs(plan, art, wish.proof_dpi).worth;
  std::vector<Proposal> read;
  for (size_t v = 0; v < found.size(); ++v) {
    std::optional<Proposal> best;
    for (const Reader& reader : found[v]) {
      if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
      Proposal p = proposalOf(reader, plan);
      const bool differs = std::all_of(
          read.begin(), read.end(), [&](const Proposal& o) { return apart(p, o, movable) >= kLeastApart; });
      if (!differs || p.moved == 0 || (best && best->score >= p.score)) continue;
      if (!isWorthTaking(worthOf(p.plan, *p.analysis, true), base)) continue;
      const auto proof = prove(p, kMostParts, art, wish.proof_dpi, progress);
      if (!proof) return proof.error();
      p.worth = worthOf(p.plan, *p.analysis, p.proven);
      if (!p.proven || !isWorthTaking(p.worth, base)) continue;
      p.why = gainsOf(p.worth, base);
      best = std::move(p);
    }
    if (best) read.push_back(std::move(*best));
    progress.at(0.75 + 0.25 * static_cast<double>(v + 1) / static_cast<double>(found.size()));
  }
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  for (size_t p = 0; p < read.size(); ++p)
    for (size_t q = 0; q < read.size(); ++q)
      if (p != q) read[p].apart = std::min(read[p].apart, apart(read[p], read[q], movable));
  std::stable_sort(read.begin(), read.end(),
                   [](const Proposal& p, const Proposal& q) { return p.score > q.score; });
  out.proposals = std::move(read);
  return out;
}

}  // namespace havlo
