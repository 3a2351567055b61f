// The one window: menu, trail, messages, and the place on top. It knows no place by name.
#pragma once

#include <QMainWindow>
#include <QPointer>

#include "app/actions/action_table.h"
#include "app/common/place.h"
#include "app/shell/arrivals.h"
#include "app/shell/centre.h"
#include "app/shell/message_bar.h"
#include "app/shell/save_hint.h"
#include "app/shell/workshop.h"
#include "app/theme/theme.h"

class QUndoStack;

namespace havlo {

class ActFinder;
class Errands;
class Filing;
class Menus;
class NextSteps;
class StatusLine;

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
  const Workshop& workshop() const { return m_workshop; }
  MessageBar& messages() { return m_centre->messages(); }
  Errands& errands() { return *m_errands; }
  Filing& filing() { return *m_filing; }
  /// Opens a plan, takes in a packed drawer, begins with a scan: by the file's ending.
  void openAny(const QString& file) { m_arrivals.take(file); }
  QAction* action(const QString& id) const { return m_actions[id]; }
  const ActionTable& actions() const { return m_actions; }
  /// The place of that id; it is made when it is first asked for.
  Place& place(const QString& id) { return m_centre->place(id); }
  /// The id of the place on top.
  const QString& current() const { return m_current; }
  void visit(const QString& id);
  void setAppearance(const Appearance& wanted);
  /// A place, turned to a part of it.
  void visitPart(const QString& id, const QString& part);
  LessonBar& lesson() { return m_centre->lesson(); }

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
  SaveHint m_hint;
  Arrivals m_arrivals;
  Menus* m_menus = nullptr;
  Centre* m_centre = nullptr;  ///< made anew when the theme changes
  QString m_current;
  QPointer<ActFinder> m_finder;

  void notice(const QString& text) { messages().say(MessageBar::Kind::Notice, text); }
  void trouble(const QString& text) { messages().say(MessageBar::Kind::Trouble, text); }
  void readSettings();
  void addCommands();
  void buildCentre();
  void openHandbook();
  void findAct();
  void explainHere();
  void connectSessions();
  void connectWork();
  void refreshTrail();
  void refreshStatus();
  void refreshActions();
  void refreshUndo();
  QUndoStack& undoStackHere();
};

}  // namespace havlo
