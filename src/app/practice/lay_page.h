// The trainer at the mask: lay the paper or cut your own, and the press shows the join.
#pragma once

#include <QWidget>

#include "app/practice/cards.h"
#include "app/session/job.h"
#include "core/practice/laying.h"
#include "core/units/measure.h"

class QLabel;
class QPushButton;

namespace havlo {

class LayView;
class SvgArt;

class LayPage : public QWidget {
  Q_OBJECT

 public:
  explicit LayPage(std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  /// Sets the next paper out; one that fits the level is looked for on a worker, in the cards in turn.
  void set(int level, const std::vector<PracticeCard>& cards, uint64_t seed);
  void setUnits(MeasureStyle style) { m_units = style; }
  bool laying() const { return m_set.plan && !m_judged; }
  const LayTask& task() const { return m_set.task; }
  LayView& view() { return *m_view; }
  void give();
  const std::optional<LayResult>& result() const { return m_judged; }
  QString verdict() const;

 Q_SIGNALS:
  void graded(int level, double points);
  void nextRequested();

 private:
  struct Set {
    std::shared_ptr<const Plan> plan;
    AnalysisRef analysis;
    LayTask task;
    QImage card;
  };

  std::shared_ptr<SvgArt> m_art;
  Job<Set>* m_job;
  Job<QImage>* m_press;
  MeasureStyle m_units = MeasureStyle::Millimetres;
  Set m_set;
  int m_level = 1;
  Laying m_start;
  std::optional<LayResult> m_judged;
  QLabel *m_title, *m_lesson, *m_how, *m_head, *m_words;
  LayView* m_view;
  QPushButton *m_draw, *m_give, *m_once, *m_next;

  void begin();
  void refresh();
};

}  // namespace havlo
