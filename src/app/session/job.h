// Slow work off the interface thread: a snapshot goes in, the result comes back on the interface thread. A
// newer request replaces one that has not begun, stops the one that runs and makes its result stale.
#pragma once

#include <QObject>
#include <QThreadPool>
#include <functional>
#include <memory>
#include <optional>
#include <stop_token>

#include "core/base/progress.h"

namespace havlo {

class JobBase : public QObject {
  Q_OBJECT

 public:
  explicit JobBase(QObject* parent) : QObject(parent) { m_pool.setMaxThreadCount(1); }
  ~JobBase() override {
    cancel();
    m_pool.waitForDone();
  }
  bool running() const { return m_running; }
  void cancel() {
    m_next = nullptr;
    m_stop.request_stop();
    ++m_serial;
  }
  /// Waits for the worker; results are delivered by the event loop afterwards.
  void wait() { m_pool.waitForDone(); }

 Q_SIGNALS:
  void progressed(double share);
  void finished();

 protected:
  QThreadPool m_pool;
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
    const Progress progress{m_stop.get_token(), [this, serial](double share) {
                              QMetaObject::invokeMethod(this, [this, serial, share] {
                                if (serial == m_serial) Q_EMIT progressed(share);
                              });
                            }};
    m_pool.start([this, work = std::move(work), deliver = std::move(deliver), progress, serial] {
      auto result = std::make_shared<T>(work(progress));
      QMetaObject::invokeMethod(this, [this, deliver, result, serial] {
        m_running = false;
        if (serial == m_serial) deliver(std::move(*result));
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
