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
  /// Where it stands: a menu, and a part of it; parts are parted by a line. A place's commands say it
  /// themselves.
  QString menu = {};
  int part = 0;
  QString also = {};  ///< other words by which one might look for it
};

/// The actions made from commands.
class ActionTable : public QObject {
  Q_OBJECT

 public:
  using QObject::QObject;
  /// @param place  the place that it belongs to; empty: it may be used everywhere
  void add(std::vector<Command> commands, const QString& place = {});
  /// Takes a place's commands away.
  void removeOf(const QString& place);
  QAction* operator[](const QString& id) const { return m_actions.value(id); }
  /// Brings enabled and checked states up to date. @param place  the one on top
  void refresh(const QString& place);
  /// The actions of a menu in the order they were added, null between its parts.
  QList<QAction*> of(const QString& menu) const;
  struct Entry {
    QAction* action;
    QString also;
    QString menu;
  };
  /// All of them, in the order they were added.
  std::vector<Entry> all() const;

 Q_SIGNALS:
  void changed();  ///< commands came or went

 private:
  struct Known {
    Command command;
    QString place;
  };
  std::vector<Known> m_commands;
  QHash<QString, QAction*> m_actions;
};

}  // namespace havlo
