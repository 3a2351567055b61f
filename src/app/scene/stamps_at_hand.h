// While a card is empty: the stamps one has, to put the first one on.
#pragma once

#include <QWidget>

#include "app/scene/drawer_help.h"
#include "app/session/plan_session.h"

class QLabel;
class QPushButton;

namespace havlo {

class ChoiceList;
class SvgArt;

class StampsAtHand : public QWidget {
  Q_OBJECT

 public:
  StampsAtHand(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  void setDrawer(const DrawerHelp& help) { m_owned = help.owned; }
  /// Looks again at what there is. @return whether there is any
  bool fill();
  ChoiceList& list() { return *m_list; }

 Q_SIGNALS:
  void stampTaken(const QString& id);   ///< one of the plan's
  void ownedTaken(const QString& key);  ///< one of the drawer's
  void drawerRequested();

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  std::function<std::vector<OwnedStamp>(size_t)> m_owned;
  ChoiceList* m_list;
  QPushButton* m_more;
  std::vector<std::pair<QString, StampRef>> m_shown;
  MeasureStyle m_shownUnits = MeasureStyle::Millimetres;
};

}  // namespace havlo
