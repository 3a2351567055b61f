// What stands between the menu and the status line: trail, faces, messages, the place on top, a lesson.
#pragma once

#include <QMap>
#include <QWidget>

#include "app/shell/next_act.h"
#include "app/shell/workshop.h"

class QStackedWidget;

namespace havlo {

class ActionTable;
class Errands;
class FaceBar;
class LessonBar;
class MessageBar;
class Place;
class Trail;

class Centre : public QWidget {
  Q_OBJECT

 public:
  /// Places add their commands to `actions` when they are made, and take them along when this goes.
  Centre(const Workshop& workshop, Errands& errands, ActionTable& actions);
  ~Centre() override;

  Trail& trail() { return *m_trail; }
  MessageBar& messages() { return *m_messages; }
  LessonBar& lesson() { return *m_lesson; }
  /// The place of that id; it is made when it is first asked for.
  Place& place(const QString& id);
  /// The same, or null while it is not made.
  Place* made(const QString& id) const { return m_made.value(id); }
  /// Lays a place on top. It is not told.
  void show(const QString& id);
  /// Says on the trail how it stands with every place, and with the plan.
  void refreshTrail();
  /// The first place on the trail with a fault.
  std::optional<PlaceInTrouble> trouble() const;
  /// Offers the faces of the card where the place on top works on one.
  void refreshFaces();

 Q_SIGNALS:
  void visitRequested(const QString& place, const QString& part);
  void statusChanged();  ///< of a place
  void placeMade();
  void lessonChanged();

 private:
  Workshop m_workshop;
  Errands& m_errands;
  ActionTable& m_actions;
  Trail* m_trail;
  FaceBar* m_faces;
  QStackedWidget* m_places;
  LessonBar* m_lesson;
  MessageBar* m_messages;
  QMap<QString, Place*> m_made;
  QString m_current;

  void rename(const QString& title);
};

}  // namespace havlo
