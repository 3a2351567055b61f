// A scanned sheet to look at and to handle: its impressions, one impression with what was traced over it,
// lengths and corners to mark. Coordinates are sheet mm (levelled, y down), or pixels while the scale is not
// known.
#pragma once

#include <QImage>
#include <QWidget>
#include <optional>
#include <vector>

#include "app/common/accessible_items.h"
#include "core/trace/stamp_trace.h"

namespace havlo {

class ScanView : public QWidget, public ItemView {
  Q_OBJECT

 public:
  enum class Tool { Look, Length, Corners, Add, Remove };

  explicit ScanView(QWidget* parent = nullptr);

  /// The whole sheet. @param picture  of `area`
  /// @param done  which of them are in the drawer already
  void showSheet(const QImage& picture, const Box& area, std::vector<Box> impressions, int chosen,
                 std::vector<bool> done = {});
  /// One impression with what was traced. @param picture  of `area`, evenly lit
  void showImpression(const QImage& picture, const Box& area, std::shared_ptr<const TracedStamp> traced,
                      Point foot);
  void clear();
  void setTool(Tool tool);
  Tool tool() const { return m_tool; }
  QPointF toPixels(Point sheet) const;
  /// The impressions of a sheet; of one impression its enclosed parts and openings.
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;
  Point fromPixels(QPointF pixel) const;

 Q_SIGNALS:
  void impressionChosen(int index);
  void areaChosen(Box area);         ///< marks to be taken as one impression
  void regionClicked(Point inside);  ///< to be turned from filled to hole or back
  void openingClicked(int index);    ///< of the outline, to be closed
  void regionDrawn(Rings region, bool add);
  void lengthMarked(Point from, Point to);
  void cornersMarked(std::vector<Point> corners);
  void footMoved(Point to);
  void dropped(const QString& file);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseReleaseEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void focusInEvent(QFocusEvent*) override { update(); }
  void focusOutEvent(QFocusEvent*) override { update(); }
  void dragEnterEvent(QDragEnterEvent*) override;
  void dropEvent(QDropEvent*) override;

 private:
  QImage m_picture;
  Box m_area;
  std::vector<Box> m_impressions;
  std::vector<bool> m_done;
  int m_chosen = -1;
  std::shared_ptr<const TracedStamp> m_traced;
  Point m_foot;
  Tool m_tool = Tool::Look;
  std::vector<Point> m_marks;  // of the tool in hand
  bool m_dragging = false, m_movingFoot = false;
  int m_at = -1;                 // the item that has the keys
  std::optional<Point> m_cross;  // moved by arrow keys while a tool is in hand

  QRectF room() const;
  void drawTraced(QPainter& p) const;
  void drawOpenings(QPainter& p) const;
  int openingAt(QPointF pixel) const;
  void markByKey(int key);
  void finishMarks(const std::vector<Point>& marks);
};

}  // namespace havlo
