// The one window: menu, trail, messages, and the place on top. It knows no place by name.
#pragma once

#include <QMainWindow>
#include <QMap>
#include <QPointer>

#include "app/actions/action_table.h"
#include "app/common/place.h"
#include "app/shell/message_bar.h"
#include "app/shell/workshop.h"
#include "app/theme/theme.h"

class QStackedWidget;
class QUndoStack;

namespace havlo {

class ActFinder;
class Errands;
class FaceBar;
class Filing;
struct PlaceKind;
class NextSteps;
class StatusLine;
class LessonBar;
class Trail;

class MainWindow : public QMainWindow {
  Q_OBJECT

 public:
  /// @param rescueFolder  where unsaved work is kept; the drawer is the file drawer.sqlite beside it
  /// @param art           draws the stamps, and knows those it drew
  explicit MainWindow(const QString& rescueFolder, std::shared_ptr<SvgArt> art = std::make_shared<SvgArt>());
  ~MainWindow() override;

  PlanSession& session() { return *m_session; }
  DrawerSession& drawerSession() { return *m_drawerSession; }
  MakingSession& making() { return *m_making; }
  LogSession& log() { return *m_log; }
  MessageBar& messages() { return *m_messages; }
  Errands& errands() { return *m_errands; }
  Filing& filing() { return *m_filing; }
  /// Opens a plan, takes in a packed drawer, begins with a scan: by the file's ending.
  void openAny(const QString& file);
  QAction* action(const QString& id) const { return m_actions[id]; }
  const ActionTable& actions() const { return m_actions; }
  /// The place of that id; it is made when it is first asked for.
  Place& place(const QString& id);
  /// The id of the place on top.
  const QString& current() const { return m_current; }
  void visit(const QString& id);
  void setAppearance(const Appearance& wanted);
  /// A place, turned to a part of it.
  void visitPart(const QString& id, const QString& part);
  LessonBar& lesson() { return *m_lesson; }

 protected:
  void dragEnterEvent(QDragEnterEvent*) override;
  void dropEvent(QDropEvent*) override;
  void closeEvent(QCloseEvent*) override;

 private:
  std::unique_ptr<PlanSession> m_session;
  std::unique_ptr<DrawerSession> m_drawerSession;
  std::unique_ptr<LogSession> m_log;
  std::unique_ptr<MakingSession> m_making;
  Workshop m_workshop;
  Errands* m_errands;
  Filing* m_filing;
  StatusLine* m_status;
  NextSteps* m_next;
  ActionTable m_actions;
  QMap<QString, Place*> m_made;
  QString m_current;
  Trail* m_trail = nullptr;
  FaceBar* m_faces = nullptr;
  MessageBar* m_messages = nullptr;
  LessonBar* m_lesson = nullptr;
  bool m_hinted = false;  ///< that the card is in no file
  QStackedWidget* m_places = nullptr;
  QPointer<ActFinder> m_finder;

  void readSettings();
  void addCommands();
  void buildCentre();
  void openHandbook();
  void findAct();
  void explainHere();
  void hintToSave();
  void fillMenu(QMenu* menu, const QString& name);
  void connectSessions();
  void connectWork();
  void refreshTrail();
  void refreshStatus();
  void refreshActions();
  QUndoStack& undoStackHere();
};

}  // namespace havlo
