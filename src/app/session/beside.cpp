#include "app/session/beside.h"

#include <algorithm>
#include <utility>

namespace havlo {

using std::chrono::milliseconds, std::chrono::steady_clock;

namespace {

constexpr milliseconds kApart(15);  // what two of them paint does not fall into one frame
constexpr milliseconds kStill(20);  // longer than a hand that moves takes for a step

}  // namespace

Beside::Beside(QObject* parent) : QObject(parent) {
  m_turn.setSingleShot(true);
  m_turn.setTimerType(Qt::PreciseTimer);
  m_painted.setSingleShot(true);
  m_painted.setInterval(0);  // events that were sent before, a painting among them, come first
  for (const QTimer* timer : {&m_turn, &m_painted}) connect(timer, &QTimer::timeout, this, &Beside::turn);
}

void Beside::add(QObject* who, int pace_ms, std::function<void()> tell) {
  std::erase_if(m_followers, [](const Follower& f) { return !f.who; });
  m_followers.push_back({who, milliseconds(pace_ms), std::move(tell)});
}

void Beside::moved(bool atOnce) {
  for (Follower& f : m_followers) f.late = true;
  if (!atOnce) {
    const Follower* next = nextOne();
    if (!next) return;
    const milliseconds wait = remains(*next);
    if (wait <= milliseconds::zero()) m_painted.start();
    // It may run for one that is due much later.
    if (!m_turn.isActive() || m_turn.remainingTimeAsDuration() > std::max(kStill, wait))
      m_turn.start(std::max(kStill, wait));
    return;
  }
  m_turn.stop(), m_painted.stop();
  for (size_t k = 0; k < m_followers.size(); ++k)
    if (m_followers[k].late) tell(m_followers[k]);
}

void Beside::heard() {
  m_turn.stop(), m_painted.stop();
  for (Follower& f : m_followers) f.late = false;
}

/// Who is late and due first; null if nobody is late.
Beside::Follower* Beside::nextOne() {
  const auto next =
      std::min_element(m_followers.begin(), m_followers.end(), [](const Follower& a, const Follower& b) {
        return std::pair(!a.late, a.due) < std::pair(!b.late, b.due);
      });
  return next == m_followers.end() || !next->late ? nullptr : &*next;
}

milliseconds Beside::remains(const Follower& next) const {
  return std::chrono::ceil<milliseconds>(std::max(next.due, m_last + kApart) - steady_clock::now());
}

void Beside::turn() {
  m_painted.stop();
  Follower* next = nextOne();
  if (!next) return m_turn.stop();
  const milliseconds wait = remains(*next);
  m_turn.start(std::max(kStill, wait));
  if (wait <= milliseconds::zero()) tell(*next);
}

void Beside::tell(Follower& follower) {
  follower.late = false;
  m_last = steady_clock::now();
  follower.due = m_last + follower.pace;
  if (!follower.who) return;
  const auto what = follower.tell;  // which may bring another follower
  what();
}

}  // namespace havlo
