// What is cut: exact shapes, and Clipper for the areas left uncovered and covered too much.
#include <QTest>
#include <cmath>

#include "core/mask/mask_shape.h"
#include "core/outline/shape_ops.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstMaskShape : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // 20 x 40 with r = 0.6 opened and 0.3 inset: 19.4 x 39.4 with corners of radius 0.3.
  void aSlabLosesItsRim() {
    const MaskRef m = maskOf(slab("s", 20, 40), Supplies{});
    const double mask = 19.4 * 39.4 - (4 - M_PI) * 0.09;
    QVERIFY(std::abs(areaOf(m->mask) - mask) < 5e-3);  // arcs are drawn with sides
    QVERIFY(std::abs(m->uncovered_mm2 - (800 - mask)) < 5e-3);
    QCOMPARE(m->overcovered_mm2, 0.0);
    QVERIFY(thinPartsOf(slab("s", 20, 40), Supplies{}).empty());
  }

  void aWhiskerIsNotCut() {
    Stamp s = slab("s", 20, 20);
    s.silhouette = unionOf({s.silhouette, rectangle({20, 10, 32, 10.8})});
    const MaskRef m = maskOf(s, Supplies{});
    QVERIFY(boxOf(m->mask).right < 20.5);
    QVERIFY(std::abs(areaOf(thinPartsOf(s, Supplies{})) - 12 * 0.8) < 0.3);
    Supplies fine;
    fine.leastCut_mm = 0.7;
    QVERIFY(boxOf(maskOf(s, fine)->mask).right > 31);
  }

  void aSmallHoleIsCoveredTooMuch() {
    Stamp s = slab("s", 20, 20);
    s.silhouette.push_back(rectangle({8, 8, 12, 12})[0]);
    Supplies supplies;
    supplies.leastHole_mm = 6;
    QVERIFY(std::abs(maskOf(s, supplies)->overcovered_mm2 - 16) < 1e-6);
    supplies.leastHole_mm.reset();  // equal to leastCut: the hole is large enough to be cut
    QCOMPARE(maskOf(s, supplies)->overcovered_mm2, 0.0);
  }

  void aStringHasNoMask() {
    const MaskRef m = maskOf(slab("string", 40, 0.6), Supplies{});
    QVERIFY(m->mask.empty());
    QVERIFY(std::abs(m->uncovered_mm2 - 24) < 1e-9);
  }

  void withoutInsetAndOpeningTheMaskIsTheSilhouette() {
    Supplies exact;
    exact.leastCut_mm = 0;
    exact.maskInset_mm = 0;
    const MaskRef m = maskOf(slab("s", 20, 40), exact);
    QVERIFY(m->uncovered_mm2 < 1e-9 && m->overcovered_mm2 < 1e-9);
  }

  void aLargeHoleIsCutUnlessTheMakerLeavesIt() {
    Stamp ring = slab("ring", 30, 30);
    ring.silhouette.push_back({{10, 10}, {20, 10}, {20, 20}, {10, 20}});
    const Supplies supplies;
    QVERIFY(!covers(maskOf(ring, supplies)->mask, {15, 15}));
    const Stamp left = withPartChosen(ring, supplies, {15, 15}, false);
    QVERIFY(covers(maskOf(left, supplies)->mask, {15, 15}));
    QVERIFY(!covers(maskOf(withPartChosen(left, supplies, {15, 15}, true), supplies)->mask, {15, 15}));
  }

  // Where a part is clicked is within it, also of slanting ones; else a click would choose nothing.
  void theMarkOfAPartLiesInIt() {
    Stamp s = slab("s", 30, 20);
    // Whiskers that lean, half a millimetre thick, and a slender leaning leg.
    s.silhouette = {{{0, 0},
                     {30, 0},
                     {30, 20},
                     {24, 20},
                     {36, 34},
                     {35.4, 34},
                     {22, 20},
                     {12, 20},
                     {-4, 33},
                     {-4.6, 33},
                     {8, 20},
                     {0, 20}}};
    const Supplies supplies;
    const auto parts = fiddlyParts(s, supplies);
    QVERIFY(parts.size() >= 2);
    for (const FiddlyPart& p : parts) {
      QVERIFY(covers(p.shape, p.inside));
      QCOMPARE(withPartChosen(s, supplies, p.inside, !p.usual).mask.cut.size() +
                   withPartChosen(s, supplies, p.inside, !p.usual).mask.skip.size(),
               size_t(1));
    }
  }

  // A tick is as long as asked; where nothing of the mask stands over the foot it points from the nearest
  // border to the middle.
  void footTicksAreAsLongAsAsked() {
    Stamp s = slab("s", 20, 10);
    const Rings two{{{0, 2}, {4, 2}, {4, 9}, {0, 9}}, {{17, 3}, {20, 3}, {20, 9}, {17, 9}}};
    for (const double length : {2.0, 5.0}) {
      const auto beside = footTicks(s, two, length);
      QCOMPARE(beside.size(), size_t(1));
      QVERIFY(std::fabs(std::hypot(beside[0].to.x - beside[0].from.x, beside[0].to.y - beside[0].from.y) -
                        length) < 1e-9);
      QVERIFY(std::fabs(beside[0].from.x - 4) < 1e-9 && std::fabs(beside[0].from.y - 2) < 1e-9);
      QVERIFY(beside[0].to.x > 4 && beside[0].to.y > 2);
      const auto above = footTicks(s, s.silhouette, length);
      QCOMPARE(above.size(), size_t(1));
      QVERIFY(std::fabs(above[0].from.y) < 1e-9 && std::fabs(above[0].to.y - length) < 1e-9);
    }
  }
};

HAVLO_TEST(TstMaskShape)
#include "tst_mask_shape.moc"
