// The card as it will lie on the table, from an angle or from the side: raised pieces with their shadow, at
// their true height. Dragging turns and tilts it.
#pragma once

#include <QImage>
#include <QTimer>
#include <QWidget>
#include <map>
#include <string>

#include "app/session/plan_job.h"
#include "core/pieces/card_stack.h"

namespace havlo {

class SvgArt;

class StackView : public QWidget {
  Q_OBJECT

 public:
  enum class From { Angle, Side, Open };
  StackView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  void lookFrom(From from);
  /// @param turn_deg  about the upright  @param tilt_deg  90: from straight above
  void turnTo(double turn_deg, double tilt_deg);
  double turn_deg() const { return m_turn; }
  double tilt_deg() const { return m_tilt; }
  void beginWork();
  QSize minimumSizeHint() const override { return {360, 320}; }

 protected:
  void paintEvent(QPaintEvent*) override;
  void showEvent(QShowEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;

 private:
  struct Pictures {
    QImage whole, panel;                     ///< with all that is glued on, and without
    std::map<std::string, QImage> patterns;  ///< by piece: of papers that have one
    std::map<std::string, QImage> faces;     ///< by piece: what is on the inside and the envelope
  };
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  PlanJob<Pictures>* m_job;
  Pictures m_pictures;
  CardStack m_stack;
  From m_from = From::Angle;
  double m_turn = -22, m_tilt = 52;
  QPointF m_dragged;
  bool m_stale = true;
  bool m_moving = false;  // dragged just now: painted with less care, so that it keeps up with the hand
  QTimer m_rest;

  void planChanged();
  void paintAngle(QPainter& p) const;
  void paintSide(QPainter& p) const;
  void paintOpen(QPainter& p) const;
};

}  // namespace havlo
