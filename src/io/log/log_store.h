// The log on disk: an SQLite file for finding things, a journal of lines that only grows beside it, and a
// folder with each card's plan and pictures. What the journal has and the database has not is taken over when
// the log is opened.
#pragma once

#include <QString>
#include <QStringList>
#include <functional>
#include <memory>
#include <vector>

#include "core/base/result.h"
#include "core/learn/learn.h"
#include "core/making/log_entry.h"

namespace havlo {

inline constexpr int kLogVersion = 1;

/// What a list of cards shows.
struct LogLine {
  std::string id, title, madeFor, occasion, sentTo, hands;
  double ended_s = 0, planned_min = 0, spent_min = 0;
  int mishaps = 0;
  bool compared = false;
};

struct LogIdea {
  std::string id, text;
  bool done = false;
};

/// One store belongs to one thread. Every change is on the disk when it returns.
class LogStore {
 public:
  /// @param folder  the journal is its `log.jsonl`, the database `log.sqlite`, plans and pictures are in
  /// `cards/`
  /// @error  CannotRead; BadInput for a log of a newer Havlo. A damaged database is set aside and made anew
  /// from the
  ///         journal, and said.
  static Result<std::unique_ptr<LogStore>> open(const QString& folder);
  ~LogStore();

  const QStringList& notes() const { return m_notes; }
  const QString& folder() const { return m_folder; }
  QString journal() const;
  /// Another number whenever another window has changed the log.
  qint64 othersVersion() const;

  /// Newest first. @param words  all of them must be in what a card shows, for whom, the occasion, month,
  /// stamps, inks or notes; @param hands  empty: everybody's
  std::vector<LogLine> find(const QString& words = {}, const std::string& hands = {}) const;
  Result<LogEntry> entry(const std::string& id) const;
  /// In full, of one maker; all of everybody's where `hands` is a star.
  std::vector<LogEntry> all(const std::string& hands) const;
  /// The newest of them, oldest first: what is learnt from, see kLearnFrom.
  std::vector<LogEntry> newest(const std::string& hands) const;

  /// Adds a card, or what is new of it. @param plan  its text, kept beside; empty: as it was
  /// @error CannotWrite
  Result<Done> put(const LogEntry& entry, const std::string& plan = {});
  /// Changes what is there now, whatever another window did to it meanwhile.
  Result<Done> change(const std::string& id, const std::function<void(LogEntry&)>& how);
  /// Out of the list; its lines stay in the journal and its files where they are, so that it can be put back.
  Result<Done> remove(const std::string& id);

  QString planFile(const std::string& id) const;
  QString pictureFile(const std::string& id) const;  ///< of the plan
  QString photoFile(const std::string& id) const;    ///< of the finished card
  QString flatFile(const std::string& id) const;     ///< the photo straightened
  QString smallFile(const std::string& id) const;    ///< of one of these, for a list

  /// Whose hands are known, those of the newest card first.
  std::vector<std::string> people() const;
  LearnSettings settings(const std::string& hands) const;
  Result<Done> putSettings(const std::string& hands, const LearnSettings& settings);
  /// Whose hands are at work now.
  std::string atWork() const;
  Result<Done> setAtWork(const std::string& hands);

  std::vector<LogIdea> ideas() const;
  Result<Done> putIdea(const LogIdea& idea);
  Result<Done> removeIdea(const std::string& id);

  /// Cards of another log, from its folder or its lines; of a card that both know, the one that says more
  /// counts.
  /// @return how many are new  @error CannotRead, CannotWrite
  Result<int> merge(const QString& from);

 private:
  LogStore() = default;
  QString m_folder, m_connection;
  QStringList m_notes;

  Result<Done> prepare();
  Result<Done> takeOver();
  /// @param line  the same as text, which is what is kept
  Result<Done> write(const LogEntry& entry, const QByteArray& line);
  Result<Done> inOneGo(const std::function<Result<Done>()>& work);
};

/// What Havlo has learnt of whoever is at work, from the log there; common practice where there is none.
Habits habitsFrom(const LogStore& store);

}  // namespace havlo
