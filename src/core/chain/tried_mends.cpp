#include "core/chain/tried_mends.h"

#include <algorithm>
#include <set>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/ink/ink_facts.h"

namespace havlo {
namespace {

constexpr double kStaysOn = 0.7;  // of what showed of a thing must still lie on the card
constexpr double kCosts = 0.93;   // of the hero's share before; less is clearly less
constexpr size_t kMostOtherWays = 6;

/// A thing is on the card less than it was.
bool leavesTheCard(const Plan& before, const Analysis& a, const Plan& after, const Analysis& b) {
  for (size_t i = 0; i < before.impressions.size(); ++i) {
    const int now = after.indexOf(before.impressions[i].id);
    if (now < 0 || before.impressions[i].at == after.impressions[ix(now)].at) continue;
    if (b.meetings.placed[ix(now)]->areaOnPanel_mm2 < kStaysOn * a.meetings.placed[i]->areaOnPanel_mm2)
      return true;
  }
  return false;
}

Fix press(int thing, const std::string& ink, int generation) {
  Fix f;
  f.what = Fix::What::Press, f.impression = thing, f.ink = ink, f.generation = generation;
  return f;
}

/// Other ways to make a rival quieter or the hero louder, or to lift a thing off its ground.
std::vector<Fix> otherWays(const Plan& plan, const Analysis& a, const Finding& f) {
  if ((f.kind != FindingKind::Rival && f.kind != FindingKind::Sunk) || f.impressions.empty()) return {};
  constexpr int kMostPressings = 4;
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  const auto loud = [&](const Ink& ink, int generation) {
    return ciede2000(labOf(pressedOn(paper, ink, generation)), labOf(paper));
  };
  std::vector<std::pair<double, Fix>> ranked;
  const auto ways = [&](int thing, bool louder) {
    const Impression& now = plan.impressions[ix(thing)];
    const double as = loud(*plan.ink(now.ink), now.generation);
    for (const Ink& ink : plan.inks) {
      if (ink.kind == InkKind::Embossing) continue;
      for (int g = 1; g <= (ink.id == now.ink ? kMostPressings : 2); ++g) {
        const double then = loud(ink, g);
        if ((louder ? then > as + 4 : then < as - 4 && then > 8))
          ranked.emplace_back(std::fabs(then - as), press(thing, ink.id, g));
      }
    }
  };
  if (f.kind == FindingKind::Rival) {
    if (f.piece < 0) ways(f.impressions[0], false);
    if (a.looks && a.looks->hero >= 0) ways(a.looks->hero, true);
  } else {
    ways(f.impressions[0], true);
    ways(f.impressions[0], false);
  }
  // The smallest changes first.
  std::stable_sort(ranked.begin(), ranked.end(),
                   [](const auto& x, const auto& y) { return x.first < y.first; });
  std::vector<Fix> out;
  for (auto& [by, fix] : ranked) out.push_back(std::move(fix));
  return out;
}

}  // namespace

std::optional<TriedMend> tryMend(const Plan& plan, const Analysis& a, size_t of, const Fix& fix,
                                 const ArtSource* art, std::shared_ptr<TileStore> kept) {
  const Result<Plan> changed = applied(plan, fix);
  if (!changed) return {};
  const Plan& then = changed.value();
  AnalysisRef after = analyse(then, &a, art);
  after = withLooks(then, after, lookAt(then, *after, art, std::move(kept)));
  TriedMend out;
  const FindingKey its = keyOf(plan, a.findings[of]);
  const std::set<FindingKey> left = keysOf(then, *after, false), before = keysOf(plan, a, true);
  out.ends = !left.contains(its);
  for (const FindingKey& k : keysOf(then, *after, true)) out.fresh += !before.contains(k);
  out.offTheCard = leavesTheCard(plan, a, then, *after);
  const Looks& looks = *after->looks;
  out.told = {looks.heroShare(), looks.heroRank, warningsOf(*after)};
  if (a.looks && a.looks->hero >= 0 && looks.hero >= 0 && fix.what != Fix::What::MakeHero)
    out.costsHero = looks.heroRank > a.looks->heroRank || looks.heroShare() < kCosts * a.looks->heroShare();
  return out;
}

TriedFindings triedFindings(const Plan& plan, const Analysis& a, const ArtSource* art,
                            std::shared_ptr<TileStore> kept, size_t most, const Progress& progress) {
  TriedFindings out{a.findings, std::vector<std::optional<Foretold>>(a.findings.size())};
  for (size_t k = 0; k < std::min(most, out.findings.size()) && !progress.stopped(); ++k) {
    Finding& f = out.findings[k];
    if (f.known || !f.fix) continue;
    std::optional<TriedMend> mend = tryMend(plan, a, k, *f.fix, art, kept);
    if (!mend || !mend->helps()) {
      const std::vector<Fix> others = otherWays(plan, a, f);
      for (size_t w = 0; w < std::min(kMostOtherWays, others.size()) && !progress.stopped(); ++w)
        if (mend = tryMend(plan, a, k, others[w], art, kept); mend && mend->helps()) {
          f.fix = others[w];
          break;
        }
    }
    if (!mend || !mend->helps()) {
      f.fix.reset();
    } else if (a.looks && a.looks->hero >= 0) {
      out.told[k] = mend->told;
    }
  }
  return out;
}

AnalysisRef withFindings(const AnalysisRef& analysis, std::vector<Finding> findings) {
  auto out = std::make_shared<Analysis>(*analysis);
  out->findings = std::move(findings);
  return out;
}

}  // namespace havlo
