// A panel that rolls up and down when it is taller than its place, without a frame of its own.
#pragma once

#include <QScrollArea>
#include <QScrollBar>
#include <QWheelEvent>

namespace havlo {

inline QScrollArea* rolled(QWidget* inside) {
  auto* area = new QScrollArea;
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  area->setWidget(inside);
  return area;
}

/// A strip that is wider than its place: the wheel rolls it to the side, whichever way it is turned.
class RolledSideways : public QScrollArea {
 public:
  explicit RolledSideways(QWidget* inside) {
    setFrameShape(QFrame::NoFrame);
    setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setWidget(inside);
  }

 protected:
  void wheelEvent(QWheelEvent* e) override {
    const QPoint pixels = e->pixelDelta(), turned = e->angleDelta();
    const auto longer = [](QPoint p) { return std::abs(p.x()) > std::abs(p.y()) ? p.x() : p.y(); };
    QScrollBar* bar = horizontalScrollBar();
    bar->setValue(bar->value() -
                  (pixels.isNull() ? longer(turned) * 3 * bar->singleStep() / 120 : longer(pixels)));
    e->accept();
  }
};

}  // namespace havlo
