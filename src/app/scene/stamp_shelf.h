// The stamps of the plan on a shelf, at one scale, to take one from.
#pragma once

#include "app/common/choice_list.h"
#include "app/scene/drawer_help.h"
#include "app/session/plan_session.h"

namespace havlo {

class SvgArt;

class StampShelf : public ChoiceList {
  Q_OBJECT

 public:
  /// @param owned  of the drawer, shown after the plan's
  StampShelf(const PlanSession& session, const SvgArt& art, const std::vector<OwnedStamp>& owned,
             QWidget* parent);

 Q_SIGNALS:
  void stampTaken(const QString& stamp);
  void ownedTaken(const QString& key);  ///< of the drawer
  void drawerRequested();

 protected:
  void keyPressEvent(QKeyEvent*) override;
};

}  // namespace havlo
