// Colouring by hand: a part recoloured to new pixels of the demo's card, the eye's answer, dots scattered,
// the parts of sixty stamps found; pieces cut from sheets.
#include <benchmark/benchmark.h>

#include <QPainter>

#include "bench/time_each.h"
#include "core/base/parallel.h"
#include "core/base/random.h"
#include "core/chain/chain.h"
#include "core/edit/hand_edits.h"
#include "core/focus/looks.h"
#include "core/handwork/colouring.h"
#include "core/stock/cut_list.h"
#include "io/art/picture.h"
#include "io/art/svg_art.h"
#include "support/plans.h"

using namespace havlo;

namespace {

/// One part of the demo's hare in another ink every time: analysis and picture at the size of the window's
/// card.
void recolourToPixels(benchmark::State& state) {
  const SvgArt art;
  Plan plan = testing::demo("canal-towpath");
  AnalysisRef a = analyse(plan, nullptr, &art);
  const StampRegions regions(*plan.stamp("hare"), &art);
  auto kept = newTileStore();
  const char* inks[] = {"ember", "willow", "dusk", "apricot"};
  const Grid grid(plan.card.panel.box(), 116);
  QImage image;
  timeEach(state, [&](int k) {
    const Plan before = plan;
    const AnalysisRef then = a;
    plan = withPartColoured(plan, "hare", regions, k % 3,
                            {inks[k % 4], ColourWay::Marker, Shade::AwayFromLight, 0.8})
               .value();
    a = analyse(plan, a.get());
    const PressInput in = a->press(plan, &art);
    PressTiles tiles(in, grid, kept);
    std::optional<Box> changed;
    if (!image.isNull()) changed = recoloured(before, *then->hand, plan, *a->hand);
    const Canvas card = intendedCard(in, tiles, changed);
    if (!changed) {
      image = pictureOf(card);
    } else {
      QPainter(&image).drawImage(card.within().left, card.within().top, pictureOf(card));
    }
  });
}
BENCHMARK(recolourToPixels)->Unit(benchmark::kMillisecond)->Iterations(60);

/// The looks that follow it.
void recolourLooks(benchmark::State& state) {
  const SvgArt art;
  Plan plan = testing::demo("canal-towpath");
  AnalysisRef a = analyse(plan, nullptr, &art);
  const StampRegions regions(*plan.stamp("hare"), &art);
  auto kept = newTileStore();
  timeEach(state, [&](int k) {
    plan = withPartColoured(plan, "hare", regions, k % 3,
                            {k % 2 ? "ember" : "dusk", ColourWay::Marker, Shade::Flat, 0.8})
               .value();
    a = analyse(plan, a.get());
    benchmark::DoNotOptimize(lookAt(plan, *a, &art, kept));
  });
}
BENCHMARK(recolourLooks)->Unit(benchmark::kMillisecond)->Iterations(60);

void scatter500(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  const auto free = [clear = keptClear(plan)](Point p) {
    return std::none_of(clear.begin(), clear.end(), [&](const Box& b) { return b.contains(p); });
  };
  size_t found = 0;
  timeEach(state, [&](int k) {
    found = scattered(plan.card.panel.box(), 500, 3.2, static_cast<uint64_t>(k), free).size();
  });
  state.counters["dots"] = static_cast<double>(found);
}
BENCHMARK(scatter500)->Unit(benchmark::kMillisecond)->Iterations(60);

/// Forty pieces of a batch from A4 sheets, with the usual effort.
void cutListOfForty(benchmark::State& state) {
  Random random(3);
  std::vector<WantedPiece> wanted;
  for (int k = 0; k < 40; ++k)
    wanted.push_back({"p", 30 + random.unit() * 110, 30 + random.unit() * 110, 1, k % 5 != 0});
  const std::vector<StockSheet> stock{{"A4", 210, 297, 30}, {"offcut", 120, 90, 4}};
  CutList list;
  timeEach(state, [&](int) { list = cutListFor(wanted, stock); });
  state.counters["sheet"] = list.used_mm2 / list.leastSheet_mm2;
}
BENCHMARK(cutListOfForty)->Unit(benchmark::kMillisecond)->Iterations(10);

void partsOfSixty(benchmark::State& state) {
  const SvgArt art;
  const Plan plan = testing::demo("canal-towpath");
  size_t parts = 0;
  timeEach(state, [&](int) {
    for (size_t k = 0; k < 60; ++k)
      parts += StampRegions(*plan.stamps[k % plan.stamps.size()], &art).all().size();
  });
  benchmark::DoNotOptimize(parts);
}
BENCHMARK(partsOfSixty)->Unit(benchmark::kMillisecond)->Iterations(3);

}  // namespace
