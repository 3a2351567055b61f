// The card drawn to scale: its layers on each other, and the base opened flat with its score.
#pragma once

#include <QImage>
#include <QWidget>
#include <string>

#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "core/card/card_fit.h"

namespace havlo {

class SvgArt;

class CardView : public QWidget {
  Q_OBJECT

 public:
  CardView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  QSize minimumSizeHint() const override { return {360, 320}; }
  /// Begins what waits until it is looked at.
  void beginWork();
  /// Where the rim of a layer is taken with the mouse: the middle of one of its sides. @param layer  from 1
  QPointF rimAt(int layer, Side side) const;
  /// Where a point of the panel is drawn.
  QPointF toPixels(Point panel) const;

 Q_SIGNALS:
  void pieceTaken(const QString& id);  ///< pressed on with the mouse

 protected:
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void paintEvent(QPaintEvent*) override;
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  CardFit m_fit;
  QImage m_picture;
  QRectF m_face;                     // where the panel is drawn
  QRectF m_frontRoom, m_openedRoom;  // kept while a rim is dragged, so that nothing moves under the hand
  double m_scale = 1;
  int m_dragged = -1;  // a piece
  int m_rim = -1;      // a layer whose rim is dragged
  Side m_rimSide = Side::Left;
  Point m_from, m_pieceFrom;
  int m_drags = 0;
  bool m_stale = true;
  Job<QImage>* m_job;

  void planChanged();
  void makePicture();
  Point toPanel(QPointF pixels) const;
  /// The layer, from 1, whose rim is there, and which side of it; -1: none.
  int rimUnder(QPointF pixels, Side* side) const;
  void dragRim(QPointF to, bool oneSide);
  void drawFront(QPainter& p, const QRectF& room, double scale);
  void drawOpened(QPainter& p, const QRectF& room, double scale) const;
};

}  // namespace havlo
