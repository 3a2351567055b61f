// What the window asks of a place: nothing else of it is known to the shell. The list of places is in
// shell/places.
#pragma once

#include <QKeySequence>
#include <QWidget>
#include <functional>
#include <memory>
#include <vector>

#include "app/actions/action_table.h"
#include "app/common/marks.h"

class QUndoStack;

namespace havlo {

/// How a place stands, for the trail.
struct PlaceStatus {
  QString words;
  Mark mark = Mark::Fine;
  Level level = Level::Note;
};

class Place : public QWidget {
  Q_OBJECT

 public:
  using QWidget::QWidget;
  /// Commands that mean something here only. They are enabled while this place is on top and go with it.
  virtual std::vector<Command> commands() { return {}; }
  /// It has come on top: looks after what is stale.
  virtual void arrive() {}
  /// Shows that part of itself, or does what is offered there: presses what is called so, one after the other
  /// where names are parted by strokes. A name that nothing has here, or that cannot be pressed now, is
  /// passed over.
  virtual void turnTo(const QString& part);
  /// Takes the keys; not while whoever came here by keys is still on the trail.
  virtual void takeKeys() {}
  /// What is undone here instead of changes of the plan; null: those.
  virtual QUndoStack* ownUndo() { return nullptr; }
  /// Whether undo and redo change what is shown here.
  virtual bool showsPlan() const { return true; }

 Q_SIGNALS:
  void statusChanged();
};

}  // namespace havlo
