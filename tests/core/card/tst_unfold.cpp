// A base opened flat: against paper folded in space, point by point.
#include <QTest>
#include <array>

#include "core/card/unfold.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

using V3 = std::array<double, 3>;

/// The sheet lies with its outer side up, the front upright; nothing is known here of leaves and boxes but
/// where the fold of the front is. The back is folded down behind the front. @return where a point of the
/// sheet's outer side comes to, seen from before the card: x to the right, y up, z toward the eye
V3 folded(const CardBase& base, Point outer) {
  const double w = base.width_mm, h = base.height_mm;
  if (base.fold == "left") return outer.x >= w ? V3{outer.x - w, outer.y, 0} : V3{w - outer.x, outer.y, -1};
  if (base.fold == "right") return outer.x <= w ? V3{outer.x, outer.y, 0} : V3{2 * w - outer.x, outer.y, -1};
  if (base.fold == "top") return outer.y <= h ? V3{outer.x, outer.y, 0} : V3{outer.x, 2 * h - outer.y, -1};
  return outer.y >= h ? V3{outer.x, outer.y - h, 0} : V3{outer.x, h - outer.y, -1};
}

/// A point of a leaf, in the leaf's own reading frame, on the outer side of the sheet as it lies.
Point onSheet(const CardBase& base, Leaf leaf, Point p) {
  const LeafPlace place = leafOf(base, leaf);
  Point q{place.box.left + p.x, place.box.bottom + p.y};
  if (place.upsideDown) q = {place.box.right - p.x, place.box.top - p.y};
  if (place.outer) return q;
  // Seen from the inner side: the sheet was turned over sideways, or upwards.
  const CardFit fit = [&] {
    Plan plan = emptyPlan();
    plan.card.base = base;
    return fitCard(plan);
  }();
  return turnsUpward(base) ? Point{q.x, fit.baseSheetHeight_mm - q.y}
                           : Point{fit.baseSheetWidth_mm - q.x, q.y};
}

}  // namespace

class TestUnfold : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void everyLeaf_isWhereAFoldedCardHasIt_data() {
    QTest::addColumn<QString>("fold");
    for (const char* fold : {"left", "right", "top", "bottom"})
      QTest::newRow(fold) << QString::fromLatin1(fold);
  }
  void everyLeaf_isWhereAFoldedCardHasIt() {
    QFETCH(QString, fold);
    CardBase base;
    base.width_mm = 100, base.height_mm = 140, base.fold = fold.toStdString();
    for (const Point p : {Point{10, 15}, {90, 20}, {30, 130}}) {
      // The front is read from before the card, as it is.
      const V3 front = folded(base, onSheet(base, Leaf::Front, p));
      QVERIFY(front[2] == 0 && std::fabs(front[0] - p.x) < 1e-9 && std::fabs(front[1] - p.y) < 1e-9);
      // The back is read after walking round the card: left and right change, up stays up.
      const V3 back = folded(base, onSheet(base, Leaf::Back, p));
      QVERIFY(back[2] < 0 && std::fabs(100 - back[0] - p.x) < 1e-9 && std::fabs(back[1] - p.y) < 1e-9);
      // The front is opened; the leaf behind lies still and is read from before, as it is.
      const V3 inside = folded(base, onSheet(base, Leaf::Inside, p));
      QVERIFY(inside[2] < 0 && std::fabs(inside[0] - p.x) < 1e-9 && std::fabs(inside[1] - p.y) < 1e-9);
      // The inner side of the front, once it is opened round its fold.
      const V3 inner = folded(base, onSheet(base, Leaf::InsideFront, p));
      const bool sideways = fold == u"left" || fold == u"right";
      const double x = sideways ? 100 - inner[0] : inner[0], y = sideways ? inner[1] : 140 - inner[1];
      QVERIFY(inner[2] == 0 && std::fabs(x - p.x) < 1e-9 && std::fabs(y - p.y) < 1e-9);
    }
  }

  void theLeaves_coverBothSides() {
    for (const char* fold : {"left", "right", "top", "bottom"}) {
      CardBase base;
      base.width_mm = 100, base.height_mm = 140, base.fold = fold;
      for (const auto& [a, b] : {std::pair(Leaf::Front, Leaf::Back), {Leaf::Inside, Leaf::InsideFront}}) {
        const LeafPlace one = leafOf(base, a), two = leafOf(base, b);
        QVERIFY(one.outer == two.outer && !(one.box == two.box));
        QCOMPARE(one.box.width() * one.box.height() + two.box.width() * two.box.height(), 28000.0);
      }
    }
    CardBase flat;
    flat.width_mm = 100, flat.height_mm = 140, flat.fold = "none";
    QVERIFY(leafOf(flat, Leaf::Front).outer && !leafOf(flat, Leaf::Inside).outer);
  }

  void draggedRims_showWhatTheySay() {
    Card card = emptyPlan().card;
    Mat mat;
    mat.reveal_mm = 3;
    card.mats = {mat};
    CardBase base;
    base.width_mm = card.panel.width_mm + 16, base.height_mm = card.panel.height_mm + 16;
    card.base = base;
    const auto shown = [](const Card& c, int layer) {
      Plan p = emptyPlan();
      p.card = c;
      return revealsOf(fitCard(p), layer - 1);
    };
    for (const Side side : {Side::Left, Side::Right, Side::Bottom, Side::Top})
      for (const int layer : {1, 2}) {
        const bool upright = side == Side::Left || side == Side::Right;
        const Reveals even = shown(withReveal(card, layer, side, 6, false), layer);
        QVERIFY(std::fabs((upright ? even.left_mm : even.bottom_mm) - 6) < 1e-9);
        QVERIFY(std::fabs((upright ? even.right_mm : even.top_mm) - 6) < 1e-9);
        const Reveals was = shown(card, layer), odd = shown(withReveal(card, layer, side, 1, true), layer);
        const double mine = side == Side::Left     ? odd.left_mm
                            : side == Side::Right  ? odd.right_mm
                            : side == Side::Bottom ? odd.bottom_mm
                                                   : odd.top_mm;
        QVERIFY(std::fabs(mine - 1) < 1e-9);
        // The paper keeps its size: what shows less here shows more across.
        QVERIFY(std::fabs(odd.left_mm + odd.right_mm - was.left_mm - was.right_mm) < 1e-9);
        QVERIFY(std::fabs(odd.bottom_mm + odd.top_mm - was.bottom_mm - was.top_mm) < 1e-9);
      }
    // Off-centre by more than there is: said.
    Plan p = emptyPlan();
    p.card = card;
    p.card.mats[0].shift = {5, 0};
    const CardFit fit = fitCard(p);
    QCOMPARE(fit.misfits.size(), size_t{1});
    QVERIFY(fit.misfits[0].kind == MisfitKind::ShiftedOver && std::fabs(fit.misfits[0].by_mm - 2) < 1e-9);
    QVERIFY(fit.misfits[0].serious);
    // It comes back from the file.
    QVERIFY(readPlan(writePlan(p)).value().plan == p);
  }
};

HAVLO_TEST(TestUnfold)
#include "tst_unfold.moc"
