// The finished card: seen from an angle while it is dragged, ten of them as a line of work, cut from the
// drawer.
#include <benchmark/benchmark.h>

#include <QTemporaryDir>

#include "app/card/stack_view.h"
#include "app/session/plan_session.h"
#include "bench/time_each.h"
#include "core/batch/line_of_work.h"
#include "core/chain/chain.h"
#include "core/pieces/from_drawer.h"
#include "io/art/svg_art.h"
#include "support/known_window.h"
#include "support/plans.h"

using namespace havlo;

namespace {

/// A step of a drag to new pixels, at the size of the window's drawing.
void angleFollowsADrag(benchmark::State& state) {
  QTemporaryDir folder;
  const auto art = std::make_shared<SvgArt>();
  PlanSession session(folder.filePath(QStringLiteral("rescue")));
  session.setArt(art);
  session.start(testing::demo("towpath-finished"));
  StackView view(session, art);
  view.resize(670, 640);
  view.show();
  testing::settle(view);
  QImage image(view.size(), QImage::Format_RGB32);
  timeEach(state, [&](int k) {
    view.turnTo(-60 + k % 120, 30 + k % 40);
    view.render(&image);
    benchmark::DoNotOptimize(image.bits());
  });
}
BENCHMARK(angleFollowsADrag)->Unit(benchmark::kMillisecond)->Iterations(200);

void tenCardsAsALineOfWork(benchmark::State& state) {
  const SvgArt art;
  Plan plan = testing::demo("towpath-finished");
  plan.making.copies = 10, plan.making.rack = 6;
  plan.making.variations = {{"other", 3, {{"greeting", "", "ember", "", ""}}, ""}};
  const AnalysisRef a = withBestOrder(plan, analyse(plan, nullptr, &art));
  timeEach(state, [&](int) { benchmark::DoNotOptimize(lineOfWork(plan, a, &art).minutes); });
}
BENCHMARK(tenCardsAsALineOfWork)->Unit(benchmark::kMillisecond)->Iterations(10);

void tenCardsCutFromA4(benchmark::State& state) {
  Plan plan = testing::demo("towpath-finished");
  plan.making.copies = 10;
  timeEach(state, [&](int) {
    benchmark::DoNotOptimize(cutFromDrawer(plan, {}, {"A4", 210, 297, 1}).size());
  });
}
BENCHMARK(tenCardsCutFromA4)->Unit(benchmark::kMillisecond)->Iterations(10);

}  // namespace
