// The pieces a card is made of besides panel, mats and base: added, given their size, place, paper and foam.
#pragma once

#include <QWidget>

#include "app/session/plan_session.h"

class QCheckBox;
class QComboBox;
class QDoubleSpinBox;
class QLineEdit;
class QMenu;
class QPushButton;

namespace havlo {

class DrawerSession;
class FormRows;
class KeyedRows;
class MeasureEdit;

class PiecesPage : public QWidget {
  Q_OBJECT

 public:
  PiecesPage(PlanSession& session, DrawerSession& drawer, QWidget* parent = nullptr);
  /// What can be added, in the order of the menu.
  enum class Add { StripUnder, CutoutOf, CutThrough, Strip, Plain, Sun, Hill, Frame, Inside, Envelope, Flap };
  /// @param thing  an impression, for what is made of or under one
  void add(Add what, int thing = -1);
  void choose(const std::string& piece);
  /// The chosen piece is of the paper in that picture.
  void takePattern(const QString& file);
  const std::string& chosen() const { return m_chosen; }

 Q_SIGNALS:
  void faceRequested(const QString& piece);  ///< its own picture is to be planned

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::string m_chosen;
  KeyedRows* m_list;
  FormRows* m_form;
  QLineEdit* m_name;
  MeasureEdit *m_width, *m_height, *m_left, *m_bottom;
  QDoubleSpinBox *m_turn, *m_raise;
  QComboBox *m_cut, *m_paper, *m_on;
  QMenu* m_menu;
  QPushButton* m_colour;
  QCheckBox* m_flush;
  QPushButton *m_picture, *m_corner, *m_pattern, *m_plain;
  MeasureEdit* m_postThickness;
  QDoubleSpinBox* m_postWeight;
  bool m_showing = false;

  QWidget* buildForm();
  QWidget* buildPost();
  void fillMenu();
  void show();
  void showChosen();
  void showList();
  const Piece* piece() const;
  template <typename F>
  void change(const QString& label, F how);
  void size(const QString& label, double width_mm, double height_mm);
  void takePost();
  void cornerStamp();
  void choosePattern();
  PiecePaper darkPaper() const;
  /// On which a thing in its ink is well seen.
  PiecePaper paperUnder(int thing) const;
};

}  // namespace havlo
