// The card as it will look, or as eyes half closed, in greys, or by what pulls at the eye; over it the first
// looks, the lines that lead, and the handles of the chosen wash.
#pragma once

#include <QImage>
#include <QWidget>
#include <functional>
#include <optional>

#include "app/common/accessible_items.h"
#include "app/common/face_geometry.h"
#include "app/session/job.h"
#include "app/session/plan_session.h"
#include "core/focus/looks.h"

namespace havlo {

class SvgArt;

class InkView : public QWidget, public ItemView {
  Q_OBJECT

 public:
  /// The last three are drawn over the card as stamped.
  enum Mode { Stamped, HalfClosed, Greys, Pull, Distances, EyeLevel, Light };

  InkView(PlanSession& session, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  void setMode(Mode mode);
  Mode mode() const { return m_mode; }
  /// Draws the path of the first looks.
  void showLooks(bool shown);
  /// Draws what leads the eye.
  void showLines(bool shown);
  /// The wash whose handles are shown: its id, or empty.
  void setWash(const QString& wash);
  const QString& wash() const { return m_wash; }
  /// A box to outline: where a greeting could stand.
  void setRoom(std::optional<Box> room);
  FaceGeometry geometryNow() const;
  /// The blends, then what can be pulled of the chosen one.
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;
  /// Begins what waits until it is looked at.
  void beginWork();
  QSize minimumSizeHint() const override { return {240, 96}; }
  QSize sizeHint() const override { return {640, 470}; }

 Q_SIGNALS:
  void thingClicked(int impression);
  void washClicked(const QString& wash);

 protected:
  void paintEvent(QPaintEvent*) override;
  void resizeEvent(QResizeEvent*) override;
  void showEvent(QShowEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void focusInEvent(QFocusEvent*) override { update(); }
  void focusOutEvent(QFocusEvent*) override { update(); }

 private:
  /// A point that can be dragged, and what that does to a plan.
  struct Handle {
    QPointF at;
    QString says;
    std::function<Result<Plan>(const Plan&, Point)> drag;
    bool round = false;
    QPointF way = {};  // outward, where it is a border's tab
  };

  PlanSession& m_session;
  std::shared_ptr<SvgArt> m_art;
  std::shared_ptr<TileStore> m_tiles;
  Job<QImage>* m_job;
  QImage m_picture;
  Mode m_mode = Stamped;
  bool m_looks = true, m_lines = false, m_stale = true;
  QString m_wash;
  std::optional<Box> m_room;
  std::optional<Handle> m_drag;
  Plan m_dragStart;
  int m_dragSerial = 0;
  int m_handle = -1;  // the one that has the arrow keys

  void refresh();
  std::vector<Handle> handles(const FaceGeometry& g) const;
  const Wash* chosen() const;
  void paintWash(QPainter& p, const FaceGeometry& g) const;
  void paintHandle(QPainter& p, const Handle& h, bool strong) const;
  void paintLooks(QPainter& p, const FaceGeometry& g) const;
  void paintLines(QPainter& p, const FaceGeometry& g) const;
};

}  // namespace havlo
