// The viewpoint at work: a scene of 60 impressions with a path, a canal, a room and a low light. The core's
// share, and the whole of it from a movement to the pixels of the card face in its window.
#include <benchmark/benchmark.h>

#include <QImage>
#include <QTemporaryDir>
#include <algorithm>
#include <chrono>

#include "app/face/crowd_draft.h"
#include "app/face/face_view.h"
#include "bench/time_each.h"
#include "core/chain/chain.h"
#include "core/edit/view_edits.h"
#include "core/guides/guides.h"
#include "io/art/svg_art.h"
#include "support/plans.h"
#include "support/random_plan.h"
#include "tests/support/known_window.h"

using namespace havlo;

namespace {

Plan busyScene(bool room) {
  testing::RandomOptions o;
  o.impressions = 60;
  o.stamps = 15;
  o.points = 300;
  o.smooth = true;
  o.parts = false;
  o.schools = false;
  o.washes = false;
  o.least_mm = 8, o.most_mm = 40;
  o.panel = {0, 0, 178, 127};
  Plan plan = testing::randomPlan(21, o);
  plan.card.panel = {178, 127, {}};
  if (!plan.view) plan.view = View{};
  plan.view->horizon_mm = 80, plan.view->eyeHeight_m = 1.5, plan.view->nearDistance_m = 2;
  GroundMark path, canal;
  path.id = "path", path.along = {{60, 0}, {90, 30}, {89, 80}}, path.width_m = 1.5;
  canal.id = "canal", canal.kind = GroundKind::Canal, canal.along = {{140, 0}, {89, 80}}, canal.width_m = 3;
  plan.ground = {path, canal};
  if (room) {
    Room r;
    r.left_mm = 50, r.bottom_mm = 40, r.width_mm = 80, r.height_mm = 70, r.unit_m = 0.2;
    RoomBox bench;
    bench.id = "bench", bench.left_m = 0.4;
    r.boxes = {bench};
    plan.room = r;
  }
  plan.light = Light{{}, {}, 150, 12, {}};
  return plan;
}

View moved(const View& view, int k) {
  View v = view;
  v.horizon_mm += 0.4 * (k % 20);
  return v;
}

/// Horizon moved: analysis, guides with hidden parts removed, shadows.
void horizonMoved60(benchmark::State& state) {
  const Plan plan = busyScene(state.range(0) != 0);
  AnalysisRef a = analyse(plan);
  size_t lines = 0;
  timeEach(state, [&](int k) {
    const Plan now = withView(plan, moved(*plan.view, k)).value();
    a = analyse(now, a.get());
    lines = guidesOf(now, *a->depth, a->meetings.placed, {false, false, true}).size();
    benchmark::DoNotOptimize(castShadows(now, *a->depth, a->meetings.placed));
  });
  state.counters["guides"] = static_cast<double>(lines);
}
BENCHMARK(horizonMoved60)->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond)->Iterations(120);

/// The face painted anew; when `whole` is set with what its workers make: the picture, and what the light
/// does.
void paintFace(FaceView& face, QImage& image, bool whole) {
  if (whole) testing::waitForJobs(face);
  face.render(&image);
}

/// The same in the window: the edit of the session and the face painted anew, 692 × 470 pixels.
void horizonToPixels60(benchmark::State& state) {
  QTemporaryDir folder;
  PlanSession session(folder.path());
  RowDraft row(session);
  CrowdDraft crowd(session);
  FaceView face(session, row, crowd, std::make_shared<SvgArt>());
  face.resize(692, 470);
  session.start(busyScene(state.range(0) != 0));
  testing::settle(face);
  const Plan plan = session.plan();
  QImage image(face.size(), QImage::Format_ARGB32_Premultiplied);
  timeEach(state, [&](int k) {
    session.edit(QStringLiteral("x"), withView(plan, moved(*plan.view, k)), QStringLiteral("x"));
    paintFace(face, image, state.range(1) != 0);
  });
}
BENCHMARK(horizonToPixels60)->ArgsProduct({{0, 1}, {0, 1}})->Unit(benchmark::kMillisecond)->Iterations(120);

/// The light dragged: nothing but shadows and sides changes.
void lightToPixels60(benchmark::State& state) {
  QTemporaryDir folder;
  PlanSession session(folder.path());
  RowDraft row(session);
  CrowdDraft crowd(session);
  FaceView face(session, row, crowd, std::make_shared<SvgArt>());
  face.resize(692, 470);
  session.start(busyScene(false));
  testing::settle(face);
  const Plan plan = session.plan();
  QImage image(face.size(), QImage::Format_ARGB32_Premultiplied);
  timeEach(state, [&](int k) {
    Light light = *plan.light;
    light.direction_deg += k % 90;
    session.edit(QStringLiteral("x"), withLight(plan, light), QStringLiteral("x"));
    paintFace(face, image, state.range(0) != 0);
  });
}
BENCHMARK(lightToPixels60)->Arg(0)->Arg(1)->Unit(benchmark::kMillisecond)->Iterations(120);

}  // namespace
