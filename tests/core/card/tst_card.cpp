// Card sizes against their definitions, layers that fit or do not, and changes of the panel.
#include <QTest>
#include <cmath>

#include "core/card/card_fit.h"
#include "core/card/card_sizes.h"
#include "core/edit/card_edits.h"
#include "core/mask/mask_shape.h"
#include "core/outline/shape_ops.h"
#include "core/viewpoint/scale.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstCard : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  // ISO 216: A0 has an area of 1 m² and sides in the ratio 1 : sqrt 2, each size halves the one before,
  // rounded down; B(n) is the geometric mean of A(n-1) and A(n). ISO 269: C(n) is the geometric mean of A(n)
  // and B(n).
  void isoSizesFollowFromTheirDefinition_data() {
    QTest::addColumn<char>("series");
    QTest::addColumn<double>("exponent");  // A0's height is 2^(1/4) m, B0's 2^(1/2), C0's 2^(3/8)
    QTest::newRow("A") << 'A' << 0.25;
    QTest::newRow("B") << 'B' << 0.5;
    QTest::newRow("C") << 'C' << 0.375;
  }
  void isoSizesFollowFromTheirDefinition() {
    QFETCH(char, series);
    QFETCH(double, exponent);
    for (int n = 0; n <= 10; ++n) {
      const UsualSize size = isoSize(series, n);
      const double height = 1000 * std::pow(2, exponent - n / 2.0), width = height / std::sqrt(2.0);
      // The standards round by steps; the tables are within 1 mm of the exact sizes.
      QVERIFY2(std::fabs(size.height_mm - height) <= 1.0, qPrintable(QString::number(n)));
      QVERIFY2(std::fabs(size.width_mm - width) <= 1.0, qPrintable(QString::number(n)));
      if (n > 0 && series != 'C') {
        QCOMPARE(size.height_mm, isoSize(series, n - 1).width_mm);
        QCOMPARE(size.width_mm, std::floor(isoSize(series, n - 1).height_mm / 2));
      }
    }
  }
  void isoSizesInTheListsAreThose() {
    QVERIFY(isoSize('A', 4).width_mm == 210 && isoSize('C', 6).height_mm == 162);
    for (const auto& list : {usualBases(), usualSheets(), usualEnvelopes()})
      for (const UsualSize& s : list) {
        QVERIFY(s.width_mm <= s.height_mm);
        if (s.name == "A5")
          QVERIFY(s.width_mm == isoSize('A', 5).width_mm && s.height_mm == isoSize('A', 5).height_mm);
        if (s.name == "A6")
          QVERIFY(s.width_mm == isoSize('A', 6).width_mm && s.height_mm == isoSize('A', 6).height_mm);
        if (s.name == "A7")
          QVERIFY(s.width_mm == isoSize('A', 7).width_mm && s.height_mm == isoSize('A', 7).height_mm);
        if (s.name == "B6")
          QVERIFY(s.width_mm == isoSize('B', 6).width_mm && s.height_mm == isoSize('B', 6).height_mm);
        if (s.name == "C5")
          QVERIFY(s.width_mm == isoSize('C', 5).width_mm && s.height_mm == isoSize('C', 5).height_mm);
        if (s.name == "C6")
          QVERIFY(s.width_mm == isoSize('C', 6).width_mm && s.height_mm == isoSize('C', 6).height_mm);
        if (s.name == "C7")
          QVERIFY(s.width_mm == isoSize('C', 7).width_mm && s.height_mm == isoSize('C', 7).height_mm);
      }
  }
  // Common practice, no source: an envelope is an eighth to three eighths of an inch larger than its card,
  // each way.
  void northAmericanEnvelopesTakeTheirCards() {
    int envelopes = 0;
    for (const UsualSize& e : usualEnvelopes()) {
      if (e.family != SizeFamily::Inch || e.name.rfind("A", 0) != 0) continue;
      const std::string name(e.name.substr(0, e.name.find(' ')));
      for (const UsualSize& base : usualBases()) {
        if (base.family != SizeFamily::Inch || (base.name != name && base.name.rfind(name + " ", 0) != 0))
          continue;
        ++envelopes;
        for (const double more : {e.width_mm - base.width_mm, e.height_mm - base.height_mm})
          QVERIFY2(more >= kMmPerInch / 8 - 1e-9 && more <= kMmPerInch * 3 / 8 + 1e-9, name.c_str());
      }
    }
    QVERIFY2(envelopes >= 2, std::to_string(envelopes).c_str());
  }
  // Common practice, no source: half a Letter sheet folded is 4 1/4 × 5 1/2 in; 4 × 5 1/4 in lies on it with
  // 1/8 in all round.
  void northAmericanSizesAgreeWithEachOther() {
    const UsualSize& a2 = usualBases()[0];
    QCOMPARE(a2.width_mm * 2, usualSheets()[0].width_mm);
    QCOMPARE(a2.height_mm * 2, usualSheets()[0].height_mm);
    Card card;
    card.panel.width_mm = 4 * kMmPerInch, card.panel.height_mm = 5.25 * kMmPerInch;
    const CardBase base = baseFor(card, kMmPerInch / 8, Fold::Left);
    QVERIFY(std::fabs(base.width_mm - a2.width_mm) < 1e-9 && std::fabs(base.height_mm - a2.height_mm) < 1e-9);
  }
  // Common practice, no source: each layer 1/8 in larger shows 1/16 in on each side.
  void matsGrowByTheirReveal() {
    Plan p;
    p.card.panel.width_mm = 3.75 * kMmPerInch, p.card.panel.height_mm = 4.75 * kMmPerInch;
    p.card.mats = {{kMmPerInch / 16, {}, {}, {}}};
    const CardFit fit = fitCard(p);
    QVERIFY(std::fabs(fit.layers[1].box.width() - 3.875 * kMmPerInch) < 1e-9);
    QVERIFY(std::fabs(fit.layers[1].box.height() - 4.875 * kMmPerInch) < 1e-9);
  }
  // Common practice, no source: 8 1/2 × 5 1/2 folds to 4 1/4 × 5 1/2; 4 1/4 × 11 is scored at 5 1/2.
  void theOpenedBaseAndItsScore() {
    Plan p = emptyPlan();
    p.card.base = CardBase{4.25 * kMmPerInch, 5.5 * kMmPerInch, "left", {}, {}};
    CardFit fit = fitCard(p);
    QVERIFY(std::fabs(fit.baseSheetWidth_mm - 8.5 * kMmPerInch) < 1e-9 && fit.scoreUpright);
    QVERIFY(std::fabs(fit.scoreAt_mm - 4.25 * kMmPerInch) < 1e-9);
    p.card.base->fold = "top";
    fit = fitCard(p);
    QVERIFY(std::fabs(fit.baseSheetHeight_mm - 11 * kMmPerInch) < 1e-9 && !fit.scoreUpright);
    QVERIFY(std::fabs(fit.scoreAt_mm - 5.5 * kMmPerInch) < 1e-9);
  }
  void aLayerThatDoesNotFitIsSeen() {
    Plan p = emptyPlan();
    p.card.mats = {{2, {}, {}, {}}};
    p.card.base = CardBase{p.card.panel.width_mm + 3, p.card.panel.height_mm + 10, "left", {}, {}};
    const CardFit fit = fitCard(p);
    QCOMPARE(fit.misfits.size(), 1u);
    QCOMPARE(fit.misfits[0].kind, MisfitKind::LayerTooLarge);
    QCOMPARE(fit.misfits[0].layer, 1);
    QVERIFY(std::fabs(fit.misfits[0].by_mm - 1) < 1e-9);
    QCOMPARE(fit.misfits[0].byHeight_mm, 0.0);
  }
  void anOffSizeBaseIsLinedUpAndTrimmed() {
    Plan p = emptyPlan();
    p.card.base = baseFor(p.card, 3, Fold::Left);
    QVERIFY(fitCard(p).misfits.empty());
    p.card.base->width_mm += 1.5;
    const CardFit fit = fitCard(p);
    QCOMPARE(fit.misfits.size(), 1u);
    QCOMPARE(fit.misfits[0].kind, MisfitKind::UnequalReveal);
    const Trimming t = trimmingOf(p.card, 3);
    QVERIFY(std::fabs(t.fromWidth_mm - 1.5) < 1e-9 && t.fromHeight_mm == 0 && !t.tooSmall);
    p.card.base->height_mm = p.card.panel.height_mm - 1;
    QVERIFY(trimmingOf(p.card, 3).tooSmall);
  }
  void aChangedPanelKeepsTheSceneTogether() {
    const Plan before = demo("canal-towpath");
    const double w = before.card.panel.width_mm, h = before.card.panel.height_mm;
    const auto after = withPanel(before, Millimetres{w - 20}, Millimetres{h + 10});
    QVERIFY(bool(after));
    const Plan& p = after.value();
    for (size_t i = 0; i < p.impressions.size(); ++i) {
      QCOMPARE(p.impressions[i].at.y, before.impressions[i].at.y);
      QVERIFY(std::fabs(p.impressions[i].at.x - before.impressions[i].at.x + 10) < 1e-9);
    }
    QCOMPARE(p.view->horizon_mm, before.view->horizon_mm);
    QVERIFY(std::fabs(*p.view->vanishX_mm - *before.view->vanishX_mm + 10) < 1e-9);
    // Distances and scale of what stands stay as they were.
    const auto was = readScales(before), is = readScales(p);
    QCOMPARE(was.size(), is.size());
    for (size_t i = 0; i < is.size(); ++i) QCOMPARE(is[i].verdict, was[i].verdict);
    // The sky wash reaches the new top edge and both sides.
    for (const Wash& wash : p.washes)
      if (wash.id == "sky") {
        const Box box = boxOf(wash.area);
        QVERIFY(std::fabs(box.top - (h + 10)) < 1e-9 && std::fabs(box.right - (w - 20)) < 1e-9 &&
                box.left == 0);
      }
    QVERIFY(bool(readPlan(writePlan(p))));
  }
  void whatNoLongerFitsIsSaid() {
    const Plan before = demo("canal-towpath");
    const auto narrow = withPanel(before, Millimetres{90}, Millimetres{60});
    QVERIFY(bool(narrow));
    QVERIFY(bool(readPlan(writePlan(narrow.value()))));
    int gone = 0, feet = 0;
    for (const Misfit& m : fitCard(narrow.value()).misfits) {
      gone += m.kind == MisfitKind::ImpressionOffPanel;
      feet += m.kind == MisfitKind::FootOffPanel;
    }
    QVERIFY(gone > 0 && feet > 0);
    QVERIFY(!withPanel(before, Millimetres{4}, Millimetres{60}));
    QVERIFY(!withPanel(before, Millimetres{NAN}, Millimetres{60}));
  }
  void aBareBorderWarnsOfWhatRunsIntoIt() {
    Plan p = emptyPlan();
    addStamp(p, slab("post", 10, 30));
    put(p, "a", "post", {7, 20}, 3);
    put(p, "b", "post", {60, 20}, 3);
    p.card.bare_mm = 6;
    const CardFit fit = fitCard(p);
    QCOMPARE(fit.misfits.size(), 1u);
    QCOMPARE(fit.misfits[0].impression, 0);
    QVERIFY(std::fabs(fit.misfits[0].by_mm - 4) < 1e-9);
  }
  void aNewPlanIsWhole() {
    Card card;
    card.panel.width_mm = 105, card.panel.height_mm = 148;
    const Plan p = newPlan(card);
    QVERIFY(bool(readPlan(writePlan(p))));
    QVERIFY(p.view && p.view->horizon_mm > 0 && !p.inks.empty());
  }
  void stampsAreHeldOnceAndReplacedOnRequest() {
    Plan p = emptyPlan();
    Stamp post = slab("post", 10, 30);
    post.drawer = "key-1";
    auto held = withStamp(p, post);
    QCOMPARE(held.stamp, std::string("post"));
    QCOMPARE(withStamp(held.plan, post).plan.stamps.size(), 1u);
    Stamp other = slab("post", 12, 20);
    const auto two = withStamp(held.plan, other);
    QCOMPARE(two.stamp, std::string("post-2"));
    post.height_mm = 31;
    const auto replaced = withStampReplaced(two.plan, "post", post);
    QVERIFY(bool(replaced));
    QCOMPARE(replaced.value().stamp("post")->height_mm, 31.0);
    QVERIFY(!withStampReplaced(two.plan, "nothing", post));
    QVERIFY(bool(withoutStamp(two.plan, "post-2")));
  }
  void aPartOfAMaskIsKeptOrDropped() {
    // A body with a thin string, a slender ear and a small hole.
    Stamp s = slab("thing", 40, 40);
    s.silhouette = {{{0, 0},
                     {20, 0},
                     {20, 9},
                     {38, 9},
                     {38, 9.6},
                     {20, 9.6},
                     {20, 20},
                     {11, 20},
                     {11, 32},
                     {9.2, 32},
                     {9.2, 20},
                     {0, 20}},
                    {{4, 4}, {7, 4}, {7, 7}, {4, 7}}};
    Supplies supplies;
    supplies.leastHole_mm = 6;
    const auto kinds = [&](const Stamp& stamp) {
      int thin = 0, slender = 0, hole = 0, cut = 0;
      for (const FiddlyPart& part : fiddlyParts(stamp, supplies)) {
        thin += part.kind == FiddlyPart::Kind::Thin;
        slender += part.kind == FiddlyPart::Kind::Slender;
        hole += part.kind == FiddlyPart::Kind::Hole;
        cut += part.cut;
      }
      return QStringLiteral("%1 %2 %3, cut %4").arg(thin).arg(slender).arg(hole).arg(cut);
    };
    QCOMPARE(kinds(s), QStringLiteral("1 1 1, cut 1"));
    const double usual = areaOf(maskOf(s, supplies)->mask);
    for (const FiddlyPart& part : fiddlyParts(s, supplies)) {
      const Stamp changed = withPartChosen(s, supplies, part.inside, !part.cut);
      const double area = areaOf(maskOf(changed, supplies)->mask);
      if (part.kind == FiddlyPart::Kind::Thin) QVERIFY(area > usual + 4);
      if (part.kind == FiddlyPart::Kind::Slender) QVERIFY(area < usual - 8);
      if (part.kind == FiddlyPart::Kind::Hole) QVERIFY(area < usual - 9);
      QCOMPARE(withPartChosen(changed, supplies, part.inside, part.cut), s);  // and back
      const auto again = readStamp(writeStamp(changed));
      QVERIFY(bool(again));
      QCOMPARE(again.value(), changed);
    }
    supplies.footMark = FootMark::Notch;
    const double notched = areaOf(maskOf(s, supplies)->mask);
    QVERIFY(notched < usual - 0.5 && notched > usual - 3);
  }

  // Layer on layer; the folded base counts twice.
  void layersAddUp() {
    Plan p = emptyPlan();
    p.card.paper.thickness_mm = 0.3;
    QVERIFY(std::fabs(fitCard(p).thickness_mm - 0.3) < 1e-9);
    p.card.mats.resize(2);
    QVERIFY(std::fabs(fitCard(p).thickness_mm - 0.9) < 1e-9);
    p.card.base = CardBase{};
    QVERIFY(std::fabs(fitCard(p).thickness_mm - 1.5) < 1e-9);
  }
};

HAVLO_TEST(TstCard)
#include "tst_card.moc"
