// The scene itself, shown while no impression is chosen: whose eyes, how misty, the light, what lies on the
// ground, the room. Settings of the part that is chosen come first.
#pragma once

#include "app/common/sheet_frame.h"
#include "app/session/plan_session.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QPushButton;
class QSlider;
class QSpinBox;

namespace havlo {

class FormRows;

class ViewPanel : public QWidget {
  Q_OBJECT

 public:
  explicit ViewPanel(PlanSession& session, QWidget* parent = nullptr);

 Q_SIGNALS:
  void constructionWanted(bool shown);

 private:
  PlanSession& m_session;
  bool m_filling = false;
  QWidget *m_markPart, *m_roomPart, *m_lightPart, *m_viewPart;
  // the view
  QComboBox* m_eyes;
  QDoubleSpinBox *m_eyeHeight, *m_near;
  QLabel* m_found;
  QSlider* m_mist;
  QLabel* m_mistSays;
  // the light
  QComboBox* m_lightKind;
  QLabel* m_lightSays;
  QSpinBox *m_direction, *m_height;
  QWidget* m_directed;
  // the chosen mark
  QLabel* m_markName;
  QDoubleSpinBox *m_width, *m_tall, *m_spacing;
  QCheckBox* m_mirrors;
  // the room
  QComboBox* m_floor;
  QDoubleSpinBox* m_unit;
  QCheckBox* m_ceiling;
  QLabel* m_roomSays;
  QComboBox* m_furniture;
  QWidget* m_boxRows;
  QDoubleSpinBox *m_boxLeft, *m_boxBack, *m_boxWidth, *m_boxDepth, *m_boxHeight, *m_boxUp;
  QPushButton* m_roomButton;

  QWidget* buildView();
  QWidget* buildLight();
  QWidget* buildMark();
  QWidget* buildRoom();
  void refresh();
  void fillView();
  void fillLight();
  void fillMark();
  void fillRoom();
  void find(bool eyesToo);
  void setLightKind(int kind);
  void addMark(GroundKind kind);
  template <typename F>
  void changeMark(const QString& what, F change);
  template <typename F>
  void changeRoom(const QString& what, F change);
  template <typename F>
  void changeFurniture(F change);
  QDoubleSpinBox* metres(double least, double most, const QString& key);
};

}  // namespace havlo
