// Prepared fronts: stencils against GEOS, paste and relief in the press, and prints pulled from a plate.
#include <QTest>

#include "core/chain/chain.h"
#include "core/drawer/plate.h"
#include "core/edit/wash_edits.h"
#include "core/ink/ink_facts.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/plan/plan_text.h"
#include "core/wash/limit_shape.h"
#include "core/wash/stencil.h"
#include "core/wash/wash_area.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// Paste of a covering colour through dots over the panel, behind a house.
Plan withPaste(WashWay way = WashWay::Paste) {
  Plan p = emptyPlan();
  addStamp(p, slab("house", 40, 50));
  put(p, "house", "house", {60, 30}, 4);
  p.inks.push_back(p.inks[0]);
  p.inks.back().id = "paste", p.inks.back().kind = InkKind::Paint;
  p.inks.back().colour = {0xe8, 0xdc, 0xc0}, p.inks.back().opacity = 1;
  p = withNewWash(p, WashKind::Plain, "paste").value();
  return withWashWay(p, p.washes[0].id, way).value();
}

}  // namespace

class TestStencil : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyPattern_isWholeAndHoldsTogether() {
    const Box area{10, 20, 110, 150};
    for (const StencilPattern pattern :
         {StencilPattern::Dots, StencilPattern::Bricks, StencilPattern::Stripes, StencilPattern::Waves})
      for (const double size : {0.5, 3.0, 6.0, 14.0}) {
        const Rings rings = stencilPattern(pattern, area, size);
        QVERIFY(!rings.empty());
        const Box all = boxOf(rings);
        QVERIFY(all.left >= area.left - 1e-9 && all.right <= area.right + 1e-9);
        QVERIFY(all.bottom >= area.bottom - 1e-9 && all.top <= area.top + 1e-9);
        // GEOS joins nothing: no two openings touch, each is as far from the next as a bar is wide.
        double sum = 0;
        for (const Ring& ring : rings) sum += areaOf(Rings{ring});
        Rings joined;
        std::vector<Rings> each;
        for (const Ring& ring : rings) each.push_back(Rings{ring});
        joined = unionOf(each);
        QVERIFY(std::fabs(areaOf(joined) - sum) < 1e-6 * sum);
        QCOMPARE(offset(rings, Millimetres{kLeastBar_mm / 2 - 0.02}).size(), rings.size());
      }
    QVERIFY(stencilPattern(StencilPattern::Dots, {0, 0, 1, 1}, 6).empty());
  }

  void distance_isToTheNearestRim() {
    WashLimit l;
    l.kind = LimitKind::Stencil, l.shape = stencilPattern(StencilPattern::Bricks, {0, 0, 60, 40}, 10);
    l.opening = boxOf(l.shape);
    const LimitDistance inside(l, LimitSide::Inside, 60), outside(l, LimitSide::Outside, 60);
    for (const Point p : {Point{30, 20}, {-5, 3}, {12.3, 7.7}, {59, 39}}) {
      double least = 1e9;  // every edge tried
      for (const Ring& r : l.shape)
        for (size_t k = 0; k < r.size(); ++k) {
          const Point a = r[k], b = r[(k + 1) % r.size()], d = b - a;
          const double t =
              std::clamp(((p - a).x * d.x + (p - a).y * d.y) / (d.x * d.x + d.y * d.y), 0.0, 1.0);
          least = std::min(least, distance(p, {a.x + t * d.x, a.y + t * d.y}));
        }
      QVERIFY(std::fabs(std::fabs(inside.at(p)) - least) < 1e-9);
      QCOMPARE(inside.at(p), -outside.at(p));
    }
    QVERIFY(inside.at({-5, 3}) < 0);
  }

  void paste_isPressedThroughItsStencil() {
    const Plan p = withPaste();
    QCOMPARE(p.limits.size(), size_t{1});
    QVERIFY(p.limits[0].kind == LimitKind::Stencil && p.washes[0].limits[0].id == p.limits[0].id);
    QVERIFY(readPlan(writePlan(p)).value().plan == p);
    const AnalysisRef a = withBestOrder(p, analyse(p));
    const Simulation s = simulate(a->press(p, nullptr), a->sheet, 150).value();
    QVERIFY(s.proven);
    // As much of it as the openings let through, away from the house that is kept clean.
    const Rings reached = difference(reachedArea(p, p.washes[0]), a->meetings.placed[0]->silhouette);
    const LinearRgb paste = linearOf(p.inks.back().colour);
    double covered = 0;
    const Grid& g = s.card.grid();
    for (int y = 0; y < g.height; ++y)
      for (int x = 0; x < g.width; ++x) {
        const LinearRgb c = s.card.at(x, y);
        covered += std::fabs(c[2] - paste[2]) < 0.02;
      }
    const double area = covered / (g.pxPerMmX() * g.pxPerMmY());
    QVERIFY2(std::fabs(area - areaOf(reached)) < 0.06 * areaOf(reached),
             qPrintable(QStringLiteral("%1 of %2 mm²").arg(area).arg(areaOf(reached))));
    // Without the stencil it is refused.
    RunSheet spoiled = a->sheet;
    std::erase_if(spoiled.steps.own(),
                  [](const Step& step) { return step.limit >= 0 && step.what == Do::MaskOn; });
    for (Step& step : spoiled.steps.own())
      if (step.what == Do::Wash) step.limit = -1;
    QVERIFY(!simulate(a->press(p, nullptr), spoiled, 150).value().proven);
  }

  void aBlendMadePaste_hasNoBorderThatNothingMakes() {
    Plan p = emptyPlan();
    p = withNewWash(p, WashKind::Sky, "blue").value();
    p = withWashWay(p, p.washes[0].id, WashWay::Paste).value();
    const AnalysisRef a = analyse(p);
    for (const Finding& f : a->findings) QVERIFY(f.kind != FindingKind::BorderNothingMakes);
    // Every opening is whole.
    QVERIFY(std::fabs(areaOf(reachedArea(p, p.washes[0])) - areaOf(p.limits[0].shape)) < 1);
  }

  void itStaysRaised_andThatIsSaid() {
    Plan p = withPaste();
    const auto uneven = [](const Plan& plan) {
      const AnalysisRef a = analyse(plan);
      for (const Finding& f : a->findings)
        if (f.kind == FindingKind::UnevenGround) return f.value;
      return 0.0;
    };
    QCOMPARE(uneven(p), 0.0);  // kept off the house
    p.washes[0].lets = {"house"};
    QVERIFY(uneven(p) > 100);
    for (const WashWay way : {WashWay::Paste, WashWay::Relief}) {
      Plan q = withPaste(way);
      q.washes[0].lets = {"house"};
      QVERIFY(uneven(q) > 100);
      q.washes[0].depth = WashLayer::Near;  // stamped first, the paste after it
      QCOMPARE(uneven(q), 0.0);
    }
    Plan blended = withPaste();
    blended.washes[0].way = WashWay::Blend, blended.washes[0].lets = {"house"};
    QCOMPARE(uneven(blended), 0.0);
    // Hours to dry, but nothing for pressed paper.
    QCOMPARE(drySeconds(p.washes[0], p.inks.back()), kPasteDry_s);
    p.washes[0].way = WashWay::Relief;
    QCOMPARE(drySeconds(p.washes[0], p.inks.back()), 0.0);
  }

  void aStencilIsMoved_notStretched() {
    Plan p = withPaste();
    WashLimit l = p.limits[0];
    const Rings before = l.shape;
    l.opening = {l.opening.left + 7, l.opening.bottom - 3, l.opening.right + 7, l.opening.top - 3};
    const Plan moved = withLimit(p, l).value();
    QCOMPARE(moved.limits[0].shape.size(), before.size());
    QVERIFY(distance(moved.limits[0].shape[0][0], before[0][0] + Point{7, -3}) < 1e-9);
    QVERIFY(std::fabs(areaOf(moved.limits[0].shape) - areaOf(before)) < 1e-6);
  }

  void aPlate_printsTheOtherWayRound() {
    Stamp s = slab("bird", 40, 20);
    s.silhouette = {{{0, 0}, {40, 0}, {40, 5}, {5, 5}, {5, 20}, {0, 20}}};  // an L
    s.foot = {3, 0}, s.facing = Facing::Left;
    s.contacts = {{ContactKind::Perch, {2, 19}, {}}};
    s.art = R"(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 20"><path d="M0,0L5,0L5,20Z"/></svg>)";
    const Stamp plate = asPlate(s, true);
    QVERIFY(plate.plate);
    QCOMPARE(plate.foot.x, 37.0);
    QVERIFY(plate.facing == Facing::Right);
    QCOMPARE(plate.contacts[0].at.x, 38.0);
    QVERIFY(std::fabs(areaOf(plate.silhouette) - areaOf(s.silhouette)) < 1e-9);
    // What stood at the left stands at the right.
    QVERIFY(nearestPoint(plate.silhouette, {38, 18}).distance_mm == 0);
    QVERIFY(nearestPoint(plate.silhouette, {2, 18}).distance_mm > 5);
    QVERIFY(plate.art.find("translate(40 0) scale(-1 1)") != std::string::npos);
    // Turned back it is as before; twice the same is once.
    QVERIFY(asPlate(plate, true) == plate);
    const Stamp back = asPlate(plate, false);
    QVERIFY(back.silhouette == s.silhouette && back.foot == s.foot && back.facing == s.facing && !back.plate);
    QVERIFY(readStamp(writeStamp(plate)).value() == plate);
    // A second pull is paler: the pressings of its ink.
    QVERIFY(strengthOf(emptyPlan().inks[0], 2) < strengthOf(emptyPlan().inks[0], 1));
  }

  // A distance changes by no more than the way one goes (the triangle inequality): cells so far from the edge
  // of what is seen need not be looked at.
  void theShareChangesNoFasterThanTheWayGone() {
    Plan p = emptyPlan();
    WashLimit l;
    l.id = "l", l.kind = LimitKind::Stencil,
    l.shape = stencilPattern(StencilPattern::Bricks, {20, 20, 90, 70}, 10);
    l.opening = boxOf(l.shape);
    p.limits = {l};
    Wash w;
    w.area = rectangle({0, 0, 120, 96}), w.from = WashFrom::Limit, w.reach = 0.4;
    w.limits = {{"l", LimitSide::Outside, {}}};
    const WashFalloff falloff(p, w);
    const double most = falloff.steepest_perMm();
    QVERIFY(most > 0);
    double steepest = 0;
    for (int k = 0; k < 400; ++k) {
      const Point a{0.3 * k, 10 + 0.2 * k}, b{a.x + 0.02 * (1 + k % 90), a.y};
      const double change = std::fabs(falloff.shareAt(a) - falloff.shareAt(b)) / (b.x - a.x);
      QVERIFY(change <= most * (1 + 1e-9));
      steepest = std::max(steepest, change);
    }
    QVERIFY(steepest > 0.5 * most);  // and not much slower: the bound says something
    w.from = WashFrom::Bottom;
    QCOMPARE(WashFalloff(p, w).steepest_perMm(), 0.0);
  }
};

HAVLO_TEST(TestStencil)
#include "tst_stencil.moc"
