// What the sheet lies on is known from the picture's rim; what differs from it is the sheet. Its sides are
// then lines through the steepest changes across them. An OpenCV bridge.
#include "core/compare/find_card.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace havlo {
namespace {

constexpr int kSmall_px = 700;  // of the longer side, to find the sheet

cv::Mat pixelsOf(const ColourScan& s) {
  return cv::Mat(s.height, s.width, CV_8UC3, const_cast<uint8_t*>(s.rgb.data()));
}

Error notSeen(const std::string& what) { return Error{ErrorCode::BadInput, what, {}}; }

double median(std::vector<double> v) {
  if (v.empty()) return 0;
  const auto middle = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
  std::nth_element(v.begin(), middle, v.end());
  return *middle;
}

/// What the sheet lies on: a plane of brightness in each channel, fitted to the rim; what of the rim is no
/// part of it weighs nothing.
struct Ground {
  std::array<cv::Vec3d, 3> plane;  // by channel: constant, x, y
  std::array<double, 3> spread{};

  double at(size_t channel, double x, double y) const {
    return plane[channel][0] + plane[channel][1] * x + plane[channel][2] * y;
  }
};

Ground groundOf(const cv::Mat& small) {
  const int rim = std::max(3, std::min(small.cols, small.rows) / 40);
  std::vector<cv::Point> at;
  for (int y = 0; y < small.rows; y += 2)
    for (int x = 0; x < small.cols; x += 2)
      if (x < rim || y < rim || x >= small.cols - rim || y >= small.rows - rim) at.emplace_back(x, y);
  Ground out;
  for (size_t c = 0; c < 3; ++c) {
    const auto value = [&](cv::Point p) {
      return static_cast<double>(small.at<cv::Vec3b>(p)[static_cast<int>(c)]);
    };
    std::vector<double> all;
    for (cv::Point p : at) all.push_back(value(p));
    cv::Vec3d plane(median(all), 0, 0);
    double spread = 25;
    for (int round = 0; round < 8; ++round) {
      cv::Matx33d normal = cv::Matx33d::eye() * 1e-6;
      cv::Vec3d right(0, 0, 0);
      std::vector<double> off;
      for (cv::Point p : at) {
        const cv::Vec3d row(1, static_cast<double>(p.x) / small.cols, static_cast<double>(p.y) / small.rows);
        const double e = value(p) - row.dot(plane), u = e / (4 * spread);
        off.push_back(std::fabs(e));
        if (std::fabs(u) >= 1) continue;
        const double w = (1 - u * u) * (1 - u * u);
        normal += w * row * row.t();
        right += w * value(p) * row;
      }
      plane = normal.inv() * right;
      spread = std::max(1.5, 1.4826 * median(off));
    }
    out.plane[c] = {plane[0], plane[1] / small.cols, plane[2] / small.rows};
    out.spread[c] = spread;
  }
  return out;
}

/// How far each pixel is from what the sheet lies on, in standard deviations.
cv::Mat standsOut(const cv::Mat& small, const Ground& ground) {
  cv::Mat out(small.size(), CV_32F);
  for (int y = 0; y < small.rows; ++y)
    for (int x = 0; x < small.cols; ++x) {
      double sum = 0;
      for (size_t c = 0; c < 3; ++c) {
        const double e = small.at<cv::Vec3b>(y, x)[static_cast<int>(c)] - ground.at(c, x, y);
        sum += e * e / (ground.spread[c] * ground.spread[c]);
      }
      out.at<float>(y, x) = static_cast<float>(std::sqrt(sum / 3));
    }
  return out;
}

using Corners = std::array<cv::Point2d, 4>;

/// Beginning at the upper left one, clockwise as seen.
Corners inOrder(std::vector<cv::Point2d> c) {
  cv::Point2d middle(0, 0);
  for (const cv::Point2d& p : c) middle += p * 0.25;
  std::sort(c.begin(), c.end(), [&](cv::Point2d a, cv::Point2d b) {
    return std::atan2(a.y - middle.y, a.x - middle.x) < std::atan2(b.y - middle.y, b.x - middle.x);
  });
  // The one nearest to the upper left.
  const auto first = std::min_element(c.begin(), c.end(),
                                      [](cv::Point2d a, cv::Point2d b) { return a.x + a.y < b.x + b.y; });
  std::rotate(c.begin(), first, c.end());
  return {c[0], c[1], c[2], c[3]};
}

/// The four-sided shape round a contour that leaves least of it outside.
std::optional<Corners> foursidedOf(const std::vector<cv::Point>& contour) {
  std::vector<cv::Point> hull, quad;
  cv::convexHull(contour, hull);
  const double round = cv::arcLength(hull, true);
  for (double share = 0.01; share < 0.12; share += 0.005) {
    cv::approxPolyDP(hull, quad, share * round, true);
    if (quad.size() <= 4) break;
  }
  if (quad.size() != 4) return {};
  return inOrder({quad[0], quad[1], quad[2], quad[3]});
}

cv::Vec3d colourAt(const cv::Mat& m, double x, double y) {
  const double u = std::clamp(x - 0.5, 0.0, m.cols - 1.001), v = std::clamp(y - 0.5, 0.0, m.rows - 1.001);
  const int i = static_cast<int>(u), j = static_cast<int>(v);
  const double f = u - i, g = v - j;
  const cv::Vec3d a = m.at<cv::Vec3b>(j, i), b = m.at<cv::Vec3b>(j, i + 1), c = m.at<cv::Vec3b>(j + 1, i),
                  d = m.at<cv::Vec3b>(j + 1, i + 1);
  return (a * (1 - f) + b * f) * (1 - g) + (c * (1 - f) + d * f) * g;
}

struct Side {
  cv::Point2d at, along;
  double unsure_px = 1;
  double seen = 0;  // share of its places that lie on one line
};

/// The line along the steepest change within `reach` pixels of a side.
Side sideNear(const cv::Mat& m, cv::Point2d from, cv::Point2d to, double reach) {
  const cv::Point2d d = to - from;
  const double length = std::hypot(d.x, d.y);
  const cv::Point2d along = d / length,
                    outward(along.y, -along.x);  // clockwise as seen: outside is to the left
  const int places = std::clamp(static_cast<int>(length / 3), 20, 160);
  const double step = std::max(0.35, reach / 24);
  const int half = static_cast<int>(std::ceil(reach / step));
  std::vector<double> t, off, height;
  for (int k = 0; k < places; ++k) {
    const double share = 0.04 + 0.92 * (k + 0.5) / places;
    const cv::Point2d p = from + d * share;
    std::vector<cv::Vec3d> profile;
    for (int s = -half - 1; s <= half + 1; ++s) {
      cv::Vec3d sum(0, 0, 0);
      for (int a = -2; a <= 2; ++a) {
        const cv::Point2d q = p + outward * (s * step) + along * (a * 1.0);
        sum += colourAt(m, q.x, q.y);
      }
      profile.push_back(sum * 0.2);
    }
    std::vector<double> change(profile.size(), 0);
    for (size_t i = 1; i + 1 < profile.size(); ++i) change[i] = cv::norm(profile[i + 1] - profile[i - 1]);
    size_t best = 1;
    for (size_t i = 1; i + 1 < profile.size(); ++i)
      if (change[i] > change[best]) best = i;
    double sub = 0;
    if (best > 1 && best + 2 < profile.size()) {
      const double a = change[best - 1], b = change[best], c = change[best + 1];
      if (const double bend = a - 2 * b + c; bend < -1e-9) sub = std::clamp((a - c) / (2 * bend), -0.5, 0.5);
    }
    t.push_back((share - 0.5) * length);
    off.push_back((static_cast<double>(best) - half - 1 + sub) * step);
    height.push_back(change[best]);
  }
  // off = a + b t by weights that forget what lies elsewhere, as where ink runs to the edge.
  double a = median(off), b = 0, spread = std::max(step, reach / 3);
  double weights = 0;
  for (int round = 0; round < 12; ++round) {
    double s0 = 1e-9, s1 = 0, s2 = 1e-9, y0 = 0, y1 = 0;
    std::vector<double> away;
    for (size_t k = 0; k < t.size(); ++k) {
      const double e = off[k] - a - b * t[k], u = e / (3.5 * spread);
      away.push_back(std::fabs(e));
      if (std::fabs(u) >= 1) continue;
      const double w = (1 - u * u) * (1 - u * u) * height[k];
      s0 += w, s1 += w * t[k], s2 += w * t[k] * t[k], y0 += w * off[k], y1 += w * t[k] * off[k];
    }
    const double det = s0 * s2 - s1 * s1;
    if (det <= 0) break;
    a = (y0 * s2 - y1 * s1) / det, b = (y1 * s0 - y0 * s1) / det;
    spread = std::max(0.15, 1.4826 * median(away));
  }
  int on = 0;
  for (size_t k = 0; k < t.size(); ++k)
    on += std::fabs(off[k] - a - b * t[k]) < std::max(1.0, 3 * spread) && height[k] > 4;
  weights = on;
  const cv::Point2d middle = (from + to) * 0.5;
  const cv::Point2d tilt = along + outward * b;
  return {middle + outward * a, tilt / std::hypot(tilt.x, tilt.y),
          spread / std::sqrt(std::max(1.0, weights / 4)),
          static_cast<double>(on) / static_cast<double>(t.size())};
}

std::optional<cv::Point2d> meetingOf(const Side& a, const Side& b) {
  const double det = a.along.x * -b.along.y + b.along.x * a.along.y;
  if (std::fabs(det) < 1e-3) return {};
  const cv::Point2d d = b.at - a.at;
  return a.at + a.along * ((d.x * -b.along.y + b.along.x * d.y) / det);
}

/// Sides anew from lines near them. @return how many of the sides are hardly there
int refine(const cv::Mat& m, Corners& corners, double reach, double& unsure) {
  std::array<Side, 4> sides;
  int poor = 0;
  unsure = 0;
  for (size_t k = 0; k < 4; ++k) {
    sides[k] = sideNear(m, corners[k], corners[(k + 1) % 4], reach);
    poor += sides[k].seen < 0.5;
    unsure = std::max(unsure, sides[k].unsure_px);
  }
  Corners next = corners;
  for (size_t k = 0; k < 4; ++k)
    if (const auto p = meetingOf(sides[(k + 3) % 4], sides[k])) next[k] = *p;
  for (size_t k = 0; k < 4; ++k)
    if (const cv::Point2d d = next[k] - corners[k]; std::hypot(d.x, d.y) > 4 * reach + 4) return 4;
  corners = next;
  return poor;
}

}  // namespace

Result<FoundCard> findCard(const ColourScan& picture, const Progress& progress) {
  if (picture.width < kLeastScanSide || picture.height < kLeastScanSide)
    return notSeen("the picture is too small to show a card");
  const cv::Mat whole = pixelsOf(picture);
  const double by = std::max(1.0, static_cast<double>(std::max(whole.cols, whole.rows)) / kSmall_px);
  cv::Mat small;
  cv::resize(whole, small, cv::Size(), 1 / by, 1 / by, cv::INTER_AREA);
  cv::GaussianBlur(small, small, cv::Size(3, 3), 0);
  const Ground ground = groundOf(small);
  cv::Mat mask = standsOut(small, ground) > 5;
  const int wide = std::max(3, std::max(small.cols, small.rows) / 60) | 1;
  cv::morphologyEx(mask, mask, cv::MORPH_OPEN, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
  cv::morphologyEx(mask, mask, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_RECT, {wide, wide}));
  if (progress.stopped()) return Error{ErrorCode::Stopped, {}, {}};
  std::vector<std::vector<cv::Point>> contours;
  cv::findContours(mask, contours, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_NONE);
  const auto largest = std::max_element(contours.begin(), contours.end(), [](const auto& a, const auto& b) {
    return cv::contourArea(a) < cv::contourArea(b);
  });
  const double area = small.cols * small.rows;
  if (largest == contours.end() || cv::contourArea(*largest) < 0.05 * area)
    return notSeen("no card stands out in the picture: lay it on something darker or lighter than its paper");
  // What ends at the picture's rim goes on beyond it.
  const cv::Rect box = cv::boundingRect(*largest);
  std::string beyond;
  if (box.x <= 1)
    beyond = "on the left";
  else if (box.y <= 1)
    beyond = "at the top";
  else if (box.x + box.width >= small.cols - 1)
    beyond = "on the right";
  else if (box.y + box.height >= small.rows - 1)
    beyond = "at the bottom";
  if (!beyond.empty())
    return notSeen("what is seen runs off the picture " + beyond +
                   ": take the whole card, with some of the table round it and nothing else on it");
  const auto rough = foursidedOf(*largest);
  if (!rough) return notSeen("what is seen has not four straight sides: is something lying on the card?");
  Corners corners = *rough;
  std::vector<cv::Point2f> outline;
  for (const cv::Point2d& p : corners) outline.emplace_back(static_cast<float>(p.x), static_cast<float>(p.y));
  if (cv::contourArea(*largest) < 0.94 * cv::contourArea(outline))
    return notSeen("what is seen has not four straight sides: is something lying on the card?");
  for (cv::Point2d& p : corners) p = (p + cv::Point2d(0.5, 0.5)) * by;
  double unsure = 0;
  const double diagonal = std::hypot(whole.cols, whole.rows);
  int poor = refine(whole, corners, std::max(4.0, 0.008 * diagonal), unsure);
  if (poor < 4) poor = refine(whole, corners, std::max(2.5, 0.0022 * diagonal), unsure);
  if (poor > 1) return notSeen("the sides of the card are not seen clearly enough");
  FoundCard out;
  for (size_t k = 0; k < 4; ++k) out.corners[k] = {corners[k].x, corners[k].y};
  out.unsure_px = unsure;
  return out;
}

std::optional<FoundCard> sidesNear(const ColourScan& picture, const std::array<PixelPoint, 4>& corners,
                                   double within_px) {
  const cv::Mat whole = pixelsOf(picture);
  Corners at;
  for (size_t k = 0; k < 4; ++k) at[k] = {corners[k].x, corners[k].y};
  double unsure = 0;
  if (refine(whole, at, within_px, unsure) > 1 || refine(whole, at, within_px / 3, unsure) > 1) return {};
  FoundCard out;
  for (size_t k = 0; k < 4; ++k) out.corners[k] = {at[k].x, at[k].y};
  out.unsure_px = unsure;
  return out;
}

ColourScan flattened(const ColourScan& picture, const std::array<PixelPoint, 4>& corners, int width_px,
                     int height_px) {
  cv::Mat from = pixelsOf(picture);
  double by = 1;
  const double sides =
      (distance(corners[0], corners[1]) / width_px + distance(corners[0], corners[3]) / height_px) / 2;
  cv::Mat less;
  if (sides > 1.4) {  // averaged first, so that fine lines do not flicker
    by = sides;
    cv::resize(from, less, cv::Size(), 1 / by, 1 / by, cv::INTER_AREA);
    from = less;
  }
  std::array<cv::Point2f, 4> source, target;
  const double w = width_px, h = height_px;
  const std::array<cv::Point2d, 4> to = {cv::Point2d(0, 0), {w, 0}, {w, h}, {0, h}};
  const double byX = static_cast<double>(from.cols) / picture.width,
               byY = static_cast<double>(from.rows) / picture.height;
  for (size_t k = 0; k < 4; ++k) {
    // OpenCV counts from the middle of the first pixel.
    source[k] = cv::Point2f(static_cast<float>(corners[k].x * byX - 0.5),
                            static_cast<float>(corners[k].y * byY - 0.5));
    target[k] = cv::Point2f(static_cast<float>(to[k].x - 0.5), static_cast<float>(to[k].y - 0.5));
  }
  cv::Mat out;
  cv::warpPerspective(from, out, cv::getPerspectiveTransform(source.data(), target.data()),
                      {width_px, height_px}, cv::INTER_CUBIC, cv::BORDER_REPLICATE);
  ColourScan flat{width_px, height_px, {}};
  flat.rgb.assign(out.datastart, out.dataend);
  return flat;
}

std::array<double, 2> sidesOf(const FoundCard& f) {
  const auto& c = f.corners;
  return {(distance(c[0], c[1]) + distance(c[3], c[2])) / 2,
          (distance(c[0], c[3]) + distance(c[1], c[2])) / 2};
}

double likenessOf(const ColourScan& one, const ColourScan& other, bool turned) {
  const auto afar = [](const ColourScan& s) {
    cv::Mat grey, small;
    cv::cvtColor(pixelsOf(s), grey, cv::COLOR_RGB2GRAY);
    grey.convertTo(grey, CV_32F);
    const double by = 160.0 / std::max(s.width, s.height);
    cv::resize(grey, small, cv::Size(), by, by, cv::INTER_AREA);
    cv::Mat slow;
    cv::GaussianBlur(small, small, {0, 0}, 1.2);
    cv::GaussianBlur(small, slow, {0, 0}, 16);  // the lamp's light goes, what is drawn stays
    return cv::Mat(small - slow);
  };
  cv::Mat a = afar(one);
  const cv::Mat b = afar(other);
  if (turned) {
    cv::Mat round;
    cv::flip(a, round, -1);
    a = round;
  }
  if (a.size() != b.size()) return 0;
  const cv::Scalar meanA = cv::mean(a), meanB = cv::mean(b);
  const cv::Mat da = a - meanA, db = b - meanB;
  const double both = std::sqrt(da.dot(da) * db.dot(db));
  return both > 1e-9 ? da.dot(db) / both : 0;
}

}  // namespace havlo
