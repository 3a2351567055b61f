#include "core/trace/swatches.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "core/colour/colour.h"

namespace havlo {
namespace {

constexpr int kLeastSide_px = 32;
constexpr double kInk = 7;              // farther from the paper than this is ink, CIE 1976
constexpr double kEdge = 6;             // a step of this much over two pixels is an edge
constexpr double kLeastShare = 0.0004;  // of the picture, for a patch
constexpr double kLeastFilled = 0.45;   // of its box
constexpr double kUneven = 16;          // more spread than this is a drawing, no patch
constexpr double kPaperShare = 0.03;    // of the picture, at the least, is paper
constexpr double kPaperLight = 55;      // paper is lighter than this, L*

/// The colour of the paper, linear light: the most frequent light one.
std::optional<LinearRgb> paperOf(const ColourScan& scan) {
  constexpr int kBins = 32;
  std::vector<int> count(kBins * kBins * kBins, 0);
  const auto bin = [&](size_t k) {
    return (scan.rgb[3 * k] >> 3) * kBins * kBins + (scan.rgb[3 * k + 1] >> 3) * kBins +
           (scan.rgb[3 * k + 2] >> 3);
  };
  const size_t pixels = ix(scan.width) * ix(scan.height);
  for (size_t k = 0; k < pixels; ++k) ++count[ix(bin(k))];
  // Noise spreads the paper over neighbouring bins: weigh each with those round it.
  double best = 0;
  std::array<int, 3> at{};
  for (int r = 0; r < kBins; ++r)
    for (int g = 0; g < kBins; ++g)
      for (int b = 0; b < kBins; ++b) {
        if (count[ix((r * kBins + g) * kBins + b)] == 0) continue;
        const auto middle = [](int v) { return static_cast<uint8_t>(v * 8 + 4); };
        const double light = labOf(Colour{middle(r), middle(g), middle(b)}).L;
        if (light < kPaperLight) continue;
        double sum = 0;
        for (int i = std::max(0, r - 1); i <= std::min(kBins - 1, r + 1); ++i)
          for (int j = std::max(0, g - 1); j <= std::min(kBins - 1, g + 1); ++j)
            for (int k = std::max(0, b - 1); k <= std::min(kBins - 1, b + 1); ++k)
              sum += count[ix((i * kBins + j) * kBins + k)];
        // Of two colours as frequent the lighter one is the paper.
        if (const double weight = sum * light;
            sum >= kPaperShare * static_cast<double>(pixels) && weight > best)
          best = weight, at = {r, g, b};
      }
  if (best <= 0) return {};
  LinearRgb mean{};
  double n = 0;
  for (size_t k = 0; k < pixels; ++k) {
    bool near = true;
    for (size_t c = 0; c < 3; ++c) near = near && std::abs((scan.rgb[3 * k + c] >> 3) - at[c]) <= 1;
    if (!near) continue;
    for (size_t c = 0; c < 3; ++c) mean[c] += static_cast<float>(linearOf(scan.rgb[3 * k + c] / 255.0));
    ++n;
  }
  for (float& c : mean) c /= static_cast<float>(n);
  return mean;
}

Lab labAt(const cv::Mat& lab, int y, int x) {
  const auto& v = lab.at<cv::Vec3f>(y, x);
  return {v[0], v[1], v[2]};
}

}  // namespace

Result<std::vector<Swatch>> findSwatches(const ColourScan& scan, const Progress& progress) {
  if (std::min(scan.width, scan.height) < kLeastSide_px ||
      scan.rgb.size() != 3 * ix(scan.width) * ix(scan.height))
    return Error{ErrorCode::BadInput, "the picture is too small", {}};
  const auto paper = paperOf(scan);
  if (!paper)
    return Error{ErrorCode::BadInput, "no light paper is seen round the patches to compare them with", {}};

  // Every pixel as it would be on white paper.
  std::array<std::array<float, 256>, 3> onWhite;
  for (size_t c = 0; c < 3; ++c)
    for (size_t v = 0; v < 256; ++v)
      onWhite[c][v] = std::min(1.f, static_cast<float>(linearOf(static_cast<double>(v) / 255)) / (*paper)[c]);
  cv::Mat lab(scan.height, scan.width, CV_32FC3);
  for (int y = 0; y < scan.height && !progress.stopped(); ++y) {
    const uint8_t* from = scan.rgb.data() + 3 * ix(y) * ix(scan.width);
    for (int x = 0; x < scan.width; ++x, from += 3) {
      const Lab l = labOf(LinearRgb{onWhite[0][from[0]], onWhite[1][from[1]], onWhite[2][from[2]]});
      lab.at<cv::Vec3f>(y, x) = {static_cast<float>(l.L), static_cast<float>(l.a), static_cast<float>(l.b)};
    }
    if (y % 64 == 0) progress.at(0.6 * y / scan.height);
  }
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  cv::Mat smooth;
  cv::blur(lab, smooth, {3, 3});

  cv::Mat ink(scan.height, scan.width, CV_8U, cv::Scalar(0));
  const Lab white{100, 0, 0};
  for (int y = 1; y + 1 < scan.height; ++y)
    for (int x = 1; x + 1 < scan.width; ++x) {
      if (differenceOf(labAt(smooth, y, x), white) < kInk) continue;
      const bool edge = differenceOf(labAt(smooth, y - 1, x), labAt(smooth, y + 1, x)) > kEdge ||
                        differenceOf(labAt(smooth, y, x - 1), labAt(smooth, y, x + 1)) > kEdge;
      ink.at<uint8_t>(y, x) = edge ? 0 : 255;
    }
  cv::morphologyEx(ink, ink, cv::MORPH_OPEN, cv::getStructuringElement(cv::MORPH_ELLIPSE, {5, 5}));
  cv::Mat labels, stats, middles;
  const int count = cv::connectedComponentsWithStats(ink, labels, stats, middles, 4);

  std::vector<Swatch> out;
  const double least = std::max(60.0, kLeastShare * scan.width * scan.height);
  for (int k = 1; k < count; ++k) {
    const cv::Rect box(stats.at<int>(k, cv::CC_STAT_LEFT), stats.at<int>(k, cv::CC_STAT_TOP),
                       stats.at<int>(k, cv::CC_STAT_WIDTH), stats.at<int>(k, cv::CC_STAT_HEIGHT));
    const int area = stats.at<int>(k, cv::CC_STAT_AREA);
    if (area < least || area < kLeastFilled * box.area()) continue;
    std::array<std::vector<float>, 3> values;
    for (int y = box.y; y < box.y + box.height; ++y)
      for (int x = box.x; x < box.x + box.width; ++x)
        if (labels.at<int>(y, x) == k)
          for (int c = 0; c < 3; ++c) values[ix(c)].push_back(lab.at<cv::Vec3f>(y, x)[c]);
    std::vector<double> off(values[0].size());
    std::array<float, 3> median{};
    for (size_t c = 0; c < 3; ++c) {
      std::vector<float> sorted = values[c];
      const auto middle = sorted.begin() + static_cast<long>(sorted.size() / 2);
      std::nth_element(sorted.begin(), middle, sorted.end());
      median[c] = *middle;
    }
    const Lab colour{median[0], median[1], median[2]};
    for (size_t p = 0; p < off.size(); ++p)
      off[p] = differenceOf(colour, {values[0][p], values[1][p], values[2][p]});
    const auto most = off.begin() + static_cast<long>(off.size() * 9 / 10);
    std::nth_element(off.begin(), most, off.end());
    if (*most > kUneven) continue;
    const LinearRgb light = linearOf(colour);
    const auto byte = [](float v) {
      return static_cast<unsigned char>(std::lround(255 * std::clamp(channelOf(v), 0.0, 1.0)));
    };
    out.push_back({{double(box.x), double(box.y), double(box.x + box.width), double(box.y + box.height)},
                   {byte(light[0]), byte(light[1]), byte(light[2])},
                   *most});
  }
  if (out.empty()) return Error{ErrorCode::BadInput, "no patch of even colour is seen on it", {}};
  // Rows: what overlaps by half its height stands in one.
  std::sort(out.begin(), out.end(),
            [](const Swatch& a, const Swatch& b) { return a.box.bottom < b.box.bottom; });
  std::vector<Swatch> rows;
  while (!out.empty()) {
    const Box first = out.front().box;
    const auto split = std::stable_partition(out.begin(), out.end(), [&](const Swatch& s) {
      return s.box.bottom < (first.bottom + first.top) / 2;
    });
    std::sort(out.begin(), split, [](const Swatch& a, const Swatch& b) { return a.box.left < b.box.left; });
    rows.insert(rows.end(), out.begin(), split);
    out.erase(out.begin(), split);
  }
  return rows;
}

}  // namespace havlo
