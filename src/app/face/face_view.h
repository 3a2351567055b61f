// The card face: the simulated card at true proportions, measured from its lower-left corner, with the one
// viewpoint drawn over it. Things are taken and moved here.
#pragma once

#include <QImage>
#include <QTimer>
#include <QWidget>
#include <optional>

#include "app/common/accessible_items.h"
#include "app/common/face_geometry.h"
#include "app/face/face_drag.h"
#include "app/face/row_draft.h"
#include "app/face/scene_overlay.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"

class QLineEdit;
class QMimeData;
class QPushButton;

namespace havlo {

class CrowdDraft;
class Loupe;
class SvgArt;

class FaceView : public QWidget, public ItemView {
  Q_OBJECT

 public:
  FaceView(PlanSession& session, RowDraft& row, CrowdDraft& crowd, std::shared_ptr<SvgArt> art,
           QWidget* parent = nullptr);

  FaceGeometry geometryNow() const;
  /// Zoom beyond the fitting size: 1 fits. @param about  a pixel that stays where it is
  void setZoom(double zoom, std::optional<QPointF> about = {});
  double zoom() const { return m_zoom; }
  void setLoupe(bool on);
  bool loupeOn() const;
  /// Lets these things stand out for a moment.
  void pointOut(const std::vector<int>& impressions);
  /// Opens the measure of the selected stamp for typing.
  void typeMeasure(Qt::Orientation along);
  /// Shows the lines that are rubbed out as well.
  void showConstruction(bool shown);
  bool constructionShown() const { return m_overlay.construction; }

  /// Front to back, as Tab goes.
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;

  QSize minimumSizeHint() const override { return {320, 220}; }
  QSize sizeHint() const override { return {620, 420}; }

 Q_SIGNALS:
  void zoomChanged();
  void carryWanted();  ///< what is chosen is to be dragged out, as a copy
  /// Something was let fall on the card.
  void dropped(const QMimeData* data, Point at);
  void spotAsked(Point spot, const QPoint& global);  ///< what could stand there is asked for
  /// A point of a thing is asked about. @param at  stamp frame
  void pointAsked(int impression, Point at, const QPoint& global);
  void showHiddenWanted();

 protected:
  void paintEvent(QPaintEvent*) override;
  void resizeEvent(QResizeEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void mouseDoubleClickEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void keyReleaseEvent(QKeyEvent*) override;
  void wheelEvent(QWheelEvent*) override;
  void contextMenuEvent(QContextMenuEvent*) override;
  void dragEnterEvent(QDragEnterEvent*) override;
  void dragMoveEvent(QDragMoveEvent*) override;
  void dropEvent(QDropEvent*) override;
  void leaveEvent(QEvent*) override;
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
  /// The left button went down on a thing and has not moved yet.
  struct Press {
    QPointF at;
    int thing = -1;
    bool frame = false;    // a drag draws a frame
    QString toggle, only;  // what is chosen besides, or alone, if it is let go in its place
  };
  std::optional<Press> m_press;
  std::optional<QPointF> m_panFrom;
  bool m_space = false;
  QStringList m_kept;  // stay chosen while Tab goes on
  /// A handle that has the arrow keys: what it is and which; -1: none.
  int m_handle = -1;
  Loupe* m_loupe;
  QPushButton* m_showHidden;
  std::vector<int> m_pointedOut;
  QTimer m_pointTimer;
  int m_pointPhase = 0;
  QLineEdit* m_editor;
  Qt::Orientation m_editing = Qt::Horizontal;

  bool samePicture(const Plan& now) const;
  void refresh();
  std::vector<int> thingsAt(QPointF pixel) const;  // front to back
  int thingAt(QPointF pixel) const;
  bool isGroundOrSky(int impression) const;  // and not chosen: one looks past it
  void beginFrame(QMouseEvent* e);
  QString idOf(int impression) const;
  QString nextDragKey() { return QStringLiteral("drag-%1").arg(++m_dragSerial); }
  void pressThing(int thing, QMouseEvent* e);
  void beginMove();
  void panBy(QPointF pixels);
  void keepInSight();
  void takeSight();
  void keepMiddle();
  void tellSight();
  bool goOn(bool forward);
  std::vector<int> frontToBack() const;  // what is in sight
  void nextHandle();
  bool moveHandle(QPointF by_px);
  void moveLoupe(QPointF at);
  void refreshAside();
  QPointF turnHandle(int impression) const;
  QRectF tag(Qt::Orientation along) const;
  QString measureWords(double mm) const;
  void finishTyping();
  void nudge(Point by);
  void turnBy(double degrees);

  void paintTable(QPainter& p, const QRect& face) const;
  void paintPicture(QPainter& p, const QRectF& face) const;
  void paintEmpty(QPainter& p, const FaceGeometry& g) const;
  void paintContacts(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintEyeMark(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintRulers(QPainter& p, const FaceGeometry& g) const;
  void paintViewpoint(QPainter& p, const FaceGeometry& g) const;
  void paintBand(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintSelected(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintTags(QPainter& p, const FaceGeometry& g, int selected) const;
  void paintOutline(QPainter& p, const FaceGeometry& g, int impression, QPen pen) const;
};

}  // namespace havlo
