// The order of stamping, and the risk of joins.
#include <benchmark/benchmark.h>

#include "core/chain/chain.h"
#include "core/risk/join_risk.h"
#include "support/plans.h"
#include "support/random_plan.h"

namespace {

using namespace havlo;

Plan many(int impressions, uint32_t seed) {
  testing::RandomOptions o;
  o.impressions = impressions;
  o.stamps = impressions < 20 ? 4 : 20;
  o.schools = false;
  o.panel = impressions < 20 ? Box{0, 0, 90, 90} : Box{0, 0, 300, 300};
  return testing::randomPlan(seed, o);
}

/// The best order of so many impressions; says how far from the bound it is and whether it is proven.
void bestOrder(benchmark::State& state) {
  const Plan plan = many(static_cast<int>(state.range(0)), 7);
  const AnalysisRef a = analyse(plan);
  BestOrder best;
  for (auto _ : state) best = findBestOrder(orderWork(plan, *a));
  const double least = inOrder(plan, *a, best.order)->sheet.atLeast;
  state.counters["minutes"] = best.minutes;
  state.counters["gap%"] = 100 * (best.minutes - least) / best.minutes;
  state.counters["exact"] = best.exact;
}
BENCHMARK(bestOrder)->Arg(8)->Arg(12)->Arg(40)->Arg(100)->Unit(benchmark::kMillisecond)->Iterations(3);

/// Ten thousand trials of the demo's joins.
void demoJoins(benchmark::State& state) {
  const Plan plan = testing::demo("canal-towpath");
  const AnalysisRef a = withBestOrder(plan, analyse(plan));
  size_t joins = 0;
  for (auto _ : state) joins = joinRisk(plan, *a).value().joins.size();
  state.counters["joins"] = static_cast<double>(joins);
}
BENCHMARK(demoJoins)->Unit(benchmark::kMillisecond)->Iterations(5);

}  // namespace
