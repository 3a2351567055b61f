// The stand-in for a scanner: a synthetic scan of a sheet with stamped impressions, as a cheap flatbed gives
// it.
#pragma once

#include <QImage>
#include <vector>

#include "core/plan/plan.h"
#include "core/press/press.h"

namespace havlo {

struct ScannerSettings {
  double dpi = 300;
  double noise = 3;        ///< standard deviation, grey levels
  double unevenInk = 0.3;  ///< 0 even, 1 blotchy with bare spots
  Degrees skew{0};         ///< by which the sheet lies turned on the glass, anticlockwise as seen
  QColor paper{246, 241, 229};
  double unevenLight = 0.1;  ///< how much darker the darkest corner is, as share
  bool shadowEdge = true;    ///< the sheet's edge throws a shadow on the lid
  double blur_mm = 0.04;     ///< of the optics
  int specks = 12;           ///< of dust
  unsigned seed = 1;
};

/// A stamp on the sheet that is scanned. Sheet mm, origin at the sheet's lower left corner, y up.
struct OnGlass {
  StampRef stamp;
  Point lowerLeft;  ///< of the stamp frame
  QColor ink{38, 38, 43};
};

/// Scans a sheet of this size. The picture shows the sheet with a rim of the lid around it and knows its dpi.
QImage scanSheet(const std::vector<OnGlass>& stamps, double width_mm, double height_mm, const ArtSource& art,
                 const ScannerSettings& settings = {});

/// Stamps side by side in rows with room between them.
std::vector<OnGlass> inRows(const std::vector<StampRef>& stamps, double width_mm, double gap_mm = 10);

/// Height of a sheet that holds them with this margin.
double heightOfRows(const std::vector<OnGlass>& stamps, double gap_mm = 10);

/// The page with the calibration square at true size, for a scanner or a camera.
QImage calibrationSheet(double dpi);

}  // namespace havlo
