// One file of plan text and one of facts a run, and a lock that tells the living from the dead.
#include "app/session/rescue.h"

#include <QDeadlineTimer>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <QMutex>
#include <QStandardPaths>
#include <QThreadPool>
#include <QUuid>
#include <QWaitCondition>
#include <algorithm>
#include <vector>

#include "app/session/job.h"
#include "io/files/plan_file.h"
#include "io/wording/error_words.h"

namespace havlo {

/// Writes the newest state; states that come while it writes replace each other. The steps of one act are
/// written now and then: a plan of hundreds of things takes a worker of its own to write, and a fall would
/// take no more than that act.
struct Rescue::Writer {
  static constexpr int kPause_ms = 300;  // between two steps of one act

  QMutex mutex;
  QWaitCondition idle, hurry;
  std::shared_ptr<const Plan> next;
  QString file, path;
  QByteArray onDisk;
  bool busy = false;
  bool canWait = false;  ///< `next` is a step of the act that is written already
  QThreadPool pool;
  std::function<void(QString)> complain;

  Writer() { pool.setMaxThreadCount(1); }

  void work() {
    JobBase::giveWay();
    for (;;) {
      std::shared_ptr<const Plan> plan;
      QString planPath;
      QByteArray digest;
      {
        QMutexLocker lock(&mutex);
        if (written.isValid())
          while (next && canWait && written.elapsed() < kPause_ms)
            hurry.wait(&mutex, QDeadlineTimer(kPause_ms - written.elapsed()));
        if (!next) {
          busy = false;
          idle.wakeAll();
          return;
        }
        plan = std::exchange(next, nullptr);
        planPath = path;
        digest = onDisk;
      }
      const QJsonObject facts{
          {QStringLiteral("path"), planPath},
          {QStringLiteral("title"), QString::fromStdString(plan->title)},
          {QStringLiteral("onDisk"), QString::fromLatin1(digest.toHex())},
          {QStringLiteral("when"), QDateTime::currentDateTimeUtc().toString(Qt::ISODate)}};
      auto saved = saveWhole(file + QStringLiteral(".json"), QJsonDocument(facts).toJson());
      if (saved) saved = savePlan(file + QStringLiteral(".havlo"), *plan);
      if (!saved && complain) complain(errorReason(saved.error()));
      written.start();
    }
  }

  /// What is kept is written at once.
  void urge() {
    canWait = false;
    hurry.wakeAll();
  }

 private:
  QElapsedTimer written;
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

void Rescue::keep(std::shared_ptr<const Plan> plan, const QString& path, const QByteArray& onDisk,
                  bool goesOn) {
  const QMutexLocker lock(&m_writer->mutex);
  // What waits to be written may hold an act of its own.
  m_writer->canWait = goesOn && (!m_writer->next || m_writer->canWait);
  if (!m_writer->canWait) m_writer->urge();
  m_writer->next = std::move(plan);
  m_writer->path = path;
  m_writer->onDisk = onDisk;
  if (m_writer->busy) return;
  m_writer->busy = true;
  m_writer->pool.start([writer = m_writer.get()] { writer->work(); });
}

void Rescue::flush() {
  QMutexLocker lock(&m_writer->mutex);
  m_writer->urge();
  while (m_writer->busy) m_writer->idle.wait(&m_writer->mutex);
}

void Rescue::drop() {
  {
    const QMutexLocker lock(&m_writer->mutex);
    m_writer->next = nullptr;
    m_writer->urge();
  }
  flush();
  QFile::remove(m_base + QStringLiteral(".havlo"));
  QFile::remove(m_base + QStringLiteral(".json"));
}

LostWork Rescue::leaveAndRestart() {
  flush();
  const QString left = m_base + QStringLiteral(".havlo");
  begin();
  for (const LostWork& work : workIn(m_folder))
    if (work.file == left) return work;
  return {};
}

std::vector<LostWork> Rescue::workIn(const QString& path) {
  std::vector<LostWork> out;
  const QDir folder(path);
  for (const QFileInfo& info : folder.entryInfoList({QStringLiteral("*.havlo")}, QDir::Files)) {
    QFile facts(folder.filePath(info.completeBaseName() + QStringLiteral(".json")));
    QJsonObject object;
    if (facts.open(QIODevice::ReadOnly)) object = QJsonDocument::fromJson(facts.readAll()).object();
    out.push_back({info.filePath(), object[QLatin1String("path")].toString(),
                   object[QLatin1String("title")].toString(), info.lastModified(),
                   QByteArray::fromHex(object[QLatin1String("onDisk")].toString().toLatin1())});
  }
  std::sort(out.begin(), out.end(), [](const LostWork& a, const LostWork& b) { return a.when > b.when; });
  return out;
}

std::vector<LostWork> Rescue::lostWork() const {
  std::vector<LostWork> out = workIn(m_folder);
  std::erase_if(out, [&](const LostWork& work) {
    const QString base = work.file.chopped(6);
    if (base == m_base) return true;
    QLockFile other(base + QStringLiteral(".lock"));
    other.setStaleLockTime(0);
    return !other.tryLock();  // that run is alive
  });
  return out;
}

std::vector<LostWork> Rescue::asideWork() const { return workIn(m_folder + QStringLiteral("/set-aside")); }

int Rescue::toWastebasket(const std::vector<LostWork>& copies) {
  // Qt 6.4 makes the wastebasket but not the folder around it, and without one puts files where the program
  // was started.
  QDir().mkpath(QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation));
  int moved = 0;
  for (const LostWork& work : copies) {
    QString there;
    if (!QFile::moveToTrash(work.file, &there)) continue;
    if (!QFileInfo(there).absolutePath().contains(QStringLiteral("Trash"))) {
      QFile::rename(there, work.file);
      continue;
    }
    QFile::remove(work.file.chopped(6) + QStringLiteral(".json"));  // whose it was; the plan tells it as well
    ++moved;
  }
  return moved;
}

QString Rescue::setAside(const LostWork& work) {
  QDir folder(m_folder);
  folder.mkpath(QStringLiteral("set-aside"));
  const QFileInfo info(work.file);
  const QString to = folder.filePath(QStringLiteral("set-aside/") + info.completeBaseName());
  QFile::rename(work.file, to + QStringLiteral(".havlo"));
  QFile::rename(folder.filePath(info.completeBaseName() + QStringLiteral(".json")),
                to + QStringLiteral(".json"));
  return to + QStringLiteral(".havlo");
}

}  // namespace havlo
