// The strip of small pictures: the card after every step, masks hatched, one step chosen.
#pragma once

#include <QImage>
#include <QWidget>
#include <vector>

#include "app/session/plan_session.h"

namespace havlo {

class StepStrip : public QWidget {
  Q_OBJECT

 public:
  explicit StepStrip(PlanSession& session, QWidget* parent = nullptr);

  void setPictures(std::vector<QImage> pictures);
  int chosen() const { return m_chosen; }
  void choose(int step);
  QSize sizeHint() const override;
  QRect cellOf(int step) const;

 Q_SIGNALS:
  void chosenChanged(int step);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void focusInEvent(QFocusEvent*) override { update(); }
  void focusOutEvent(QFocusEvent*) override { update(); }

 private:
  PlanSession& m_session;
  std::vector<QImage> m_pictures;
  int m_chosen = 0;

  QSize cellSize() const;
  QSize pictureSize() const;
};

}  // namespace havlo
