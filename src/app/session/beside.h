// Who stands beside the hand: views that show what a hand moves. If each step waited for all of them, the
// hand would feel it; so they are told one after the other, each at its own pace, right after a step has
// been painted: what remains of the frame is theirs.
#pragma once

#include <QObject>
#include <QPointer>
#include <QTimer>
#include <chrono>
#include <functional>
#include <vector>

namespace havlo {

class Beside : public QObject {
  Q_OBJECT

 public:
  explicit Beside(QObject* parent);

  /// @param who      as long as it is there
  /// @param pace_ms  least time between two tellings while the hand goes on
  void add(QObject* who, int pace_ms, std::function<void()> tell);

  /// Something moved. Everybody hears it, @p atOnce or, while a hand goes on, in turn; what moves meanwhile
  /// is heard with it.
  void moved(bool atOnce);
  /// They have heard it all in another way.
  void heard();

 private:
  struct Follower {
    QPointer<QObject> who;
    std::chrono::milliseconds pace;
    std::function<void()> tell;
    std::chrono::steady_clock::time_point due = {};  // not told again before that
    bool late = false;
  };

  Follower* nextOne();
  std::chrono::milliseconds remains(const Follower& next) const;
  void turn();
  void tell(Follower& follower);

  std::vector<Follower> m_followers;
  std::chrono::steady_clock::time_point m_last = {};  // somebody was told
  QTimer m_turn;                                      ///< when the hand stands still
  QTimer m_painted;                                   ///< after what a step has brought about
};

}  // namespace havlo
