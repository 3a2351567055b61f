// What a kind of blend usually is in depth (settled in the design of the acts), and the stack that comes of
// it.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/marks/stack.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Wash washOf(WashKind kind, double bottom = 20) {
  Wash w;
  w.id = "w", w.ink = "blue", w.kind = kind, w.area = rectangle({0, bottom, 127, bottom + 30});
  return w;
}

/// Hills far off, a row at 20 m, a hero at 3 m, and the blend.
Plan stackCard(const Wash& wash) {
  Plan p = emptyPlan();
  Stamp hills = slab("hills", 120, 20), row = slab("row", 20, 20), hero = slab("hero", 10, 20);
  hills.role = Role::Landform, row.role = Role::Tree, hero.role = Role::Figure;
  addStamp(p, hills), addStamp(p, row), addStamp(p, hero);
  put(p, "hills", "hills", {63, 90}, 900);
  put(p, "row", "row", {50, 80}, 20);
  put(p, "hero", "hero", {70, 40}, 3);
  p.washes = {wash};
  return p;
}

/// Ids of what lies nearer than the blend.
std::string before(const Plan& p) {
  const AnalysisRef a = analyse(p);
  std::vector<int> nearer;
  for (size_t i = 0; i < p.impressions.size(); ++i)
    if (a->stack.nearer(static_cast<int>(i), 0)) nearer.push_back(static_cast<int>(i));
  return ids(p, nearer);
}

}  // namespace

class TstStack : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyKindLiesWhereItUsuallyDoes() {
    for (const WashKind far : {WashKind::Sky, WashKind::Plain, WashKind::Rays})
      QCOMPARE(before(stackCard(washOf(far))), std::string("hills row hero"));
    for (const WashKind ground : {WashKind::Ground, WashKind::Water})
      QCOMPARE(before(stackCard(washOf(ground))),
               std::string("row hero"));  // over the hills, behind what stands
    QCOMPARE(before(stackCard(washOf(WashKind::DarkEdges))), std::string());
  }

  void mistLiesAtTheDistanceOfTheGroundAtItsFoot() {
    Plan p = stackCard(washOf(WashKind::Mist));
    // The pinhole: the ground at height y is at eye height x (near image) away; here by the horizon's
    // formula.
    const View& v = *p.view;
    const double near_mm = v.horizon_mm, foot = 40;
    const double metres = v.nearDistance_m * near_mm / (near_mm - foot);
    p.washes[0] = washOf(WashKind::Mist, foot);
    const WashDepth where = depthOf(p, p.washes[0]);
    QVERIFY(std::abs(std::get<AtMetres>(where).metres - metres) < 1e-9);
    QCOMPARE(before(p), metres > 3 ? std::string("hero") : std::string());
    // Above the horizon there is no ground; without a viewpoint nothing says how far.
    QCOMPARE(std::get<WashLayer>(depthOf(p, washOf(WashKind::Mist, v.horizon_mm))), WashLayer::Far);
    p.view.reset();
    QCOMPARE(std::get<WashLayer>(depthOf(p, washOf(WashKind::Mist))), WashLayer::Ground);
  }

  void aGlowLiesJustBehindWhatItsFrameHolds() {
    for (const WashKind kind : {WashKind::Glow, WashKind::Halo}) {
      Plan p = stackCard(washOf(kind));
      QCOMPARE(std::get<WashLayer>(depthOf(p, p.washes[0])), WashLayer::Far);  // it holds nothing
      WashLimit frame;
      frame.id = "frame", frame.kind = LimitKind::Circle, frame.opening = {50, 30, 90, 70},
      frame.holds = {"row"};
      p.limits = {frame};
      p.washes[0].limits = {WashBound{"frame", LimitSide::Inside, {}}};
      QCOMPARE(std::get<BesideThing>(depthOf(p, p.washes[0])), (BesideThing{"row", true}));
      QCOMPARE(before(p), std::string("row hero"));
    }
  }

  void theMakersWordGoesFirst() {
    const auto with = [](const WashDepth& depth) {
      Plan p = stackCard(washOf(WashKind::Sky));
      p.washes[0].depth = depth;
      return before(p);
    };
    QCOMPARE(with(WashLayer::Near), std::string());
    QCOMPARE(with(WashLayer::Ground), std::string("row hero"));
    QCOMPARE(with(AtMetres{10}), std::string("hero"));
    QCOMPARE(with(AtMetres{20}), std::string("row hero"));  // at a thing's own distance: behind it
    QCOMPARE(with(BesideThing{"row", false}), std::string("hero"));
    QCOMPARE(with(BesideThing{"hero", true}), std::string("hero"));
    QCOMPARE(with(BesideThing{"hero", false}), std::string());
  }

  void amongEqualsThePlansListCounts() {
    Plan p = stackCard(washOf(WashKind::Sky));
    Wash second = washOf(WashKind::Plain);
    second.id = "second";
    p.washes.push_back(second);
    const AnalysisRef a = analyse(p);
    QVERIFY(a->stack.under(0, 1) && !a->stack.under(1, 0));
    QCOMPARE(a->stack.backToFront().size(), size_t(5));
    QCOMPARE(a->stack.behind(0), 0);
  }
};

HAVLO_TEST(TstStack)
#include "tst_stack.moc"
