// Inks: how every thing stands out from what lies around it; palettes; one colour among greys; papers tried.
#pragma once

#include <QWidget>

#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "core/palette/palette.h"

class QLabel;
class QPushButton;

namespace havlo {

class DrawerSession;
class SvgArt;

class ColoursPage : public QWidget {
  Q_OBJECT

 public:
  ColoursPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
              QWidget* parent = nullptr);
  void settle();
  const std::vector<PaletteChoice>& choices() const { return m_choices; }

 protected:
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  Job<Result<std::vector<PaperTrial>>>* m_job;
  std::vector<Ink> m_inks;
  std::vector<PaletteChoice> m_choices;
  QWidget *m_contrasts, *m_palettes, *m_papers, *m_bases;
  bool m_stale = true;

  void work();
  void fillContrasts();
  void fillPalettes();
  void showPapers(const std::vector<PaperTrial>& trials);
  void showBases(const Canvas& card);
};

}  // namespace havlo
