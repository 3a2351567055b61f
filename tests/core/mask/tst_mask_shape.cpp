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
};

HAVLO_TEST(TstMaskShape)
#include "tst_mask_shape.moc"
