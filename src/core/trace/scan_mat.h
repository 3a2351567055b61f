// A scan as a picture of OpenCV, without copying. For the bridge files of this room only.
#pragma once

#include <opencv2/core.hpp>

#include "core/trace/scan.h"

namespace havlo {

/// Shares the pixels of `scan`, which must outlive it and is not written through it.
inline cv::Mat matOf(const Scan& scan) {
  return cv::Mat(scan.height, scan.width, CV_8U, const_cast<uint8_t*>(scan.grey.data()));
}

}  // namespace havlo
