// What inks bear, as makers know it (common practice, no source), and which ink is nearest.
#include <QTest>

#include "core/ink/ink_facts.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstInkFacts : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void eachKindBearsWhatMakersSay_data() {
    QTest::addColumn<int>("kind");
    QTest::addColumn<bool>("underWater");
    QTest::addColumn<bool>("underMarker");
    QTest::addColumn<bool>("wet");
    QTest::addColumn<bool>("alcohol");
    const auto row = [](const char* name, InkKind kind, bool water, bool marker, bool wet, bool alcohol) {
      QTest::newRow(name) << static_cast<int>(kind) << water << marker << wet << alcohol;
    };
    row("dye runs under water and bleeds under markers", InkKind::Dye, false, false, false, false);
    row("pigment holds under water once dry, not under markers", InkKind::Pigment, true, false, false, false);
    row("hybrid holds under both", InkKind::Hybrid, true, true, false, false);
    row("archival holds under both", InkKind::Archival, true, true, false, false);
    row("water-reactive runs and is worked wet", InkKind::WaterReactive, false, false, true, false);
    row("melted powder holds under both", InkKind::Embossing, true, true, false, false);
    row("markers are alcohol", InkKind::Marker, true, false, false, true);
    row("paint holds and is laid on wet", InkKind::Paint, true, true, true, false);
  }
  void eachKindBearsWhatMakersSay() {
    QFETCH(int, kind);
    QFETCH(bool, underWater);
    QFETCH(bool, underMarker);
    QFETCH(bool, wet);
    QFETCH(bool, alcohol);
    const InkFacts& f = factsOf(static_cast<InkKind>(kind));
    QCOMPARE(static_cast<int>(f.kind), kind);
    QCOMPARE(f.holdsUnderWater, underWater);
    QCOMPARE(f.holdsUnderMarker, underMarker);
    QCOMPARE(f.wet, wet);
    QCOMPARE(f.alcohol, alcohol);
  }

  void theNearestInkIsAnotherOne() {
    Plan p = emptyPlan();
    const auto ink = [&](const char* id, Colour c) {
      Ink i;
      i.id = id, i.colour = c;
      p.inks.push_back(i);
    };
    p.inks.clear();
    ink("like", {100, 100, 100}), ink("far", {200, 60, 60}), ink("near", {104, 100, 100}),
        ink("twin", {104, 100, 100});
    const auto any = [](const Ink&) { return true; };
    // Of two alike the later one is named: the plan's list has the newest last.
    QCOMPARE(nearestInk(p, p.inks[0], 20, any)->id, std::string("twin"));
    QCOMPARE(nearestInk(p, p.inks[0], 20, [](const Ink& i) { return i.id != "twin"; })->id,
             std::string("near"));
    QVERIFY(!nearestInk(p, p.inks[0], 0.5, any));
    QVERIFY(!nearestInk(p, p.inks[0], 20, [](const Ink&) { return false; }));
  }
};

HAVLO_TEST(TstInkFacts)
#include "tst_ink_facts.moc"
