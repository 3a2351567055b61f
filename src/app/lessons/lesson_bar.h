// The lesson that is being taken, under the places: what to do now, and that it is done.
#pragma once

#include <QFrame>
#include <optional>

#include "app/lessons/lesson.h"

class QLabel;
class QPushButton;

namespace havlo {

class LessonBar : public QFrame {
  Q_OBJECT

 public:
  LessonBar(PlanSession& session, MakingSession& making, QWidget* parent = nullptr);

  /// @param step  to begin with
  void start(Lesson lesson, int step = 0);
  void leave();
  bool active() const { return m_lesson.has_value(); }
  int step() const { return m_step; }  ///< from 0; the number of steps when all are done
  const Lesson* lesson() const { return m_lesson ? &*m_lesson : nullptr; }
  /// Another place is on top.
  void setPlace(const QString& here);

 Q_SIGNALS:
  void visitRequested(const QString& place, const QString& part);
  void changed();
  void nextWanted(const QString& after);  ///< the lesson after this one

 protected:
  void paintEvent(QPaintEvent* e) override;

 private:
  PlanSession& m_session;
  MakingSession& m_making;
  std::optional<Lesson> m_lesson;
  QString m_here;
  int m_step = 0;
  QLabel *m_head, *m_todo, *m_why;
  QPushButton *m_go, *m_leave, *m_next;

  void look();
  void show_();
};

}  // namespace havlo
