// Palettes against trying everything; harmony by hue; one colour among greys; papers.
#include <QTest>
#include <cmath>
#include <set>
#include <tuple>

#include "core/chain/chain.h"
#include "core/edit/wash_edits.h"
#include "core/ink/ink_facts.h"
#include "core/palette/palette.h"
#include "support/faulty_plans.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

Ink inkAt(const Lch& lch) {
  static int n = 0;
  const LinearRgb rgb = linearOf(labOf(lch));
  const auto byte = [](float v) {
    return static_cast<unsigned char>(std::lround(static_cast<double>(srgbOf(std::clamp(v, 0.0f, 1.0f)))));
  };
  Ink i;
  i.id = "i" + std::to_string(++n), i.colour = {byte(rgb[0]), byte(rgb[1]), byte(rgb[2])};
  return i;
}

}  // namespace

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

  // A wash that leaves hardly a trace is no sky, whatever it lets stand out before it.
  void aSkyNobodySeesIsLikedLess() {
    const auto liked = [](const Lch& sky) {
      const std::vector<Ink> inks{inkAt(Lch{6, 2, 250}), inkAt(sky), inkAt(Lch{55, 3, 60})};
      for (const PaletteChoice& c : proposePalettes(inks, Paper{}, 12))
        if (c.hero == 0 && c.sky == 1) return c.score - c.heroContrast - std::min(c.groundContrast, 12.0);
      return 1e9;
    };
    const double seen = liked(Lch{70, 4, 250}), unseen = liked(Lch{99, 1, 250});
    QVERIFY2(unseen < seen - 10, qPrintable(QStringLiteral("%1 %2").arg(unseen).arg(seen)));
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

  // Where fewer heroes than choices are to be had, one hero comes back on other grounds; no choice comes
  // twice.
  void oneHeroMayComeBackOnOtherGrounds() {
    const auto ink = [](const char* id, Colour c) {
      Ink i;
      i.id = id, i.colour = c;
      return i;
    };
    const std::vector<Ink> inks{ink("black", {20, 20, 24}), ink("sky", {120, 160, 210}),
                                ink("sand", {210, 180, 120})};
    const auto choices = proposePalettes(inks, Paper{}, 12);
    std::set<std::tuple<int, int, int>> all;
    std::set<int> heroes;
    for (const PaletteChoice& c : choices) all.emplace(c.sky, c.ground, c.hero), heroes.insert(c.hero);
    QCOMPARE(all.size(), choices.size());
    QVERIFY(choices.size() > heroes.size());
  }

  // Of two pairs of grounds that stand off each other enough, one akin and one jarring, the akin one is liked
  // better, whatever the contrasts.
  void jarringGroundsAreLikedLess() {
    const auto liked = [&](double hue) {
      const std::vector<Ink> inks{inkAt(Lch{6, 2, 250}), inkAt(Lch{55, 60, 250}),
                                  inkAt(Lch{55, 60, 250 + hue})};
      for (const PaletteChoice& c : proposePalettes(inks, Paper{}, 12))
        if (c.hero == 0)
          return std::pair(c.skyGround, c.score - c.heroContrast - std::min(c.groundContrast, 12.0));
      return std::pair(Harmony::Grey, -1e9);
    };
    const auto akin = liked(22), jarring = liked(52);
    QVERIFY(akin.first == Harmony::Akin && jarring.first == Harmony::Jarring);
    QVERIFY2(akin.second > jarring.second + 5,
             qPrintable(QStringLiteral("%1 %2").arg(akin.second).arg(jarring.second)));
  }

  // No sky that is nearly black, and no wash that cannot be told from the paper.
  void theBestChoiceDoesNotDrown() {
    const LinearRgb paper = linearOf(Paper{}.colour);
    for (int turn = 0; turn < 12; ++turn) {
      std::vector<Ink> inks;
      for (int k = 0; k < 7; ++k) inks.push_back(inkAt(Lch{55, 60, 30.0 * turn + 48 * k}));
      for (const Lch& c : {Lch{6, 2, 250}, Lch{14, 8, 280}, Lch{98, 1, 90}}) inks.push_back(inkAt(c));
      const auto choices = proposePalettes(inks, Paper{}, 1);
      QCOMPARE(choices.size(), size_t{1});
      for (int w : {choices[0].sky, choices[0].ground}) {
        const Lab washed = labOf(throughFilm(paper, linearOf(inks[ix(w)].colour), 0.6));
        QVERIFY(washed.L >= 35 && ciede2000(washed, labOf(paper)) >= 4);
      }
    }
  }

  void greysAreNotMuchDarkerThanTheColoursWere() {
    Plan p = emptyPlan();
    const auto ink = [&](const char* id, unsigned char r, unsigned char g, unsigned char b) {
      Ink i;
      i.id = id, i.colour = {r, g, b};
      p.inks.push_back(i);
    };
    p.inks.clear();
    ink("charcoal", 95, 95, 95), ink("pale", 225, 225, 225), ink("green", 60, 150, 70),
        ink("red", 190, 40, 40);
    addStamp(p, slab("s", 10, 10));
    put(p, "hero", "s", {30, 40}, 2).ink = "red", p.impressions[0].hero = true;
    put(p, "tree", "s", {80, 60}, 5).ink = "green";
    // Charcoal is nearer in lightness, but fifteen darker: the pale one.
    QCOMPARE(oneColourAmongGreys(p).value().impression("tree")->ink, std::string("pale"));
    p.inks.resize(2);
    p.impressions[0].ink = "charcoal", p.impressions[1].ink = "pale";
    const auto none = oneColourAmongGreys(p);
    QVERIFY(!none && none.error().message.find("no ink with a colour") != std::string::npos);
  }

  // The mean of the outermost three millimetres, here one of dark and two of light.
  void theRimIsThreeMillimetres() {
    const Grid grid({0, 0, 60, 60}, 254);  // ten pixels a millimetre
    const Colour dark{40, 60, 80}, light{230, 220, 200};
    Canvas card(grid, dark);
    card.apply(hardTile(grid, rectangle({1, 1, 59, 59})), InkFilm(light, 1, 1));
    const double all = 60 * 60 - 54 * 54, outer = 60 * 60 - 58 * 58;
    const LinearRgb d = linearOf(dark), l = linearOf(light);
    double mean[3];
    for (size_t k = 0; k < 3; ++k)
      mean[k] = (static_cast<double>(d[k]) * outer + static_cast<double>(l[k]) * (all - outer)) / all;
    QVERIFY(std::fabs(standsOffBy(card, light) - ciede2000(labOf(mean[0], mean[1], mean[2]), labOf(light))) <
            0.2);
  }
};

HAVLO_TEST(TstPalette)
#include "tst_palette.moc"
