// The place Scene: thing, face and reading above, the walk below.
#pragma once

#include <optional>

#include "app/common/place.h"
#include "app/scene/drawer_help.h"
#include "app/session/plan_session.h"

class QGridLayout;
class QLabel;
class QMimeData;
class QPushButton;

namespace havlo {

class CrowdDraft;
class FaceView;
class RowDraft;
class SpotMenus;
class SvgArt;
class ThingActs;
class ThingPanel;
class WalkView;

class ScenePlace : public Place {
  Q_OBJECT

 public:
  std::vector<Command> commands() override;
  void arrive() override;
  void takeKeys() override;
  ScenePlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  FaceView& face() { return *m_face; }
  WalkView& walk() { return *m_walk; }
  RowDraft& row() { return *m_row; }
  ThingActs& acts() { return *m_acts; }
  /// Folded it leaves its room to the card.
  void foldWalk(bool folded);
  void setDrawerHelp(DrawerHelp help);
  /// Offers the plan's stamps; the chosen one is put where it fits.
  void offerStamps();
  /// Puts a stamp on the card: where its size is right if it can stand, else in the middle of the sky.
  void addStamp(const QString& stamp);
  /// The same for a stamp that `plan` holds, the open plan with one stamp more: one act.
  void addStampOf(const Plan& plan, const std::string& stamp, std::optional<Point> foot = {});

 Q_SIGNALS:
  void demoRequested();
  void proposeRequested();
  void openRequested();
  void drawerRequested();
  void stampOfDrawerRequested(const QString& key, Point foot);
  void stampOfDrawerTaken(const QString& key);  ///< to be put where it fits

 protected:
  void resizeEvent(QResizeEvent* e) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  RowDraft* m_row;
  CrowdDraft* m_crowd;
  ThingActs* m_acts;
  SpotMenus* m_menus;
  FaceView* m_face;
  WalkView* m_walk;

  ThingPanel* m_thing;
  QGridLayout* m_grid;
  QLabel* m_walkWords;
  QPushButton* m_fold;
  bool m_tight = false;
  void showWalk(bool shown);
  DrawerHelp m_help;

  QWidget* buildWalk();
  void connectActs();
  void beginCrowd();
  void takeDropped(const QMimeData* what, Point at);
};

}  // namespace havlo
