// Which joins may show when masks are laid by hand: on the card, and the ones to be careful with.
#pragma once

#include <QWidget>

#include "app/session/job.h"
#include "app/session/plan_job.h"
#include "core/risk/join_risk.h"

class QLabel;
class QProgressBar;
class QVBoxLayout;

class QPushButton;

namespace havlo {

class KeyedRows;
class PictureBox;
class SvgArt;

class JoinsPage : public QWidget {
  Q_OBJECT

 public:
  JoinsPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  const std::optional<JoinRisk>& risk() const { return m_risk; }
  /// Begins what waits until it is looked at.
  void beginWork();
  /// Carries out a way to make a join easier.
  void ease(const Join& join, const JoinEase& way);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  struct Found {
    JoinRisk risk;
    QImage picture;
  };

  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  PlanJob<Result<Found>>* m_job;
  PlanState m_of;  // of m_risk
  std::optional<JoinRisk> m_risk;
  bool m_stale = true;
  PictureBox* m_picture;
  QLabel *m_head, *m_words;
  QProgressBar* m_progress;
  KeyedRows* m_list;

  void planChanged();
  void work();
  void show();
  QPushButton* easeButton(size_t join, size_t way);
};

}  // namespace havlo
