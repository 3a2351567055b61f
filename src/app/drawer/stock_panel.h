// What is used up besides paper: envelopes, foam, adhesive, ink that runs low.
#pragma once

#include <QWidget>

#include "app/session/drawer_session.h"
#include "app/session/plan_session.h"

class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;

namespace havlo {

class ChoiceList;
class FormRows;
class MeasureEdit;

class StockPanel : public QWidget {
  Q_OBJECT

 public:
  StockPanel(PlanSession& session, DrawerSession& drawer, QWidget* parent = nullptr);
  ChoiceList* list() const { return m_list; }
  void add(GoodKind kind);

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  ChoiceList* m_list;
  FormRows* m_form;
  QLineEdit *m_name, *m_notes;
  QComboBox *m_left, *m_ink, *m_size;
  QSpinBox* m_count;
  MeasureEdit *m_width, *m_height, *m_thickness;
  QPushButton* m_remove;
  bool m_showing = false;

  void buildForm();
  QWidget* buildAdding();
  void listenToForm();
  void refresh();
  void show();
  const DrawerGood* chosen() const;
  template <typename F>
  void change(F how);
};

}  // namespace havlo
