// The log that is open, and what it tells of the hands at work. Knows no window.
#pragma once

#include <QObject>
#include <QTimer>
#include <memory>

#include "io/log/log_store.h"
#include "io/log/practice_lines.h"

namespace havlo {

class LogSession : public QObject {
  Q_OBJECT

 public:
  /// @param folder  see LogStore. The log is opened when it is first asked for.
  explicit LogSession(const QString& folder, QObject* parent = nullptr);

  const QString& folder() const { return m_folder; }
  /// Null if it cannot be opened, which was said.
  /// @param again  tries once more, as something is to be kept
  LogStore* store(bool again = false);
  /// What is learnt of whoever is at work.
  const MakerLearnt& learnt();
  Habits habits() { return habitsOf(learnt()); }

  /// All say what went wrong, and what has changed.
  bool put(const LogEntry& entry, const std::string& plan = {});
  bool change(const std::string& id, const std::function<void(LogEntry&)>& how);
  bool remove(const std::string& id);
  bool setAtWork(const std::string& hands);
  bool putSettings(const LearnSettings& settings);
  LearnSettings settings();
  bool putIdea(const LogIdea& idea);
  bool removeIdea(const std::string& id);
  /// What whoever is at work has practised, oldest first.
  const std::vector<Practised>& practised();
  bool notePractised(Drill what, int level, double points);
  /// Looks whether another window has changed the log.
  void lookForOthers();

 Q_SIGNALS:
  void changed();  ///< cards or ideas
  void practisedChanged();
  void habitsChanged();  ///< what is learnt is another
  void trouble(const QString& message);
  void notice(const QString& message);

 private:
  QString m_folder;
  std::unique_ptr<LogStore> m_store;
  bool m_tried = false, m_fresh = false;
  qint64 m_others = 0;
  MakerLearnt m_learnt;
  std::optional<std::vector<Practised>> m_practised;

  QString practiceFile() const { return m_folder + u'/' + kPracticeFile; }
  bool said(const Result<Done>& done, bool learns);
};

}  // namespace havlo
