#include "app/lessons/lesson_bar.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPushButton>

#include "app/common/accessible_items.h"
#include "app/common/drawings.h"
#include "app/common/form_rows.h"

namespace havlo {

LessonBar::LessonBar(PlanSession& session, MakingSession& making, QWidget* parent)
    : QFrame(parent), m_session(session), m_making(making) {
  setObjectName(QStringLiteral("lesson"));
  setAccessibleName(tr("Lesson"));
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(20, 8, 16, 8);
  row->setSpacing(14);
  auto* words = new QVBoxLayout;
  words->setSpacing(2);
  m_head = inkLabel({}, labelFont(QFont::DemiBold), theme().green);
  m_todo = inkLabel({}, bodyFont(QFont::DemiBold), theme().ink, true);
  m_todo->setObjectName(QStringLiteral("lessonTodo"));
  m_why = inkLabel({}, labelFont(), theme().soft, true);
  for (QLabel* label : {m_head, m_todo, m_why}) words->addWidget(label);
  row->addLayout(words, 1);
  m_go = drawnButton("act-lesson", tr("Take me there"));
  m_go->setObjectName(QStringLiteral("lessonGo"));
  m_next = drawnButton("act-lesson", tr("The next lesson"));
  m_next->setObjectName(QStringLiteral("lessonNext"));
  m_leave = plainButton(tr("Leave the lesson"));
  m_leave->setObjectName(QStringLiteral("lessonLeave"));
  row->addWidget(m_go);
  row->addWidget(m_next);
  row->addWidget(m_leave);
  connect(m_go, &QPushButton::clicked, this, [this] {
    if (!m_lesson || m_step >= static_cast<int>(m_lesson->steps.size())) return;
    const LessonStep& s = m_lesson->steps[ix(m_step)];
    Q_EMIT visitRequested(s.place, s.part);
  });
  connect(m_leave, &QPushButton::clicked, this, &LessonBar::leave);
  connect(m_next, &QPushButton::clicked, this,
          [this] { Q_EMIT nextWanted(m_lesson ? m_lesson->id : QString()); });
  for (auto happened : {&PlanSession::planChanged, &PlanSession::looksChanged, &PlanSession::selectionChanged,
                        &PlanSession::draftingChanged})
    connect(&session, happened, this, &LessonBar::look);
  connect(&making, &MakingSession::changed, this, &LessonBar::look);
  // Of another card it says nothing: a lesson that begins comes after its card.
  connect(&session, &PlanSession::sightTaken, this, [this] {
    if (m_lesson) leave();
  });
  hide();
}

void LessonBar::start(Lesson lesson, int step) {
  m_lesson = std::move(lesson);
  m_step = step;
  show();
  show_();
  look();
}

void LessonBar::leave() {
  m_lesson.reset();
  hide();
  Q_EMIT changed();
}

void LessonBar::setPlace(const QString& here) {
  m_here = here;
  look();
  if (m_lesson) show_();
}

/// A step that is done stays done; what comes after it may be done already.
void LessonBar::look() {
  if (!m_lesson) return;
  const int before = m_step;
  const LessonView view{m_session, m_making, m_here};
  while (m_step < static_cast<int>(m_lesson->steps.size()) && m_lesson->steps[ix(m_step)].done(view))
    ++m_step;
  if (m_step != before) show_();
}

void LessonBar::show_() {
  const int count = static_cast<int>(m_lesson->steps.size());
  const bool over = m_step >= count;
  m_head->setText(over ? tr("%1: done").arg(m_lesson->title)
                       : tr("%1: %2 of %3").arg(m_lesson->title).arg(m_step + 1).arg(count));
  m_todo->setText(over ? m_lesson->end : m_lesson->steps[ix(m_step)].todo);
  m_why->setText(over ? QString() : m_lesson->steps[ix(m_step)].why);
  m_why->setVisible(!over);
  m_go->setVisible(!over && m_lesson->steps[ix(m_step)].place != m_here);
  m_next->setVisible(over && m_lesson->id != allLessons().back().id);
  m_leave->setText(over ? tr("Put away") : tr("Leave the lesson"));
  announce(this, m_head->text() + QStringLiteral(". ") + m_todo->text());
  update();
  Q_EMIT changed();
}

void LessonBar::paintEvent(QPaintEvent*) {
  QPainter p(this);
  p.setRenderHint(QPainter::Antialiasing);
  p.fillRect(rect(), theme().greenVeil);
  p.setPen(QPen(theme().green, 2));
  p.drawLine(0, 1, width(), 1);
  if (!m_lesson) return;
  // Prints on the way: as many pairs as steps, inked as far as it has come.
  const int count = static_cast<int>(m_lesson->steps.size());
  const double y = m_head->geometry().center().y();
  double x = m_head->geometry().left() + m_head->fontMetrics().horizontalAdvance(m_head->text()) + 18;
  for (int k = 0; k < count; ++k, x += 14) {
    p.setPen(QPen(theme().green, 1));
    p.setBrush(k < m_step ? theme().green : Qt::transparent);
    p.drawEllipse(QPointF(x, y - 2.6), 3, 1.7);
    p.drawEllipse(QPointF(x + 5, y + 2.6), 3, 1.7);
  }
}

}  // namespace havlo
