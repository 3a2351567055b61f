// What is set of a room: floor, ceiling, eye, furniture and openings.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;

namespace havlo {

class RoomPart : public QWidget {
  Q_OBJECT

 public:
  explicit RoomPart(PlanSession& session, QWidget* parent = nullptr);
  /// Shows the plan's room; there must be one.
  void fill();

 private:
  PlanSession& m_session;
  bool m_filling = false;
  QComboBox* m_floor;
  QDoubleSpinBox* m_unit;
  QCheckBox* m_ceiling;
  QLabel* m_roomSays;
  QComboBox* m_furniture;
  QWidget* m_boxRows;
  QDoubleSpinBox *m_boxLeft, *m_boxBack, *m_boxWidth, *m_boxDepth, *m_boxHeight, *m_boxUp;

  template <typename F>
  void changeRoom(const QString& what, F change);
  template <typename F>
  void changeFurniture(F change);
};

}  // namespace havlo
