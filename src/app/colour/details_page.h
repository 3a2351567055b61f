// Lines and letters by hand, small things put on last, colour taken out again: what is in hand, and what
// there is.
#pragma once

#include <QWidget>
#include <optional>

#include "app/colour/part_finder.h"
#include "app/session/plan_session.h"
#include "core/edit/hand_edits.h"

class QComboBox;
class QDoubleSpinBox;
class QLabel;
class QLineEdit;
class QPushButton;

namespace havlo {

class DrawerSession;
class FormRows;
class KeyedRows;

class DetailsPage : public QWidget {
  Q_OBJECT

 public:
  DetailsPage(PlanSession& session, DrawerSession& drawer, PartFinder& parts, QWidget* parent = nullptr);
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
  PartFinder& m_parts;
  std::vector<Ink> m_listed;
  QComboBox *m_ink, *m_lineKind, *m_accentKind, *m_liftWith, *m_liftWash, *m_over;
  QDoubleSpinBox *m_width, *m_size, *m_liftSize, *m_letterHeight, *m_count;
  QLineEdit* m_words;
  QLabel* m_wordsSay;
  QPushButton *m_guides, *m_scatter, *m_cover;
  FormRows* m_lines;
  KeyedRows* m_list;
  std::string m_changing;  ///< the lettering whose words are being changed
  uint64_t m_seed = 0;

  QWidget* buildLines();
  QWidget* buildAccents();
  QWidget* buildLifts();
  void want(int tool);
  void fill();
  void fillChoices();
  void fillOver();
  void fillList();
  void listRow(const std::string& act, const QString& words, bool changeable = false);
  void showLettering();
  void changeLettering();
  void beginChange(const std::string& line);
  void inkGuides();
  void scatter();
  void coverPart();
  /// What is chosen to scatter over, if it is a thing: its index and part; part -1: all of it.
  std::optional<PartAt> chosenPart() const;
};

}  // namespace havlo
