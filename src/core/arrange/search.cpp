#include "core/arrange/search.h"

#include <algorithm>
#include <cmath>

#include "core/chain/fine_parts.h"
#include "core/edit/edits.h"
#include "core/focus/greeting.h"
#include "core/region/known_regions.h"

namespace havlo {
namespace {

/// A thing put elsewhere with everything that goes along.
Plan pushed(const Plan& plan, const Movable& piece, Point to) {
  Plan out = plan;
  const Point at = out.impressions[ix(piece.impression)].at;
  to = {std::round(to.x * 10) / 10, std::round(to.y * 10) / 10};
  out.impressions[ix(piece.impression)].at = to;
  for (const int r : piece.riders) {
    Point& p = out.impressions[ix(r)].at;
    p = {p.x + to.x - at.x, p.y + to.y - at.y};
  }
  return out;
}

}  // namespace

Candidate anneal(Table& table, Random& random, int tries, bool afresh) {
  const auto& pieces = table.pieces();
  const auto anywhere = [&](const Movable& p) {
    return Point{p.left + random.unit() * (p.right - p.left), p.low + random.unit() * (p.high - p.low)};
  };
  if (afresh)
    for (const Movable& p : pieces) table.push(p, anywhere(p));
  double cost = table.cost();
  Candidate best{cost, table.feet()};
  for (int k = 0; k < tries; ++k) {
    const double heat = (afresh ? 1.5 : 0.3) * std::pow(0.01, static_cast<double>(k) / tries);
    const Movable& p = pieces[random.below(pieces.size())];
    const Point from = table.feet()[ix(p.impression)];
    Point to = anywhere(p);
    if (random.unit() < 0.7) {
      const double reach = 0.05 + 0.3 * (1 - static_cast<double>(k) / tries);
      to = {std::clamp(from.x + random.gaussian() * reach * (p.right - p.left), p.left, p.right),
            std::clamp(from.y + random.gaussian() * reach * (p.high - p.low), p.low, p.high)};
    }
    table.push(p, to);
    const double tried = table.cost();
    if (tried <= cost || random.unit() < std::exp((cost - tried) / heat)) {
      cost = tried;
      if (cost < best.cost) best = {cost, table.feet()};
    } else {
      table.push(p, from);
    }
  }
  return best;
}

Plan movedTo(const Plan& plan, const std::vector<Point>& feet) {
  Plan out = plan;
  for (size_t i = 0; i < feet.size(); ++i) {
    // To a tenth of a millimetre: what can be measured at the table.
    if (!(feet[i] == plan.impressions[i].at))
      out.impressions[i].at = {std::round(feet[i].x * 10) / 10, std::round(feet[i].y * 10) / 10};
  }
  return out;
}

void mend(Reader& reader, const std::vector<char>& fixed) {
  for (const Greeting& g : std::vector(reader.analysis()->looks->greetings)) {
    if (fixed[ix(g.impression)] || !g.better) continue;
    if (auto moved = withFoot(reader.plan(), reader.plan().impressions[ix(g.impression)].id, *g.better))
      reader.tryOut(std::move(moved).value(), 0);
    break;
  }
  constexpr int kMends = 4;
  for (int k = 0; k < kMends; ++k) {
    bool better = false;
    for (const Finding& f : std::vector(reader.analysis()->findings)) {
      if (!f.fix || f.fix->what != Fix::What::MoveFoot || fixed[ix(f.fix->impression)]) continue;
      auto moved = applied(reader.plan(), *f.fix);
      if (moved && reader.tryOut(std::move(moved).value(), 0.5)) {
        better = true;
        break;
      }
    }
    if (!better) break;
  }
}

void nudge(Reader& reader, Table& table, Random& random, int times, const Progress& progress) {
  constexpr int kTried = 12;  // on the table for each that is looked at
  const std::vector<Movable>& pieces = table.pieces();
  for (int k = 0; k < times && !progress.stopped(); ++k) {
    std::vector<Point> feet;
    for (const Impression& i : reader.plan().impressions) feet.push_back(i.at);
    table.setFeet(feet);
    const double reach = k % 2 ? 3 : 9;
    double best = 1e300;
    const Movable* which = nullptr;
    Point where;
    for (int t = 0; t < kTried; ++t) {
      const Movable& piece = pieces[random.below(pieces.size())];
      const Point at = feet[ix(piece.impression)];
      const Point to{std::clamp(at.x + reach * random.gaussian(), piece.left, piece.right),
                     std::clamp(at.y + reach / 2 * random.gaussian(), piece.low, piece.high)};
      table.push(piece, to);
      if (const double cost = table.cost(); cost < best) best = cost, which = &piece, where = to;
      table.push(piece, at);
    }
    if (which) reader.tryOut(pushed(reader.plan(), *which, where), 0.2);
  }
}

std::vector<ColouringProposal> colouringsOf(const Plan& plan, const std::vector<Ink>& inks,
                                            const ArtSource* art, const Progress& progress) {
  const AnalysisRef a = analyse(plan, nullptr, art);
  std::vector<RegionsRef> regions;
  for (const StampRef& s : plan.stamps) regions.push_back(knownRegions(s, art));
  auto found = proposeColourings(plan, *a, inks, regions, art, {progress.stop, {}});
  if (!found) return {};
  return std::move(found).value();
}

std::vector<Reader> searched(const Plan& plan, const Analysis& analysis, const Table& table,
                             const std::vector<char>& fixed, const SearchWish& wish, const ArtSource* art,
                             const Progress& progress) {
  std::vector<Reader> out;
  for (int k = 0; k < wish.starts && !progress.stopped(); ++k) {
    Random random(wish.seed + static_cast<uint64_t>(k));
    Table own = table;
    own.setHeroAt(wish.heroAt);
    const Candidate c = anneal(own, random, wish.tries, k < wish.starts / 2);
    if (!progress.stopped()) out.emplace_back(movedTo(plan, c.feet), &analysis, art);
  }
  const auto better = [](const Reader& p, const Reader& q) { return p.score() > q.score(); };
  std::stable_sort(out.begin(), out.end(), better);
  for (size_t k = 0; k < std::min(wish.worked, out.size()) && !progress.stopped(); ++k) {
    Random random(wish.seed * 7919 + k);
    Table own = table;
    own.setHeroAt(wish.heroAt);
    mend(out[k], fixed);
    nudge(out[k], own, random, wish.nudges, progress);
  }
  std::stable_sort(out.begin(), out.end(), better);
  return out;
}

Proposal proposalOf(const Reader& reader, const Plan& before) {
  Proposal out;
  out.plan = reader.plan(), out.analysis = reader.analysis(), out.score = reader.score();
  for (size_t i = 0; i < before.impressions.size(); ++i)
    if (!(out.plan.impressions[i].at == before.impressions[i].at)) ++out.moved;
  return out;
}

Result<bool> prove(Proposal& p, int mostParts, const ArtSource* art, double dpi, const Progress& progress) {
  for (int k = 0;; ++k) {
    const PressInput in = p.analysis->press(p.plan, art);
    auto proof = simulate(in, p.analysis->sheet, dpi, {progress.stop, {}});
    if (!proof) return proof.error();
    if (k == mostParts)
      proof = lookedAtOnceMore(in, p.analysis->sheet, dpi, std::move(proof).value(), {progress.stop, {}});
    if (!proof) return proof.error();
    p.proven = proof.value().proven;
    if (p.proven || k == mostParts) return p.proven;
    const Difference& worst = proof.value().worst.at(0);
    if (worst.blame.kind != Blame::Kind::TooFine) return false;
    auto cut = withFinePartsCut(p.plan, *p.analysis, proof.value());
    if (!cut) return false;
    p.plan = std::move(cut).value();
    p.analysis = withLooks(p.plan, analyse(p.plan, p.analysis.get()), p.analysis->looks);
  }
}

}  // namespace havlo
