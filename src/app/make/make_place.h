// The place at the table: one step at a time, large enough to be read from a metre away.
#pragma once

#include <QImage>

#include "app/common/place.h"
#include "app/session/job.h"
#include "app/session/making_session.h"
#include "app/session/plan_job.h"
#include "app/session/plan_session.h"
#include "core/drawer/drawer.h"
#include "io/art/picture.h"

class QGridLayout;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;
class QTimer;
class QVBoxLayout;

namespace havlo {

class KeyedRows;

class DrawerSession;
class EndPage;
class FaceWork;
class MakeStart;
class MakeView;
class StepDots;
class SvgArt;

class MakePlace : public Place {
  Q_OBJECT

 public:
  bool showsPlan() const override { return !m_making.bench(); }
  MakePlace(PlanSession& session, MakingSession& making, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
            QWidget* parent = nullptr);

  /// Begins the open plan's card.
  void begin();
  void planChanged();
  void stepDone();
  void stepBack();
  void somethingWrong();
  void mishap(Mishap what);
  void writeMishap();
  void finish();
  QPushButton& doneButton() { return *m_done; }
  QString title() const;
  QString timerWords() const;
  QString mend() const;
  /// Looks at the clock; the timer does this four times a second.
  void tickTimers();

 Q_SIGNALS:
  void said(const QString& message);
  /// What the card took is off the drawer's stock. @param undo  puts it back
  void stockTaken(const QString& message, const havlo::StockChange& undo);
  /// A picture of the card as it is is to be held against the plan.
  void holdRequested();
  /// A card begun earlier was dropped; it can be put back.
  void dropped(const havlo::MakingRecord& record);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  enum RightPage { Start, StepPage, Wrong, Finished };

  PlanSession& m_session;
  MakingSession& m_making;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  Job<QImage>*m_nearJob, *m_wholeJob;
  Job<Result<StepPictures>>* m_job;
  PlanJob<QImage>* m_goalJob;  ///< the card as it will be, shown before the work is begun
  std::string m_picturesOf;    // id of the making
  std::vector<QImage> m_pictures;
  QTimer* m_timer;
  bool m_waited = false;  // the present step had to wait, and that was shown

  QWidget* m_left;  ///< the card, what dries, the note
  MakeView* m_view;
  StepDots* m_dots;
  QStackedWidget* m_right;
  MakeStart* m_start;
  // the step
  QLabel *m_sign, *m_number, *m_title, *m_sub, *m_care, *m_timerWords, *m_togo, *m_ready;
  KeyedRows *m_facts, *m_checks;
  FaceWork* m_face;
  std::shared_ptr<const Plan> m_beginsWhenOrdered;  // the plan that is to be begun once its order is found
  QPushButton *m_done, *m_back, *m_wrong, *m_leave;
  QLineEdit* m_note;
  // what went wrong
  QLabel *m_wrongTitle, *m_mend;
  QLineEdit* m_mishapNote;
  QPushButton* m_write;
  std::optional<Mishap> m_mishap;
  EndPage* m_end;

  void addKeys();
  QWidget* buildStep();
  QWidget* buildWrong();
  void refresh();
  void turnRightTo(RightPage page);
  void showStart();
  void showStep();
  void showEnd();
  void takeNote();
  void fillFacts();
  void fillChecks();
  void paintCard();
};

}  // namespace havlo
