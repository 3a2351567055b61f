// What came of pressing the whole plan on simulated paper, and the ways out where it is not as planned.
#pragma once

#include <optional>

#include "app/common/sheet_frame.h"
#include "core/analysis/analysis.h"

class QPushButton;

namespace havlo {

class PictureBox;
class PlanSession;

class ProofPanel : public SheetFrame {
  Q_OBJECT

 public:
  explicit ProofPanel(PlanSession& session);
  /// @param simulation  of the session's plan; none: it is being made
  void show(const std::optional<Simulation>& simulation);
  void showStopped();

 private:
  void showProven(const Simulation& s);
  void showFaults(const Simulation& s);

  PlanSession& m_session;
  QLabel *m_title, *m_why, *m_figures;
  QPushButton *m_more, *m_cut, *m_over;
  PictureBox* m_finished;
  std::optional<Simulation> m_of;
};

}  // namespace havlo
