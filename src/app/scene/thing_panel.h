// What is known of the chosen thing, in short lines, and the choices that are not made by dragging.
#pragma once

#include <functional>

#include "app/common/sheet_frame.h"
#include "app/face/row_draft.h"
#include "app/session/plan_session.h"

class QComboBox;
class QLineEdit;
class QPushButton;
class QSpinBox;
class QToolButton;

namespace havlo {

class CrowdDraft;
class CrowdPanel;
class FormRows;
class RowPanel;
class SeveralPanel;
class SvgArt;
class StampsAtHand;
class ThingActs;
class ThingFields;
class ViewPanel;

/// Other stamps of the maker's that show the same thing as one of the plan.
using LikeStamps = std::function<std::vector<StampRef>(const Stamp&)>;

class ThingPanel : public SheetFrame {
  Q_OBJECT

 public:
  ThingPanel(PlanSession& session, RowDraft& row, CrowdDraft& crowd, ThingActs& acts,
             std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  void setLikeStamps(LikeStamps like) { m_like = std::move(like); }
  StampsAtHand& atHand() { return *m_atHand; }
  void refresh();
  ViewPanel& view() { return *m_view; }
  /// Lays a row of the chosen thing.
  void beginRow();
  void takeCrowdKeys();
  /// Wrapped lines make it no taller: it rolls, so that choosing a thing never moves the card.
  bool hasHeightForWidth() const override { return false; }

 Q_SIGNALS:
  void addRequested();
  void crowdDone();
  void stampTaken(const QString& id);   ///< of the plan, to be put on
  void ownedTaken(const QString& key);  ///< of the drawer, to be put on
  void drawerRequested();
  /// The chosen thing's height was said: the plan that knows it, in which it is to be put where that is
  /// right.
  void heightSaid(const Plan& plan);
  void demoRequested();
  void proposeRequested();
  void openRequested();

 private:
  PlanSession& m_session;
  RowDraft& m_row;
  std::shared_ptr<SvgArt> m_art;
  ThingActs& m_acts;
  LikeStamps m_like;
  ViewPanel* m_view;
  StampsAtHand* m_atHand;
  RowPanel* m_rowPanel;
  CrowdDraft& m_crowd;
  CrowdPanel* m_crowdPanel;
  SeveralPanel* m_several;
  QLabel *m_name, *m_size;
  QWidget* m_factsArea;
  QLabel *m_scale, *m_facts;
  ThingFields* m_fields;
  QWidget* m_asksHeight;
  QLabel* m_asks;
  QLineEdit* m_height;
  QPushButton* m_eyes;
  QPushButton *m_remove, *m_add, *m_hero, *m_demo, *m_propose, *m_open, *m_makeRow, *m_ways;

  void buildHeight();
  void sayHeight();
  void offerEyes(int index);
  void buildActs();
  void connectActs();
  void fillFacts(int index);
  void offerWaysOut();
};

}  // namespace havlo
