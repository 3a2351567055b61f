#include "app/session/log_session.h"

#include <QDateTime>
#include <utility>

#include "io/wording/error_words.h"

namespace havlo {

LogSession::LogSession(const QString& folder, QObject* parent) : QObject(parent), m_folder(folder) {}

LogStore* LogSession::store(bool again) {
  if (m_store || (m_tried && !again)) return m_store.get();
  const bool late = std::exchange(m_tried, true);
  auto opened = LogStore::open(m_folder);
  if (!opened) {
    Q_EMIT trouble(tr("The log cannot be opened: %1").arg(errorReason(opened.error())));
    return nullptr;
  }
  m_store = std::move(opened).value();
  m_others = m_store->othersVersion();
  for (const QString& note : m_store->notes()) Q_EMIT notice(note);
  if (late) {  // it is there after all
    m_fresh = false;
    Q_EMIT changed();
    Q_EMIT habitsChanged();
  }
  return m_store.get();
}

const MakerLearnt& LogSession::learnt() {
  if (!m_fresh) {
    m_learnt = store() ? learnFrom(store()->newest(store()->atWork()), store()->settings(store()->atWork()))
                       : learnFrom({});
    m_fresh = true;
  }
  return m_learnt;
}

bool LogSession::said(const Result<Done>& done, bool learns) {
  if (!done) {
    Q_EMIT trouble(errorReason(done.error()));
    return false;
  }
  if (learns) m_fresh = false;
  Q_EMIT changed();
  if (learns) Q_EMIT habitsChanged();
  return true;
}

bool LogSession::put(const LogEntry& entry, const std::string& plan) {
  return store(true) && said(store()->put(entry, plan), true);
}
bool LogSession::change(const std::string& id, const std::function<void(LogEntry&)>& how) {
  return store(true) && said(store()->change(id, how), true);
}
bool LogSession::remove(const std::string& id) { return store(true) && said(store()->remove(id), true); }
const std::vector<Practised>& LogSession::practised() {
  if (!m_practised) m_practised = readPractised(practiceFile(), store() ? store()->atWork() : std::string());
  return *m_practised;
}
bool LogSession::notePractised(Drill what, int level, double points) {
  const double now = static_cast<double>(QDateTime::currentMSecsSinceEpoch()) / 1000;
  const Practised p{what, level, points, now, store() ? store()->atWork() : std::string()};
  if (const auto done = appendPractised(practiceFile(), p); !done) {
    Q_EMIT trouble(errorReason(done.error()));
    return false;
  }
  practised();  // what was there before
  if (m_practised->empty() || !(m_practised->back() == p)) m_practised->push_back(p);
  Q_EMIT practisedChanged();
  return true;
}
bool LogSession::setAtWork(const std::string& hands) {
  m_practised.reset();
  return store(true) && said(store()->setAtWork(hands), true);
}
bool LogSession::putSettings(const LearnSettings& s) {
  return store(true) && said(store()->putSettings(store()->atWork(), s), true);
}
LearnSettings LogSession::settings() {
  return store() ? store()->settings(store()->atWork()) : LearnSettings();
}
bool LogSession::putIdea(const LogIdea& idea) { return store(true) && said(store()->putIdea(idea), false); }
bool LogSession::removeIdea(const std::string& id) {
  return store(true) && said(store()->removeIdea(id), false);
}

void LogSession::lookForOthers() {
  if (!m_store) {  // another program may be done with it
    if (m_tried) store(true);
    return;
  }
  const qint64 now = m_store->othersVersion();
  if (now == m_others) return;
  m_others = now;
  m_fresh = false;
  Q_EMIT changed();
  Q_EMIT habitsChanged();
}

}  // namespace havlo
