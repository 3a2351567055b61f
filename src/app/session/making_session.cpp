// Every act is on the disk before it is shown.
#include "app/session/making_session.h"

#include <QDateTime>
#include <QDir>
#include <QUuid>
#include <algorithm>

#include "core/batch/used_up.h"
#include "core/plan/plan_text.h"
#include "io/wording/error_words.h"

namespace havlo {

MakingSession::MakingSession(const QString& folder, LogSession& log, QObject* parent)
    : QObject(parent),
      clock([] { return static_cast<double>(QDateTime::currentMSecsSinceEpoch()) / 1000; }),
      m_folder(folder),
      m_log(&log) {}

std::vector<MakingRecord> MakingSession::left() {
  KeptMakings kept = keptMakings(m_folder);
  for (const QString& file : kept.unreadable)
    Q_EMIT trouble(tr("A card in the making cannot be read and is left as it is: %1").arg(file));
  std::erase_if(kept.records, [&](const MakingRecord& r) { return m_bench && m_bench->record().id == r.id; });
  return std::move(kept.records);
}

void MakingSession::keep() {
  if (m_bench)
    if (const auto saved = saveMaking(m_folder, m_bench->record()); !saved)
      Q_EMIT trouble(tr("The card in the making could not be kept: %1").arg(errorReason(saved.error())));
  Q_EMIT changed();
}

double MakingSession::now() {
  const double wall = clock();
  if (wall >= m_last) {
    m_steady.start();
    return m_last = m_good = wall;
  }
  // It was set back: the time since it was last right is measured by a clock that nobody sets.
  return m_last = std::max(m_last, m_good + static_cast<double>(m_steady.elapsed()) / 1000);
}

bool MakingSession::hold(const std::string& id) {
  QDir().mkpath(m_folder);
  auto lock = std::make_unique<QLockFile>(
      QDir(m_folder).filePath(QString::fromStdString(id) + QStringLiteral(".lock")));
  lock->setStaleLockTime(0);
  if (!lock->tryLock(0)) return false;
  m_lock = std::move(lock);
  return true;
}

void MakingSession::letGo() {
  m_bench.reset();
  m_lock.reset();
}

void MakingSession::begin(std::shared_ptr<const Plan> plan, AnalysisRef analysis) {
  const std::string id = QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString();
  hold(id);
  m_bench = Bench::begin(id, std::move(plan), std::move(analysis), now());
  keep();
}

bool MakingSession::resume(const MakingRecord& record) {
  if (!hold(record.id)) {
    Q_EMIT trouble(tr("That card is at the table in another window. Leave it there first."));
    return false;
  }
  // As it is on the disk now: another window may have gone on with it since it was listed.
  auto newest = loadMaking(makingPath(m_folder, record.id));
  MakingRecord found = newest ? std::move(newest).value() : record;
  auto plan = std::make_shared<Plan>(*found.plan);  // files say nothing of hands
  plan->habits = habitsOf(m_log->learnt(), maskPaperOf(plan->supplies));
  found.plan = std::move(plan);
  auto bench = Bench::resume(std::move(found), m_art.get());
  if (!bench) {
    letGo();
    Q_EMIT trouble(tr("That card cannot be taken up: %1").arg(errorWords(bench.error())));
    return false;
  }
  m_bench = std::move(bench).value();
  // The clock may have been set back since this card was left.
  for (const StepRecord& step : m_bench->record().steps)
    if (const double last = std::max(step.begun_s, step.done_s); last > m_last) {
      m_last = m_good = last;
      m_steady.start();
    }
  keep();
  return true;
}

void MakingSession::leave() {
  keep();
  letGo();
  Q_EMIT changed();
}

void MakingSession::forget(const std::string& id) {
  const bool mine = m_bench && m_bench->record().id == id;
  if (!mine && !hold(id)) {
    Q_EMIT trouble(tr("That card is at the table in another window. Leave it there first."));
    return;
  }
  dropMaking(m_folder, id);
  if (mine) m_bench.reset();
  if (!m_bench) m_lock.reset();
  Q_EMIT changed();
}

void MakingSession::putBack(const MakingRecord& record) {
  if (const auto saved = saveMaking(m_folder, record); !saved) Q_EMIT trouble(errorReason(saved.error()));
  Q_EMIT changed();
}

void MakingSession::done() {
  if (m_bench) m_bench->done(now()), keep();
}

void MakingSession::back() {
  if (m_bench) m_bench->back(now()), keep();
}

void MakingSession::tick(int cover, bool on) {
  if (m_bench) m_bench->tick(cover, on), keep();
}

void MakingSession::setNote(const QString& note) {
  if (m_bench) m_bench->setNote(note.toStdString()), keep();
}

void MakingSession::wentWrong(Mishap what, const QString& note) {
  if (m_bench) m_bench->wentWrong(what, note.toStdString()), keep();
}

void MakingSession::setMadeFor(const QString& whom) {
  if (m_bench) m_bench->setMadeFor(whom.toStdString()), keep();
}

std::string MakingSession::handToLog(const QString& name) {
  if (!m_bench) return {};
  LogEntry entry = logEntryOf(*m_bench);
  if (entry.title.empty()) entry.title = name.toStdString();
  entry.used = useOf(needsOf(m_bench->plan(), m_bench->analysis(), {}, {}, {}));
  if (m_log->store()) entry.hands = m_log->store()->atWork(), entry.positioner = m_log->settings().positioner;
  if (!m_log->put(entry, writePlan(m_bench->plan()))) return {};
  forget(std::string(m_bench->record().id));
  return entry.id;
}

}  // namespace havlo
