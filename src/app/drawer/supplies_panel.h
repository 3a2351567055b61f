// Inks and papers of the drawer.
#pragma once

#include <QWidget>

#include "app/session/drawer_session.h"
#include "app/session/plan_session.h"

class QComboBox;
class QLineEdit;
class QListWidget;
class QPushButton;
class QSpinBox;

namespace havlo {

class MeasureEdit;

class SuppliesPanel : public QWidget {
  Q_OBJECT

 public:
  SuppliesPanel(PlanSession& session, DrawerSession& drawer, QWidget* parent = nullptr);
  QListWidget* inkList() const { return m_inks; }

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  QListWidget *m_inks, *m_papers;
  QLineEdit *m_inkName, *m_paperName, *m_paperNotes;
  QComboBox* m_kind;
  QPushButton *m_inkColour, *m_paperColour;
  QSpinBox *m_opacity, *m_dryCard, *m_dryMask;
  MeasureEdit *m_thickness, *m_width, *m_height;
  bool m_showing = false;

  QWidget* buildInks();
  QWidget* buildPapers();
  void refresh();
  void showInk();
  void showPaper();
  const Ink* chosenInk() const;
  const DrawerPaper* chosenPaper() const;
  template <typename F>
  void changeInk(F change);
  template <typename F>
  void changePaper(F change);
};

}  // namespace havlo
