// The one window: menu, trail, messages, places. It builds the parts and connects them; what they do is
// theirs.
#pragma once

#include <QMainWindow>

#include "app/actions/action_table.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "app/shell/exporting.h"
#include "app/shell/printing.h"
#include "core/plan/plan_text.h"

class QLabel;
class QProgressBar;
class QPushButton;
class QStackedWidget;

namespace havlo {

class ArrangePlace;
class CardPlace;
class DrawerPlace;
class DrawerSession;
struct DrawerHelp;
class InkPlace;
class MakePlace;
class MakingSession;
class MessageBar;
class OrderPlace;
class PracticePlace;
class ScenePlace;
class SvgArt;
class Trail;

class MainWindow : public QMainWindow {
  Q_OBJECT

 public:
  /// @param rescueFolder  where unsaved work is kept; the drawer is the file drawer.sqlite beside it
  explicit MainWindow(const QString& rescueFolder);
  ~MainWindow() override;

  PlanSession& session() { return *m_session; }
  DrawerSession& drawerSession() { return *m_drawerSession; }
  CardPlace& card();      ///< made when first asked for
  DrawerPlace& drawer();  ///< made when first asked for
  ScenePlace& scene() { return *m_scene; }
  OrderPlace& order() { return *m_order; }
  InkPlace& ink();            ///< made when first asked for
  MakePlace& make();          ///< made when first asked for
  ArrangePlace& arrange();    ///< made when first asked for
  PracticePlace& practice();  ///< made when first asked for
  MakingSession& making() { return *m_making; }
  MessageBar& messages() { return *m_messages; }
  Printing& printing() { return *m_printing; }
  Exporting& exporting() { return *m_exporting; }
  QAction* action(const QString& id) const { return m_actions[id]; }

  /// Opens a plan; large files are read on a worker thread, then true only says that reading has begun.
  bool openFile(const QString& path);
  /// Starts from a plan that ships with Havlo, as a copy without a file.
  void openDemo(const QString& name = QStringLiteral("canal-towpath"));
  /// Offers work that an earlier run left unsaved.
  void offerLostWork();
  /// The places, in the order of work; practice and arranging are not on the trail.
  enum Place { Card, Drawer, Scene, Order, Ink, Make, Practice, Arrange };
  void visit(int place);
  /// Puts a stamp of the drawer on the card and goes to the scene.
  void putOnCard(const QString& key);
  void setAppearance(bool dark, double textScale);

 protected:
  void dragEnterEvent(QDragEnterEvent*) override;
  void dropEvent(QDropEvent*) override;
  void closeEvent(QCloseEvent*) override;

 private:
  std::unique_ptr<PlanSession> m_session;
  std::unique_ptr<DrawerSession> m_drawerSession;
  std::unique_ptr<MakingSession> m_making;
  std::shared_ptr<SvgArt> m_art;
  ActionTable m_actions;
  Printing* m_printing;
  Exporting* m_exporting;
  Trail* m_trail = nullptr;
  MessageBar* m_messages = nullptr;
  QStackedWidget* m_places = nullptr;
  CardPlace* m_card = nullptr;
  DrawerPlace* m_drawer = nullptr;
  ScenePlace* m_scene = nullptr;
  OrderPlace* m_order = nullptr;
  InkPlace* m_ink = nullptr;
  ArrangePlace* m_arrange = nullptr;
  MakePlace* m_make = nullptr;
  PracticePlace* m_practice = nullptr;
  QMenu* m_recent = nullptr;
  QLabel* m_status = nullptr;
  QProgressBar* m_progress = nullptr;
  QPushButton* m_stop = nullptr;
  bool m_dark = false;
  Job<Result<ReadPlan>>* m_opening;

  void addFileCommands();
  void addEditCommands();
  void addViewCommands();
  void buildMenus();
  void putOnCardAt(const QString& key, std::optional<Point> foot);
  DrawerHelp drawerHelp();
  void useDrawerMasks();
  void buildPlaces();
  void replacePlace(int place, QWidget* by);
  void connectSession();
  void connectDrawer();
  void startNewCard();
  void refreshTrail();
  void refreshStatus();
  void chooseFile();
  void openInBackground(const QString& path);
  void busy(const QString& what);
  void idle();
  bool saveAs();
  void save();
  void remember(const QString& path);
  void fillRecent();
  void about();
};

}  // namespace havlo
