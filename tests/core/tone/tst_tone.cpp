// Koschmieder's law (1924; constants from memory): 2 % of the contrast is left at the visibility; the 5 %
// form of the meteorological optical range is 2.996 / 3.912 of it.
#include <QTest>
#include <cmath>
#include <limits>

#include "core/tone/tone.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstTone : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void koschmieder() {
    QVERIFY(std::abs(contrastLeft(Metres{400}, Metres{400}) - 0.02) < 1e-4);
    QVERIFY(std::abs(contrastLeft(Metres{400 * 2.996 / 3.912}, Metres{400}) - 0.05) < 1e-4);
    QCOMPARE(contrastLeft(Metres{std::numeric_limits<double>::infinity()}, Metres{400}), 0.0);
    QVERIFY(std::abs(contrastLeft(Metres{100}, Metres{400}) * contrastLeft(Metres{300}, Metres{400}) -
                     contrastLeft(Metres{400}, Metres{400})) < 1e-12);
  }

  void theNearestPressingIsProposed() {
    Plan p = testing::emptyPlan();
    p.view->visibility_m = 400;
    testing::addStamp(p, testing::slab("s", 5, 5));
    for (double d : {1.0, 40.0, 75.0, 4000.0})
      testing::put(p, "i" + std::to_string(static_cast<int>(d)), "s", {10, 10}, d);
    const auto tones = readTones(p, {1, 40, 75, 4000});
    QCOMPARE(tones[0].proposedGeneration, 1);
    // Three pressings of a black ink leave 1, 0.95 and 0.86 of its contrast in measured light: all are too
    // dark at 40 and 75 m, where 0.68 and 0.48 are wanted, so the palest is nearest.
    QCOMPARE(tones[1].proposedGeneration, 3);
    QCOMPARE(tones[2].proposedGeneration, 3);
    QCOMPARE(tones[3].proposedGeneration, 3);
    p.view->visibility_m.reset();
    QVERIFY(readTones(p, {1, 40, 75, 4000}).empty());
  }

  // By hand, in linear light of Rec. 709: a mid grey of luminance 0.2 on white has contrast 0.8; pressed at
  // 0.5 of its film it has luminance sqrt(0.2) = 0.447 and contrast 0.553, which is 0.69 of the whole, not
  // half.
  void contrastIsMeasuredInLight() {
    Ink grey;
    const int level = 124;  // 0.2016 linear
    grey.colour = {level, level, level}, grey.generations = {1, 0.5};
    const ToneGround white{{1, 1, 1}, {1, 1, 1}};
    const double y = std::pow((level / 255.0 + 0.055) / 1.055, 2.4);
    QVERIFY(std::fabs(contrastOn(white, grey, 1) - (1 - y)) < 1e-4);
    QVERIFY(std::fabs(contrastOn(white, grey, 2) - (1 - std::sqrt(y))) < 1e-4);
    // Read of a card: its second pressing leaves 0.69 of its contrast, though the film is half as strong.
    Plan p = emptyPlan();
    p.card.paper.colour = {255, 255, 255};
    p.view->visibility_m = 400;
    grey.id = "grey";
    p.inks.push_back(grey);
    addStamp(p, slab("s", 5, 5));
    Impression& i = put(p, "i", "s", {10, 10}, 3);
    i.ink = "grey", i.generation = 2;
    QVERIFY(std::fabs(readTones(p, {3})[0].actual - (1 - std::sqrt(y)) / (1 - y)) < 1e-3);
    // On a dark ground a white ink that covers is judged by its own light.
    Ink snow;
    snow.colour = {255, 255, 255}, snow.opacity = 1;
    const ToneGround night{{0.05F, 0.05F, 0.05F}, {0.05F, 0.05F, 0.05F}};
    QVERIFY(std::fabs(contrastOn(night, snow, 1) - 0.95) < 1e-4);
    // Printed on bare paper within a dark blend: against the blend.
    QVERIFY(std::fabs(contrastOn({{1, 1, 1}, {0.5F, 0.5F, 0.5F}}, grey, 1) - (0.5 - y) / 0.5) < 1e-3);
  }

  void whatAStripMeasuresIsWhatIsPrinted() {
    for (const Colour colour : {Colour{0x20, 0x24, 0x2a}, {0x8f, 0xb4, 0xd8}, {0xc4, 0x30, 0x2c}})
      for (const double share : {1.0, 0.7, 0.49, 0.2}) {
        Ink ink;
        ink.colour = colour;
        ink.generations = {strengthFor(ink, 1), strengthFor(ink, share)};
        const auto dark = [&](int generation) {
          // Printed with the plan format's formula, c^s in linear light, and turned back into greys.
          double grey = 0;
          const double weights[] = {0.2126, 0.7152, 0.0722};
          const int levels[] = {colour.red, colour.green, colour.blue};
          for (int k = 0; k < 3; ++k) {
            const double v = levels[k] / 255.0,
                         linear = v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
            const double film = std::pow(linear, ink.generations[static_cast<size_t>(generation - 1)]);
            grey += weights[k] * (film <= 0.0031308 ? 12.92 * film : 1.055 * std::pow(film, 1 / 2.4) - 0.055);
          }
          return 1 - grey;
        };
        QVERIFY2(std::fabs(dark(2) / dark(1) - share) < 2e-3, qPrintable(QString::number(dark(2) / dark(1))));
      }
  }

  // 2 % of the contrast is left at the visibility, 5 % at 2.996/3.912 of it (the meteorological optical
  // range).
  void theTwoAndFivePercentPoints() {
    QVERIFY(std::fabs(contrastLeft(Metres{400}, Metres{400}) - 0.02) < 1e-4);
    QVERIFY(std::fabs(contrastLeft(Metres{400 * 2.996 / 3.912}, Metres{400}) - 0.05) < 1e-4);
    for (const double s : {1.0, 0.7, 0.3, 0.02})
      QVERIFY(std::fabs(contrastLeft(distanceFor(s, Metres{250}), Metres{250}) - s) < 1e-12);
    QVERIFY(std::isinf(distanceFor(0, Metres{250}).value));
  }

  void aTestStripGivesStrengths() {
    const auto s = strengthsOf({0.8, 0.6, 0.61, 0.2});
    QVERIFY(bool(s));
    QCOMPARE(s.value(), (std::vector<double>{1, 0.6 / 0.8, 0.6 / 0.8, 0.2 / 0.8}));
    QVERIFY(!strengthsOf({0.8}));
    QVERIFY(!strengthsOf({0.01, 0.005}));
  }

  void aPalerInkOfTheSameHueIsProposedWhenItIsMuchNearer() {
    Plan p = emptyPlan();
    p.view->visibility_m = 100;
    Ink fog = p.inks[0];
    fog.id = "fog";
    fog.colour = {0xb8, 0xba, 0xbd};
    p.inks.push_back(fog);
    addStamp(p, slab("s", 10, 20));
    put(p, "near", "s", {30, 10}, 3);
    put(p, "far", "s", {60, 10}, 60);
    const auto tones = readTones(p, {3, 60});
    QCOMPARE(tones[0].proposedInk, p.inks[0].id);
    QCOMPARE(tones[1].proposedInk, std::string("fog"));
    // 0.10 is wanted; the third pressing of the fog leaves 0.31, that of the black 0.86.
    QCOMPARE(tones[1].proposedGeneration, 3);
    QVERIFY(tones[1].proposed > 0.25 && tones[1].proposed < 0.35);
  }

  void twoPressingsMakeAStrip() {
    const auto two = strengthsOf({0.8, 0.4});
    QVERIFY(bool(two));
    QCOMPARE(two.value(), (std::vector<double>{1, 0.5}));
    QVERIFY(!strengthsOf({0.8}));
  }
};

HAVLO_TEST(TstTone)
#include "tst_tone.moc"
