// Pictures that lie on the screen pixel by pixel.
#pragma once

#include <QImage>
#include <QRectF>

class QPainter;

namespace havlo {

/// A picture in the pixels that a place of the window has on its screen.
/// @param ratio  pixels of the screen over those of the window
QImage fittedTo(const QRectF& place, double ratio, const QImage& picture);

/// Draws a picture over a place. One that fits it is laid down pixel by pixel, which is many times faster
/// than scaling: what is scaled Qt hands to threads of its own, and the window waits for them.
void layDown(QPainter& p, const QRectF& place, const QImage& picture);

}  // namespace havlo
