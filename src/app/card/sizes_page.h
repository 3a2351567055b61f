// Sizes of the card: base, fold, panel, border, paper, mats; the maker's own sets.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QComboBox;
class QPushButton;

namespace havlo {

class DrawerSession;
class FormRows;
class KeyedRows;
class MeasureEdit;

class SizesPage : public QWidget {
  Q_OBJECT

 public:
  SizesPage(PlanSession& session, DrawerSession& drawer, QWidget* parent = nullptr);

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  QPushButton *m_keepSet, *m_forgetSet;
  QComboBox *m_usual, *m_fold, *m_border, *m_paper;
  MeasureEdit *m_baseWidth, *m_baseHeight, *m_panelWidth, *m_panelHeight, *m_reveal, *m_borderWidth, *m_trim,
      *m_thickness, *m_foam;
  KeyedRows* m_mats;
  bool m_showing = false;

  void buildBase(FormRows& rows);
  void buildPanel(FormRows& rows);
  void buildPaper(FormRows& rows);
  void show();
  void showSets();
  void takeSet(int k);
  void keepSet();
  void showMats();
  void showMat(size_t k, const Mat& mat);
  void chooseMatColour(size_t k);
  void addMat();
  void showPapers();
  void say(const QString& label, const Card& card);
  void takeBase(double width_mm, double height_mm, const QString& label);
  void turn();
  MeasureEdit* edit(const QString& name, const std::function<void(double)>& apply);
};

}  // namespace havlo
