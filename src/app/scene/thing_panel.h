// What is known of the chosen thing, in short lines, and the choices that are not made by dragging.
#pragma once

#include "app/common/sheet_frame.h"
#include "app/session/plan_session.h"

class QComboBox;
class QFormLayout;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QToolButton;

namespace havlo {

class SvgArt;

class ThingPanel : public SheetFrame {
  Q_OBJECT

 public:
  ThingPanel(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

 Q_SIGNALS:
  void addRequested();
  void demoRequested();
  void openRequested();

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  QLabel *m_name, *m_size;
  QWidget* m_facts;
  QFormLayout* m_form;
  QLabel *m_reads, *m_said, *m_verdict, *m_stands, *m_stamped, *m_front;
  QComboBox *m_ink, *m_school;
  QSpinBox* m_pressing;
  QLineEdit* m_turn;
  QPushButton *m_remove, *m_add, *m_hero, *m_demo, *m_open;
  bool m_filling = false;

  void refresh();
  void fillFacts(int index);
  template <typename F>
  void change(const QString& what, F edit);
};

}  // namespace havlo
