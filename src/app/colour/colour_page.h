// What is coloured with, and what of the chosen thing is coloured how.
#pragma once

#include <QHash>
#include <QWidget>
#include <optional>

#include "app/colour/part_finder.h"
#include "core/edit/hand_edits.h"

class QComboBox;
class QLabel;
class QPushButton;
class QSlider;

namespace havlo {

class ChoiceList;
class DrawerSession;
class KeyedRows;

class ColourPage : public QWidget {
  Q_OBJECT

 public:
  ColourPage(PlanSession& session, DrawerSession& drawer, PartFinder& parts, QWidget* parent = nullptr);
  /// What is in hand.
  const ColourIn& with() const { return m_with; }
  /// The ink in hand, which the plan may lack.
  std::optional<Ink> ink() const;
  void takeUp(int colouring);
  /// Tells of the part that is pointed at.
  void pointAt(const PartAt& part);
  ChoiceList& inks() { return *m_inks; }

 Q_SIGNALS:
  void withChanged();
  void toolWanted(int tool);  ///< a HandTool

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  PartFinder& m_parts;
  ColourIn m_with;
  std::vector<Ink> m_listed;
  ChoiceList* m_inks;
  QComboBox *m_way, *m_shade, *m_alike;
  QSlider* m_strength;
  QLabel *m_strengthWords, *m_title, *m_pointed;
  QPushButton *m_rest, *m_vary, *m_clear, *m_own;
  KeyedRows* m_list;
  uint64_t m_seed = 1;

  void fillInks();
  void fillThing();
  QWidget* buildHand();
  QWidget* buildThing();
  int thing() const;
  void keepNames(const std::string& stamp);
};

}  // namespace havlo
