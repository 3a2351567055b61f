// Colourings of the whole card side by side, with the hero's share of the pull told before one is taken.
#pragma once

#include <QImage>
#include <QWidget>

#include "app/session/plan_job.h"
#include "core/palette/colouring_proposal.h"

class QLabel;

namespace havlo {

class DrawerSession;
class KeyedRows;
class SvgArt;

class SuggestPage : public QWidget {
  Q_OBJECT

 public:
  SuggestPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
              QWidget* parent = nullptr);
  void beginWork();
  const std::vector<ColouringProposal>& proposals() const { return m_proposals; }

 protected:
  void showEvent(QShowEvent*) override;

 private:
  struct Found {
    std::vector<ColouringProposal> proposals;
    std::vector<QImage> pictures;
  };
  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  PlanJob<Result<Found>>* m_job;
  std::vector<ColouringProposal> m_proposals;
  QLabel* m_says;
  KeyedRows* m_rows;
  bool m_stale = true;

  void show(const Found& found);
};

}  // namespace havlo
