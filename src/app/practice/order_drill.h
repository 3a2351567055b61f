// A finished card, its steps mixed up, covers to be laid, and the press to show what that gives.
#pragma once

#include <QImage>
#include <QWidget>
#include <memory>

#include "app/session/job.h"
#include "core/practice/practice.h"

class QLabel;
class QPushButton;
class QVBoxLayout;

namespace havlo {

class ChoiceList;
class KeyedRows;

class PictureBox;
class SvgArt;

class OrderDrill : public QWidget {
  Q_OBJECT

 public:
  explicit OrderDrill(std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  /// @param seed  of how the steps are mixed up
  void setCard(const QString& title, const QString& lesson, std::shared_ptr<const Plan> plan, uint64_t seed);
  const Plan& plan() const { return *m_plan; }
  const Analysis& analysis() const { return *m_analysis; }
  const std::vector<DrillStep>& steps() const { return m_steps; }
  /// The learner's acts.
  void moveStep(int from, int to);
  void cover(int step, int impression, bool on);
  void press();
  void showAnswer();
  const std::optional<DrillResult>& result() const { return m_result; }
  QString verdict() const;

 Q_SIGNALS:
  /// Pressed. @param stars  0 not as shown to 3 mastered; at most 1 once the answer was shown
  void graded(int stars);

 private:
  struct Pressed {
    DrillResult result;
    QImage picture;
    QStringList words;
  };

  std::shared_ptr<SvgArt> m_art;
  Job<Result<Pressed>>* m_job;
  std::shared_ptr<const Plan> m_plan;
  AnalysisRef m_analysis;
  std::vector<DrillStep> m_steps;
  std::optional<DrillResult> m_result;
  int m_seen = 0;  // the answer was shown

  ChoiceList* m_list;
  QLabel *m_title, *m_lesson, *m_head, *m_words, *m_coverHead;
  PictureBox *m_goal, *m_yours;
  KeyedRows* m_covers;
  QPushButton *m_press, *m_earlier, *m_later;

  QWidget* buildCards();
  QWidget* buildSteps();
  void connectSteps();
  static QString keyOfStep(const DrillStep& step);
  QString nameOfStep(const DrillStep& step) const;
  void fillSteps(int chosen);
  void fillCovers();
  void changed();
};

}  // namespace havlo
