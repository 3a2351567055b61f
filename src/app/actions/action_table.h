// Every command of the window in one table: id, text, shortcut, when it may be used, what it does.
#pragma once

#include <QAction>
#include <QHash>
#include <QObject>
#include <functional>
#include <vector>

namespace havlo {

struct Command {
  QString id, text;
  QList<QKeySequence> shortcuts;
  std::function<void()> run;
  std::function<bool()> enabled = [] { return true; };
  bool checkable = false;
  std::function<bool()> checked = [] { return false; };
};

/// The actions made from commands.
class ActionTable : public QObject {
 public:
  using QObject::QObject;
  void add(Command command);
  QAction* operator[](const QString& id) const { return m_actions.value(id); }
  /// Brings enabled and checked states up to date.
  void refresh();
  QList<QAction*> all() const { return m_actions.values(); }

 private:
  std::vector<Command> m_commands;
  QHash<QString, QAction*> m_actions;
};

}  // namespace havlo
