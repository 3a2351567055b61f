// Koschmieder's law (1924; constants from memory): 2 % of the contrast is left at the visibility; the 5 %
// form of the meteorological optical range is 2.996 / 3.912 of it.
#include <QTest>
#include <cmath>
#include <limits>

#include "core/tone/tone.h"
#include "support/plans.h"

using namespace havlo;

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
};

QTEST_APPLESS_MAIN(TstTone)
#include "tst_tone.moc"
