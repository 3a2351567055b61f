// Inks and papers of the drawer.
#pragma once

#include <QWidget>

#include "app/session/drawer_session.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"

class QComboBox;
class QLineEdit;
class QLabel;
class QPushButton;
class QSpinBox;

namespace havlo {

class ChoiceList;
class MeasureEdit;

class SuppliesPanel : public QWidget {
  Q_OBJECT

 public:
  SuppliesPanel(PlanSession& session, DrawerSession& drawer, QWidget* parent = nullptr);
  ChoiceList* inkList() const { return m_inks; }
  ChoiceList* paperList() const { return m_papers; }
  /// Takes the strengths of the chosen ink's pressings from a scanned test strip.
  void readStrip(const QString& file);

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  ChoiceList *m_inks, *m_papers;
  QLineEdit *m_inkName, *m_pressings, *m_paperName, *m_paperNotes;
  QComboBox* m_kind;
  QPushButton *m_inkColour, *m_paperColour;
  QSpinBox *m_opacity, *m_dryCard, *m_dryMask, *m_sheets;
  MeasureEdit *m_thickness, *m_width, *m_height;
  QComboBox* m_grain;
  QLabel* m_stripSays;
  Job<Result<std::vector<double>>>* m_strip;
  bool m_showing = false;

  QWidget* buildInks();
  QWidget* buildPapers();
  void refresh();
  void showInk();
  void takePressings();
  void showPaper();
  const Ink* chosenInk() const;
  const DrawerPaper* chosenPaper() const;
  template <typename F>
  void changeInk(F change);
  template <typename F>
  void changePaper(F change);
};

}  // namespace havlo
