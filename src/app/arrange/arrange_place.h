// Arrangements proposed: the card as it is beside three others, with their numbers; what must stay is held in
// place.
#pragma once

#include <QImage>
#include <string>

#include "app/common/place.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "core/arrange/arrange.h"

class QCheckBox;
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
  ArrangePlace(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  /// Looks for arrangements; the next call looks for others.
  void ask();
  const std::vector<Proposal>& proposals() const { return m_found.proposals; }
  /// Takes a proposal: one act that can be undone.
  void take(size_t proposal);

 Q_SIGNALS:
  void leave();

 protected:
  void showEvent(QShowEvent*) override;

 private:
  struct Found {
    Arrangements arrangements;
    std::vector<QImage> pictures;  // now first
  };
  struct Leaf {
    PictureBox* picture;
    QLabel *title, *numbers;
    QPushButton* take;
  };

  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  Job<Result<Found>>* m_job;
  Arrangements m_found;
  std::shared_ptr<const Plan> m_of;
  uint64_t m_seed = 0;
  using Ticks = std::vector<std::pair<QCheckBox*, std::string>>;  // box, id
  KeyedRows *m_things, *m_spare;
  Ticks m_held, m_used;
  QLabel *m_says, *m_spareHead;
  QProgressBar* m_progress;
  QPushButton *m_ask, *m_stop;
  std::vector<Leaf> m_leaves;

  QWidget* buildSide();
  QLayout* buildLeaves();
  void fillThings();
  static std::vector<std::string> ticked(const Ticks& ticks);
  void show(Found found);
  void clearProposals(const QString& why);
};

}  // namespace havlo
