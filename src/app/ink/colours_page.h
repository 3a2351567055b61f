// Inks: how every thing stands out from what lies around it; palettes; one colour among greys; papers tried.
#pragma once

#include <QWidget>

#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "core/palette/palette.h"

class QLabel;
class QPushButton;

namespace havlo {

class KeyedRows;

class DrawerSession;
class SvgArt;

class ColoursPage : public QWidget {
  Q_OBJECT

 public:
  ColoursPage(PlanSession& session, DrawerSession& drawer, std::shared_ptr<SvgArt> art,
              QWidget* parent = nullptr);
  /// Begins what waits until it is looked at.
  void beginWork();
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
  /// What a paper or a base would do.
  struct Sample {
    QImage picture;
    QString says;
    bool mayTake = false;
  };
  KeyedRows *m_contrasts, *m_palettes, *m_papers, *m_bases;
  std::vector<Paper> m_papersTried, m_basesTried;
  bool m_stale = true;

  void work();
  void fillContrasts();
  QComboBox* inkChoice(const std::string& impression);
  void showInks(QComboBox& choice, int impression);
  void showSamples(KeyedRows& rows, const std::vector<Sample>& samples, const QString& name,
                   const std::function<void(size_t)>& take);
  void fillPalettes();
  void showPapers(const std::vector<PaperTrial>& trials);
  void showBases(const Canvas& card);
};

}  // namespace havlo
