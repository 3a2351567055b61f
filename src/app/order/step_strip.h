// The strip of small pictures: the card after every step, masks hatched, one step chosen.
#pragma once

#include <QImage>
#include <QWidget>
#include <optional>
#include <vector>

#include "app/session/plan_session.h"

namespace havlo {

class StepStrip : public QWidget {
  Q_OBJECT

 public:
  explicit StepStrip(PlanSession& session, QWidget* parent = nullptr);

  /// @param pictures  one per step of the run sheet, or none yet
  void setPictures(const std::vector<QImage>& pictures);
  int chosen() const { return m_chosen; }  ///< place in the strip
  void choose(int place);
  /// Step of the run sheet at a place of the strip, or -1; and back.
  int stepAt(int place) const;
  int placeOf(int step) const;
  int count() const { return static_cast<int>(m_steps.size()); }
  QSize sizeHint() const override;
  QRect cellOf(int place) const;

 Q_SIGNALS:
  void chosenChanged(int place);
  /// A stamping was taken to another place of the strip. @param before  place it is to go before
  void moved(int place, int before);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void focusInEvent(QFocusEvent*) override { update(); }
  void focusOutEvent(QFocusEvent*) override { update(); }

 private:
  PlanSession& m_session;
  std::vector<int> m_steps;        // of the run sheet, as shown
  std::vector<QImage> m_pictures;  // by place, at the size they are painted
  int m_chosen = 0;
  std::optional<QPointF> m_pressedAt;
  int m_dragTo = -1;  // place before which the dragged step would go, or -1

  bool movable(int place) const;

  QSize cellSize() const;
  QSize pictureSize() const;
};

}  // namespace havlo
