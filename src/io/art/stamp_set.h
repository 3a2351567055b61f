// A drawing that holds a set of stamps: one stamp a group, at the drawing's own size.
#pragma once

#include <QByteArray>
#include <QImage>
#include <QRectF>
#include <QSizeF>
#include <QString>
#include <optional>
#include <vector>

#include "core/base/progress.h"
#include "core/base/result.h"

namespace havlo {

/// Most stamps of one drawing.
inline constexpr int kMostInSet = 500;

struct SetGroup {
  QString name;    ///< its label or title, else its id where a hand gave it; may be empty
  QByteArray svg;  ///< the whole drawing with this group alone
};

struct StampSet {
  QSizeF size_mm;           ///< of the drawing
  bool sizeStated = false;  ///< else one unit is taken for a 96th of an inch
  std::vector<SetGroup> groups;
  int loose = 0;  ///< shapes beside the groups: they belong to no stamp
};

/// Takes a drawing apart. Sheaths round everything are seen through, and so are layers: groups that hold
/// nothing but groups which lie apart. What a group refers to goes with it.
/// @return no groups where the drawing has fewer than two
/// @error  BadInput as plainSvg(), no usable size, more than kMostInSet groups; Stopped
Result<StampSet> readStampSet(const QByteArray& svg, const Progress& progress = {});

/// A part of a drawing that is drawn, or all of it. @param size_mm  of the whole drawing
/// @param area  in mm from the drawing's upper left corner  @return grey, white where nothing is
QImage drawnPart(const QByteArray& svg, QSizeF size_mm, const QRectF& area, double pxPerMm);

/// Where a drawing has ink, in mm from its upper left corner; empty where it has none.
QRectF inkedPart(const QByteArray& svg, QSizeF size_mm);

/// The size of a drawing that passed the gate. @param stated  what it says in real units, if it does
/// @error  BadInput where it has none that a stamp can have
Result<QSizeF> drawingSize(const QByteArray& svg, std::optional<QSizeF> stated);

/// Paper round a drawing, so that its outline has an outside.
inline constexpr double kDrawingRim_mm = 3;

/// How fine drawings are drawn to be traced: pixels a mm for an area of this size. 1200 dpi unless that is
/// too many.
double fineness(QSizeF area_mm);

}  // namespace havlo
