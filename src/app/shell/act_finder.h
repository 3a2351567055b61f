// Finds an act by typing: everything the menus hold, and does it.
#pragma once

#include <QFrame>

#include "app/actions/action_table.h"

class QLineEdit;

namespace havlo {

class ChoiceList;

class ActFinder : public QFrame {
  Q_OBJECT

 public:
  ActFinder(const ActionTable& actions, QWidget* window);
  /// Opens over the window, empty, with the keys.
  void open();
  ChoiceList& list() { return *m_list; }

 protected:
  bool eventFilter(QObject* watched, QEvent* event) override;

 private:
  const ActionTable& m_actions;
  QLineEdit* m_typed;
  ChoiceList* m_list;

  void find();
  void take(const QString& id);
};

}  // namespace havlo
