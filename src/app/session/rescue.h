// Unsaved work survives a kill: after every act the plan is written beside, atomically, under a name of this
// run.
#pragma once

#include <QDateTime>
#include <QLockFile>
#include <QObject>
#include <QString>
#include <QTimer>
#include <functional>
#include <memory>
#include <vector>

#include "core/base/result.h"
#include "core/plan/plan.h"

namespace havlo {

/// Work that an earlier run left unsaved.
struct LostWork {
  QString file;  ///< the rescue copy
  QString path;  ///< the plan's own file, empty if it had none
  QString title;
  QDateTime when;
  QByteArray onDisk;  ///< digest of the plan's own file as that run knew it
};

class Rescue : public QObject {
  Q_OBJECT

 public:
  explicit Rescue(const QString& folder, QObject* parent = nullptr);
  ~Rescue() override;

  /// Keeps this state; writing happens on a worker thread, the newest state last.
  /// @param onDisk  digest of the plan's own file as it was opened or saved
  /// @param goesOn  a further step of the act that was kept last, as of a drag: it need not be written at
  /// once
  void keep(std::shared_ptr<const Plan> plan, const QString& path, const QByteArray& onDisk = {},
            bool goesOn = false);
  /// The work is saved or gone on purpose: no copy is needed.
  void drop();
  /// Starts a fresh copy; the one before stays as lost work, found at the next start.
  LostWork leaveAndRestart();
  /// Waits until what was kept is on the disk.
  void flush();

  /// What earlier runs left, newest first; runs that are still alive are not among it.
  std::vector<LostWork> lostWork() const;
  /// Moves a copy aside, out of lostWork(); it is not deleted.
  /// @return where it is now
  QString setAside(const LostWork& work);
  /// What was set aside earlier, newest first.
  std::vector<LostWork> asideWork() const;
  /// Moves these copies to the system's wastebasket, whence they can be fetched back.
  /// @return how many are there; the others stay where they are
  static int toWastebasket(const std::vector<LostWork>& copies);

 Q_SIGNALS:
  void trouble(const QString& message);

 private:
  struct Writer;
  QString m_folder, m_base;
  std::unique_ptr<QLockFile> m_lock;
  std::shared_ptr<Writer> m_writer;

  void begin();
  static std::vector<LostWork> workIn(const QString& folder);
};

}  // namespace havlo
