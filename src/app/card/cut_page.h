// The cut list: what is cut from which sheet of the drawer, what must be got besides, and the offcuts back
// in.
#pragma once

#include <QWidget>

#include "app/session/plan_job.h"
#include "core/pieces/from_drawer.h"

class QComboBox;
class QDoubleSpinBox;
class QPushButton;

namespace havlo {

class DrawerSession;
class KeyedRows;

class CutPage : public QWidget {
  Q_OBJECT

 public:
  CutPage(PlanSession& session, DrawerSession& drawer, QWidget* parent = nullptr);
  const std::vector<DrawerCut>& cuts() const { return m_cuts; }
  /// The paper that is shown, index in cuts(); -1: none.
  int chosen() const { return m_chosen; }
  /// Begins what waits until it is looked at.
  void beginWork();

 Q_SIGNALS:
  void changed();  ///< cuts() or chosen()
  void printRequested();
  void cutUp(const StockChange& undo, int offcuts);  ///< the drawer has taken it; `undo` takes it back

 protected:
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  QComboBox* m_usual;
  QDoubleSpinBox* m_kerf;
  KeyedRows* m_papers;
  QPushButton *m_cutUp, *m_print;
  PlanJob<std::vector<DrawerCut>>* m_job;
  std::vector<DrawerCut> m_cuts;
  int m_chosen = -1;
  bool m_stale = true;

  StockSheet usual() const;
  void stale();
  void show();
  void cutItUp();
};

}  // namespace havlo
