// The stand-in for a cutting machine's eye: a printed sheet as it lies in the machine, and where its marks
// are seen.
#pragma once

#include <QImage>

#include "core/cutting/registration.h"

namespace havlo {

/// How a sheet is laid into the machine, and what the printer did to it.
struct LaidSheet {
  Point by;            ///< mm
  Degrees turn;        ///< about the sheet's lower left corner
  double stretch = 1;  ///< of what is printed, both ways
};

/// Where a point of the sheet comes to lie.
Point laidAt(const LaidSheet& laid, Point p);

/// The printed sheet as the eye sees it: marks and lines in grey on paper, a little out of focus. The
/// picture's lower left corner lies at `origin`, in the machine's millimetres.
struct EyePicture {
  QImage picture;
  double pxPerMm = 0;
  Point origin;
};
EyePicture seenSheet(const CutSheet& sheet, const LaidSheet& laid);

/// The middles of the round spots in it, in the machine's millimetres. @error  BadInput: nothing to be seen
Result<std::vector<Point>> marksSeen(const EyePicture& eye);

/// How the machine takes a sheet to lie.
struct SheetFound {
  SheetFit fit;  ///< as the file has it, where there are no marks
  int marks = 0, seen = 0;
  double off_mm = 0;  ///< the farthest that a line would be cut beside where it is printed
};
/// @error  BadInput: it has marks, and they are not to be found
Result<SheetFound> findSheet(const CutSheet& sheet, const LaidSheet& laid);

}  // namespace havlo
