// The menus that open on the card: on a thing what can be done with it and what its points are for, on a free
// spot what could stand there.
#pragma once

#include <QObject>

#include "app/scene/drawer_help.h"
#include "app/session/plan_session.h"

class QMenu;
class QWidget;

namespace havlo {

class ThingActs;

class SpotMenus : public QObject {
  Q_OBJECT

 public:
  SpotMenus(PlanSession& session, ThingActs& acts, QWidget* place);
  void setDrawer(const DrawerHelp& help) { m_help = help; }

  /// @param at  stamp frame of the impression
  void openOnThing(int impression, Point at, const QPoint& global);
  void openOnSpot(Point spot, const QPoint& global);

 Q_SIGNALS:
  void stampWanted(const std::string& stamp, Point foot);  ///< one of the plan's
  void ownedStampWanted(const QString& key, Point foot);   ///< one of the drawer's

 private:
  PlanSession& m_session;
  ThingActs& m_acts;
  QWidget* m_place;
  DrawerHelp m_help;

  QMenu* newMenu(const char* name);
  void addFitting(QMenu& menu, Point spot);
  void addContacts(QMenu& menu, const std::string& stamp, Point at);
};

}  // namespace havlo
