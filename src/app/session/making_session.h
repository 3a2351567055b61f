// The card being made: begun, kept on disk after every act, taken up again, handed to the log. Knows no
// window.
#pragma once

#include <QElapsedTimer>
#include <QLockFile>
#include <QObject>
#include <QString>
#include <functional>
#include <memory>
#include <optional>

#include "app/session/log_session.h"
#include "core/making/making.h"
#include "io/log/log_lines.h"
#include "io/making/making_file.h"

namespace havlo {

class MakingSession : public QObject {
  Q_OBJECT

 public:
  /// @param folder  where cards in the making are kept  @param log  takes finished ones; it outlives the
  /// session
  MakingSession(const QString& folder, LogSession& log, QObject* parent = nullptr);

  /// Draws the stamps of cards that are taken up again.
  void setArt(std::shared_ptr<const ArtSource> art) { m_art = std::move(art); }

  const std::optional<Bench>& bench() const { return m_bench; }
  /// Cards that were begun and are neither finished nor at hand now, newest first.
  std::vector<MakingRecord> left();
  QString logFile() const { return m_log->store() ? m_log->store()->journal() : QString(); }

  void begin(std::shared_ptr<const Plan> plan, AnalysisRef analysis);
  /// @return false, and said, if it cannot be taken up
  bool resume(const MakingRecord& record);
  /// Puts the card aside; it stays where it is.
  void leave();
  /// Takes a begun card's file away; putBack() brings it again.
  void forget(const std::string& id);
  void putBack(const MakingRecord& record);

  void done();
  void back();
  void tick(int cover, bool on);
  void setNote(const QString& note);
  void wentWrong(Mishap what, const QString& note);
  void setMadeFor(const QString& whom);
  /// Hands the finished card to the log and closes it.
  /// @param name  what it is called if its plan has no title
  /// @return its id; empty, and said, if the log cannot be written
  std::string handToLog(const QString& name = {});

  /// Seconds since 1970 as the computer has them; tests set their own.
  std::function<double()> clock;
  /// Never runs back: a clock that is set back stands still until it has caught up.
  double now();

 Q_SIGNALS:
  void changed();
  void trouble(const QString& message);

 private:
  std::shared_ptr<const ArtSource> m_art;
  QString m_folder;
  LogSession* m_log;
  std::optional<Bench> m_bench;
  std::unique_ptr<QLockFile> m_lock;  // of the card at hand: one window makes it
  QElapsedTimer m_steady;
  double m_good = 0, m_last = 0;  // what clock() said when m_steady was started; what now() said last

  void keep();
  bool hold(const std::string& id);
  void letGo();
};

}  // namespace havlo
