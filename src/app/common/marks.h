// The marks that say how things stand, by shape: a ring is fine, a wedge wants a look, a filled diamond is
// where you are or what is wrong.
#pragma once

#include <QPainter>
#include <QWidget>

#include "core/analysis/finding.h"

namespace havlo {

enum class Mark { Fine, Look, Here, NotBegun };

void drawMark(QPainter& painter, QPointF centre, double radius, Mark mark, QColor colour);
Mark markOf(Level level);
QColor colourOf(Level level);

/// A mark as a widget.
class MarkWidget : public QWidget {
 public:
  MarkWidget(Mark mark, QColor colour, QWidget* parent = nullptr);
  QSize sizeHint() const override;

 protected:
  void paintEvent(QPaintEvent*) override;

 private:
  Mark m_mark;
  QColor m_colour;
};

}  // namespace havlo
