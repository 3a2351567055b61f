// One QAction a command.
#include "app/actions/action_table.h"

namespace havlo {

void ActionTable::add(Command command) {
  auto* action = new QAction(command.text, this);
  action->setObjectName(command.id);
  action->setShortcuts(command.shortcuts);
  action->setCheckable(command.checkable);
  QObject::connect(action, &QAction::triggered, this, [run = command.run] { run(); });
  m_actions.insert(command.id, action);
  m_commands.push_back(std::move(command));
}

void ActionTable::refresh() {
  for (const Command& c : m_commands) {
    QAction* action = m_actions[c.id];
    action->setEnabled(c.enabled());
    if (c.checkable) action->setChecked(c.checked());
  }
}

}  // namespace havlo
