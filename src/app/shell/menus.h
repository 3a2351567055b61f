// The menus of the window, filled from the table of actions and again whenever it changes. Any menu that is
// open closes when the plan changes: what it offers belongs to the plan that was.
#pragma once

#include <QObject>

class QMenu;
class QMenuBar;

namespace havlo {

class ActionTable;
class Filing;
class PlanSession;

class Menus : public QObject {
  Q_OBJECT

 public:
  /// @param parent  also has what is made to fill them
  Menus(QMenuBar& bar, ActionTable& actions, const PlanSession& session, Filing& filing, QObject* parent);
  /// Anew, as after the theme has changed.
  void fill();

 private:
  QMenuBar& m_bar;
  ActionTable& m_actions;
  Filing& m_filing;

  void fill(QMenu* menu);
};

}  // namespace havlo
