// A short note on the card: words on a veil of its paper, so that they read on any picture.
#pragma once

#include <QPointF>
#include <QString>

class QPainter;

namespace havlo {

/// @param lowest  it is lifted so that it ends above this, pixels
void drawNote(QPainter& p, QPointF upperLeft, const QString& text, double lowest);
double noteWidth(const QString& text);

}  // namespace havlo
