// Messages that wait until they are read, with what can be done about them. One at a time: troubles first,
// then notices, each in the order they came.
#pragma once

#include <QElapsedTimer>
#include <QFrame>
#include <QString>
#include <deque>
#include <functional>
#include <vector>

class QHBoxLayout;

namespace havlo {

class MessageBar : public QFrame {
  Q_OBJECT

 public:
  enum class Kind { Notice, Trouble };
  struct Act {
    QString label;
    std::function<void()> run;
  };

  struct Message {
    Kind kind;
    QString text;
    std::vector<Act> acts;
  };

  /// @param over  it hangs over the upper edge of this, and moves nothing
  explicit MessageBar(QWidget* over);
  void say(Kind kind, const QString& text, std::vector<Act> acts = {});
  /// What was said and is not so any more, shown or still to come.
  void takeBack(const QString& text);
  QString shownText() const;
  void clear();
  /// The work goes on: another place comes on top, the plan is another. What only told something, a while
  /// ago, goes.
  void goOn();

 private:
  std::deque<Message> m_messages;
  QElapsedTimer m_shown;
  QHBoxLayout* m_row;

  QWidget* m_over;

  bool eventFilter(QObject* watched, QEvent* event) override;
  bool event(QEvent* event) override;
  void hang();
  void show_();
  void next();
};

}  // namespace havlo
