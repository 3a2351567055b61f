// The maker's own steps: in their own words, anywhere in the order; and the hand they work with.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLineEdit;

namespace havlo {

class KeyedRows;

class OwnPage : public QWidget {
  Q_OBJECT

 public:
  explicit OwnPage(PlanSession& session, QWidget* parent = nullptr);

 private:
  PlanSession& m_session;
  QLineEdit* m_text;
  QComboBox *m_ready, *m_when, *m_act;
  QDoubleSpinBox *m_minutes, *m_dry;
  QCheckBox* m_left;
  KeyedRows* m_list;

  QWidget* buildForm();
  void fill();
  void add();
};

}  // namespace havlo
