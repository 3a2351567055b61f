// Practice: what is worth practising now, by one's own mishaps and the next card; drills of six kinds, and
// ten cards to put in order.
#pragma once

#include "app/common/place.h"
#include "app/practice/cards.h"
#include "core/practice/progress.h"

class QStackedWidget;

namespace havlo {

class ChoiceList;
class LayPage;
class LogSession;
class OrderDrill;
class PlanSession;
class QuizPage;
class SvgArt;

class PracticePlace : public Place {
  Q_OBJECT

 public:
  bool showsPlan() const override { return false; }
  PracticePlace(PlanSession& session, LogSession& log, std::shared_ptr<SvgArt> art,
                QWidget* parent = nullptr);

  /// One of the cards that are put in order, easy ones first; after those that ship the open one, if it is
  /// small enough.
  void open(int exercise);
  int count() const;
  /// A drill at the level that is due.
  void drill(Drill what);
  OrderDrill& order() { return *m_order; }
  QuizPage& quiz() { return *m_quiz; }
  LayPage& lay() { return *m_lay; }
  /// What is offered, the one worth most first.
  const std::vector<DrillAdvice>& advice() const { return m_advice; }

 protected:
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  LogSession& m_log;
  std::shared_ptr<SvgArt> m_art;
  std::vector<DrillAdvice> m_advice;
  int m_exercise = -1;
  std::optional<Drill> m_drill;
  uint64_t m_seed = 0;
  ChoiceList* m_list;
  QStackedWidget* m_pages;
  OrderDrill* m_order;
  QuizPage* m_quiz;
  LayPage* m_lay;

  void fillList();
  void chosen(const QString& key);
  void noteOrder(int stars);
  bool ownIsSmall() const;
  QString keyHere() const;
};

}  // namespace havlo
