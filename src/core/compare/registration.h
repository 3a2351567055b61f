// Where one print really lies: its drawing fitted to the picture. OpenCV's pictures go in; for this room
// only.
#pragma once

#include <opencv2/core.hpp>
#include <optional>

namespace havlo {

inline constexpr double kFarthest_mm = 5;
inline constexpr double kMostTurn_rad = 5 * 3.14159265358979323846 / 180;

/// A print as it should be, in a part of the picture.
struct WantedPrint {
  cv::Mat ink;        ///< float, 0 ground to 1 ink
  cv::Mat weight;     ///< float, 0 what tells nothing of this print
  cv::Point at;       ///< upper left pixel of both in the picture
  cv::Point2d pivot;  ///< its foot, pixels of the picture
  double pxPerMm = 8;
};

/// Pixels, y down; turned clockwise as seen.
struct FittedPrint {
  cv::Point2d by;
  double turn_rad = 0;
  double gain = 0, base = 0;  ///< seen = base + gain * wanted
  double likeness = 0;        ///< weighted correlation where it lies, -1 to 1
  double bySd_px = 0, turnSd_rad = 0, gainSd = 0;
};

/// Search from afar within `farthest_mm` and `kMostTurn_rad`, nearer places first where two are as good; then
/// least squares in which what does not fit at all weighs nothing (Lucas & Kanade 1981; Tukey's weights; from
/// memory).
/// @param seen  float, the whole picture in this print's own scale of ground and ink
/// @return nothing where too little of it can be compared
std::optional<FittedPrint> fitPrint(const cv::Mat& seen, const WantedPrint& wanted, double farthest_mm);

}  // namespace havlo
