// The place Drawer: the maker's stamps at true relative size, inks and papers, and adding stamps from a scan.
#pragma once

#include "app/common/place.h"
#include "app/session/drawer_session.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace havlo {

class AddPage;
class HarvestPage;
class MeasureEdit;
class ShelfView;
class StampPanel;
class SuppliesPanel;
class SvgArt;

class DrawerPlace : public Place {
  Q_OBJECT

 public:
  void arrive() override;
  QUndoStack* ownUndo() override;
  void takeKeys() override;
  DrawerPlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
              QWidget* parent = nullptr);
  ShelfView& shelf() { return *m_shelf; }
  AddPage& addPage() { return *m_add; }
  SuppliesPanel& supplies() { return *m_supplies; }
  QLineEdit& searchLine() { return *m_search; }
  QLineEdit& distanceLine() { return *m_distance; }
  void showStamps();
  void showSupplies();
  void showAdding();
  HarvestPage& harvestPage() { return *m_harvest; }
  /// Every picture of the folder is looked through, and what is found comes on one page.
  void takeFolder(const QString& folder);
  void takeFiles(const QStringList& pictures);
  void turnTo(const QString& part) override;
  /// A picture is looked through for stamps, a packed drawer taken in.
  void takeFile(const QString& path);
  /// Searches anew by what is set above the shelves.
  void search();
  void exportTo(const QString& path);
  void importFrom(const QString& path);

 Q_SIGNALS:
  void putOnCardRequested(const QString& key);
  void removed(const QString& name, std::shared_ptr<const DrawerStamp> stamp);
  void done(const QString& message);

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  QStackedWidget* m_pages;
  ShelfView* m_shelf;
  StampPanel* m_panel;
  SuppliesPanel* m_supplies;
  AddPage* m_add;
  HarvestPage* m_harvest;
  QLineEdit *m_search, *m_distance;
  QComboBox *m_role, *m_facing;
  MeasureEdit *m_least, *m_most;
  QLabel *m_count, *m_emptyWords;
  QWidget *m_browse, *m_empty, *m_filters;
  QPushButton *m_stampsTab, *m_suppliesTab;
  Job<Result<Done>>* m_packing;
  Job<Result<WholeDrawer>>* m_unpacking;

  QLayout* buildHead();
  QWidget* buildBrowse(std::shared_ptr<SvgArt> art);
  QWidget* buildFilters();
  QWidget* buildEmpty();
  void showHarvest();
  void refresh();
  void chooseExport();
  void chooseImport();
};

}  // namespace havlo
