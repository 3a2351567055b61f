#include "app/shell/centre.h"

#include <QFileInfo>
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>

#include "app/actions/action_table.h"
#include "app/lessons/lesson_bar.h"
#include "app/session/job.h"
#include "app/shell/errands.h"
#include "app/shell/face_bar.h"
#include "app/shell/message_bar.h"
#include "app/shell/places.h"
#include "app/shell/trail.h"

namespace havlo {

Centre::Centre(const Workshop& workshop, Errands& errands, ActionTable& actions)
    : m_workshop(workshop),
      m_errands(errands),
      m_actions(actions),
      m_trail(new Trail),
      m_faces(new FaceBar(workshop.session)),
      m_places(new QStackedWidget),
      m_lesson(new LessonBar(workshop.session, workshop.making)) {
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(0);
  m_trail->showActs(m_actions[QStringLiteral("undo")], m_actions[QStringLiteral("redo")]);
  column->addWidget(m_trail);
  column->addWidget(m_faces);
  column->addWidget(m_places, 1);
  column->addWidget(m_lesson);
  m_messages = new MessageBar(m_places);
  connect(m_lesson, &LessonBar::visitRequested, this, &Centre::visitRequested);
  connect(m_lesson, &LessonBar::changed, this, &Centre::lessonChanged);
  connect(m_lesson, &LessonBar::nextWanted, this, [this](const QString& after) {
    const auto all = allLessons();
    for (size_t k = 0; k + 1 < all.size(); ++k)
      if (all[k].id == after) return m_errands.startLesson(all[k + 1].id);
  });
  connect(m_trail, &Trail::titleTyped, this, &Centre::rename);
  connect(m_trail, &Trail::visited, this, [this](int k) {
    for (const PlaceKind& kind : placeKinds())
      if (kind.onTrail && k-- == 0) return Q_EMIT visitRequested(kind.id, {});
  });
  for (const PlaceKind& kind : placeKinds())
    if (kind.atStart) place(kind.id);
}

/// All jobs are asked to stop before the first of them is waited for.
Centre::~Centre() {
  for (JobBase* job : findChildren<JobBase*>()) job->cancel();
  for (const QString& id : m_made.keys()) m_actions.removeOf(id);
}

/// The title is the whole card's, whatever face is open.
void Centre::rename(const QString& title) {
  PlanSession& session = m_workshop.session;
  const std::string face = session.face();
  session.setFace({});
  Plan plan = session.plan();
  plan.title = title.toStdString();
  session.edit(tr("Call it %1").arg(title), plan);
  session.setFace(face);
}

Place& Centre::place(const QString& id) {
  if (Place* known = m_made.value(id)) return *known;
  Place* made = placeKind(id)->make(m_workshop, m_errands);
  m_made.insert(id, made);
  auto* area = new QScrollArea;  // rolls only where the window is smaller than the place can be
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  area->setFocusPolicy(Qt::NoFocus);
  m_places->addWidget(area);
  area->setWidget(made);
  connect(made, &Place::statusChanged, this, &Centre::statusChanged);
  m_actions.add(made->commands(), id);
  Q_EMIT placeMade();
  return *made;
}

void Centre::show(const QString& id) {
  Place& top = place(id);
  if (id != m_current) m_messages->goOn();
  m_current = id;
  m_places->setCurrentWidget(top.parentWidget()->parentWidget());
  int on = -1, k = 0;
  for (const PlaceKind& other : placeKinds())
    if (other.onTrail) on = other.id == id ? k : on, ++k;
  m_trail->setCurrent(on);
  refreshFaces();
  m_lesson->setPlace(id);
}

void Centre::refreshFaces() {
  const PlaceKind* kind = placeKind(m_current);
  const Place* top = made(m_current);
  m_faces->setWanted(kind && kind->ofFace && top &&
                     top->showsPlan());  // a card at the table is led through as a whole
}

std::optional<PlaceInTrouble> Centre::trouble() const {
  for (const PlaceKind& kind : placeKinds()) {
    if (!kind.onTrail) continue;
    const PlaceStatus status = kind.status(m_workshop, made(kind.id));
    if (status.level == Level::Fault) return PlaceInTrouble{kind.id, kind.title, status.words};
  }
  return {};
}

void Centre::refreshTrail() {
  std::vector<Trail::Place> shown;
  for (const PlaceKind& kind : placeKinds()) {
    if (!kind.onTrail) continue;
    const PlaceStatus status = kind.status(m_workshop, made(kind.id));
    shown.push_back(
        {kind.title, status.words, QStringLiteral("place-") + kind.id, status.mark, status.level});
  }
  m_trail->setPlaces(std::move(shown));
  const PlanSession& session = m_workshop.session;
  const QString state = session.path().isEmpty()
                            ? (session.isDirty() ? tr("not saved yet") : tr("no file yet"))
                        : session.isDirty() ? tr("changed since it was saved")
                                            : tr("saved in %1").arg(QFileInfo(session.path()).fileName());
  m_trail->setPlan(session.title(), state);
}

}  // namespace havlo
