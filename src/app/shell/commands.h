// The commands that may be used everywhere, with the menus they stand in.
#pragma once

#include "app/actions/action_table.h"
#include "app/theme/theme.h"

class QUndoStack;

namespace havlo {

class Errands;
class Filing;
struct PlaceKind;
class PlanSession;

/// What of the window the commands use besides.
struct WindowActs {
  std::function<void(const Appearance&)> setAppearance;
  std::function<void()> leave, refresh, typeTitle, handbook, findAct, explain;
  std::function<void(const QString& place, const QString& part)> visitPart;
  /// What undo takes back where one is.
  std::function<QUndoStack&()> undoStack;
};

/// Files, printouts, exports and what ships with Havlo.
std::vector<Command> planCommands(PlanSession& session, Errands& errands, Filing& filing,
                                  const WindowActs& acts);
/// Undo, and ways to more stamps.
std::vector<Command> changeCommands(Errands& errands, const WindowActs& acts);
/// Brings undo and redo up to date, as their stack is. @param seen  what they would change is in sight
void tellUndo(QAction& undo, QAction& redo, const QUndoStack& stack, bool seen);
/// Places, units, sheets, text, ground, about.
std::vector<Command> lookCommands(PlanSession& session, Errands& errands,
                                  const std::vector<PlaceKind>& places,
                                  const std::function<bool(const PlaceKind&)>& open, const WindowActs& acts);
/// What is done on the pages of places, for those who look for it by a word: it stands in no menu.
std::vector<Command> pageCommands(const std::vector<PlaceKind>& places,
                                  const std::function<bool(const PlaceKind&)>& open, const WindowActs& acts);

}  // namespace havlo
