#include "app/session/beside.h"

#include <algorithm>
#include <utility>

namespace havlo {

using std::chrono::milliseconds, std::chrono::steady_clock;

namespace {

constexpr milliseconds kTurn(20);  // what two of them paint does not fall into one frame

}

Beside::Beside(QObject* parent) : QObject(parent) {
  m_turn.setSingleShot(true);
  m_turn.setTimerType(Qt::PreciseTimer);
  connect(&m_turn, &QTimer::timeout, this, &Beside::turn);
}

void Beside::add(QObject* who, int pace_ms, std::function<void()> tell) {
  std::erase_if(m_followers, [](const Follower& f) { return !f.who; });
  m_followers.push_back({who, milliseconds(pace_ms), std::move(tell)});
}

void Beside::moved(bool atOnce) {
  for (Follower& f : m_followers) f.late = true;
  if (!atOnce) {
    if (!m_turn.isActive()) m_turn.start(kTurn);
    return;
  }
  m_turn.stop();
  for (size_t k = 0; k < m_followers.size(); ++k)
    if (m_followers[k].late) tell(m_followers[k]);
}

void Beside::heard() {
  m_turn.stop();
  for (Follower& f : m_followers) f.late = false;
}

void Beside::turn() {
  const auto next =
      std::min_element(m_followers.begin(), m_followers.end(), [](const Follower& a, const Follower& b) {
        return std::pair(!a.late, a.due) < std::pair(!b.late, b.due);
      });
  if (next == m_followers.end() || !next->late) return;
  const auto remains = std::chrono::ceil<milliseconds>(next->due - steady_clock::now());
  m_turn.start(std::max(kTurn, remains));
  if (remains <= milliseconds::zero()) tell(*next);
}

void Beside::tell(Follower& follower) {
  follower.late = false;
  follower.due = steady_clock::now() + follower.pace;
  if (!follower.who) return;
  const auto what = follower.tell;  // which may bring another follower
  what();
}

}  // namespace havlo
