// What is set of the ground mark that is chosen: width, height, spacing, mirror, bends.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QCheckBox;
class QDoubleSpinBox;
class QLabel;

namespace havlo {

class MarkPart : public QWidget {
  Q_OBJECT

 public:
  explicit MarkPart(PlanSession& session, QWidget* parent = nullptr);
  /// Shows the chosen mark; there must be one.
  void fill();

 private:
  PlanSession& m_session;
  bool m_filling = false;
  QLabel* m_markName;
  QDoubleSpinBox *m_width, *m_tall, *m_spacing;
  QCheckBox* m_mirrors;

  template <typename F>
  void changeMark(const QString& what, F change);
};

}  // namespace havlo
