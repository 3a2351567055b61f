// One question after the other of one kind, each graded at once, with what would have been right.
#pragma once

#include <QImage>
#include <QWidget>

#include "app/practice/cards.h"
#include "app/session/job.h"
#include "core/practice/quiz.h"
#include "core/units/measure.h"

class QLabel;
class QPushButton;

namespace havlo {

class KeyedRows;
class QuizView;
class SvgArt;

class QuizPage : public QWidget {
  Q_OBJECT

 public:
  explicit QuizPage(std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  /// Asks. What can be asked is looked for on a worker, in the cards in turn.
  void ask(Drill what, int level, const std::vector<PracticeCard>& cards, uint64_t seed);
  void setUnits(MeasureStyle style) { m_units = style; }
  bool asking() const { return m_asked.plan && !m_graded; }
  const Question& question() const { return m_asked.question; }
  const Plan& plan() const { return *m_asked.plan; }
  QuizView& view() { return *m_view; }
  /// The answer as it stands.
  const Answer& answer() const { return m_answer; }
  /// The learner's acts: a thing or print is pressed; the answer is given.
  void choose(int place);
  void give();
  QString verdict() const;

 Q_SIGNALS:
  void graded(havlo::Drill what, int level, double points);
  void nextRequested();

 private:
  struct Asked {
    std::shared_ptr<const Plan> plan;
    AnalysisRef analysis;
    Question question;
    QImage picture;
  };

  std::shared_ptr<SvgArt> m_art;
  Job<Asked>* m_job;
  MeasureStyle m_units = MeasureStyle::Millimetres;
  Asked m_asked;
  Answer m_answer;
  std::optional<Graded> m_graded;
  QLabel *m_title, *m_lesson, *m_question, *m_head, *m_words;
  QuizView* m_view;
  KeyedRows* m_choices;
  QPushButton *m_give, *m_again, *m_next;

  void show(Asked asked);
  void fillChoices();
};

}  // namespace havlo
