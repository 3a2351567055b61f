// Mishaps of the last cards weigh most, then what the next card asks, then what went badly in practice.
#include "core/practice/progress.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "core/making/making.h"

namespace havlo {
namespace {

constexpr size_t kLately = 8;
constexpr double kGood = 0.8, kBad = 0.4;

/// What could have been prevented by practising it, on the last cards.
std::array<int, kDrills> mishapsOf(std::span<const LogEntry> log) {
  std::array<int, kDrills> out{};
  const auto count = [&](Drill d, int n = 1) { out[static_cast<size_t>(d)] += n; };
  std::vector<const LogEntry*> lately;
  for (const LogEntry& e : log) lately.push_back(&e);
  std::stable_sort(lately.begin(), lately.end(),
                   [](const LogEntry* x, const LogEntry* y) { return x->ended_s > y->ended_s; });
  if (lately.size() > kDrillCards) lately.resize(kDrillCards);
  for (const LogEntry* e : lately) {
    for (const LogEntry::Wrong& w : e->mishaps) {
      const auto what = mishapOf(w.what);
      if (what == Mishap::LineInto) count(Drill::MaskChoice);
      if (what == Mishap::Gap) count(Drill::LayMask);
    }
    for (const LogEntry::Join& j : e->joins)
      if (std::max(j.gap_mm, j.runIn_mm) >= 0.4) count(Drill::LayMask);
    for (const LogEntry::Print& p : e->prints)
      if (p.pressing > 1 && std::fabs(p.strength - 1) > 0.25) count(Drill::Tone);
  }
  return out;
}

/// How much of each drill the next card holds.
std::array<int, kDrills> askedBy(const Plan& plan, const Analysis& a) {
  std::array<int, kDrills> out{};
  if (plan.impressions.empty()) return out;
  std::set<int> covered;
  size_t atOnce = 0;
  bool masked = false, over = false;
  for (const Step& s : a.sheet.steps) {
    covered.insert(s.needed.begin(), s.needed.end());
    atOnce = std::max(atOnce, s.needed.size());
  }
  int later = 0, far = 0;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    masked |= plan.impressions[i].school == School::Mask;
    over |= plan.impressions[i].school == School::Overprint;
    later += plan.impressions[i].generation > 1;
    far += std::isfinite(a.depth->distance_m(static_cast<int>(i)));
  }
  out[static_cast<size_t>(Drill::MaskChoice)] = static_cast<int>(atOnce);
  out[static_cast<size_t>(Drill::LayMask)] = static_cast<int>(covered.size());
  out[static_cast<size_t>(Drill::Order)] = masked && over ? static_cast<int>(plan.impressions.size()) : 0;
  out[static_cast<size_t>(Drill::Tone)] = later;
  out[static_cast<size_t>(Drill::NearAndFar)] = far > 4 ? far : 0;
  for (const ScaleReading& s : a.scale)
    out[static_cast<size_t>(Drill::Horizon)] += s.verdict != ScaleVerdict::Fits;
  return out;
}

}  // namespace

Standing standingIn(Drill what, std::span<const Practised> all) {
  Standing out;
  std::vector<double> points;
  int good = 0, bad = 0;
  for (const Practised& p : all) {
    if (p.what != what) continue;
    ++out.done;
    points.push_back(p.points);
    // Answers below the level one has by now tell nothing of it.
    if (p.level < out.level) continue;
    good = p.points >= kGood ? good + 1 : 0;
    bad = p.points < kBad ? bad + 1 : 0;
    if (good >= 2) {
      out.mastered = out.level == kTopLevel;
      out.level = std::min(kTopLevel, out.level + 1), good = 0;
    }
    if (bad >= 2) out.level = std::max(1, out.level - 1), bad = 0, out.mastered = false;
  }
  const size_t from = points.size() > kLately ? points.size() - kLately : 0;
  for (size_t k = from; k < points.size(); ++k)
    out.lately += points[k] / static_cast<double>(points.size() - from);
  return out;
}

std::vector<DrillAdvice> drillsFor(std::span<const LogEntry> log, const MakerLearnt& learnt, const Plan& next,
                                   const Analysis& analysis, std::span<const Practised> practised) {
  const auto mishaps = mishapsOf(log), asked = askedBy(next, analysis);
  // Hands that lay papers clearly worse than is usual, told often enough.
  const Learnt& laying = learnt[Trait::MaskPlacing];
  const bool unsteady = laying.cards >= 2 && laying.value() > 1.3 * laying.usual;
  std::vector<DrillAdvice> out;
  for (size_t k = 0; k < kDrills; ++k) {
    DrillAdvice advice;
    advice.what = static_cast<Drill>(k);
    const Standing standing = standingIn(advice.what, practised);
    // What is mastered is worth little more practice, whatever went wrong.
    const double left = standing.mastered ? 0.25 : 1;
    const auto because = [&](DrillReason why, double weight, int count) {
      if (weight * left > advice.weight)
        advice.why = why, advice.weight = weight * left, advice.count = count;
    };
    if (mishaps[k] > 0) because(DrillReason::Mishaps, 4 + mishaps[k], mishaps[k]);
    if (advice.what == Drill::LayMask && unsteady) because(DrillReason::OwnHands, 4.5, laying.cards);
    if (asked[k] > 0) because(DrillReason::NextCard, 2 + std::min(1.5, 0.1 * asked[k]), asked[k]);
    if (standing.done >= 2 && standing.lately < 0.5) because(DrillReason::Weak, 3, standing.done);
    if (standing.done == 0) because(DrillReason::Untried, 1, 0);
    because(DrillReason::Kept, 0.5, standing.done);
    out.push_back(advice);
  }
  std::stable_sort(out.begin(), out.end(),
                   [](const DrillAdvice& x, const DrillAdvice& y) { return x.weight > y.weight; });
  return out;
}

}  // namespace havlo
