// The stamps of the plan on a shelf, at one scale, to take one from.
#pragma once

#include "app/common/choice_list.h"
#include "app/session/plan_session.h"

namespace havlo {

class SvgArt;

class StampShelf : public ChoiceList {
  Q_OBJECT

 public:
  StampShelf(const PlanSession& session, const SvgArt& art, QWidget* parent);

 Q_SIGNALS:
  void stampTaken(const QString& stamp);
  void drawerRequested();

 protected:
  void keyPressEvent(QKeyEvent*) override;
};

}  // namespace havlo
