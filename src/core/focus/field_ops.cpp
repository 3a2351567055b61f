// Pictures halved, brought to another size and searched for their greatest by OpenCV, which knows the
// processor at hand.
#include "core/focus/field_ops.h"

#include <opencv2/imgproc.hpp>

namespace havlo {
namespace {

/// Shares the values; OpenCV has no view of what may not be changed.
cv::Mat viewOf(const Field& f) { return {f.height, f.width, CV_32F, const_cast<float*>(f.v.data())}; }

}  // namespace

Field halved(const Field& f) {
  Field out((f.width + 1) / 2, (f.height + 1) / 2);
  if (out.v.empty()) return out;
  cv::Mat to = viewOf(out);
  cv::pyrDown(viewOf(f), to, to.size(), cv::BORDER_REPLICATE);
  return out;
}

Field resized(const Field& f, int width, int height) {
  Field out(width, height);
  if (f.v.empty() || out.v.empty()) return out;
  if (f.width == width && f.height == height) return f;
  cv::Mat to = viewOf(out);
  cv::resize(viewOf(f), to, to.size(), 0, 0, cv::INTER_LINEAR);
  return out;
}

Field greatestWithin(const Field& f, int near) {
  Field out(f.width, f.height);
  if (f.v.empty()) return out;
  cv::Mat to = viewOf(out);
  cv::dilate(viewOf(f), to, cv::getStructuringElement(cv::MORPH_RECT, {2 * near + 1, 2 * near + 1}));
  return out;
}

}  // namespace havlo
