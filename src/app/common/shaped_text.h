// Words ready to be drawn. Shaping them takes longer than drawing them; what stays the same from one painting
// to the next is shaped once.
#pragma once

#include <QFont>
#include <QStaticText>

class QPainter;

namespace havlo {

/// Plain words on one line, measured and laid out. Only on the window's own thread; stays until the next
/// call.
const QStaticText& shapedText(const QString& words, const QFont& font);

/// In the middle of a box, in the painter's pen. The painter has that font afterwards.
void drawShaped(QPainter& p, const QRectF& box, const QString& words, const QFont& font);

/// No line ends within 5 3/4, or between a number and its unit.
QString keptTogether(const QString& text);

/// As many whole lines as a box has room for, from its top; the last ends in "…" if there is more to say. In
/// the painter's font and pen. @return  where the lines end, from the painter's top
double drawWholeLines(QPainter& p, const QRectF& box, const QString& words);

}  // namespace havlo
