// The scene itself, shown while no impression is chosen: whose eyes, how misty, the light, what lies on the
// ground, the room. Settings of the part that is chosen come first.
#pragma once

#include "app/common/sheet_frame.h"
#include "app/session/plan_session.h"

class QComboBox;
class QDoubleSpinBox;
class QPushButton;
class QSlider;
class QSpinBox;

namespace havlo {

class MarkPart;
class RoomPart;

class ViewPanel : public QWidget {
  Q_OBJECT

 public:
  explicit ViewPanel(PlanSession& session, QWidget* parent = nullptr);

 Q_SIGNALS:
  void constructionWanted(bool shown);

 private:
  PlanSession& m_session;
  bool m_filling = false;
  MarkPart* m_markPart;
  RoomPart* m_roomPart;
  QWidget *m_lightPart, *m_viewPart;
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
  QPushButton* m_roomButton;

  QWidget* buildView();
  QWidget* buildLight();
  void refresh();
  void fillView();
  void fillLight();
  void find(bool eyesToo);
  void setLightKind(int kind);
  void addMark(GroundKind kind);
};

}  // namespace havlo
