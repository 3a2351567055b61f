// What is seen first: looks and shares, the whole reading with them, three arrangements of fifteen stamps.
#include <benchmark/benchmark.h>

#include "bench/time_each.h"
#include "core/arrange/scene.h"
#include "core/chain/chain.h"
#include "core/chain/foretell.h"
#include "core/edit/edits.h"
#include "core/focus/looks.h"
#include "io/art/svg_art.h"
#include "io/drawer/drawer_file.h"
#include "support/plans.h"
#include "support/random_plan.h"

using namespace havlo;

namespace {

/// Sixty impressions of fifteen stamps with six washes on a 5 x 7 in panel.
Plan sixty() {
  testing::RandomOptions o;
  o.impressions = 60;
  o.stamps = 15;
  o.points = 300;
  o.smooth = true;
  o.parts = false;
  o.schools = false;
  o.least_mm = 8, o.most_mm = 40;
  o.panel = {0, 0, 178, 127};
  Plan plan = testing::randomPlan(21, o);
  plan.card.panel = {178, 127, {}};
  plan.impressions[0].hero = true;
  return plan;
}

/// Looks and shares from a rendered card, and rendered anew after one thing has moved.
void looksOf(benchmark::State& state, const Plan& plan, bool render) {
  const SvgArt art;
  const AnalysisRef a = analyse(plan);
  auto kept = newTileStore();
  const PressInput in = a->press(plan, &art);
  PressTiles tiles(in, lookGrid(plan.card.panel.box()), kept);
  const Canvas card = intendedCard(in, tiles);
  timeEach(state, [&](int) {
    benchmark::DoNotOptimize(render ? lookAt(plan, *a, &art, kept) : lookAt(plan, *a, card, tiles));
  });
}
void looksSixty(benchmark::State& state) { looksOf(state, sixty(), false); }
BENCHMARK(looksSixty)->Unit(benchmark::kMillisecond)->Iterations(60);
void looksSixtyRendered(benchmark::State& state) { looksOf(state, sixty(), true); }
BENCHMARK(looksSixtyRendered)->Unit(benchmark::kMillisecond)->Iterations(60);
void looksDemo(benchmark::State& state) { looksOf(state, testing::demo("canal-towpath"), true); }
BENCHMARK(looksDemo)->Unit(benchmark::kMillisecond)->Iterations(60);

/// One thing moved among sixty: analysis, looks, every rule.
void wholeReadingSixty(benchmark::State& state) {
  const SvgArt art;
  Plan plan = sixty();
  AnalysisRef a = analyse(plan);
  auto kept = newTileStore();
  timeEach(state, [&](int k) {
    Impression& moved = plan.impressions[ix(k) % plan.impressions.size()];
    moved.at.x += k % 2 ? 1.5 : -1.5;
    a = analyse(plan, a.get());
    a = withLooks(plan, a, lookAt(plan, *a, &art, kept));
    benchmark::DoNotOptimize(a->findings.size());
  });
}
BENCHMARK(wholeReadingSixty)->Unit(benchmark::kMillisecond)->Iterations(100);

/// Every rule alone, with looks there.
void rulesSixty(benchmark::State& state) {
  Plan plan = sixty();
  AnalysisRef a = analyse(plan);
  a = withLooks(plan, a, lookAt(plan, *a, nullptr));
  timeEach(state, [&](int) { benchmark::DoNotOptimize(readScene(plan, *a).size()); });
}
BENCHMARK(rulesSixty)->Unit(benchmark::kMillisecond)->Iterations(100);

/// Three arrangements of the demo: fifteen things that may move, drawn stamps, each proven.
void threeArrangements(benchmark::State& state) {
  const SvgArt art;
  const Plan plan = testing::demo("canal-towpath");
  size_t proposals = 0;
  for (auto _ : state) proposals = suggestArrangements(plan, &art).value().proposals.size();
  state.counters["proposals"] = static_cast<double>(proposals);
}
BENCHMARK(threeArrangements)->Unit(benchmark::kMillisecond)->Iterations(3);

/// Scenes for the heron from the sample drawer laid in eleven times: 506 stamps.
void scenesFromFiveHundred(benchmark::State& state) {
  const SvgArt art;
  const auto drawer = importDrawer(QStringLiteral(HAVLO_SOURCE_DIR "/data/demo/canal-drawer.zip"));
  SceneWish wish;
  for (int copy = 0; copy < 11; ++copy)
    for (const DrawerStamp& s : drawer.value().stamps) {
      wish.drawer.push_back(s);
      if (copy > 0)
        wish.drawer.back().card.key += std::to_string(copy),
            wish.drawer.back().stamp.id += std::to_string(copy);
      if (copy == 0 && s.stamp.id == "heron") wish.hero = s.stamp;
    }
  wish.inks = drawer.value().inks;
  wish.sheet.card.panel = {127, 178, {}};
  size_t scenes = 0;
  for (auto _ : state) {
    ++wish.seed;
    scenes += scenesFor(wish, &art).value().size();
  }
  state.counters["scenes"] =
      benchmark::Counter(static_cast<double>(scenes), benchmark::Counter::kAvgIterations);
}
BENCHMARK(scenesFromFiveHundred)->Unit(benchmark::kMillisecond)->Iterations(3);

}  // namespace
