// Several things are chosen: how many, what they have in common, and what can be done with all of them.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QComboBox;
class QLabel;
class QPushButton;
class QSpinBox;

namespace havlo {

class ThingActs;

class SeveralPanel : public QWidget {
  Q_OBJECT

 public:
  SeveralPanel(PlanSession& session, ThingActs& acts, QWidget* parent = nullptr);
  void refresh();

 private:
  PlanSession& m_session;
  ThingActs& m_acts;
  QLabel* m_says;
  QComboBox *m_ink, *m_school;
  QSpinBox* m_pressing;
  std::vector<std::pair<QString, QPushButton*>> m_buttons;
  bool m_filling = false;
};

}  // namespace havlo
