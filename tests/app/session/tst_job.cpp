// Work off the interface thread: what a newer request does to an older one, and that nobody waits for a
// worker that does not come to an end.
#include <sys/resource.h>
#include <unistd.h>

#include <QElapsedTimer>
#include <QSemaphore>
#include <QTest>
#include <QThreadPool>
#include <atomic>
#include <optional>
#include <thread>

#include "app/session/job.h"
#include "tests/support/window.h"

using namespace havlo;
using namespace havlo::testing;

namespace {

/// A worker without time: it does not look whether it is still wanted until it is let go on.
struct Starved {
  QSemaphore entered, go, left;
  std::atomic<bool> toldToStop = false;

  Job<int>::Work work() {
    return [this](const Progress& progress) {
      entered.release();
      go.tryAcquire(1, 20'000);
      toldToStop = progress.stopped();
      progress.at(0.5);
      left.release();
      return 1;
    };
  }
};

}  // namespace

class TstJob : public QObject {
  Q_OBJECT

 private Q_SLOTS:
  void aNewerRequestReplacesOneThatHasNotBegun() {
    Starved first;
    Job<int> job(nullptr);
    std::vector<int> delivered;
    const auto deliver = [&](int value) { delivered.push_back(value); };
    job.run(first.work(), deliver);
    QVERIFY(first.entered.tryAcquire(1, 10'000));
    job.run([](const Progress&) { return 2; }, deliver);
    job.run([](const Progress&) { return 3; }, deliver);
    first.go.release();
    QTRY_VERIFY(!job.running());
    QVERIFY(first.toldToStop);
    QCOMPARE(delivered, std::vector<int>{3});
  }

  void whoLetsItFinishGetsBoth() {
    Starved first;
    Job<int> job(nullptr);
    std::vector<int> delivered;
    const auto deliver = [&](int value) { delivered.push_back(value); };
    job.run(first.work(), deliver, false);
    job.run([](const Progress&) { return 2; }, deliver, false);
    first.go.release();
    QTRY_VERIFY(!job.running());
    QCOMPARE(delivered, (std::vector<int>{1, 2}));
  }

  /// A worker gives way to the window; what Qt paints with on the window's behalf does not, even if a worker
  /// was the first to need it.
  void qtsPaintersDoNotGiveWay() {
    const int own = getpriority(PRIO_PROCESS, static_cast<id_t>(gettid()));
    Job<std::pair<int, int>> job(nullptr);
    std::optional<std::pair<int, int>> nice;
    job.run(
        [](const Progress&) {
          std::atomic<int> painter = 0;
          QSemaphore done;
          QThreadPool::globalInstance()->start([&] {
            painter = getpriority(PRIO_PROCESS, static_cast<id_t>(gettid()));
            done.release();
          });
          done.acquire();
          return std::pair(getpriority(PRIO_PROCESS, static_cast<id_t>(gettid())), painter.load());
        },
        [&](std::pair<int, int> found) { nice = found; });
    QTRY_VERIFY(nice);
    QVERIFY(nice->first > own);
    QCOMPARE(nice->second, own);
    QCOMPARE(QThreadPool::globalInstance()->expiryTimeout(), -1);
  }

  void takingAJobAwayDoesNotWait() {
    Starved starved;
    bool delivered = false, progressed = false;
    auto job = std::make_unique<Job<int>>(nullptr);
    connect(job.get(), &JobBase::progressed, this, [&] { progressed = true; });
    job->run(starved.work(), [&](int) { delivered = true; });
    QVERIFY(starved.entered.tryAcquire(1, 10'000));
    QElapsedTimer clock;
    clock.start();
    job.reset();
    QVERIFY2(clock.elapsed() < 5000, qPrintable(QString::number(clock.elapsed())));
    starved.go.release();
    QVERIFY(starved.left.tryAcquire(1, 10'000));
    QTest::qWait(50);
    QVERIFY(starved.toldToStop);
    QVERIFY(!delivered && !progressed);
  }

  /// Jobs that come and go while their workers speak: a letter meets a job that is there, or nobody.
  void lettersMeetNobodyOnceTheJobIsGone() {
    std::atomic<int> begun = 0, ended = 0;
    int delivered = 0;
    for (int k = 0; k < 300; ++k) {
      auto job = std::make_unique<Job<int>>(nullptr);
      job->run(
          [&](const Progress& progress) {
            ++begun;
            for (int n = 0; n < 50; ++n) progress.at(n / 50.0);
            ++ended;
            return 1;
          },
          [&](int) { ++delivered; });
      while (begun <= k) std::this_thread::yield();
      if (k % 3 == 0) QCoreApplication::processEvents();
    }
    QTRY_COMPARE(ended.load(), 300);
    const int before = delivered;
    QTest::qWait(20);
    QCOMPARE(delivered, before);  // nobody is left to take what comes late
  }

  /// Another appearance builds every place anew, whatever its workers are at.
  void anotherAppearanceDoesNotWaitForAWorker() {
    Starved starved;
    Window w;
    waitForJobs(w.window);
    auto* job = new Job<int>(&w.window.scene());
    bool delivered = false;
    job->run(starved.work(), [&](int) { delivered = true; });
    QVERIFY(starved.entered.tryAcquire(1, 10'000));
    QElapsedTimer clock;
    clock.start();
    w.window.setAppearance({true, 1.0});
    QVERIFY2(clock.elapsed() < 15'000, qPrintable(QString::number(clock.elapsed())));
    starved.go.release();
    QVERIFY(starved.left.tryAcquire(1, 10'000));
    w.window.setAppearance({});
    QVERIFY(!delivered);
  }
};

HAVLO_TEST(TstJob)
#include "tst_job.moc"
