// A print, large, and the paper that is laid on it: pushed and turned by mouse or keys, or drawn freehand.
#pragma once

#include <QImage>
#include <QWidget>
#include <memory>

#include "core/practice/laying.h"

namespace havlo {

class LayView : public QWidget {
  Q_OBJECT

 public:
  explicit LayView(QWidget* parent = nullptr);
  /// @param card  the whole panel as it is now  @param opacity  of the paper: how little is seen through it
  void show(const LayTask& task, const PanelSize& panel, const QImage& card, const Laying& start,
            double opacity);
  void clear();
  /// The card as it came out, with what shows ringed; the paper is gone.
  void showResult(const QImage& card, const LayResult& result);
  /// Lets the outline be drawn instead of a paper be pushed.
  void setDrawing(bool drawing);
  const Laying& laying() const { return m_laying; }
  void setLaying(const Laying& laying);
  /// A push and a turn of the paper.
  void push(Point by_mm, double turn_deg);
  QPointF toPixels(Point panel) const;
  QSize minimumSizeHint() const override { return {260, 220}; }

 Q_SIGNALS:
  void layingChanged();

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void wheelEvent(QWheelEvent*) override;
  void keyPressEvent(QKeyEvent*) override;

 private:
  bool m_any = false, m_drawing = false;
  LayTask m_task;
  PanelSize m_panel;
  QImage m_card;
  Laying m_laying;
  Ring m_stroke;  // being drawn, panel coordinates
  double m_opacity = 0.5;
  std::optional<LayResult> m_result;
  enum class Hand { None, Pushing, Turning, Drawing } m_hand = Hand::None;
  Point m_grip;  // where the hand is, panel coordinates

  Box seen() const;
  double scale() const;
  Point toPanel(QPointF pixel) const;
};

}  // namespace havlo
