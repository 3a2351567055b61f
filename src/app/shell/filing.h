// Plans on the disk, as the window asks for them: choosing, opening, saving, the recent ones, work that was
// not saved.
#pragma once

#include <QObject>

#include "app/files/file_pictures.h"
#include "app/shell/message_bar.h"
#include "app/shell/workshop.h"

class QMenu;
class QMimeData;

namespace havlo {

class Filing : public QObject {
  Q_OBJECT

 public:
  Filing(PlanSession& session, QWidget* window);

  /// Reads and analyses on a worker thread; what is open stays until that is done.
  void open(const QString& path);
  void stop();
  void choose();
  void save();
  /// What the open plan does otherwise than its file.
  void showChanges();
  bool saveAs();
  /// A plan's file, or work that was not saved, by the name of the file it is kept in.
  void openOrTakeUp(const QString& path);

  void fillRecent(QMenu* menu);
  /// Work that earlier runs or plans left unsaved, and what was set aside; what is old in a menu of its own.
  void fillUnsaved(QMenu* menu);
  /// Offers work that an earlier run left unsaved.
  void offerLostWork();

 Q_SIGNALS:
  void started(const QString& what);
  void ended();
  void said(const MessageBar::Message& message);

 private:
  PlanSession& m_session;
  QWidget* m_window;
  Job<Result<OpenedPlan>>* m_opening;
  FilePictures* m_pictures;

  void remember(const QString& path);
  void offer(const LostWork& work, const QString& text);
  /// As open().
  void takeUp(const LostWork& work);
  void tidy(const std::vector<LostWork>& older);
};

}  // namespace havlo
