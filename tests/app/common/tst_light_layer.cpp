// What the light does on the card face: the dark side of what stands, painted by a worker that leaves Qt's
// painters to the window.
#include <QSemaphore>
#include <QTest>
#include <QThreadPool>
#include <future>

#include "app/common/light_layer.h"
#include "core/chain/chain.h"
#include "support/plans.h"
#include "support/window.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

constexpr double kScale = 8;  // pixels a mm; the layer has half of them

struct Lit {
  Plan plan = emptyPlan();
  FaceGeometry face;

  explicit Lit(double direction_deg) {
    addStamp(plan, slab("crate", 30, 40));
    put(plan, "crate", "crate", {60, 40}, 5);
    plan.light = Light{{}, {}, direction_deg, 30, {}};
    face = {
        kScale, {0, plan.card.panel.height_mm * kScale}, plan.card.panel.width_mm, plan.card.panel.height_mm};
  }
  QImage layer() const {
    const AnalysisRef a = analyse(plan);
    return lightLayer(plan, *a, castShadows(plan, *a->depth, a->meetings.placed), face);
  }
  /// How dark the shade is.
  int at(const QImage& layer, Point p) const {
    const QPointF px = face.toPixels(p) / 2;
    return qAlpha(layer.pixel(px.toPoint()));
  }
};

}  // namespace

class TstLightLayer : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void initTestCase() { prepareApplication(); }

  /// Common practice, no source: the side away from the light is the darkest, the lit one is even.
  void theSideAwayFromTheLightIsDark() {
    const Lit left(180), right(0);
    const QImage fromLeft = left.layer(), fromRight = right.layer();
    constexpr double kMiddle = 60;  // the crate stands from 45 to 75
    for (double y = 45; y < 80; y += 5) {
      QCOMPARE(left.at(fromLeft, {46, y}), left.at(fromLeft, {kMiddle, y}));
      QVERIFY(left.at(fromLeft, {74.5, y}) > left.at(fromLeft, {46, y}) + 25);
      int before = 0;
      for (double x = 46; x <= 74.5; x += 0.5) {
        QVERIFY(left.at(fromLeft, {x, y}) >= before);
        before = left.at(fromLeft, {x, y});
        QVERIFY(std::abs(before - right.at(fromRight, {2 * kMiddle - x - 1 / kScale, y})) <= 2);
      }
      // Evenly darker from where it turns.
      const int a = left.at(fromLeft, {68, y}), b = left.at(fromLeft, {71, y}),
                c = left.at(fromLeft, {74, y});
      QVERIFY2(std::abs(a + c - 2 * b) <= 2, qPrintable(QStringLiteral("%1 %2 %3").arg(a).arg(b).arg(c)));
    }
    QCOMPARE(left.at(fromLeft, {40, 70}), 0);  // beside it, toward the light
    QCOMPARE(left.at(fromLeft, {60, 90}), 0);  // above it
  }

  /// What a nearer thing covers has that one's shade, not both.
  void theNearerThingHasItsOwnShade() {
    Lit lit(180);
    put(lit.plan, "nearer", "crate", {75, 30}, 3);
    const Lit alone(180);
    const QImage two = lit.layer(), one = alone.layer();
    QVERIFY(alone.at(one, {74, 60}) > 25);
    QCOMPARE(lit.at(two, {74, 60}), lit.at(two, {62, 60}));  // the even side of the nearer one
  }

  /// The window's painting waits for Qt's painters; a layer that takes long must not stand before it.
  void theLayerDoesWithoutQtsPainters() {
    const Lit lit(150);
    const QImage before = lit.layer();
    QThreadPool& painters = *QThreadPool::globalInstance();
    QSemaphore busy, go;
    for (int k = 0; k < painters.maxThreadCount(); ++k) painters.start([&] { busy.release(), go.acquire(); });
    busy.acquire(painters.maxThreadCount());
    auto layer = std::async(std::launch::async, [&] { return lit.layer(); });
    const bool done = layer.wait_for(std::chrono::seconds(20)) == std::future_status::ready;
    go.release(painters.maxThreadCount());
    QVERIFY(done);
    QVERIFY(layer.get() == before);
  }
};

HAVLO_TEST(TstLightLayer)
#include "tst_light_layer.moc"
