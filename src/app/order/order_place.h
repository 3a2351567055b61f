// The place Order & masks: the steps in pictures, the chosen step in words, the masks with their reasons, the
// proof.
#pragma once

#include <QImage>
#include <map>

#include "app/common/place.h"
#include "app/session/job.h"
#include "app/session/plan_job.h"
#include "io/art/picture.h"

class QGridLayout;
class QLabel;
class QMenu;
class QProgressBar;
class QPushButton;
class QScrollArea;
class QStackedWidget;

namespace havlo {

class KeyedRows;

class JoinsPage;
class MasksPage;
class PictureBox;
class ProofPanel;
class SchoolsPage;
class SlipsPage;
class StepStrip;
class SvgArt;

class OrderPlace : public Place {
  Q_OBJECT

 public:
  void takeKeys() override;
  OrderPlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  StepStrip& strip() { return *m_strip; }
  /// The last simulation of the present plan; nothing while it is being made.
  const std::optional<Simulation>& simulation() const { return m_simulation; }
  const std::vector<QImage>& pictures() const { return m_pictures; }
  /// Begins what waits until it is looked at.
  void beginWork();
  MasksPage& masks() { return *m_masks; }
  JoinsPage& joins() { return *m_joins; }
  SchoolsPage& schools() { return *m_schools; }
  SlipsPage& slips() { return *m_slips; }
  /// The steps with their proof; the masks to cut; risky joins; the schools; slips to try.
  enum Page { Steps, Masks, Joins, Schools, Slips };
  void showPage(Page page);
  void showSteps() { showPage(Steps); }
  void showMasks() { showPage(Masks); }
  /// Takes the stamping at a place of the strip to before another place.
  void moveStep(int place, int before);

 Q_SIGNALS:
  void proofChanged();
  void done(const QString& message);
  void printMasksRequested();
  void printTapedRequested();
  /// The masks kept in the drawer should be used for this card.
  void drawerMasksRequested();

 protected:
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  std::shared_ptr<TileStore> m_tiles;
  PlanJob<Result<StepPictures>>* m_job;
  PlanJob<std::map<StampRef, bool>>* m_findThin;
  PlanJob<double>* m_compare;  // minutes of the best order, beside the maker's own
  std::optional<double> m_bestMinutes;
  std::map<StampRef, bool> m_thin;  // by stamp, for the supplies m_thinBy
  Supplies m_thinBy;
  std::optional<Simulation> m_simulation;
  std::vector<QImage> m_pictures;
  bool m_stale = true, m_tallyStale = true, m_unshown = true;
  StepStrip* m_strip;
  QScrollArea* m_scroll;
  QLabel *m_heading, *m_times, *m_stepTitle, *m_stepWhere, *m_stepDetail, *m_stepCare, *m_maskTotal,
      *m_maskNotes, *m_troubles;
  PictureBox* m_big;
  ProofPanel* m_proof;
  KeyedRows* m_tally;
  QProgressBar* m_progress;
  QPushButton *m_stop, *m_wishes, *m_again;
  std::vector<QPushButton*> m_tabs;
  QStackedWidget* m_pages;
  MasksPage* m_masks;
  JoinsPage* m_joins;
  SchoolsPage* m_schools;
  SlipsPage* m_slips;

  QWidget* stepsPage();
  void fillWishes();
  void fillSequence(QMenu* menu);
  void searchOrder();
  void showTimes();
  QString orderWords() const;

  void planChanged();
  void showPlan();
  void simulateNow();
  void showStep(int step);
  void showTally();
  bool thinPartsKnown();
};

}  // namespace havlo
