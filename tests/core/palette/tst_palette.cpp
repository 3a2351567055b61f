// Palettes against trying everything; harmony by hue; one colour among greys; papers.
#include <QTest>
#include <cmath>

#include "core/chain/chain.h"
#include "core/edit/wash_edits.h"
#include "core/ink/ink_facts.h"
#include "core/palette/palette.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstPalette : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void harmonyByHue() {
    const auto at = [](double hue, double chroma = 50, double L = 60) { return labOf(Lch{L, chroma, hue}); };
    QVERIFY(harmonyOf(at(40), at(60)) == Harmony::Akin);
    QVERIFY(harmonyOf(at(350), at(15)) == Harmony::Akin);  // across nought
    QVERIFY(harmonyOf(at(20), at(200)) == Harmony::Opposite);
    QVERIFY(harmonyOf(at(20), at(130)) == Harmony::Apart);
    QVERIFY(harmonyOf(at(20), at(70)) == Harmony::Jarring);
    QVERIFY(harmonyOf(at(20), at(70, 50, 20)) == Harmony::Akin);  // far apart in lightness they do not jar
    QVERIFY(harmonyOf(at(20), at(70, 15)) == Harmony::Akin);
    QVERIFY(harmonyOf(at(20), at(200, 4)) == Harmony::Grey);
    QVERIFY(harmonyOf(at(20), at(70)) == harmonyOf(at(70), at(20)));
  }

  void theHeroKeepsTheStrongestContrast() {
    const Plan p = demo("canal-towpath");
    const auto choices = proposePalettes(p.inks, p.card.paper);
    QCOMPARE(choices.size(), size_t{3});
    const LinearRgb paper = linearOf(p.card.paper.colour);
    const auto washed = [&](int i) { return labOf(throughFilm(paper, linearOf(p.inks[ix(i)].colour), 0.6)); };
    const auto pressed = [&](int i) { return labOf(pressedOn(paper, p.inks[ix(i)], 1)); };
    for (const PaletteChoice& c : choices) {
      QVERIFY(c.sky != c.ground && c.sky != c.hero && c.ground != c.hero);
      const double sky = ciede2000(pressed(c.hero), washed(c.sky)),
                   ground = ciede2000(pressed(c.hero), washed(c.ground));
      QVERIFY(std::fabs(c.heroContrast - std::min(sky, ground)) < 1e-9);
      QVERIFY(c.heroContrast > c.groundContrast);
    }
    QVERIFY(choices[0].score >= choices[1].score && choices[0].hero != choices[1].hero);
    QVERIFY(proposePalettes({p.inks[0], p.inks[1]}, p.card.paper).empty());
    QVERIFY(proposePalettes({}, p.card.paper).empty());
  }

  void aPaletteIsTaken() {
    Plan p = soundCard();
    p = withNewWash(p, WashKind::Sky, "grey").value();
    p = withNewWash(p, WashKind::Ground, "grey").value();
    std::vector<Ink> inks = p.inks;
    Ink own;
    own.id = "blue", own.name = "Another blue",
    own.colour = {0x20, 0x30, 0xa0};  // same id, other ink: from the drawer
    inks.push_back(own);
    const PaletteChoice c{static_cast<int>(inks.size()) - 1, 4, 3, 0, 0, {}, {}, {}, 0};
    const Plan after = withPalette(p, inks, c).value();
    QCOMPARE(after.impressions[0].ink, std::string("red"));
    QVERIFY(after.ink(after.washes[0].ink)->colour == own.colour);
    QCOMPARE(after.washes[1].ink, std::string("green"));
    QVERIFY(after.ink("blue")->colour == p.ink("blue")->colour);
    p.impressions[0].hero = false;
    QVERIFY(!withPalette(p, inks, c));
  }

  void oneColourAmongGreysLeavesOneColour() {
    Plan p = soundCard();
    p.impressions[0].ink = "red", p.impressions[1].ink = "green", p.impressions[2].ink = "red";
    p = withNewWash(p, WashKind::Sky, "blue").value();
    const Plan q = oneColourAmongGreys(p).value();
    for (const Impression& i : q.impressions) {
      const double chroma = lchOf(labOf(q.ink(i.ink)->colour)).C;
      QVERIFY(i.hero ? chroma >= 2 * kGreyChroma : chroma < kGreyChroma);
    }
    QVERIFY(lchOf(labOf(q.ink(q.washes[0].ink)->colour)).C < kGreyChroma);
    const auto share = [](const Plan& plan) { return lookAt(plan, *analyse(plan), nullptr)->heroShare(); };
    QVERIFY2(share(q) > share(p), qPrintable(QStringLiteral("%1 to %2").arg(share(p)).arg(share(q))));
    Plan none = p;
    std::erase_if(none.inks, [](const Ink& i) { return lchOf(labOf(i.colour)).C < kGreyChroma; });
    for (Impression& i : none.impressions) i.ink = "red";
    QVERIFY(!oneColourAmongGreys(none));
    p.impressions[0].hero = false;
    QVERIFY(!oneColourAmongGreys(p));
  }

  void papersAreTriedBesideEachOther() {
    Plan p = soundCard();
    const auto papers = papersToTry(p);
    QCOMPARE(papers.size(), size_t{3});
    const auto trials = tryPapers(p, papers, nullptr).value();
    QCOMPARE(trials.size(), papers.size());
    QVERIFY(trials[0].greetingLegible && trials[0].sunk == 0);
    QVERIFY(!trials[2].greetingLegible && trials[2].sunk > 0);  // transparent ink on a dark paper
    p.card.paper.colour = {0x90, 0xc0, 0x90};
    QCOMPARE(papersToTry(p).size(), size_t{4});
    // Dark stands off from a light rim, white does not.
    QVERIFY(standsOffBy(trials[0].card, {0x2c, 0x35, 0x3b}) > 50 &&
            standsOffBy(trials[0].card, {0xfd, 0xfc, 0xf7}) < 3);
    std::stop_source stop;
    stop.request_stop();
    QVERIFY(!tryPapers(p, papers, nullptr, {stop.get_token(), {}}));
  }
};

HAVLO_TEST(TstPalette)
#include "tst_palette.moc"
