// Where the names of the walk are written: none over another, and off the flats, dots and leaders where there
// is room.
#pragma once

#include <QRectF>
#include <vector>

namespace havlo {

/// One name that wants to stand over `foot`, the top of its flat. Pixels.
struct WalkName {
  QPointF foot;
  QSizeF size;
  bool must = false;  ///< is written even if it runs over another
};

/// A place for a name: where it is written, and whether a leader joins it to its flat.
struct WalkNameSpot {
  QRectF box;        ///< empty: no room
  bool led = false;  ///< a line from the box down to the foot
};

/// Places in the order given, each clear of `taken` and of the names before it. Flats and dots (`inTheWay`)
/// and the leaders of others are run over only where every other place within five lines runs over more.
/// `room`: where names may be.
std::vector<WalkNameSpot> placeWalkNames(const std::vector<WalkName>& names, const std::vector<QRectF>& taken,
                                         const std::vector<QRectF>& inTheWay, const QRectF& room);

}  // namespace havlo
