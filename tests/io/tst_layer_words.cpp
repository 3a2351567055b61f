// Card, masks and drawer as sentences.
#include <QTest>

#include "core/card/card_sizes.h"
#include "core/edit/card_edits.h"
#include "core/outline/shape_ops.h"
#include "io/wording/card_words.h"
#include "io/wording/drawer_words.h"
#include "io/wording/mask_words.h"
#include "io/wording/piece_words.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstLayerWords : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void sizesInBothFamilies() {
    QCOMPARE(sizeWords(107.95, 139.7, MeasureStyle::Inches), QStringLiteral("4 1/4 × 5 1/2 in"));
    QCOMPARE(sizeWords(105, 148, MeasureStyle::Millimetres), QStringLiteral("105 × 148 mm"));
  }

  void layersAreNamedInTheirOrder() {
    Plan p = emptyPlan();
    p.card.mats = {{2, {}, {}, {}}};
    QCOMPARE(layerName(p, {Layer::What::Mat, 0, {}}), QStringLiteral("The mat"));
    p.card.mats = std::vector<Mat>(6, Mat{2, {}, {}, {}});
    QCOMPARE(layerName(p, {Layer::What::Mat, 1, {}}), QStringLiteral("The second mat"));
    QCOMPARE(layerName(p, {Layer::What::Mat, 5, {}}), QStringLiteral("Mat 6"));
    QCOMPARE(layerName(p, {Layer::What::Base, -1, {}}), QStringLiteral("The base"));
  }

  // Every kind of misfit, made on purpose, is said with its measure.
  void misfitsAreSaidWithTheirMeasure_data() {
    QTest::addColumn<int>("kind");
    QTest::addColumn<QString>("said");
    QTest::newRow("base too narrow") << 0 << "The panel is 7 mm too wide for what it lies on (the base).";
    QTest::newRow("base too low") << 1 << "The panel is 8 mm too high for what it lies on (the base).";
    QTest::newRow("both") << 2 << "The panel is 7 mm too wide and 8 mm too high";
    QTest::newRow("unequal") << 3 << "The base shows 4 mm more on one pair of sides than on the other.";
    QTest::newRow("foot outside") << 4 << "S has its foot 16 mm outside the panel.";
    QTest::newRow("wholly outside") << 5 << "S no longer lies on the panel.";
    QTest::newRow("bare border") << 6 << "S reaches 3 mm into the border that is to stay bare.";
  }
  void misfitsAreSaidWithTheirMeasure() {
    QFETCH(int, kind);
    QFETCH(QString, said);
    Plan p = emptyPlan();
    Stamp slabStamp = slab("s", 20, 20);
    slabStamp.name = "S";
    addStamp(p, slabStamp);
    const double w = p.card.panel.width_mm, h = p.card.panel.height_mm;
    switch (kind) {
      case 0:
        p.card.base = CardBase{w - 7, h, "left", {}, {}};
        break;
      case 1:
        p.card.base = CardBase{w, h - 8, "left", {}, {}};
        break;
      case 2:
        p.card.base = CardBase{w - 7, h - 8, "left", {}, {}};
        break;
      case 3:
        p.card.base = CardBase{w + 4, h + 8, "left", {}, {}};
        break;
      case 4:
        put(p, "a", "s", {60, -16}, 3);
        break;
      case 5:
        put(p, "a", "s", {60, -30}, 3);
        break;
      case 6:
        p.card.bare_mm = 5;
        put(p, "a", "s", {60, 2}, 3);
        break;
    }
    const CardFit fit = fitCard(p);
    QStringList all;
    for (const Misfit& m : fit.misfits) all << wordsOf(p, fit, m, MeasureStyle::Millimetres);
    bool found = false;
    for (const QString& s : all) found = found || s.contains(said);
    QVERIFY2(found, qPrintable(all.join(QStringLiteral(" | "))));
  }

  void theBaseIsCutAndScoredInWords() {
    Plan p = emptyPlan();
    p.card.panel.width_mm = 101.6, p.card.panel.height_mm = 133.35;
    p.card.base = CardBase{107.95, 139.7, "left", {}, {}};
    const QString facts = cardFacts(p, fitCard(p), MeasureStyle::Inches).join(u'\n');
    // A quarter-fold of letter paper: 8 1/2 × 5 1/2 in, scored in the middle; fits an A2 envelope.
    QVERIFY2(
        facts.contains(QStringLiteral("Cut the base 8 1/2 × 5 1/2 in and score it 4 1/4 in from the left")),
        qPrintable(facts));
    QVERIFY(stackFacts(p, stackOf(p, {}), MeasureStyle::Inches)
                .join(u'\n')
                .contains(QStringLiteral("A2 envelope")));
    p.card.base->fold = "top";
    QVERIFY(cardFacts(p, fitCard(p), MeasureStyle::Inches)
                .join(u'\n')
                .contains(QStringLiteral("from the bottom")));
    p.card.base->fold = "none";
    QVERIFY(
        cardFacts(p, fitCard(p), MeasureStyle::Inches).join(u'\n').contains(QStringLiteral("not folded")));
    p.card.base = CardBase{900, 1200, "left", {}, {}};
    const CardStack large = stackOf(p, {});
    QCOMPARE(large.faults.size(), size_t{1});
    QVERIFY(wordsOf(p, large.faults[0], MeasureStyle::Inches).contains(QStringLiteral("No usual envelope")));
  }

  void trimmingIsSaidOnlyWhereThereIsSome() {
    Plan p = emptyPlan();
    const double w = p.card.panel.width_mm, h = p.card.panel.height_mm;
    p.card.base = CardBase{w + 6, h + 6, "left", {}, {}};
    QVERIFY(trimmingWords(p, 3, MeasureStyle::Millimetres).isEmpty());
    p.card.base->width_mm = w + 10;
    QCOMPARE(
        trimmingWords(p, 3, MeasureStyle::Millimetres),
        QStringLiteral("Line the panel up on the left, where the fold is, and the bottom, then trim 4 mm "
                       "off the right side. Or let it show uneven: that is no fault."));
    // The fold is never cut (common practice, no source).
    for (const auto& [fold, kept] : {std::pair("left", "off the left"),
                                     {"right", "off the right"},
                                     {"top", "off the top"},
                                     {"bottom", "off the bottom"}}) {
      Plan other = p;
      other.card.base->fold = fold, other.card.base->height_mm = h + 12;
      const QString words = trimmingWords(other, 3, MeasureStyle::Millimetres);
      QVERIFY2(words.contains(QStringLiteral("trim")) && !words.contains(QLatin1String(kept)), fold);
    }
    p.card.base->height_mm = h + 9;
    QVERIFY(trimmingWords(p, 3, MeasureStyle::Millimetres)
                .contains(QStringLiteral("the right side and 3 mm off the top")));
    p.card.base->width_mm = w - 1;
    QVERIFY(trimmingWords(p, 3, MeasureStyle::Millimetres).contains(QStringLiteral("larger one")));
  }

  // A block with a whisker of 0.6 mm to the right and a hole of 1 mm: too thin and too small for the least
  // cut of 1.2 mm.
  void fiddlyPartsAreNamedByWhereTheyAre() {
    Stamp s = slab("block", 40, 30);
    s.silhouette = {{{0, 0}, {20, 0}, {20, 14.7}, {40, 14.7}, {40, 15.3}, {20, 15.3}, {20, 30}, {0, 30}},
                    {{4, 24}, {4, 25}, {5, 25}, {5, 24}}};
    Supplies supplies;
    const auto parts = fiddlyParts(s, supplies);
    QCOMPARE(parts.size(), 2u);
    QStringList names;
    for (const FiddlyPart& p : parts) names << partName(s, p, MeasureStyle::Millimetres);
    QVERIFY2(names.join(u'|').contains(QStringLiteral("thin part at the right, 20 mm long")),
             qPrintable(names.join(u'|')));
    QVERIFY(names.join(u'|').contains(QStringLiteral("hole at the upper left")));
    QString said =
        maskSentences(s, supplies, *maskOf(s, supplies), parts, MeasureStyle::Millimetres).join(u' ');
    QVERIFY(said.contains(QStringLiteral("stays uncovered: let the background run over it")));
    QVERIFY(said.contains(QStringLiteral("One small hole at the upper left is covered too")));
    QVERIFY(said.contains(QStringLiteral("0.3 mm inside the line; 1.0 mm² are covered too much")));
    // The maker cuts the hole all the same: then nothing is covered too much.
    const Stamp chosen = withPartChosen(s, supplies, {4.5, 24.5}, true);
    said = maskSentences(chosen, supplies, *maskOf(chosen, supplies), fiddlyParts(chosen, supplies),
                         MeasureStyle::Millimetres)
               .join(u' ');
    QVERIFY(!said.contains(QStringLiteral("hole")));
    QVERIFY2(!said.contains(QStringLiteral("too much")), qPrintable(said));
  }

  void whatIsTooThinToCutAtAllIsSaid() {
    Stamp s = slab("string", 0.8, 60);
    Supplies supplies;
    const QStringList said =
        maskSentences(s, supplies, *maskOf(s, supplies), fiddlyParts(s, supplies), MeasureStyle::Millimetres);
    QCOMPARE(said.size(), 1);
    QVERIFY(said[0].contains(QStringLiteral("Nothing of it is wide enough")));
  }

  void everyWordOfTheDrawerIsThere() {
    QStringList words;
    for (int r = 0; r <= static_cast<int>(Role::Greeting); ++r) words << roleName(static_cast<Role>(r));
    for (int k = 0; k <= static_cast<int>(InkKind::Paint); ++k) words << inkKindName(static_cast<InkKind>(k));
    for (const Mounting m : {Mounting::RedRubber, Mounting::Clear, Mounting::Wood}) words << mountingName(m);
    for (const Facing f : {Facing::Left, Facing::Right, Facing::None}) words << facingName(f);
    QVERIFY(!words.contains(QString()));
    words.removeAll(QStringLiteral("plant"));
    QCOMPARE(QSet<QString>(words.begin(), words.end()).size(), words.size());
    QCOMPARE(heightWords({0.6, 0.45, 0.7, {}}), QStringLiteral("0.6 m (0.45 to 0.7)"));
  }
};

HAVLO_TEST(TstLayerWords)
#include "tst_layer_words.moc"
