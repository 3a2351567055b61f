// What is set of a room: floor, ceiling, eye, furniture and openings.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QMenu;
class QPushButton;

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

  QWidget* buildBox();
  QMenu* buildMenu(QWidget* owner);
  void connectFurniture(QPushButton* drop);
  void putIn(const char* name, double width_m, double depth_m, double height_m, double up_m);
  void open(const char* name, RoomWall wall, double width_m, double sill_m, double height_m);
  template <typename F>
  void changeRoom(const QString& what, F change);
  template <typename F>
  void changeFurniture(F change);
};

}  // namespace havlo
