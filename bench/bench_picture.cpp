// Speed to pixels: with the art of the demo drawn through Qt.
#include <benchmark/benchmark.h>

#include <QApplication>
#include <QColor>
#include <algorithm>
#include <chrono>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "support/plans.h"

using namespace havlo;

namespace {

/// One thing of the demo moved: edit, analysis, and the card face at the size it has in a window of 1280 x
/// 800.
void moveToPixels(benchmark::State& state) {
  Plan plan = testing::demo("canal-towpath");
  AnalysisRef a = analyse(plan);
  const SvgArt art;
  const auto tiles = newTileStore();
  const double dpi = 82;
  intendedPicture(plan, *a, art, dpi, tiles);
  std::vector<double> ms;
  int k = 0;
  for (auto _ : state) {
    const auto start = std::chrono::steady_clock::now();
    plan = withFoot(plan, "hare", {98.0 + 0.3 * (++k % 60), 15.37}).value();
    a = analyse(plan, a.get());
    benchmark::DoNotOptimize(intendedPicture(plan, *a, art, dpi, tiles));
    ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
  }
  std::sort(ms.begin(), ms.end());
  state.counters["p50_ms"] = ms[ms.size() / 2];
  state.counters["p95_ms"] = ms[ms.size() * 95 / 100];
}
BENCHMARK(moveToPixels)->Unit(benchmark::kMillisecond)->Iterations(120);

/// The strip of Order & masks: every step simulated and pictured, with art.
void stripOfTheDemo(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  const AnalysisRef a = analyse(plan);
  const SvgArt art;
  const auto tiles = newTileStore();
  for (auto _ : state)
    benchmark::DoNotOptimize(
        stepPictures(plan, *a, art, static_cast<double>(state.range(0)), QColor(0, 100, 80), {}, tiles));
  state.counters["steps"] = static_cast<double>(a->sheet.steps.size());
}
BENCHMARK(stripOfTheDemo)->Arg(75)->Arg(110)->Unit(benchmark::kMillisecond)->Iterations(6);

void simulateDemoWithArt300(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  const AnalysisRef a = analyse(plan);
  const SvgArt art;
  for (auto _ : state) benchmark::DoNotOptimize(simulate(a->press(plan, &art), a->sheet, 300));
}
BENCHMARK(simulateDemoWithArt300)->Unit(benchmark::kMillisecond)->Iterations(4);

}  // namespace

int main(int argc, char** argv) {
  qputenv("QT_QPA_PLATFORM", "offscreen");
  const QApplication app(argc, argv);
  benchmark::Initialize(&argc, argv);
  benchmark::RunSpecifiedBenchmarks();
  return 0;
}
