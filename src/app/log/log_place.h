// The cards that were made: found again, held against their plans, made once more; and what was learnt from
// them.
#pragma once

#include <QImage>
#include <QSet>

#include "app/common/place.h"
#include "app/log/compare_work.h"
#include "app/session/job.h"
#include "app/session/log_session.h"
#include "app/session/plan_session.h"

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QStackedWidget;
class QVBoxLayout;
class QHBoxLayout;

namespace havlo {

class ChoiceList;
class KeyedRows;
class LearntPage;
class TimeLine;
class PictureBox;
class SvgArt;

class LogPlace : public Place {
  Q_OBJECT

 public:
  LogPlace(PlanSession& session, LogSession& log, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  bool showsPlan() const override { return false; }
  void arrive() override;
  void takeKeys() override;
  /// Opens a card of the log.
  void show(const std::string& id);
  /// Plans that were worked on lately and drafts that were not saved, instead of cards that were made.
  void showPlans(bool plans);
  const std::string& shown() const { return m_shown; }
  /// Holds a picture against the card that is open; without a file the stand-in makes and takes one.
  void hold(const QString& file, int quarters = 0);
  JobBase* job() const { return m_job; }

 Q_SIGNALS:
  void said(const QString& text);
  void troubled(const QString& text);
  void upsideDown(const QString& text, const QString& file, int quarters);  ///< the picture could be turned
  void makeAgain(std::shared_ptr<const Plan> plan);
  void removed(const std::string& id, const QString& title);
  void inkLearnt(const havlo::LearntInk& ink);
  void openRequested(const QString& path);

 private:
  PlanSession& m_session;
  LogSession& m_log;
  std::shared_ptr<SvgArt> m_art;
  Job<Result<Compared>>* m_job;
  Job<int>* m_pictures;
  QSet<QString> m_tried;  ///< files that were drawn for the list
  std::string m_shown;
  uint64_t m_seed = 1;

  bool m_ofPlans = false;
  QLineEdit *m_search, *m_idea, *m_for, *m_occasion, *m_sentTo, *m_note;
  ChoiceList *m_cards, *m_ideas;
  TimeLine* m_timeLine;
  QLabel *m_count, *m_title, *m_facts, *m_head, *m_saidBefore, *m_planCaption, *m_cardCaption;
  PictureBox *m_plan, *m_card;
  KeyedRows* m_rows;
  QPushButton *m_hold, *m_try, *m_again, *m_remove, *m_done, *m_open;
  QComboBox* m_which;
  QWidget *m_opened, *m_fields, *m_made;
  LearntPage* m_learnt;

  QWidget* buildList();
  QWidget* buildCard();
  QLayout* buildActs();
  QWidget* buildFields();
  QWidget* buildSide();
  QLineEdit* field(const QString& name, const QString& label, QVBoxLayout* into);
  void refresh();
  void fillCards();
  void fillIdeas();
  void fillCard();
  std::vector<QString> plansLately() const;
  QString pictureOfPlan(const QString& path) const;
  void fillPlans();
  void fillPlan();
  void drawMissing();
  void take(const Compared& compared);
  void choosePicture();
  void keepFields();
  std::shared_ptr<const Plan> planOf(const std::string& id);
};

}  // namespace havlo
