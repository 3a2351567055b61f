// Lines by hand, small things put on last, colour taken out again: what is in hand, and what there is.
#pragma once

#include <QWidget>
#include <optional>

#include "app/session/plan_session.h"
#include "core/edit/hand_edits.h"

class QComboBox;
class QDoubleSpinBox;
class QPushButton;

namespace havlo {

class DrawerSession;
class KeyedRows;

class DetailsPage : public QWidget {
  Q_OBJECT

 public:
  DetailsPage(PlanSession& session, DrawerSession& drawer, QWidget* parent = nullptr);
  HandLine line() const;
  Accent accent() const;
  Lift lift() const;
  std::optional<Ink> lineInk() const;

 Q_SIGNALS:
  void changed();
  void toolWanted(int tool);  ///< a HandTool

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::vector<Ink> m_listed;
  QComboBox *m_ink, *m_lineKind, *m_accentKind, *m_liftWith, *m_liftWash, *m_over;
  QDoubleSpinBox *m_width, *m_size, *m_liftSize;
  QDoubleSpinBox* m_count;
  QPushButton *m_guides, *m_scatter;
  KeyedRows* m_list;
  uint64_t m_seed = 0;

  void fill();
  void scatter();
};

}  // namespace havlo
