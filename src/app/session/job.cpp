#include "app/session/job.h"

#include <sys/resource.h>
#include <unistd.h>

#include <QCoreApplication>
#include <algorithm>
#include <latch>
#include <memory>
#include <vector>

namespace havlo {
namespace {

using Pools = std::vector<std::unique_ptr<QThreadPool>>;

Pools& leftBehind() {
  static Pools pools;
  return pools;
}

/// A pool waits for its worker where it is taken away: at the end, while fonts and pictures are still there.
void leave(std::unique_ptr<QThreadPool> pool) {
  Pools& all = leftBehind();
  std::erase_if(all, [](const auto& one) { return one->activeThreadCount() == 0; });
  if (pool->activeThreadCount() == 0) return;
  static const bool atTheEnd = (qAddPostRoutine([] { leftBehind().clear(); }), true);
  (void)atTheEnd;
  all.push_back(std::move(pool));
}

/// Qt paints what is wide in strips, in threads as patient as whoever was the first to need them: started by
/// a worker that gives way, they would have the window wait at every painting. So they are there before.
void startPainters() {
  constexpr int kMost = 4;
  QThreadPool& painters = *QThreadPool::globalInstance();
  painters.setExpiryTimeout(-1);
  painters.setMaxThreadCount(std::min(painters.maxThreadCount(), kMost));
  const auto all = std::make_shared<std::latch>(painters.maxThreadCount());
  for (int k = 0; k < painters.maxThreadCount(); ++k) painters.start([all] { all->arrive_and_wait(); });
}

}  // namespace

JobBase::JobBase(QObject* parent)
    : QObject(parent),
      m_pool(std::make_unique<QThreadPool>()),
      m_letters(std::make_shared<JobLetters>(this)) {
  static const bool painters = (startPainters(), true);
  (void)painters;
  m_pool->setMaxThreadCount(1);
}

JobBase::~JobBase() {
  cancel();
  m_letters->close();
  leave(std::move(m_pool));
}

void JobBase::giveWay() {
  constexpr int kNice = 10;  // of 19: nine tenths of a shared core go to the window
  setpriority(PRIO_PROCESS, static_cast<id_t>(gettid()), kNice);
}

}  // namespace havlo
