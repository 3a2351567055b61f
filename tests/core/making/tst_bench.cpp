// A maker who presses any key at any time: random acts never lose a step, a note or the place.
#include <QTest>
#include <random>

#include "core/chain/chain.h"
#include "core/making/making.h"
#include "support/plans.h"
#include "tests/support/program.h"

using namespace havlo;
using namespace havlo::testing;

class TstBench : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void randomActsKeepTheCardWhole_data() {
    QTest::addColumn<QByteArray>("name");
    for (const char* name : {"teaching-crowd", "teaching-silhouettes", "potting-shed"})
      QTest::newRow(name) << QByteArray(name);
  }
  void randomActsKeepTheCardWhole() {
    QFETCH(QByteArray, name);
    const auto plan = std::make_shared<const Plan>(demo(name.toStdString()));
    const AnalysisRef a = withBestOrder(*plan, analyse(*plan));
    for (unsigned seed = 1; seed <= (thorough() ? 4 : 1); ++seed) {
      std::mt19937 dice(seed);
      Bench b = Bench::begin("x", plan, a, 1000);
      double now = 1000;
      size_t mishaps = 0;
      for (int act = 0; act < 150; ++act) {
        now += static_cast<double>(dice() % 90);
        const int before = b.at();
        switch (dice() % 8) {
          case 0:
            b.back(now);
            QCOMPARE(b.at(), std::max(0, before - 1));
            break;
          case 1:
            b.tick(static_cast<int>(dice() % 5) - 1, dice() % 2);
            break;
          case 2:
            if (!b.finished()) ++mishaps;
            b.wentWrong(static_cast<Mishap>(dice() % 6), "note");
            break;
          case 3:
            b.setNote("n" + std::to_string(act));
            break;
          case 4: {
            auto again = Bench::resume(b.record());
            QVERIFY(bool(again));
            b = std::move(again).value();
            QCOMPARE(b.at(), before);
            break;
          }
          default:
            b.done(now);
            QCOMPARE(b.at(), std::min(b.count(), before + 1));
        }
        // Steps before the place have their time, those after it do not.
        for (int k = 0; k < b.count(); ++k) QCOMPARE(b.made(k).done_s > 0, k < b.at());
        for (const Bench::Drying& d : b.drying(now))
          QVERIFY(d.until_s > now && (d.impression >= 0) + (d.wash >= 0) + (d.hand >= 0) == 1);
        QVERIFY(b.mustWait(now) >= 0 && b.minutesToGo() >= 0 && b.minutesSpent() >= 0);
        QCOMPARE(b.record().ended_s > 0, b.finished());
      }
      size_t noted = 0;
      for (int k = 0; k < b.count(); ++k) noted += b.made(k).mishaps.size();
      QCOMPARE(noted, mishaps);
      QCOMPARE(logEntryOf(b).mishaps.size(), mishaps);
    }
  }

  // Waits are for what the step touches: a wash waits for all it goes over, a cover for its own thing.
  void aWashWaitsForWhatItTouches() {
    Plan p = emptyPlan();
    p.inks[0].dryOnCard_s = 100;
    addStamp(p, slab("s", 10, 10));
    put(p, "in", "s", {40, 60}, 1), put(p, "out", "s", {40, 10}, 1);
    Wash sky;
    sky.id = "sky", sky.ink = "blue", sky.area = rectangle({20, 50, 100, 150}), sky.reach = 1;
    sky.lets = {"in", "out"};
    p.washes = {sky};
    const auto plan = std::make_shared<const Plan>(p);
    Bench b = Bench::begin("x", plan, inOrder(p, *analyse(p), {0, 1}), 1000);
    b.done(1000), b.done(1050);
    while (b.step(b.at()).what != Do::Wash) {
      QVERIFY(b.step(b.at()).what == Do::Dry);
      QCOMPARE(b.mustWait(1060), 40.0);
      b.done(1060);
    }
    QCOMPARE(b.mustWait(1060), 40.0);  // the first one alone lies in it
    QCOMPARE(b.mustWait(1100), 0.0);
  }

  // A piece is cut when what is stamped on it is dry, and a mat at any time.
  void cuttingAPieceWaitsForItsPrints() {
    Plan p = emptyPlan();
    p.inks[0].dryOnCard_s = 100;
    addStamp(p, slab("s", 10, 10));
    Impression& word = put(p, "word", "s", {40, 60}, 1);
    word.piece = "strip", word.school = School::PopUp;
    put(p, "other", "s", {90, 20}, 1);
    Piece strip;
    strip.id = "strip", strip.width_mm = 30, strip.height_mm = 20, strip.at = {25, 55};
    p.pieces = {strip};
    p.card.mats = {Mat()};
    const auto plan = std::make_shared<const Plan>(p);
    Bench b = Bench::begin("x", plan, analyse(p), 1000);
    int cuts = 0;
    while (!b.finished()) {
      const Step& s = b.step(b.at());
      if (s.what == Do::Cut) QVERIFY(++cuts && b.mustWait(1010) == (s.paper == 0 ? 90 : 0));
      b.done(s.what == Do::Stamp ? 1000 : 1010);
    }
    QCOMPARE(cuts, 2);
  }
};

HAVLO_TEST(TstBench)
#include "tst_bench.moc"
