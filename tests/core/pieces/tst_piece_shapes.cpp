// Outlines of plain papers: discs and hills in closed form, words cut through a sheet against GEOS; the panel
// on foam, by hand.
#include <QTest>
#include <numbers>

#include "core/card/card_fit.h"
#include "core/edit/piece_shapes.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/pieces/card_stack.h"
#include "core/plan/plan_text.h"
#include "core/runsheet/assembly.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TestPieceShapes : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aDisc_isRound() {
    const Rings disc = discOutline(40);
    const Box box = boxOf(disc);
    QVERIFY(std::fabs(box.left) < 1e-9 && std::fabs(box.right - 40) < 1e-9 && std::fabs(box.top - 40) < 1e-9);
    // A regular polygon of 96 corners: n/2 r² sin(2π/n).
    QVERIFY(std::fabs(areaOf(disc) - 48 * 400 * std::sin(2 * std::numbers::pi / 96)) < 1e-6);
  }

  void aHill_reachesBelowAndRisesOnce() {
    const Rings hill = hillOutline(120, 30, 5);
    const Box box = boxOf(hill);
    QCOMPARE(box.bottom, -5.0);
    QVERIFY(box.left == 0 && box.right == 120 && box.top <= 30 + 1e-9 && box.top > 29);
    int turns = 0;
    const Ring& r = hill[0];
    for (size_t k = 3; k + 1 < r.size(); ++k) turns += (r[k].y - r[k - 1].y) * (r[k + 1].y - r[k].y) < 0;
    QCOMPARE(turns, 1);
  }

  void wordsCutThrough_leaveTheSheet() {
    // Two letters: a bar, and a ring whose middle falls out.
    const Rings word{{{5, 5}, {8, 5}, {8, 15}, {5, 15}},
                     {{12, 5}, {22, 5}, {22, 15}, {12, 15}},
                     {{15, 8}, {19, 8}, {19, 12}, {15, 12}}};
    const Box sheet{0, 0, 30, 20};
    const Rings cut = cutThrough(sheet, word);
    QVERIFY(std::fabs(areaOf(cut) - (600 - 30 - 100)) < 1e-6);
    QVERIFY(nearestPoint(cut, {17, 10}).distance_mm > 0);  // where the middle was
    QVERIFY(nearestPoint(cut, {10, 10}).distance_mm == 0);
    QVERIFY(std::fabs(areaOf(cutThrough(sheet, {})) - 600) < 1e-9);
  }

  void another_size_keepsTheCorner() {
    const Rings wide = resized(discOutline(40), 80, 20);
    const Box box = boxOf(wide);
    QVERIFY(std::fabs(box.width() - 80) < 1e-9 && std::fabs(box.height() - 20) < 1e-9);
    QVERIFY(std::fabs(box.left) < 1e-9 && std::fabs(box.bottom) < 1e-9);
  }

  void thePanelOnFoam_isThatMuchHigher() {
    Plan p = emptyPlan();
    Mat mat;
    mat.reveal_mm = 3;
    p.card.mats = {mat};
    CardBase base;
    base.width_mm = p.card.panel.width_mm + 12, base.height_mm = p.card.panel.height_mm + 12;
    p.card.base = base;
    const CardStack flat = stackOf(p, {});
    const double minutes = finishMinutes(p, {});
    p.card.raise_mm = 2;
    const CardStack high = stackOf(p, {});
    // Two leaves, a mat, 2 mm of foam, the panel, each 0.3 mm.
    QVERIFY(std::fabs(flat.thickness_mm - 1.2) < 1e-9 && std::fabs(high.thickness_mm - 3.2) < 1e-9);
    QCOMPARE(high.sheets.back().foam_mm, 2.0);
    QVERIFY(std::fabs(high.sheets.back().low_mm - flat.sheets.back().low_mm - 2) < 1e-9);
    QVERIFY(std::fabs(finishMinutes(p, {}) - minutes - (WorkTimes().attach - WorkTimes().glue)) < 1e-9);
    QVERIFY(readPlan(writePlan(p)).value().plan == p);
    // Without anything below it lies on the table.
    p.card.mats.clear(), p.card.base.reset();
    QCOMPARE(stackOf(p, {}).sheets.back().foam_mm, 0.0);
  }
};

HAVLO_TEST(TestPieceShapes)
#include "tst_piece_shapes.moc"
