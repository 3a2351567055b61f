// The trail: the places in the order of work, each saying by shape and words how it stands.
#pragma once

#include <QFont>
#include <QTimer>
#include <QWidget>
#include <optional>
#include <vector>

#include "app/common/accessible_items.h"
#include "app/common/marks.h"

class QAction;
class QLineEdit;
class QPushButton;

namespace havlo {

class Trail : public QWidget, public ItemView {
  Q_OBJECT

 public:
  struct Place {
    QString name, status, drawing;
    Mark mark = Mark::Fine;
    Level level = Level::Note;
    bool operator==(const Place&) const = default;
  };

  explicit Trail(QWidget* parent = nullptr);
  void setPlaces(std::vector<Place> places);
  void setPlan(const QString& title, const QString& state);
  void setCurrent(int place);
  /// Undo and redo in sight, under the title.
  void showActs(QAction* undo, QAction* redo);
  /// Lets the title be typed in its place.
  void typeTitle();
  QRect areaOf(int place) const;
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override { Q_EMIT visited(item); }
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {300, sizeHint().height()}; }

 Q_SIGNALS:
  void visited(int place);
  void titleTyped(const QString& title);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void resizeEvent(QResizeEvent*) override;
  void dragEnterEvent(QDragEnterEvent*) override;
  void dragMoveEvent(QDragMoveEvent*) override;
  void dragLeaveEvent(QDragLeaveEvent*) override;

 private:
  std::vector<Place> m_places;
  QString m_title, m_state;
  mutable std::optional<QFont> m_titleFont;  ///< that both were measured with
  mutable double m_titleWidth = 0;           ///< px, of the longer one
  int m_current = 0;
  std::vector<QPushButton*> m_acts;
  QLineEdit* m_typed = nullptr;
  QTimer m_over;  // something is held over a place
  int m_overPlace = -1;
  double stride() const;
  QPointF middleOf(int place) const;
  void paintPath(QPainter& p, const QRect& within) const;
  void paintDrawing(QPainter& p, int place) const;
  void paintWords(QPainter& p, int place) const;
  void paintTitle(QPainter& p, const QRectF& right) const;
  QRectF titleArea() const;
  /// Where it is in the direction of reading.
  QRect roundOf(int place) const;
  QRect wordsArea() const;
  QRectF mirrored(const QRectF& area) const;
  void layActs();
};

}  // namespace havlo
