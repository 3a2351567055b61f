// A panel that rolls up and down when it is taller than its place, without a frame of its own.
#pragma once

#include <QScrollArea>

namespace havlo {

inline QScrollArea* rolled(QWidget* inside) {
  auto* area = new QScrollArea;
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  area->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  area->setWidget(inside);
  return area;
}

}  // namespace havlo
