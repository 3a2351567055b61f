// Perspective, the calibration square and the skew of a sheet. An OpenCV bridge.
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "core/trace/scan.h"
#include "core/trace/scan_mat.h"

namespace havlo {
namespace {

/// Twice the area spanned at the middle one of three points; positive for a right turn with y down.
double turnAt(Point a, Point b, Point c) { return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x); }

bool convexInOrder(const std::array<PixelPoint, 4>& p) {
  for (size_t k = 0; k < 4; ++k)
    if (turnAt(p[k], p[(k + 1) % 4], p[(k + 2) % 4]) <= 25) return false;
  return true;
}

/// The scan no larger than `most` pixels along its longer side, with the factor by which it was made smaller.
cv::Mat smaller(const Scan& scan, int most, double& factor) {
  const int longer = std::max(scan.width, scan.height);
  factor = std::max(1.0, static_cast<double>(longer) / most);
  if (factor == 1.0) return matOf(scan).clone();
  cv::Mat small;
  cv::resize(matOf(scan), small, cv::Size(), 1 / factor, 1 / factor, cv::INTER_AREA);
  return small;
}

struct Line {
  cv::Point2d at, along;
};

/// Least squares line through points.
Line lineThrough(const std::vector<cv::Point2f>& points) {
  cv::Vec4f v;
  cv::fitLine(points, v, cv::DIST_HUBER, 0, 0.01, 0.01);
  return {{v[2], v[3]}, {v[0], v[1]}};
}

cv::Point2d crossing(const Line& a, const Line& b) {
  const double det = a.along.x * -b.along.y + b.along.x * a.along.y;
  if (std::fabs(det) < 1e-9) return a.at;
  const double dx = b.at.x - a.at.x, dy = b.at.y - a.at.y;
  const double t = (dx * -b.along.y + b.along.x * dy) / det;
  return {a.at.x + t * a.along.x, a.at.y + t * a.along.y};
}

/// The four corners of a contour that is a quadrilateral, refined by lines through its sides.
std::optional<std::array<cv::Point2d, 4>> cornersOf(const std::vector<cv::Point>& contour) {
  std::vector<cv::Point> quad;
  cv::approxPolyDP(contour, quad, 0.03 * cv::arcLength(contour, true), true);
  if (quad.size() != 4 || !cv::isContourConvex(quad)) return {};
  std::array<Line, 4> sides;
  for (size_t k = 0; k < 4; ++k) {
    const cv::Point2d a = quad[k], b = quad[(k + 1) % 4];
    const double length = std::hypot(b.x - a.x, b.y - a.y);
    if (length < 12) return {};
    std::vector<cv::Point2f> near;
    for (const cv::Point& p : contour) {
      const double along = ((p.x - a.x) * (b.x - a.x) + (p.y - a.y) * (b.y - a.y)) / length;
      const double off = std::fabs((p.x - a.x) * (b.y - a.y) - (p.y - a.y) * (b.x - a.x)) / length;
      if (along > 0.1 * length && along < 0.9 * length && off < 0.05 * length)
        near.emplace_back(static_cast<float>(p.x), static_cast<float>(p.y));
    }
    if (near.size() < 6) return {};
    sides[k] = lineThrough(near);
  }
  std::array<cv::Point2d, 4> corners;
  for (size_t k = 0; k < 4; ++k) corners[k] = crossing(sides[(k + 3) % 4], sides[k]);
  return corners;
}

/// Corners beginning at the upper left one, clockwise as seen.
std::array<PixelPoint, 4> ordered(std::array<cv::Point2d, 4> c) {
  cv::Point2d middle = (c[0] + c[1] + c[2] + c[3]) * 0.25;
  std::sort(c.begin(), c.end(), [&](cv::Point2d a, cv::Point2d b) {
    return std::atan2(a.y - middle.y, a.x - middle.x) < std::atan2(b.y - middle.y, b.x - middle.x);
  });
  // By angle from the left over the top: the first with y above and x left of the middle is upper left.
  size_t first = 0;
  double best = 1e300;
  for (size_t k = 0; k < 4; ++k)
    if (c[k].x + c[k].y < best) best = c[k].x + c[k].y, first = k;
  std::array<PixelPoint, 4> out;
  for (size_t k = 0; k < 4; ++k) out[k] = {c[(first + k) % 4].x, c[(first + k) % 4].y};
  return out;
}

/// Is the picture darker outside this rectangle than in it?
bool isDarkAround(const Scan& photo, const std::array<PixelPoint, 4>& corners) {
  double factor = 1;
  const cv::Mat small = smaller(photo, 400, factor);
  const double by = static_cast<double>(small.cols) / photo.width;
  cv::Mat in = cv::Mat::zeros(small.size(), CV_8U), out = cv::Mat::zeros(small.size(), CV_8U);
  cv::Point2d middle(0, 0);
  std::vector<cv::Point> inner, outer;
  for (const PixelPoint& c : corners) middle += cv::Point2d(c.x * by / 4, c.y * by / 4);
  for (const PixelPoint& c : corners) {
    const cv::Point2d way = cv::Point2d(c.x * by, c.y * by) - middle;
    inner.emplace_back(cv::Point(cvRound(middle.x + 0.9 * way.x), cvRound(middle.y + 0.9 * way.y)));
    outer.emplace_back(cv::Point(cvRound(middle.x + 1.06 * way.x), cvRound(middle.y + 1.06 * way.y)));
  }
  out.setTo(255);
  cv::fillConvexPoly(out, outer, cv::Scalar(0));
  cv::fillConvexPoly(in, inner, cv::Scalar(255));
  if (cv::countNonZero(out) < 0.02 * static_cast<double>(small.total()))
    return false;  // there is nothing around
  constexpr double kDarker = 0.75;
  return cv::mean(small, out)[0] < kDarker * cv::mean(small, in)[0];
}

constexpr double kRim_mm = 0.6;

}  // namespace

Scan reduced(const Scan& scan, int longest_px) {
  double factor = 1;
  const cv::Mat small = smaller(scan, longest_px, factor);
  Scan out;
  out.width = small.cols, out.height = small.rows;
  out.pxPerMm = scan.pxPerMm * small.cols / std::max(1, scan.width);
  out.grey.assign(small.datastart, small.dataend);
  return out;
}

Result<Scan> straightened(const Scan& photo, const std::array<PixelPoint, 4>& corners, double width_mm,
                          double height_mm, Straighten keep) {
  if (!(width_mm > 0 && height_mm > 0))
    return Error{ErrorCode::BadInput, "the rectangle needs a width and a height", {}};
  if (!convexInOrder(corners))
    return Error{
        ErrorCode::BadInput,
        "the four corners do not go round a rectangle: upper left, upper right, lower right, lower left",
        {}};
  double longest_px = 0;
  for (size_t k = 0; k < 4; ++k)
    longest_px = std::max(
        longest_px, std::hypot(corners[k].x - corners[(k + 1) % 4].x, corners[k].y - corners[(k + 1) % 4].y));
  double px = longest_px / std::max(width_mm, height_mm);
  // What lies around the rectangle comes along, up to three times its size.
  const auto target = [&](double scale, Point origin) {
    const double w = width_mm * scale, h = height_mm * scale;
    const cv::Point2f from[4] = {{static_cast<float>(corners[0].x), static_cast<float>(corners[0].y)},
                                 {static_cast<float>(corners[1].x), static_cast<float>(corners[1].y)},
                                 {static_cast<float>(corners[2].x), static_cast<float>(corners[2].y)},
                                 {static_cast<float>(corners[3].x), static_cast<float>(corners[3].y)}};
    const auto f = [](double v) { return static_cast<float>(v); };
    const cv::Point2f to[4] = {{f(origin.x), f(origin.y)},
                               {f(origin.x + w), f(origin.y)},
                               {f(origin.x + w), f(origin.y + h)},
                               {f(origin.x), f(origin.y + h)}};
    return cv::getPerspectiveTransform(from, to);
  };
  const cv::Mat flat = target(px, {0, 0});
  Box around;
  const Point reach[4] = {{0, 0},
                          {static_cast<double>(photo.width), 0},
                          {static_cast<double>(photo.width), static_cast<double>(photo.height)},
                          {0, static_cast<double>(photo.height)}};
  const double w = width_mm * px, h = height_mm * px;
  const Box most{-1.5 * w, -1.5 * h, 2.5 * w, 2.5 * h};
  for (Point p : reach) {
    const cv::Mat v = flat * (cv::Mat_<double>(3, 1) << p.x, p.y, 1.0);
    const double depth = v.at<double>(2);
    // Beyond the vanishing line nothing can be straightened.
    const Point q = depth > 1e-9 ? Point{v.at<double>(0) / depth, v.at<double>(1) / depth}
                                 : Point{p.x > 0 ? most.right : most.left, p.y > 0 ? most.top : most.bottom};
    around.include({std::clamp(q.x, most.left, most.right), std::clamp(q.y, most.bottom, most.top)});
  }
  if (keep == Straighten::Rectangle || (keep == Straighten::Tell && isDarkAround(photo, corners))) {
    // A hair inside its edge, where the table would show.
    const double in = std::min({kRim_mm * px, w / 8, h / 8});
    around = {in, in, w - in, h - in};
  }
  if (around.width() * around.height() > kMostScanPixels / 2)
    px *= std::sqrt(kMostScanPixels / 2 / (around.width() * around.height()));
  const double k = px * std::max(width_mm, height_mm) / longest_px;
  const cv::Size size(static_cast<int>(around.width() * k), static_cast<int>(around.height() * k));
  if (size.width < 20 || size.height < 20)
    return Error{ErrorCode::BadInput, "the four corners lie too close together", {}};
  Scan out;
  out.width = size.width, out.height = size.height;
  out.pxPerMm = px;
  out.grey.resize(ix(size.area()));
  cv::Mat to(size, CV_8U, out.grey.data());
  cv::warpPerspective(matOf(photo), to, target(px, {-around.left * k, -around.bottom * k}), size,
                      cv::INTER_LINEAR, cv::BORDER_REPLICATE);
  return out;
}

std::optional<std::array<PixelPoint, 4>> findCalibrationSquare(const Scan& scan) {
  if (scan.empty()) return {};
  double factor = 1;
  const cv::Mat small = smaller(scan, 2400, factor);
  cv::Mat dark;
  cv::threshold(small, dark, 0, 255, cv::THRESH_BINARY_INV | cv::THRESH_OTSU);
  std::vector<std::vector<cv::Point>> contours;
  std::vector<cv::Vec4i> family;
  cv::findContours(dark, contours, family, cv::RETR_TREE, cv::CHAIN_APPROX_NONE);
  constexpr double kInner = kCalibrationSide_mm - 2 * kCalibrationLine_mm;
  constexpr double kRatio = kInner * kInner / (kCalibrationSide_mm * kCalibrationSide_mm);
  std::optional<std::array<PixelPoint, 4>> best;
  double bestArea = 0;
  for (size_t k = 0; k < contours.size(); ++k) {
    const double area = cv::contourArea(contours[k]);
    if (area < 900 || area < bestArea) continue;
    for (int child = family[k][2]; child >= 0; child = family[ix(child)][0]) {
      const double inner = cv::contourArea(contours[ix(child)]) / area;
      if (std::fabs(inner - kRatio) > 0.06) continue;
      const auto outer = cornersOf(contours[k]);
      if (!outer || !cornersOf(contours[ix(child)])) continue;
      // A contour runs through the middles of border pixels: half a pixel inside the line's edge.
      std::array<cv::Point2d, 4> moved = *outer;
      const cv::Point2d middle = (moved[0] + moved[1] + moved[2] + moved[3]) * 0.25;
      for (cv::Point2d& c : moved) {
        c.x += (c.x > middle.x ? 0.5 : -0.5) + 0.5;
        c.y += (c.y > middle.y ? 0.5 : -0.5) + 0.5;
        c *= factor;
      }
      best = ordered(moved);
      bestArea = area;
    }
  }
  return best;
}

namespace {

/// Edge pixels along a line, and how far they reach.
struct Along {
  Line line;
  double length = 0, seen = 0;  // px; pixels seen
};

/// A long straight edge in the picture.
struct Edge {
  double angle_deg, length, off;
  bool level;
};

/// The line drawn through the edge pixels near it, again and again until it lies on them.
std::optional<Along> settled(Line line, const std::vector<cv::Point>& points) {
  Along out;
  for (double reach : {4.0, 2.5, 1.5, 1.5}) {
    std::vector<cv::Point2f> near;
    double low = 1e300, high = -1e300;
    for (const cv::Point& p : points) {
      const double dx = p.x - line.at.x, dy = p.y - line.at.y;
      if (std::fabs(dx * line.along.y - dy * line.along.x) > reach) continue;
      near.emplace_back(static_cast<float>(p.x), static_cast<float>(p.y));
      const double along = dx * line.along.x + dy * line.along.y;
      low = std::min(low, along), high = std::max(high, along);
    }
    if (near.size() < 20) return {};
    line = lineThrough(near);
    out = {line, high - low, static_cast<double>(near.size())};
  }
  return out;
}

}  // namespace

Degrees sheetSkew(const Scan& scan) {
  if (scan.empty()) return Degrees{0};
  double factor = 1;
  const cv::Mat small = smaller(scan, 1000, factor);
  cv::Mat soft, edges;
  cv::GaussianBlur(small, soft, cv::Size(0, 0), 1.2);
  cv::Canny(soft, edges, 12, 30);
  std::vector<cv::Vec2f> lines;
  const int least = static_cast<int>(0.3 * std::min(small.cols, small.rows));
  cv::HoughLines(edges, lines, 1, CV_PI / 720, least);
  std::vector<cv::Point> points;
  cv::findNonZero(edges, points);
  std::vector<Edge> edgesFound;
  for (size_t n = 0; n < lines.size() && n < 48; ++n) {
    const double rho = lines[n][0], theta = lines[n][1], c = std::cos(theta), s = std::sin(theta);
    const double nearest = std::round(theta / (CV_PI / 2)) * (CV_PI / 2);
    if (std::fabs(theta - nearest) > 12 * CV_PI / 180) continue;
    const auto found = settled({{rho * c, rho * s}, {-s, c}}, points);
    if (!found) continue;
    const double side = std::fabs(found->line.along.x) > 0.7 ? small.cols : small.rows;
    // An edge of the sheet is long, and seen nearly all the way.
    if (found->length < 0.55 * side || found->seen < 0.6 * found->length) continue;
    double angle = std::atan2(-found->line.along.y, found->line.along.x);  // anticlockwise as seen
    angle -= std::round(angle / (CV_PI / 2)) * (CV_PI / 2);
    const double off = -found->line.at.x * found->line.along.y + found->line.at.y * found->line.along.x;
    const bool level = std::fabs(found->line.along.x) > 0.7;
    const bool known = std::any_of(edgesFound.begin(), edgesFound.end(), [&](const Edge& e) {
      return e.level == level && std::fabs(std::fabs(e.off) - std::fabs(off)) < 8;
    });
    if (!known) edgesFound.push_back({angle * 180 / CV_PI, found->length, off, level});
  }
  // The sheet's edges agree with each other; a long line of a drawing stands alone.
  double best = 0, most = 0;
  for (const Edge& e : edgesFound) {
    double sum = 0, turned = 0;
    for (const Edge& o : edgesFound)
      if (std::fabs(o.angle_deg - e.angle_deg) < 0.12) sum += o.length, turned += o.length * o.angle_deg;
    if (sum > most) most = sum, best = turned / sum;
  }
  return Degrees{std::fabs(best) <= 12 ? best : 0};
}

}  // namespace havlo
