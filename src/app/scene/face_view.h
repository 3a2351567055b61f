// The card face: the simulated card at true proportions, measured from its lower-left corner, with the one
// viewpoint drawn over it. Things are taken and moved here.
#pragma once

#include <QImage>
#include <QTimer>
#include <QWidget>

#include "app/common/face_geometry.h"
#include "app/scene/face_drag.h"
#include "app/scene/row_draft.h"
#include "app/scene/scene_overlay.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"

class QLineEdit;

namespace havlo {

class SvgArt;

class FaceView : public QWidget {
  Q_OBJECT

 public:
  FaceView(PlanSession& session, RowDraft& row, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  FaceGeometry geometryNow() const;
  /// Zoom beyond the fitting size: 1 fits.
  void setZoom(double zoom);
  double zoom() const { return m_zoom; }
  /// Lets these things stand out for a moment.
  void pointOut(const std::vector<int>& impressions);
  /// Opens the measure of the selected stamp for typing.
  void typeMeasure(Qt::Orientation along);
  /// Waits for the picture of the present plan (tests, pictures).
  /// Shows the lines that are rubbed out as well.
  void showConstruction(bool shown);
  bool constructionShown() const { return m_overlay.construction; }

  QSize minimumSizeHint() const override { return {320, 220}; }
  QSize sizeHint() const override { return {620, 420}; }

 Q_SIGNALS:
  void zoomChanged();
  void spotAsked(Point spot, const QPoint& global);  ///< what could stand there is asked for
  /// A point of a thing is asked about. @param at  stamp frame
  void pointAsked(int impression, Point at, const QPoint& global);

 protected:
  void paintEvent(QPaintEvent*) override;
  void resizeEvent(QResizeEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void mouseDoubleClickEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void wheelEvent(QWheelEvent*) override;
  void contextMenuEvent(QContextMenuEvent*) override;
  bool event(QEvent*) override;

 private:
  PlanSession& m_session;
  RowDraft& m_row;
  SceneOverlay m_overlay;
  std::shared_ptr<SvgArt> m_art;
  std::shared_ptr<TileStore> m_tiles;
  Job<QImage>* m_job;
  QImage m_picture;
  std::shared_ptr<const Plan> m_pictured;  // what the picture is made from, or is being made from
  double m_picturedScale = 0;
  double m_zoom = 1;
  QPointF m_pan;
  std::unique_ptr<FaceDrag> m_drag;
  int m_dragSerial = 0;
  int m_hover = -1;
  std::vector<int> m_pointedOut;
  QTimer m_pointTimer;
  int m_pointPhase = 0;
  QLineEdit* m_editor;
  Qt::Orientation m_editing = Qt::Horizontal;

  bool samePicture(const Plan& now) const;
  void refresh();
  int thingAt(QPointF pixel) const;
  QPointF turnHandle(int impression) const;
  QRectF tag(Qt::Orientation along) const;
  void finishTyping();
  void nudge(Point by);
  void turnBy(double degrees);

  void paintRulers(QPainter& p, const FaceGeometry& g) const;
  void paintViewpoint(QPainter& p, const FaceGeometry& g) const;
  void paintBand(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintSelected(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintTags(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintOutline(QPainter& p, const FaceGeometry& g, int impression, QPen pen) const;
};

}  // namespace havlo
