// Slow work off the interface thread: a snapshot goes in, the result comes back on the interface thread. A
// newer request replaces one that has not begun, stops the one that runs and makes its result stale. An
// exception ends the job alone: it is said, and nothing is delivered. Whoever takes a job away does not wait
// for its worker: it is told to stop and what it still finds is delivered to nobody, so work holds only what
// is its own.
#pragma once

#include <QObject>
#include <QThreadPool>
#include <exception>
#include <functional>
#include <memory>
#include <mutex>
#include <new>
#include <optional>
#include <stop_token>

#include "core/base/progress.h"

namespace havlo {

/// Where every job says that it failed in a way nobody foresaw; the window tells it.
class JobTroubles : public QObject {
  Q_OBJECT

 public:
  static JobTroubles& all() {
    static JobTroubles one;
    return one;
  }
  static QString wordsOf(std::exception_ptr failure) {
    try {
      std::rethrow_exception(failure);
    } catch (const std::bad_alloc&) {
      return tr("There is not enough memory for this. Nothing was changed.");
    } catch (const std::exception& e) {
      return tr("This could not be done (%1). Nothing was changed.").arg(QString::fromLocal8Bit(e.what()));
    } catch (...) {
      return tr("This could not be done. Nothing was changed.");
    }
  }

 Q_SIGNALS:
  void failed(const QString& message);
};

/// What a worker says to its job, on the interface thread; nothing once the job is gone.
class JobLetters {
 public:
  explicit JobLetters(QObject* job) : m_job(job) {}
  void post(std::function<void()> letter) {
    const std::lock_guard lock(m_mutex);
    if (m_job) QMetaObject::invokeMethod(m_job, std::move(letter), Qt::QueuedConnection);
  }
  void close() {
    const std::lock_guard lock(m_mutex);
    m_job = nullptr;
  }

 private:
  std::mutex m_mutex;
  QObject* m_job;
};

class JobBase : public QObject {
  Q_OBJECT

 public:
  explicit JobBase(QObject* parent);
  /// Does not wait: a worker that is busy is left behind, and waited for when the program ends.
  ~JobBase() override;
  bool running() const { return m_running; }
  void cancel() {
    m_next = nullptr;
    m_stop.request_stop();
    ++m_serial;
  }
  /// A worker, and those it starts, give way to the hand where there are not cores enough.
  static void giveWay();
  /// Waits for the worker; results are delivered by the event loop afterwards.
  void wait() { m_pool->waitForDone(); }

 Q_SIGNALS:
  void progressed(double share);
  void finished();

 protected:
  std::unique_ptr<QThreadPool> m_pool;
  std::shared_ptr<JobLetters> m_letters;
  std::stop_source m_stop;
  quint64 m_serial = 0;
  bool m_running = false;
  std::function<void()> m_next;
};

template <typename T>
class Job : public JobBase {
 public:
  using Work = std::function<T(const Progress&)>;
  using Deliver = std::function<void(T)>;

  explicit Job(QObject* parent) : JobBase(parent) {}

  /// @param interrupt  stop the running work; false lets it finish and show, then starts the newest request
  void run(Work work, Deliver deliver, bool interrupt = true) {
    if (m_running) {
      if (interrupt) m_stop.request_stop(), ++m_serial;
      m_next = [this, work, deliver] { begin(work, deliver); };
      return;
    }
    begin(work, deliver);
  }

 private:
  void begin(Work work, Deliver deliver) {
    m_running = true;
    m_stop = std::stop_source();
    const quint64 serial = ++m_serial;
    const Progress progress{m_stop.get_token(), [this, letters = m_letters, serial](double share) {
                              letters->post([this, serial, share] {
                                if (serial == m_serial) Q_EMIT progressed(share);
                              });
                            }};
    m_pool->start(
        [this, letters = m_letters, work = std::move(work), deliver = std::move(deliver), progress, serial] {
          std::shared_ptr<T> result;
          std::exception_ptr failure;
          giveWay();
          try {
            result = std::make_shared<T>(work(progress));
          } catch (...) {
            failure = std::current_exception();
          }
          letters->post([this, deliver, result, failure, serial] {
            m_running = false;
            if (serial == m_serial && result) deliver(std::move(*result));
            if (serial == m_serial && failure)
              Q_EMIT JobTroubles::all().failed(JobTroubles::wordsOf(failure));
            if (auto next = std::exchange(m_next, nullptr)) {
              next();
            } else {
              Q_EMIT finished();
            }
          });
        });
  }
};

}  // namespace havlo
