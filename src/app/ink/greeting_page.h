// The greeting: how well it reads, where it could stand, what makes it legible.
#pragma once

#include <QWidget>
#include <optional>

#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "core/focus/greeting.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace havlo {

class KeyedRows;

class SvgArt;

class GreetingPage : public QWidget {
  Q_OBJECT

 public:
  GreetingPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  void findPlace();

 Q_SIGNALS:
  /// Where it could stand, or nothing.
  void roomFound(std::optional<Box> room);

 protected:
  void hideEvent(QHideEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  Job<std::optional<GreetingPlace>>* m_job;
  std::optional<GreetingPlace> m_place;
  QComboBox* m_which;
  QLabel *m_head, *m_says, *m_placeSays;
  QCheckBox* m_ground;
  QComboBox* m_second;
  QPushButton *m_find, *m_move, *m_level;
  KeyedRows* m_ways;
  std::vector<LegibleWay> m_offered;

  int chosen() const;
  void connectActs();
  void refresh();
  void fillWays(const Greeting& greeting);
};

}  // namespace havlo
