// Three variants of where the hero is; each searched from several starts by annealing; the best read in full
// and proven.
#include "core/arrange/arrange.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/arrange/table.h"
#include "core/chain/chain.h"
#include "core/chain/foretell.h"
#include "core/edit/card_edits.h"
#include "core/edit/edits.h"
#include "core/focus/greeting.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr int kMostParts = 4;        // that are cut although they are fine
constexpr int kStarts = 4;           // searches per variant
constexpr double kLeastApart = 0.1;  // of the panel's width that two proposals must differ by, on the mean

struct Candidate {
  double cost = 0;
  std::vector<Point> feet;
};

/// Annealing: pushes that cost more are taken less and less often. Source: Kirkpatrick, Gelatt & Vecchi 1983;
/// from memory.
Candidate anneal(Table& table, Random& random, int tries) {
  const auto& pieces = table.pieces();
  const auto anywhere = [&](const Movable& p) {
    return Point{p.left + random.unit() * (p.right - p.left), p.low + random.unit() * (p.high - p.low)};
  };
  for (const Movable& p : pieces) table.push(p, anywhere(p));
  double cost = table.cost();
  Candidate best{cost, table.feet()};
  for (int k = 0; k < tries; ++k) {
    const double heat = 1.5 * std::pow(0.01, static_cast<double>(k) / tries);
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

/// Read in full, with the greeting brought to plain space if it is free to move, and then every fix that only
/// moves a free thing carried out while that makes the reading better.
Proposal readInFull(Plan plan, const Plan& before, const std::vector<char>& fixed, const ArtSource* art) {
  auto kept = newTileStore();
  Proposal out;
  const auto look = [&](const Plan& p, const Analysis* from) {
    const AnalysisRef a = analyse(p, from, art);
    return withLooks(p, a, lookAt(p, *a, art, kept));
  };
  AnalysisRef a = look(plan, nullptr);
  double score = readingScore(*a);
  for (const Greeting& g : a->looks->greetings) {
    if (fixed[ix(g.impression)] || !g.better) continue;
    const auto moved = withFoot(plan, plan.impressions[ix(g.impression)].id, *g.better);
    if (!moved) continue;
    const AnalysisRef tried = look(moved.value(), a.get());
    if (readingScore(*tried) >= score) plan = moved.value(), a = tried, score = readingScore(*tried);
    break;
  }
  constexpr int kMends = 3;
  for (int k = 0; k < kMends; ++k) {
    bool better = false;
    for (const Finding& f : a->findings) {
      if (!f.fix || f.fix->what != Fix::What::MoveFoot || fixed[ix(f.fix->impression)]) continue;
      const auto moved = applied(plan, *f.fix);
      if (!moved) continue;
      const AnalysisRef tried = look(moved.value(), a.get());
      if (readingScore(*tried) <= score + 0.5) continue;
      plan = moved.value(), a = tried, score = readingScore(*tried), better = true;
      break;
    }
    if (!better) break;
  }
  out.plan = std::move(plan), out.analysis = a, out.score = score;
  for (size_t i = 0; i < before.impressions.size(); ++i)
    if (!(out.plan.impressions[i].at == before.impressions[i].at)) ++out.moved;
  return out;
}

double apart(const Proposal& p, const Proposal& q, const std::vector<int>& movable) {
  double sum = 0;
  for (int i : movable) {
    const Point a = p.plan.impressions[ix(i)].at, b = q.plan.impressions[ix(i)].at;
    sum += std::hypot(a.x - b.x, a.y - b.y);
  }
  return sum / std::max(1.0, static_cast<double>(movable.size())) / p.plan.card.panel.width_mm;
}

/// Proves a proposal. What of a thing is too fine to be cut usually, but too much to go without, is cut all
/// the same. @param mostParts  so many parts at most
Result<bool> prove(Proposal& p, int mostParts, const ArtSource* art, double dpi, const Progress& progress) {
  for (int k = 0;; ++k) {
    const PressInput in = p.analysis->press(p.plan, art);
    auto proof = simulate(in, p.analysis->sheet, dpi, {progress.stop, {}});
    if (!proof) return proof.error();
    p.proven = proof.value().proven;
    if (!p.proven && k == mostParts) {
      // What hangs on coarse pixels is looked at once more before it is told.
      auto fine = simulate(in, p.analysis->sheet, 2 * dpi, {progress.stop, {}});
      if (!fine) return fine.error();
      p.proven = fine.value().proven;
    }
    if (p.proven || k == mostParts) return p.proven;
    const Difference& worst = proof.value().worst.at(0);
    if (worst.blame.kind != Blame::Kind::TooFine) return false;
    const auto front = ix(worst.blame.front);
    auto cut = withMaskPart(p.plan, p.plan.impressions[front].stamp,
                            p.analysis->meetings.placed[front]->placing.toFrame(worst.at), true);
    if (!cut || cut.value() == p.plan) return false;
    p.plan = std::move(cut).value();
    p.analysis = withLooks(p.plan, analyse(p.plan, p.analysis.get()), p.analysis->looks);
  }
}

}  // namespace

bool staysPut(const Plan& plan, int impression) {
  const Impression& i = plan.impressions[ix(impression)];
  return factsOf(plan.stamp(i.stamp)->role).backdrop || !i.row.empty() ||
         std::holds_alternative<OnThing>(i.depth);
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
  out.now = readInFull(given, given, std::vector<char>(given.impressions.size(), 1), art);
  if (const auto proof = prove(out.now, 0, art, wish.proof_dpi, progress); !proof) return proof.error();
  progress.at(0.05);

  // Where the hero is makes arrangements differ most: on either third, or near the middle.
  constexpr double kVariants[] = {0.34, 0.66, 0.5};
  const int variants = std::max(1, wish.proposals);
  std::vector<std::vector<Candidate>> found(ix(variants));
  Table table(plan, *start, fixed);
  for (int v = 0; v < variants; ++v)
    for (int k = 0; k < kStarts; ++k) {
      if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
      Random random(wish.seed * 1000003 + static_cast<uint64_t>(v * kStarts + k));
      table.setFeet(Table(plan, *start, fixed).feet());
      table.setHeroAt(kVariants[v % 3] + (v >= 3 ? 0.08 * (random.unit() - 0.5) : 0));
      found[ix(v)].push_back(anneal(table, random, wish.tries));
      progress.at(0.05 + 0.5 * (v * kStarts + k + 1) / (variants * kStarts));
    }
  std::vector<Proposal> read;
  for (size_t v = 0; v < found.size(); ++v) {
    auto& list = found[v];
    std::stable_sort(list.begin(), list.end(),
                     [](const Candidate& p, const Candidate& q) { return p.cost < q.cost; });
    // The two cheapest are read; more only while none of them will do.
    constexpr size_t kRead = 2;
    std::optional<Proposal> best;
    for (size_t k = 0; k < list.size() && (k < kRead || !best); ++k) {
      if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
      Proposal p = readInFull(movedTo(plan, list[k].feet), plan, fixed, art);
      const bool differs = std::all_of(
          read.begin(), read.end(), [&](const Proposal& o) { return apart(p, o, movable) >= kLeastApart; });
      if (!differs || (best && best->score >= p.score)) continue;
      const auto proof = prove(p, kMostParts, art, wish.proof_dpi, progress);
      if (!proof) return proof.error();
      if (proof.value()) best = std::move(p);
    }
    if (best) read.push_back(std::move(*best));
    progress.at(0.55 + 0.45 * static_cast<double>(v + 1) / static_cast<double>(found.size()));
  }
  for (size_t p = 0; p < read.size(); ++p)
    for (size_t q = 0; q < read.size(); ++q)
      if (p != q) read[p].apart = std::min(read[p].apart, apart(read[p], read[q], movable));
  std::stable_sort(read.begin(), read.end(),
                   [](const Proposal& p, const Proposal& q) { return p.score > q.score; });
  out.proposals = std::move(read);
  return out;
}

}  // namespace havlo
