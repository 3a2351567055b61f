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
    QCOMPARE(tones[1].proposedGeneration, 2);  // wanted 0.68
    QCOMPARE(tones[2].proposedGeneration, 3);  // wanted 0.48
    QCOMPARE(tones[3].proposedGeneration, 3);
    p.view->visibility_m.reset();
    QVERIFY(readTones(p, {1, 40, 75, 4000}).empty());
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
    QVERIFY(std::fabs(tones[1].proposed - tones[1].wanted) < 0.2);
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
