// One stamp with its mask over it: what is covered, what stays uncovered, what is covered too much. Clicking
// a part turns its fate round.
#pragma once

#include <QImage>
#include <QWidget>

#include "app/common/accessible_items.h"
#include "core/mask/mask_shape.h"

namespace havlo {

class SvgArt;

class MaskView : public QWidget, public ItemView {
  Q_OBJECT

 public:
  explicit MaskView(std::shared_ptr<SvgArt> art, QWidget* parent = nullptr);
  /// @param ownFoot  whether it has one foot: what covers several things has none
  void showMask(StampRef stamp, MaskRef mask, std::vector<FiddlyPart> parts, const Supplies& supplies,
                bool ownFoot = true);
  void clear();
  QPointF toPixels(Point frame) const;
  /// Parts that may be cut or left.
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;
  QSize minimumSizeHint() const override { return {220, 220}; }

 Q_SIGNALS:
  void partClicked(Point inside, bool cut);  ///< the part at this point is to be cut or not

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent*) override;
  void keyPressEvent(QKeyEvent*) override;
  void focusInEvent(QFocusEvent*) override { update(); }
  void focusOutEvent(QFocusEvent*) override { update(); }
  bool event(QEvent*) override;

 private:
  std::shared_ptr<SvgArt> m_art;
  StampRef m_stamp;
  MaskRef m_mask;
  std::vector<FiddlyPart> m_parts;
  int m_at = -1;  // the part that has the keys
  bool m_ownFoot = true;
  Supplies m_supplies;
  QImage m_picture;
  double m_pictureScale = 0;

  double scale() const;
  Point toFrame(QPointF pixel) const;
  const FiddlyPart* partAt(QPointF pixel) const;
};

}  // namespace havlo
