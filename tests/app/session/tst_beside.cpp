// Who stands beside the hand is told in turn while it moves, each at its own pace, and at once when nobody
// waits.
#include <QElapsedTimer>
#include <QTest>
#include <memory>
#include <utility>
#include <vector>

#include "app/session/beside.h"
#include "tests/support/window.h"

using namespace havlo;

class TstBeside : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void atOnceAllAreToldInTheirOrder() {
    Beside beside(nullptr);
    QStringList told;
    beside.add(this, 1000, [&] { told << QStringLiteral("walk"); });
    beside.add(this, 0, [&] { told << QStringLiteral("panel"); });
    beside.moved(true);
    beside.moved(true);
    QCOMPARE(told.join(u' '), QStringLiteral("walk panel walk panel"));
    QTest::qWait(60);
    QCOMPARE(told.size(), 4);
  }

  /// Two tellings never fall into one turn, so that no step bears the weight of both.
  void inTurnOneIsToldAtATime() {
    Beside beside(nullptr);
    std::vector<std::pair<int, qint64>> told;
    QElapsedTimer clock;
    clock.start();
    for (int k = 0; k < 4; ++k) beside.add(this, 1000, [&, k] { told.emplace_back(k, clock.elapsed()); });
    beside.moved(false);
    QVERIFY(told.empty());
    QTRY_COMPARE(told.size(), size_t(4));
    for (size_t k = 0; k < 4; ++k) QCOMPARE(told[k].first, static_cast<int>(k));
    // They are 15 ms apart at least; the clock here is read a moment later, which is long where all is busy.
    for (size_t k = 1; k < 4; ++k) QVERIFY(told[k].second - told[k - 1].second >= 8);
  }

  void eachKeepsItsPaceAndNobodyIsForgotten() {
    Beside beside(nullptr);
    int quick = 0, slow = 0;
    beside.add(this, 60, [&] { ++quick; });
    beside.add(this, 100000, [&] { ++slow; });
    QElapsedTimer clock;
    clock.start();
    while (quick < 5) {
      beside.moved(false);
      QTest::qWait(5);
      QVERIFY(clock.elapsed() < 20000);
    }
    QCOMPARE(slow, 1);
    QVERIFY(clock.elapsed() >= 4 * 60);
    // The slow one comes late, and hears of everything when nobody waits any more.
    beside.moved(true);
    QCOMPARE(slow, 2);
  }

  /// What moved last is heard even if nothing moves after it.
  void theLastStepIsHeard() {
    Beside beside(nullptr);
    int at = 0, heard = -1;
    beside.add(this, 60, [&] { heard = at; });
    for (at = 1; at <= 3; ++at) {
      beside.moved(false);
      QTest::qWait(25);
    }
    at = 4;
    beside.moved(false);
    QTRY_COMPARE(heard, 4);
  }

  /// A step is painted before anybody beside it is told, and they are told with no wait after that.
  void aStepIsPaintedFirst() {
    struct Hand : QObject {
      Beside* beside = nullptr;
      QStringList* told = nullptr;
      bool event(QEvent* e) override {
        if (e->type() == QEvent::User) {  // a step, which asks for its painting as a window does
          beside->moved(false);
          *told << QStringLiteral("step");
          QCoreApplication::postEvent(this, new QEvent(QEvent::UpdateRequest), Qt::LowEventPriority);
        } else if (e->type() == QEvent::UpdateRequest) {
          *told << QStringLiteral("painted");
        }
        return QObject::event(e);
      }
    };
    Beside beside(nullptr);
    QStringList told;
    Hand hand;
    hand.beside = &beside, hand.told = &told;
    beside.add(this, 0, [&] { told << QStringLiteral("walk"); });
    for (int k = 0; k < 5; ++k) {
      told.clear();
      QCoreApplication::postEvent(&hand, new QEvent(QEvent::User));
      QTRY_COMPARE(told.join(u' '), QStringLiteral("step painted walk"));
      QTest::qWait(30);
    }
    // Steps that follow one upon the other: not each of them carries somebody else's painting.
    told.clear();
    for (int k = 0; k < 20; ++k) {
      QCoreApplication::postEvent(&hand, new QEvent(QEvent::User));
      QCoreApplication::processEvents();
    }
    QVERIFY(told.count(QStringLiteral("walk")) < 20);
    QTRY_COMPARE(told.last(), QStringLiteral("walk"));
  }

  /// One that is due long after the others does not hold them up when the hand stands still.
  void aSlowOneHoldsNobodyUp() {
    Beside beside(nullptr);
    int quick = 0;
    beside.add(this, 400, [&] { ++quick; });
    beside.add(this, 100000, [] {});
    beside.moved(false);
    QTRY_COMPARE(quick, 1);
    QTest::qWait(60);
    beside.moved(false);  // both are late again, the slow one is not due for long
    QTRY_COMPARE(quick, 2);
    QTest::qWait(60);  // by now the slow one is waited for
    beside.moved(false);
    QElapsedTimer clock;
    clock.start();
    QTRY_COMPARE(quick, 3);
    QVERIFY2(clock.elapsed() < 2500, qPrintable(QString::number(clock.elapsed())));
  }

  void whoHasHeardOtherwiseIsNotToldAgain() {
    Beside beside(nullptr);
    int told = 0;
    beside.add(this, 0, [&] { ++told; });
    beside.moved(false);
    beside.heard();
    QTest::qWait(80);
    QCOMPARE(told, 0);
    beside.moved(false);
    QTRY_COMPARE(told, 1);
  }

  /// One that goes is told nothing, and one that comes by a telling is told next time.
  void theyComeAndGo() {
    Beside beside(nullptr);
    auto gone = std::make_unique<QObject>();
    int first = 0, second = 0;
    beside.add(gone.get(), 0, [&] { ++first; });
    beside.add(this, 0, [&] {
      if (second++ == 0)
        for (int k = 0; k < 50; ++k) beside.add(this, 0, [&] { ++first; });
    });
    gone.reset();
    beside.moved(true);
    QCOMPARE(first, 0);
    QCOMPARE(second, 1);
    beside.moved(true);
    QCOMPARE(first, 50);
    beside.moved(false);
    QTRY_COMPARE(first, 100);
  }
};

HAVLO_TEST(TstBeside)
#include "tst_beside.moc"
