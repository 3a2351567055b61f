// The line under the places: what is chosen or found, and what is at work, with its progress and Stop.
#pragma once

#include <QStatusBar>

class QLabel;
class QProgressBar;
class QPushButton;

namespace havlo {

class PlanSession;

/// How many things are chosen; of one where it stands; if none is, what the reading found.
QString wordsOfChosen(const PlanSession& session);

class StatusLine : public QStatusBar {
  Q_OBJECT

 public:
  explicit StatusLine(QWidget* parent = nullptr);

  /// What stands there while nothing is at work.
  void say(const QString& text);
  /// What is next, with a button for it; empty: nothing.
  void offer(const QString& words, const QString& act);
  /// Something of unknown length has begun; what was said comes back with idle().
  void busy(const QString& what);
  /// @param share  0 to 1
  void progressed(double share);
  void idle();
  /// After the theme or the size of the text has changed.
  void restyle();

 protected:
  void resizeEvent(QResizeEvent* e) override;

 Q_SIGNALS:
  void stopRequested();
  void offerTaken();

 private:
  QString m_said, m_words;
  void fit();
  QLabel *m_text, *m_next;
  QPushButton* m_act;
  QProgressBar* m_progress;
  QPushButton* m_stop;
};

}  // namespace havlo
