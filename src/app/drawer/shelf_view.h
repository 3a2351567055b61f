// Stamps standing on shelves at true relative size. Draws only what is in sight, so thousands are no matter.
#pragma once

#include <QAbstractScrollArea>
#include <QCache>
#include <QPixmap>
#include <QTimer>
#include <vector>

#include "app/common/accessible_items.h"
#include "app/session/drawer_session.h"
#include "core/units/measure.h"

namespace havlo {

class SvgArt;

class ShelfView : public QAbstractScrollArea, public ItemView {
  Q_OBJECT

 public:
  ShelfView(DrawerSession& drawer, std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);

  /// What stands on the shelves, as indices of the drawer's cards, in this order.
  void setStamps(std::vector<int> cards);
  void setUnits(MeasureStyle units);
  const std::string& chosen() const { return m_chosen; }  ///< key, or empty
  void choose(const std::string& key);
  /// Where a stamp stands, in viewport pixels; empty if it is not there.
  QRect placeOf(const std::string& key) const;
  int count() const { return static_cast<int>(m_cards.size()); }
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;
  /// Draws every picture in sight now instead of bit by bit.

 Q_SIGNALS:
  void chosenChanged(const QString& key);
  void taken(const QString& key);  ///< double click or Enter

 protected:
  void paintEvent(QPaintEvent*) override;
  void resizeEvent(QResizeEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void mouseMoveEvent(QMouseEvent*) override;
  void mouseDoubleClickEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  bool viewportEvent(QEvent*) override;

 private:
  struct Slot {
    int card = 0;
    QRect box;  // content pixels: picture and words
    int row = 0;
  };
  DrawerSession& m_drawer;
  std::shared_ptr<SvgArt> m_art;
  std::vector<int> m_cards;
  std::vector<Slot> m_slots;
  std::vector<int> m_boards;  // y of each shelf board
  double m_pxPerMm = 2.4;
  int m_height = 0;
  std::string m_chosen;
  QPoint m_pressed;
  MeasureStyle m_units = MeasureStyle::Inches;
  mutable QCache<QString, QPixmap> m_pictures;
  QTimer m_drawing;

  void layOut();
  int slotAt(QPoint viewport) const;
  int chosenSlot() const;
  void chooseSlot(int slot);
  double scaleOf(const DrawerCard& card) const;
  bool drawOne();
};

}  // namespace havlo
