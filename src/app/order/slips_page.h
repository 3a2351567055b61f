// What a slip at the table would do: a mask forgotten, an ink mistaken, a stamp a millimetre off, steps
// shuffled.
#pragma once

#include <QWidget>

#include "app/session/job.h"
#include "app/session/plan_job.h"
#include "core/chain/what_if.h"

class QComboBox;
class QLabel;
class QPushButton;

namespace havlo {

class PictureBox;
class SvgArt;

class SlipsPage : public QWidget {
  Q_OBJECT

 public:
  SlipsPage(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  /// Presses a slip and shows what comes of it.
  void tryOut(const WhatIf& what);
  const std::optional<Simulation>& simulation() const { return m_simulation; }
  QString verdict() const;
  void chooseThing(int impression);

 protected:
  void showEvent(QShowEvent*) override;

 private:
  struct Pressed {
    Simulation simulation;
    QStringList words;
    QImage picture;
  };
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  PlanJob<Result<Pressed>>* m_job;
  std::optional<Simulation> m_simulation;
  bool m_unshown = true;  ///< the plan has changed since the choices were filled
  PictureBox* m_picture;
  QLabel *m_head, *m_words;
  QComboBox *m_thing, *m_ink;
  uint32_t m_shuffles = 0;
  bool m_lively = false;

  QWidget* buildSlips();
  void planChanged();
  void fillChoices();
  WhatIf about(WhatIf::Kind kind) const;
  void shift(double dx, double dy);
};

}  // namespace havlo
