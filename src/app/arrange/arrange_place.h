// Cards proposed: this one arranged better, beside the card as it is; scenes for a hero from the drawer; this
// one freshened or on another size; four that belong together.
#pragma once

#include <string>

#include "app/arrange/arrange_work.h"
#include "app/common/place.h"
#include "app/session/drawer_session.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"

class QCheckBox;
class QComboBox;
class QLabel;
class QProgressBar;
class QPushButton;

namespace havlo {

class KeyedRows;

class PictureBox;
class SvgArt;

class ArrangePlace : public Place {
  Q_OBJECT

 public:
  ArrangePlace(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
               QWidget* parent = nullptr);
  /// Looks for what is chosen; the next call looks for others.
  void ask();
  void choose(Asked what);
  const std::vector<ArrangeLeaf>& cards() const { return m_found.cards; }
  /// Takes a card: one act that can be undone.
  void take(size_t card);

 Q_SIGNALS:
  void leave();
  void cardTaken();  ///< one is the open plan now

 protected:
  void showEvent(QShowEvent*) override;

 private:
  struct Leaf {
    QWidget* frame;
    PictureBox* picture;
    QLabel *title, *numbers;
    QPushButton* take;
  };

  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  Job<Result<ArrangeFound>>* m_job;
  ArrangeFound m_found;
  std::shared_ptr<const Plan> m_of;
  uint64_t m_seed = 0;
  using Ticks = std::vector<std::pair<QCheckBox*, std::string>>;  // box, id
  KeyedRows *m_things, *m_spare;
  Ticks m_held, m_used;
  QComboBox *m_what, *m_hero, *m_size;
  QWidget* m_moves;  ///< what is ticked
  QLabel *m_says, *m_tells, *m_spareHead;
  QProgressBar* m_progress;
  QPushButton *m_ask, *m_stop, *m_keep, *m_samples;
  std::vector<Leaf> m_leaves;

  QWidget* buildSide();
  QLayout* buildLeaves();
  QWidget* buildMoves();
  Asked asked() const;
  void refreshWish();
  void fillHeroes();
  void fillSizes();
  void keepAll();
  void keepAllIn(const QString& folder);
  void fillThings();
  static std::vector<std::string> ticked(const Ticks& ticks);
  void show(ArrangeFound found);
  void clearProposals(const QString& why);
};

}  // namespace havlo
