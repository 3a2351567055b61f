// Choosing a colour as a maker does: from a tin of ink pads, then a little lighter, stronger, warmer.
#pragma once

#include <QDialog>
#include <QIcon>
#include <functional>
#include <vector>

#include "app/common/accessible_items.h"
#include "core/colour/colour.h"

class QLineEdit;
class QSlider;

namespace havlo {

/// A pad of that ink, small, for lists and buttons.
QIcon padIcon(Colour colour);
/// Draws one: its rim, the cloth, a little light on it.
void drawPad(QPainter& painter, const QRectF& at, Colour colour);

/// The pads in their tin: twelve hues in five depths, and greys.
class PadGrid : public QWidget, public ItemView {
  Q_OBJECT

 public:
  explicit PadGrid(QWidget* parent = nullptr);
  std::vector<ViewItem> items() const override;
  void takeItem(int item) override;
  QSize sizeHint() const override;
  void setChosen(const Lch& colour);

 Q_SIGNALS:
  void taken(const havlo::Lch& colour);

 protected:
  void paintEvent(QPaintEvent*) override;
  void mousePressEvent(QMouseEvent* e) override;
  void keyPressEvent(QKeyEvent* e) override;

 private:
  std::vector<Lch> m_pads;
  int m_chosen = -1;
  QRectF placeOf(int pad) const;
};

class InkTin : public QDialog {
  Q_OBJECT

 public:
  InkTin(const QString& title, Colour start, QWidget* parent);
  Colour colour() const { return m_colour; }

  /// Opens one and hands over what was chosen; nothing where it was left.
  static void choose(const QString& title, Colour start, QWidget* parent,
                     const std::function<void(Colour)>& taken);

 private:
  Colour m_colour;
  Lch m_lch;
  PadGrid* m_pads;
  QWidget* m_sample;
  QSlider *m_light, *m_strong, *m_hue;
  QLineEdit* m_code;
  bool m_filling = false;

  void take(const Lch& colour);
  void show_();
  void readCode();
};

}  // namespace havlo
