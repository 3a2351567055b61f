// What is on a scanned sheet: its paper under uneven light, its ink, and the separate impressions.
#pragma once

#include "core/trace/scan.h"

namespace havlo {

/// Brightness of bare paper over the picture: a polynomial of third degree in x and y.
struct PaperLight {
  std::array<double, 10> terms{};
  int width = 0, height = 0;
  double at(double x, double y) const { return row(y).at(x); }  ///< pixel coordinates; grey 1 to 255

  /// One row of it: a polynomial in x alone, for loops over pixels.
  struct Row {
    double width = 1, c0 = 0, c1 = 0, c2 = 0, c3 = 0;
    double at(double x) const {
      const double u = 2 * x / width - 1;
      const double v = c0 + u * (c1 + u * (c2 + u * c3));
      return v < 1 ? 1 : v > 255 ? 255 : v;
    }
  };
  Row row(double y) const {
    const double v = 2 * y / height - 1;
    return {static_cast<double>(width), terms[0] + v * (terms[2] + v * (terms[5] + v * terms[9])),
            terms[1] + v * (terms[4] + v * terms[8]), terms[3] + v * terms[7], terms[6]};
  }
};

struct FindSettings {
  std::optional<Degrees> level;  ///< absent: from the sheet's edges
  double joinGap_mm = 3;         ///< marks nearer than this belong to one impression
  double leastInk_mm2 = 2;       ///< less ink than this is a blot, not a stamp
  bool pale = false;             ///< all that is darker than the paper's grain is ink, however pale
};

/// The sheet levelled: millimetres, origin at the upper left corner of the levelled picture's middle-centred
/// frame, x right, y down.
struct FoundSheet {
  PaperLight light;
  double inkLevel = 0;   ///< median brightness of ink, as share of the paper's light; 0 black, 1 paper
  double threshold = 0;  ///< dimmer than this share of the paper's light is ink
  double noise = 0;      ///< of the paper, as share
  Degrees level;         ///< by which the picture is turned back
  std::vector<Box>
      impressions;  ///< sheet mm as above (bottom < top: rows further down); left to right by rows
};

/// Finds paper, ink and impressions.
/// @error  BadInput: no scale, a blank sheet, a picture too dark to tell paper from ink; Stopped
Result<FoundSheet> readSheet(const Scan& scan, const FindSettings& settings = {},
                             const Progress& progress = {});

/// Takes sheet mm (levelled, y down) to pixels of the scan.
PixelPoint toScan(const Scan& scan, Degrees level, Point sheet_mm);
/// And back.
Point toSheet(const Scan& scan, Degrees level, PixelPoint pixel);

}  // namespace havlo
