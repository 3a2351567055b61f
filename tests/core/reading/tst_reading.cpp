// One small scene per rule, the finding expected, its fix carried out, and silence after it.
#include <QElapsedTimer>
#include <QTest>

#include "core/chain/chain.h"
#include "core/edit/edits.h"
#include "core/outline/shape_ops.h"
#include "core/wash/stencil.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Stamp figure(const std::string& id, double w, double h, double real_m) {
  Stamp s = slab(id, w, h);
  s.role = Role::Figure;
  s.realHeight = RealHeight{real_m, real_m * 0.9, real_m * 1.1, {}};
  return s;
}

/// Applies the fix of a finding and checks that the finding is gone.
void mends(const Plan& plan, FindingKind kind) {
  const AnalysisRef a = analyse(plan);
  const Finding* f = find(*a, kind);
  QVERIFY(f && f->fix);
  const auto mended = applied(plan, *f->fix);
  QVERIFY(bool(mended));
  QVERIFY(!find(*analyse(mended.value()), kind));
}

}  // namespace

class TstReading : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void outOfScale() {
    Plan p = emptyPlan();
    addStamp(p, figure("man", 10, 40, 1.5));
    put(p, "m", "man", {60, 30}, 1).depth = OnGround{};  // expected 66 mm there
    const AnalysisRef a = analyse(p);
    const Finding* f = find(*a, FindingKind::OutOfScale);
    QVERIFY(f);
    QVERIFY(f->level == Level::Warn);
    QVERIFY(std::abs(f->value - 40.0 / 66) < 1e-9);
    mends(p, FindingKind::OutOfScale);
    p.impressions[0].at.y = 5;  // less than half its size
    QVERIFY(find(*analyse(p), FindingKind::OutOfScale)->level == Level::Fault);
  }

  void floatingOverTheHorizon() {
    Plan p = emptyPlan();
    addStamp(p, figure("man", 10, 40, 1.5));
    put(p, "m", "man", {60, 120}, 1).depth = OnGround{};
    QCOMPARE(find(*analyse(p), FindingKind::Floating)->value, 24.0);
    mends(p, FindingKind::Floating);
  }

  void floatingOverTheGroundOfItsDistance() {
    Plan p = emptyPlan();
    addStamp(p, figure("man", 10, 40, 1.5));
    put(p, "m", "man", {60, 70}, 4);  // ground at 4 m is at y 48
    QVERIFY(std::abs(find(*analyse(p), FindingKind::Floating)->value - 22) < 1e-9);
    mends(p, FindingKind::Floating);
    const_cast<Stamp&>(*p.stamps[0]).role = Role::Sky;
    QVERIFY(!find(*analyse(p), FindingKind::Floating));  // a cloud may hang where it likes
  }

  void notTouchingWhatItIsOn() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "table", "s", {60, 20}, 3);
    put(p, "cup", "s", {60, 46}, 3).depth = OnThing{"table", false};
    QCOMPARE(find(*analyse(p), FindingKind::Floating)->value, 6.0);
    mends(p, FindingKind::Floating);
    p.impressions[1].at.y = 40.5;
    QVERIFY(!find(*analyse(p), FindingKind::Floating));
  }

  void whollyHidden() {
    Plan p = emptyPlan();
    addStamp(p, slab("big", 60, 60));
    addStamp(p, slab("small", 10, 10));
    put(p, "wall", "big", {60, 30}, 2);
    put(p, "mouse", "small", {60, 40}, 5);
    const Finding* f = nullptr;
    const AnalysisRef a = analyse(p);
    f = find(*a, FindingKind::WhollyHidden);
    QVERIFY(f);
    QCOMPARE(ids(p, f->impressions), std::string("mouse wall"));
    mends(p, FindingKind::WhollyHidden);
    p.impressions[0].school = School::Overprint;  // ink over ink hides nothing
    QVERIFY(!find(*analyse(p), FindingKind::WhollyHidden));
  }

  void hiddenByTwoTogether() {
    Plan p = emptyPlan();
    addStamp(p, slab("half", 20, 40));
    addStamp(p, slab("small", 20, 20));
    put(p, "left", "half", {50, 30}, 2);
    put(p, "right", "half", {70, 30}, 2);
    put(p, "mouse", "small", {60, 40}, 5);
    const AnalysisRef a = analyse(p);
    QVERIFY(find(*a, FindingKind::WhollyHidden));
    p.impressions[1].at.x = 71;  // a gap of 1 mm between them shows 5 %
    QVERIFY(!find(*analyse(p), FindingKind::WhollyHidden));
  }

  void offThePanel() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 20, 20));
    put(p, "a", "s", {160, 50}, 2);
    QVERIFY(find(*analyse(p), FindingKind::OffPanel)->level == Level::Fault);
    mends(p, FindingKind::OffPanel);
    p.impressions[0].at.x = 127;  // half on: a fine effect
    QVERIFY(!find(*analyse(p), FindingKind::OffPanel));
    Stamp words = slab("s", 20, 20);
    words.role = Role::Greeting;
    p.stamps = {std::make_shared<const Stamp>(words)};
    QVERIFY(find(*analyse(p), FindingKind::OffPanel)->level == Level::Fault);
    mends(p, FindingKind::OffPanel);
  }

  void whatSpoilsTheCardIsToldFirst() {  // common practice, no source: mend what spoils the card, then what
                                         // could be better
    Plan p = emptyPlan();
    addStamp(p, figure("man", 10, 40, 1.5));
    addStamp(p, slab("s", 20, 20));
    put(p, "m", "man", {60, 30}, 1).depth = OnGround{};
    put(p, "lost", "s", {160, 50}, 2);
    const AnalysisRef a = analyse(p);
    const std::vector<Level> told{Level::Fault, Level::Warn, Level::Note};
    std::vector<long> ranks;
    for (const Finding& f : a->findings)
      ranks.push_back(std::find(told.begin(), told.end(), f.level) - told.begin());
    QVERIFY(std::is_sorted(ranks.begin(), ranks.end()));
    QVERIFY(std::count(ranks.begin(), ranks.end(), 0) && std::count(ranks.begin(), ranks.end(), 1));
    QVERIFY(find(*a, FindingKind::OffPanel) == &a->findings.front());  // though size is looked at before it
  }

  void horizonMeetsHead_data() {
    QTest::addColumn<double>("foot");
    QTest::addColumn<bool>("meets");
    QTest::newRow("well below the horizon") << 50.0 << false;
    QTest::newRow("just touching the crown") << 55.5 << true;
    QTest::newRow("through the head") << 60.0 << true;
    QTest::newRow("through the chest") << 70.0 << false;
  }
  void horizonMeetsHead() {
    QFETCH(double, foot);
    QFETCH(bool, meets);
    Plan p = emptyPlan();
    addStamp(p, figure("man", 10, 40, 1.5));
    put(p, "m", "man", {60, foot}, 1).depth = OnGround{};
    QCOMPARE(find(*analyse(p), FindingKind::HorizonMeetsHead) != nullptr, meets);
  }

  void aCycleIsNamedAndMended() {
    Plan p = emptyPlan();
    addStamp(p, slab("s", 30, 30));
    put(p, "a", "s", {40, 40}, 1);
    put(p, "b", "s", {50, 45}, 2);
    put(p, "c", "s", {45, 55}, 3).inFrontOf = {"a"};
    // A mask laid ahead does it; not so if two are each said to be in front of the other.
    QVERIFY(find(*analyse(p), FindingKind::Cycle)->level == Level::Warn);
    mends(p, FindingKind::Cycle);
    p.impressions[0].inFrontOf = {"c"};
    QVERIFY(find(*analyse(p), FindingKind::Cycle)->level == Level::Fault);
  }

  void everyRuleIsInTheTableOnce() {
    std::vector<FindingKind> kinds;
    for (const Rule& r : rules()) {
      QVERIFY(r.read && !r.word.empty() && !r.measure.empty());
      QVERIFY(std::find(kinds.begin(), kinds.end(), r.kind) == kinds.end());
      kinds.push_back(r.kind);
      QCOMPARE(&ruleOf(r.kind), &r);
    }
    QCOMPARE(kinds.size(), kFindingKinds);
  }

  void theDemoHasOneHonestFinding() {
    const Plan p = demo("canal-towpath");
    const AnalysisRef a = analyse(p);
    int worth = 0;
    for (const Finding& f : a->findings) worth += f.level != Level::Note;
    QCOMPARE(worth, 1);
    mends(p, FindingKind::OutOfScale);
  }

  // What careful makers do every day is no finding: dry blending over dye, a wet wash before the print, a
  // marker over an ink that says it holds. Common practice, no source.
  void inksThatBearItAreLeftInPeace() {
    Plan p = emptyPlan();
    p.inks[0].kind = InkKind::Dye, p.inks[1].kind = InkKind::WaterReactive;
    addStamp(p, slab("s", 20, 20));
    put(p, "tree", "s", {60, 60}, 2);
    Wash w;
    w.id = "w", w.ink = "blue", w.area = rectangle({0, 40, 127, 120}), w.strength = 0.8, w.lets = {"tree"};
    p.washes = {w};
    const auto says = [&](FindingKind kind) {
      const AnalysisRef a = analyse(p);
      return std::any_of(a->findings.begin(), a->findings.end(),
                         [&](const Finding& f) { return f.kind == kind; });
    };
    QVERIFY(!says(FindingKind::WaterNearDye));  // blended dry
    p.washes[0].way = WashWay::Brush;
    QVERIFY(says(FindingKind::WaterNearDye));
    p.inks[0].holds.water = true;
    QVERIFY(!says(FindingKind::WaterNearDye));
    p.inks[0].holds.water.reset();
    p.making.sequence = {{"wash:w", "stamp:tree", {}}};  // the wash first, and dry when it is printed on
    QVERIFY(!says(FindingKind::WaterNearDye));
    p.making.sequence.clear();
    p.washes[0].way = WashWay::Marker;
    QVERIFY(says(FindingKind::MarkerOverBleeding));
    p.inks[0].holds.marker = true;
    QVERIFY(!says(FindingKind::MarkerOverBleeding));
  }

  void mudIsMadeOnlyWhereBothStencilsAreOpen() {
    Plan p = emptyPlan();
    p.inks[0].colour = {0xd0, 0x20, 0x20}, p.inks[1].colour = {0x20, 0xa0, 0x30};
    const auto stencil = [](const char* id, const Box& box, StencilPattern pattern) {
      WashLimit limit;
      limit.id = id, limit.kind = LimitKind::Stencil, limit.shape = stencilPattern(pattern, box, 5);
      return limit;
    };
    const auto wash = [&](const char* id, size_t ink, const char* limit) {
      Wash w;
      w.id = id, w.ink = p.inks[ink].id, w.area = rectangle({0, 0, 127, 170}), w.reach = 1, w.strength = 1;
      w.softness_mm = 0, w.limits = {{limit, LimitSide::Inside, {}}};
      return w;
    };
    // One low, one high: they have nothing in common, though their boxes would.
    p.limits = {stencil("low", {5, 5, 122, 80}, StencilPattern::Dots),
                stencil("high", {5, 84, 122, 165}, StencilPattern::Dots)};
    p.washes = {wash("red", 0, "low"), wash("green", 1, "high")};
    p.washes[0].from = WashFrom::Bottom, p.washes[1].from = WashFrom::Top;
    const auto muddy = [](const Plan& plan) {
      const AnalysisRef a = withLooks(plan, analyse(plan), nullptr);
      const Finding* f = find(*a, FindingKind::MuddyBlend);
      return f ? std::optional<Finding>(*f) : std::nullopt;
    };
    QVERIFY(!muddy(p));
    // Through the same openings they make mud. Of thousands of points that is known in no time: when the
    // shapes were cut out of each other for it, twenty times a reading, this took half a minute.
    p.limits[1].shape = p.limits[0].shape = stencilPattern(StencilPattern::Dots, {2, 2, 125, 168}, 4);
    QElapsedTimer clock;
    clock.start();
    QVERIFY(muddy(p).has_value());
    QVERIFY2(clock.elapsed() < 3000, qPrintable(QString::number(clock.elapsed())));
    // Blended over half of it they hardly meet, and that is what is offered.
    const auto found = muddy(p);
    QVERIFY(found->fix && found->fix->what == Fix::What::WashReach);
    const auto mended = applied(p, *found->fix);
    QVERIFY(bool(mended));
    QVERIFY(!muddy(mended.value()));
    // What is pasted is the same all over: blending less far is no way out. Relief has no ink.
    p.washes[1].way = WashWay::Paste;
    QVERIFY(muddy(p) && !muddy(p)->fix);
    p.washes[1].way = WashWay::Relief;
    QVERIFY(!muddy(p));
  }
};

HAVLO_TEST(TstReading)
#include "tst_reading.moc"
