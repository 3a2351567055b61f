// One file of plan text and one of facts a run, and a lock that tells the living from the dead.
#include "app/session/rescue.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <QMutex>
#include <QThreadPool>
#include <QUuid>
#include <QWaitCondition>
#include <algorithm>

#include "io/files/plan_file.h"

namespace havlo {

/// Writes the newest state; states that come while it writes replace each other.
struct Rescue::Writer {
  QMutex mutex;
  QWaitCondition idle;
  std::shared_ptr<const Plan> next;
  QString file, path;
  bool busy = false, dropped = false;
  QThreadPool pool;
  std::function<void(QString)> complain;

  Writer() { pool.setMaxThreadCount(1); }

  void work() {
    for (;;) {
      std::shared_ptr<const Plan> plan;
      QString planPath;
      {
        const QMutexLocker lock(&mutex);
        if (!next) {
          busy = false;
          idle.wakeAll();
          return;
        }
        plan = std::exchange(next, nullptr);
        planPath = path;
      }
      const QJsonObject facts{
          {QStringLiteral("path"), planPath},
          {QStringLiteral("title"), QString::fromStdString(plan->title)},
          {QStringLiteral("when"), QDateTime::currentDateTimeUtc().toString(Qt::ISODate)}};
      auto saved = saveWhole(file + QStringLiteral(".json"), QJsonDocument(facts).toJson());
      if (saved) saved = savePlan(file + QStringLiteral(".havlo"), *plan);
      if (!saved && complain) complain(QString::fromStdString(saved.error().message));
    }
  }
};

Rescue::Rescue(const QString& folder, QObject* parent) : QObject(parent), m_folder(folder) { begin(); }

Rescue::~Rescue() { flush(); }

void Rescue::begin() {
  QDir().mkpath(m_folder);
  m_base = QDir(m_folder).filePath(QUuid::createUuid().toString(QUuid::WithoutBraces));
  m_lock = std::make_unique<QLockFile>(m_base + QStringLiteral(".lock"));
  m_lock->setStaleLockTime(0);
  m_lock->tryLock();
  m_writer = std::make_shared<Writer>();
  m_writer->file = m_base;
  m_writer->complain = [this](const QString& why) {
    QMetaObject::invokeMethod(this,
                              [this, why] { Q_EMIT trouble(tr("Unsaved work is not safe: %1").arg(why)); });
  };
}

void Rescue::keep(std::shared_ptr<const Plan> plan, const QString& path) {
  const QMutexLocker lock(&m_writer->mutex);
  m_writer->next = std::move(plan);
  m_writer->path = path;
  if (m_writer->busy) return;
  m_writer->busy = true;
  m_writer->pool.start([writer = m_writer.get()] { writer->work(); });
}

void Rescue::flush() {
  QMutexLocker lock(&m_writer->mutex);
  while (m_writer->busy) m_writer->idle.wait(&m_writer->mutex);
}

void Rescue::drop() {
  {
    const QMutexLocker lock(&m_writer->mutex);
    m_writer->next = nullptr;
  }
  flush();
  QFile::remove(m_base + QStringLiteral(".havlo"));
  QFile::remove(m_base + QStringLiteral(".json"));
}

void Rescue::leaveAndRestart() {
  flush();
  begin();
}

std::vector<LostWork> Rescue::lostWork() const {
  std::vector<LostWork> out;
  const QDir folder(m_folder);
  for (const QFileInfo& info : folder.entryInfoList({QStringLiteral("*.havlo")}, QDir::Files)) {
    const QString base = folder.filePath(info.completeBaseName());
    if (base == m_base) continue;
    QLockFile other(base + QStringLiteral(".lock"));
    other.setStaleLockTime(0);
    if (!other.tryLock()) continue;  // that run is alive
    QFile facts(base + QStringLiteral(".json"));
    QJsonObject object;
    if (facts.open(QIODevice::ReadOnly)) object = QJsonDocument::fromJson(facts.readAll()).object();
    out.push_back({info.filePath(), object[QLatin1String("path")].toString(),
                   object[QLatin1String("title")].toString(), info.lastModified()});
  }
  std::sort(out.begin(), out.end(), [](const LostWork& a, const LostWork& b) { return a.when > b.when; });
  return out;
}

void Rescue::setAside(const LostWork& work) {
  QDir folder(m_folder);
  folder.mkpath(QStringLiteral("set-aside"));
  const QFileInfo info(work.file);
  QFile::rename(work.file, folder.filePath(QStringLiteral("set-aside/") + info.fileName()));
  QFile::remove(folder.filePath(info.completeBaseName() + QStringLiteral(".json")));
}

}  // namespace havlo
