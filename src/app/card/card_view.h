// The card drawn to scale: its layers on each other, and the base opened flat with its score.
#pragma once

#include <QImage>
#include <QWidget>

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
  /// Where a point of the panel is drawn.
  QPointF toPixels(Point panel) const;

 Q_SIGNALS:
  void pieceTaken(const QString& id);  ///< pressed on with the mouse

 protected:
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void paintEvent(QPaintEvent*) override;
  void showEvent(QShowEvent*) override;

 private:
  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  CardFit m_fit;
  QImage m_picture;
  QRectF m_face;       // where the panel is drawn
  int m_dragged = -1;  // a piece
  Point m_from, m_pieceFrom;
  int m_drags = 0;
  bool m_stale = true;
  Job<QImage>* m_job;

  void planChanged();
  void makePicture();
  Point toPanel(QPointF pixels) const;
  void drawFront(QPainter& p, const QRectF& room, double scale);
  void drawOpened(QPainter& p, const QRectF& room, double scale) const;
};

}  // namespace havlo
