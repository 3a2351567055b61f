// Every act is on the disk before it is shown.
#include "app/session/making_session.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <QUuid>
#include <algorithm>

namespace havlo {

MakingSession::MakingSession(const QString& folder, QObject* parent)
    : QObject(parent),
      clock([] { return static_cast<double>(QDateTime::currentMSecsSinceEpoch()) / 1000; }),
      m_folder(folder),
      m_log(QFileInfo(folder).dir().filePath(QStringLiteral("log.jsonl"))) {}

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
      Q_EMIT trouble(tr("The card in the making could not be kept: %1")
                         .arg(QString::fromStdString(saved.error().message)));
  Q_EMIT changed();
}

void MakingSession::begin(std::shared_ptr<const Plan> plan, AnalysisRef analysis) {
  m_bench = Bench::begin(QUuid::createUuid().toString(QUuid::WithoutBraces).toStdString(), std::move(plan),
                         std::move(analysis), now());
  keep();
}

bool MakingSession::resume(const MakingRecord& record) {
  auto bench = Bench::resume(record);
  if (!bench) {
    Q_EMIT trouble(tr("That card cannot be taken up: %1").arg(QString::fromStdString(bench.error().text())));
    return false;
  }
  m_bench = std::move(bench).value();
  keep();
  return true;
}

void MakingSession::leave() {
  keep();
  m_bench.reset();
  Q_EMIT changed();
}

void MakingSession::forget(const std::string& id) {
  dropMaking(m_folder, id);
  if (m_bench && m_bench->record().id == id) m_bench.reset();
  Q_EMIT changed();
}

void MakingSession::putBack(const MakingRecord& record) {
  if (const auto saved = saveMaking(m_folder, record); !saved)
    Q_EMIT trouble(QString::fromStdString(saved.error().message));
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

bool MakingSession::handToLog() {
  if (!m_bench) return false;
  if (const auto added = appendLog(m_log, logEntryOf(*m_bench)); !added) {
    Q_EMIT trouble(QString::fromStdString(added.error().message));
    return false;
  }
  forget(std::string(m_bench->record().id));
  return true;
}

}  // namespace havlo
