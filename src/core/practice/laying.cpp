// The opening at the border is the distance from there to the paper's edge: outside the outline a gap is left
// white, inside it the back's ink runs in.
#include "core/practice/laying.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

#include "core/mask/joint_paper.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

constexpr double kStep_mm = 0.5;
/// A join shorter than this is no practice.
constexpr double kLeastJoin_mm = 8;

/// Signed distance from a point of the outline to the paper's edge: positive where the paper reaches beyond
/// it.
double opening(const Rings& paper, Point p) {
  const double d = nearestOnBorder(paper, p).distance_mm;
  return covers(paper, p) ? d : -d;
}

std::vector<JoinSample> samplesOf(const Rings& outline, const Rings& paper, const Rings& reached,
                                  const Box& panel) {
  std::vector<JoinSample> out;
  for (const Ring& ring : outline)
    for (size_t i = 0; i < ring.size(); ++i) {
      const Point a = ring[i], b = ring[(i + 1) % ring.size()];
      const double long_mm = distance(a, b);
      const int n = std::max(1, static_cast<int>(std::ceil(long_mm / kStep_mm)));
      for (int k = 0; k < n; ++k) {
        const Point p = midway(a, b, (k + 0.5) / n);
        if (panel.contains(p) && covers(reached, p)) out.push_back({p, long_mm / n, opening(paper, p)});
      }
    }
  return out;
}

double around(const Rings& rings) {
  double sum = 0;
  for (const Ring& ring : rings)
    for (size_t i = 0; i < ring.size(); ++i) sum += distance(ring[i], ring[(i + 1) % ring.size()]);
  return sum;
}

Result<Canvas> pressedUpTo(const Plan& plan, const Analysis& analysis, const ArtSource* art, size_t steps,
                           const std::vector<CoverSlip>* slips, double dpi, const Progress& progress) {
  RunSheet sheet = analysis.sheet;
  sheet.steps.own().resize(std::min(sheet.steps.size(), steps));
  PressInput in = analysis.press(plan, art);
  in.coverSlips = slips;
  PressTiles tiles(in, Grid(plan.card.panel.box(), dpi));
  PressRun run;
  run.explain = false;
  auto done = replay(in, sheet, tiles, progress, {}, run);
  if (!done) return done.error();
  return std::move(done.value().card);
}

}  // namespace

std::vector<LayTask> layTasks(const Plan& plan, const Analysis& a) {
  std::map<int, LayTask> best;  // by front
  const Box panel = plan.card.panel.box();
  for (size_t k = 0; k < a.sheet.steps.size(); ++k) {
    const Step& step = a.sheet.steps[k];
    if (step.what != Do::Stamp && step.what != Do::Wash) continue;
    const Rings reached = step.what == Do::Wash ? reachedArea(plan, plan.washes[ix(step.wash)])
                                                : a.meetings.placed[ix(step.impression)]->silhouette;
    for (int front : step.needed) {
      const bool joined = std::any_of(step.joints.begin(), step.joints.end(), [&](int j) {
        const auto& on = a.needs.joints[ix(j)].over;
        return std::find(on.begin(), on.end(), front) != on.end();
      });
      if (joined || a.needs.taped[ix(front)]) continue;
      LayTask task;
      task.front = front, task.step = k;
      if (step.what == Do::Wash) {
        task.wash = step.wash;
      } else {
        task.back = step.impression;
      }
      task.outline = a.meetings.placed[ix(front)]->silhouette;
      task.paper = coverOnPanel(plan, a.meetings.placed, a.needs, a.masks, a.stampOf, front);
      if (task.paper.empty()) continue;
      task.middle = boxOf(task.outline).centre();
      task.join = samplesOf(task.outline, task.paper, reached, panel);
      for (const JoinSample& s : task.join) task.length_mm += s.step_mm;
      const double area = areaOf(task.paper);
      if (task.length_mm < kLeastJoin_mm || area <= 0) continue;
      task.fiddly = around(task.paper) / (2 * std::sqrt(std::numbers::pi * area));
      auto [at, fresh] = best.try_emplace(front, task);
      if (!fresh && task.length_mm > at->second.length_mm) at->second = std::move(task);
    }
  }
  std::vector<LayTask> out;
  for (auto& [front, task] : best) out.push_back(std::move(task));
  std::stable_sort(out.begin(), out.end(),
                   [](const LayTask& x, const LayTask& y) { return x.fiddly < y.fiddly; });
  return out;
}

Rings laidPaper(const LayTask& task, const Laying& laying) {
  if (!laying.drawn.empty()) return laying.drawn;
  return Placing(task.middle, task.middle + laying.by, Degrees{laying.turn_deg}).toPanel(task.paper);
}

CoverSlip slipOf(const LayTask& task, const Laying& laying) {
  CoverSlip slip;
  slip.cut = std::make_shared<const Rings>(laidPaper(task, laying));
  return slip;
}

LayResult judgeLaying(const LayTask& task, const Laying& laying, double visible_mm) {
  LayResult out;
  const Rings paper = laidPaper(task, laying);
  // The widest is told over a millimetre: of two neighbours the lesser.
  double gapBefore = 0, runBefore = 0;
  Point before{1e9, 1e9};
  for (const JoinSample& s : task.join) {
    const double open = opening(paper, s.at);
    // The paper's own inset is hidden by the front's line; papers that are right at the line hide nothing.
    const double gap = std::max(0.0, open - std::max(0.0, s.right_mm)),
                 run = std::max(0.0, -open - std::max(0.0, -s.right_mm));
    if (distance(before, s.at) < 2 * kStep_mm) {
      out.gap_mm = std::max(out.gap_mm, std::min(gap, gapBefore));
      out.runIn_mm = std::max(out.runIn_mm, std::min(run, runBefore));
    }
    gapBefore = gap, runBefore = run, before = s.at;
    if (gap >= visible_mm) out.gapLength_mm += s.step_mm, out.gaps.push_back(s.at);
    if (run >= visible_mm) out.runInLength_mm += s.step_mm, out.runIns.push_back(s.at);
  }
  const double seen = out.gapLength_mm + out.runInLength_mm, share = seen / std::max(1e-9, task.length_mm);
  constexpr double kNoticedOnEnd_mm = 3;  // as where joins are foretold
  out.stars = seen < kNoticedOnEnd_mm ? 3 : share < 0.1 ? 2 : share < 1.0 / 3 ? 1 : 0;
  out.points = seen < kNoticedOnEnd_mm ? 1 : std::max(0.0, 1 - 2 * share);
  return out;
}

Result<Canvas> pressedLaid(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                           const LayTask& task, const Laying& laying, double dpi, const Progress& progress) {
  std::vector<CoverSlip> slips(plan.impressions.size());
  slips[ix(task.front)] = slipOf(task, laying);
  return pressedUpTo(plan, analysis, art, task.step + 1, &slips, dpi, progress);
}

Result<Canvas> pressedBefore(const Plan& plan, const Analysis& analysis, const ArtSource* art, size_t step,
                             double dpi, const Progress& progress) {
  return pressedUpTo(plan, analysis, art, step, nullptr, dpi, progress);
}

}  // namespace havlo
