// What can be chosen of one thing: ink, pressing, school; on demand what is rarely other than usual.
#pragma once

#include "app/common/form_rows.h"
#include "app/session/plan_session.h"

class QLineEdit;
class QSpinBox;

namespace havlo {

class ThingFields : public FormRows {
  Q_OBJECT

 public:
  explicit ThingFields(PlanSession& session, QWidget* parent = nullptr);
  /// As it is with that thing of the plan.
  void fill(int impression);

 private:
  void fillFigure(int impression, const std::vector<int>& mates);
  PlanSession& m_session;
  QComboBox *m_part, *m_ink, *m_school, *m_lit, *m_figure;
  QSpinBox* m_pressing;
  QLineEdit* m_turn;
  QPushButton* m_more;
  bool m_filling = false;

  void connectAll();
  void choosePart(int choice);
  template <typename F>
  void change(const QString& what, F edit);
};

}  // namespace havlo
