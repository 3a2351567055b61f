// Speed of the core. Run: build-ci/bench/bench ; what the rows mean and their goals: docs/benchmarks.md
#include <benchmark/benchmark.h>
#include <geos_c.h>

#include <algorithm>
#include <random>

#include "bench/time_each.h"
#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "support/plans.h"
#include "support/random_plan.h"

using namespace havlo;

namespace {

Plan crowd(int impressions, double panel_mm) {
  testing::RandomOptions o;
  o.impressions = impressions;
  o.stamps = 20;
  o.points = 300;
  o.smooth = true;
  o.parts = false;
  o.least_mm = 8;
  o.most_mm = 40;
  o.schools = false;
  o.washes = false;
  o.panel = {0, 0, panel_mm, panel_mm};
  return testing::randomPlan(11, o);
}

void moveOneAmong100(benchmark::State& state) {
  Plan plan = crowd(100, 180);
  AnalysisRef a = analyse(plan);
  std::mt19937 random(1);
  std::uniform_real_distribution<double> step(-2, 2);
  size_t k = 0;
  timeEach(state, [&](int) {
    // A drag: thirty small moves of one thing, then of the next.
    const Impression& i = plan.impressions[k++ / 30 % plan.impressions.size()];
    plan = withFoot(plan, i.id, {i.at.x + step(random), i.at.y + step(random)}).value();
    a = analyse(plan, a.get());
    benchmark::DoNotOptimize(a);
  });
  state.counters["overlaps"] = static_cast<double>(a->meetings.list.size());
}
BENCHMARK(moveOneAmong100)->Unit(benchmark::kMillisecond)->Iterations(600);

void whole400(benchmark::State& state) {
  const Plan plan = crowd(400, 600);
  timeEach(state, [&](int) { benchmark::DoNotOptimize(analyse(plan)); });
  state.counters["meetings"] = static_cast<double>(analyse(plan)->meetings.list.size());
}
BENCHMARK(whole400)->Unit(benchmark::kMillisecond)->Iterations(30);

/// What the overlaps alone take when GEOS is asked for every pair.
void geosEveryPairOf400(benchmark::State& state) {
  const Plan plan = crowd(400, 600);
  const AnalysisRef a = analyse(plan);
  GEOSContextHandle_t h = GEOS_init_r();
  std::vector<GEOSGeometry*> shapes;
  for (const PlacedRef& p : a->meetings.placed) {
    GEOSGeometry* sum = GEOSGeom_createEmptyPolygon_r(h);
    for (const Ring& ring : p->silhouette) {
      GEOSCoordSequence* s = GEOSCoordSeq_create_r(h, static_cast<unsigned>(ring.size() + 1), 2);
      for (unsigned i = 0; i <= ring.size(); ++i)
        GEOSCoordSeq_setXY_r(h, s, i, ring[i % ring.size()].x, ring[i % ring.size()].y);
      GEOSGeometry* one = GEOSGeom_createPolygon_r(h, GEOSGeom_createLinearRing_r(h, s), nullptr, 0);
      GEOSGeometry* both = GEOSSymDifference_r(h, sum, one);
      GEOSGeom_destroy_r(h, sum);
      GEOSGeom_destroy_r(h, one);
      sum = both;
    }
    shapes.push_back(sum);
  }
  for (auto _ : state) {
    double total = 0;
    for (size_t i = 0; i < shapes.size(); ++i)
      for (size_t k = 0; k < i; ++k) {
        GEOSGeometry* shared = GEOSIntersection_r(h, shapes[i], shapes[k]);
        double area = 0;
        GEOSArea_r(h, shared, &area);
        total += area;
        GEOSGeom_destroy_r(h, shared);
      }
    benchmark::DoNotOptimize(total);
  }
  for (GEOSGeometry* g : shapes) GEOSGeom_destroy_r(h, g);
  GEOS_finish_r(h);
}
BENCHMARK(geosEveryPairOf400)->Unit(benchmark::kMillisecond)->Iterations(2);

/// The demo, 5 x 7 in, with silhouettes for its art: replay and comparison.
void replayDemo(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  const AnalysisRef a = analyse(plan);
  const double dpi = static_cast<double>(state.range(0));
  timeEach(state, [&](int) { benchmark::DoNotOptimize(simulate(a->press(plan, nullptr), a->sheet, dpi)); });
  state.counters["steps"] = static_cast<double>(a->sheet.steps.size());
}
BENCHMARK(replayDemo)->Arg(300)->Arg(75)->Unit(benchmark::kMillisecond)->Iterations(8);

}  // namespace
