// One QAction a command.
#include "app/actions/action_table.h"

#include <algorithm>

namespace havlo {

void ActionTable::add(std::vector<Command> commands, const QString& place) {
  for (Command& command : commands) {
    auto* action = new QAction(command.text, this);
    action->setObjectName(command.id);
    action->setShortcuts(command.shortcuts);
    action->setCheckable(command.checkable);
    QObject::connect(action, &QAction::triggered, this, [run = command.run] { run(); });
    m_actions.insert(command.id, action);
    m_commands.push_back({std::move(command), place});
  }
  Q_EMIT changed();
}

void ActionTable::removeOf(const QString& place) {
  for (const Known& k : m_commands)
    if (k.place == place) {
      QAction* gone = m_actions.take(k.command.id);
      gone->setEnabled(false);
      gone->deleteLater();  // it may be what asked for this
    }
  std::erase_if(m_commands, [&](const Known& k) { return k.place == place; });
  Q_EMIT changed();
}

void ActionTable::refresh(const QString& place) {
  for (const Known& k : m_commands) {
    QAction* action = m_actions[k.command.id];
    action->setEnabled((k.place.isEmpty() || k.place == place) && k.command.enabled());
    if (k.command.checkable) action->setChecked(k.command.checked());
  }
}

std::vector<ActionTable::Entry> ActionTable::all() const {
  std::vector<Entry> out;
  for (const Known& k : m_commands) out.push_back({m_actions[k.command.id], k.command.also, k.command.menu});
  return out;
}

QList<QAction*> ActionTable::of(const QString& menu) const {
  std::vector<const Known*> in;
  for (const Known& k : m_commands)
    if (k.command.menu == menu) in.push_back(&k);
  std::stable_sort(in.begin(), in.end(),
                   [](const Known* a, const Known* b) { return a->command.part < b->command.part; });
  QList<QAction*> out;
  for (size_t k = 0; k < in.size(); ++k) {
    if (k > 0 && in[k]->command.part != in[k - 1]->command.part) out.push_back(nullptr);
    out.push_back(m_actions[in[k]->command.id]);
  }
  return out;
}

}  // namespace havlo
