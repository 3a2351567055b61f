// Paper light, ink level and impressions. An OpenCV bridge: everything on reduced pictures, so that a whole
// sheet at 1200 dpi takes no more memory than itself.
#include "core/trace/sheet.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <optional>

#include "core/trace/scan_mat.h"

namespace havlo {
namespace {

constexpr double kFind_pxPerMm = 6;      // impressions are found at this resolution
constexpr double kDarkestPaper = 70;     // grey; below this it is no picture of paper
constexpr double kLeastContrast = 0.16;  // of ink against paper

std::array<double, 10> termsAt(double u, double v) {
  return {1, u, v, u * u, u * v, v * v, u * u * u, u * u * v, u * v * v, v * v * v};
}

/// Fits the paper's light to the bright pixels of a small picture, leaving out what turns out darker.
PaperLight fitLight(const Scan& scan) {
  cv::Mat small;
  const double factor = std::max(1.0, std::max(scan.width, scan.height) / 160.0);
  cv::resize(matOf(scan), small, cv::Size(), 1 / factor, 1 / factor, cv::INTER_AREA);
  std::vector<char> in(small.total(), 1);
  PaperLight light;
  light.width = scan.width, light.height = scan.height;
  double spread = 60;
  for (int round = 0; round < 8; ++round) {
    cv::Mat a = cv::Mat::zeros(10, 10, CV_64F), b = cv::Mat::zeros(10, 1, CV_64F);
    for (int y = 0; y < small.rows; ++y)
      for (int x = 0; x < small.cols; ++x) {
        if (!in[ix(y * small.cols + x)]) continue;
        const auto t = termsAt(2.0 * (x + 0.5) / small.cols - 1, 2.0 * (y + 0.5) / small.rows - 1);
        const double g = small.at<uchar>(y, x);
        for (int i = 0; i < 10; ++i) {
          b.at<double>(i) += t[ix(i)] * g;
          for (int j = 0; j < 10; ++j) a.at<double>(i, j) += t[ix(i)] * t[ix(j)];
        }
      }
    for (int i = 0; i < 10; ++i)
      a.at<double>(i, i) += 1e-3 * static_cast<double>(small.total()) * (i > 2 ? 0.1 : 1e-6);
    cv::Mat solved;
    cv::solve(a, b, solved, cv::DECOMP_SVD);
    for (size_t i = 0; i < 10; ++i) light.terms[i] = solved.at<double>(static_cast<int>(i));
    double sum = 0, count = 0;
    std::vector<char> next(small.total(), 0);
    for (int y = 0; y < small.rows; ++y)
      for (int x = 0; x < small.cols; ++x) {
        const double away = small.at<uchar>(y, x) - light.at((x + 0.5) * factor, (y + 0.5) * factor);
        if (away > -spread && away < 3 * spread) {
          next[ix(y * small.cols + x)] = 1;
          sum += away * away, ++count;
        }
      }
    in = next;
    spread = std::clamp(1.8 * std::sqrt(sum / std::max(1.0, count)), 4.0, spread);
  }
  return light;
}

struct Levels {
  double threshold = 0, ink = 0, noise = 0;
};

/// Splits the shares of paper light into paper and ink, from a sample of the full picture.
std::optional<Levels> findLevels(const Scan& scan, const PaperLight& light) {
  std::array<double, 301> histogram{};
  const double total = static_cast<double>(scan.width) * scan.height;
  const int step = std::max(1, static_cast<int>(std::sqrt(total / 1.2e6)));
  double count = 0;
  for (int y = step / 2; y < scan.height; y += step) {
    const PaperLight::Row row = light.row(y);
    const uint8_t* grey = scan.grey.data() + ix(y) * ix(scan.width);
    for (int x = step / 2; x < scan.width; x += step) {
      ++histogram[static_cast<size_t>(std::clamp(grey[x] / row.at(x) * 200, 0.0, 300.0))];
      ++count;
    }
  }
  // The paper's noise from its bright side, where no ink is.
  const auto paper = ix(std::max_element(histogram.begin() + 120, histogram.end()) - histogram.begin());
  double above = 0, squares = 0;
  for (size_t k = paper; k < histogram.size(); ++k) {
    const double d = static_cast<double>(k - paper) / 200;
    above += histogram[k], squares += histogram[k] * d * d;
  }
  Levels out;
  out.noise = std::clamp(std::sqrt(squares / std::max(1.0, above)), 0.004, 0.06);
  const double white = static_cast<double>(paper) / 200;
  double darker = white - std::max(0.12, 5 * out.noise);
  for (int round = 0; round < 12; ++round) {
    const auto limit = static_cast<size_t>(std::max(0.0, darker * 200));
    double dark = 0;
    for (size_t k = 0; k < limit; ++k) dark += histogram[k];
    if (dark < std::max(4.0, 2e-6 * count)) return {};
    double seen = 0;
    size_t median = 0;
    while (median < limit && seen + histogram[median] < dark / 2) seen += histogram[median++];
    out.ink = static_cast<double>(median) / 200;
    const double next = std::min((white + out.ink) / 2, white - std::max(kLeastContrast / 2, 4 * out.noise));
    if (std::fabs(next - darker) < 0.003) break;
    darker = next;
  }
  out.threshold = darker;
  if (white - out.ink < kLeastContrast) return {};
  return out;
}

/// The levelled sheet at the finding resolution: 255 where there is ink.
cv::Mat inkMap(const Scan& scan, const FoundSheet& sheet, double pxPerMm) {
  const double factor = scan.pxPerMm / pxPerMm;
  cv::Mat small;
  // The darkest pixel of each cell: a fine line survives the reduction.
  const int cell = std::max(1, static_cast<int>(std::floor(factor)));
  const int w = scan.width / cell, h = scan.height / cell;
  small.create(std::max(1, h), std::max(1, w), CV_8U);
  for (int y = 0; y < small.rows; ++y) {
    const PaperLight::Row light = sheet.light.row((y + 0.5) * cell);
    for (int x = 0; x < small.cols; ++x) {
      int darkest = 255;
      for (int v = y * cell; v < std::min(scan.height, (y + 1) * cell); ++v) {
        const uint8_t* row = scan.grey.data() + ix(v) * ix(scan.width);
        for (int u = x * cell; u < std::min(scan.width, (x + 1) * cell); ++u)
          darkest = std::min(darkest, int{row[u]});
      }
      const double share = darkest / light.at((x + 0.5) * cell);
      // A single noisy pixel is not ink: the darkest of a cell must be darker than noise would make it.
      const double limit = cell > 1 ? std::min(sheet.threshold, 1 - 6 * sheet.noise) : sheet.threshold;
      small.at<uchar>(y, x) = share < limit ? 255 : 0;
    }
  }
  const double s = scan.pxPerMm / cell;  // px per mm of `small`
  const double a = sheet.level.value * CV_PI / 180, c = std::cos(a), n = std::sin(a);
  const cv::Size size(static_cast<int>(scan.widthMm() * pxPerMm) + 1,
                      static_cast<int>(scan.heightMm() * pxPerMm) + 1);
  // From levelled pixels to `small`: the picture is turned back about its middle.
  const double k = s / pxPerMm, cx = size.width / 2.0, cy = size.height / 2.0;
  const double mx = scan.width / 2.0 / cell, my = scan.height / 2.0 / cell;
  const cv::Mat map = (cv::Mat_<double>(2, 3) << c * k, n * k, mx - k * (c * cx + n * cy), -n * k, c * k,
                       my - k * (-n * cx + c * cy));
  cv::Mat out;
  cv::warpAffine(small, out, map, size, cv::INTER_NEAREST | cv::WARP_INVERSE_MAP, cv::BORDER_CONSTANT,
                 cv::Scalar(0));
  return out;
}

struct Patch {
  cv::Rect box;
  double ink_mm2 = 0;
  double fill = 0;  // share of its box that is ink
};

/// Is this the shadow of the sheet's edge or the dark beyond it?
bool isEdge(const Patch& p, const cv::Mat& map) {
  const int margin = std::max(2, map.cols / 100);
  const bool left = p.box.x <= margin, right = p.box.br().x >= map.cols - margin, top = p.box.y <= margin,
             bottom = p.box.br().y >= map.rows - margin;
  if (!left && !right && !top && !bottom) return false;
  const double wide = static_cast<double>(p.box.width) / map.cols,
               high = static_cast<double>(p.box.height) / map.rows;
  const bool thin = std::min(p.box.width, p.box.height) < 0.04 * std::min(map.cols, map.rows);
  return ((left || right) && high > 0.6) || ((top || bottom) && wide > 0.6) ||
         (thin && (wide > 0.2 || high > 0.2));
}

/// Long thin straight marks near the border: the shadow of an edge that does not reach the picture's border.
bool isShadowLine(const Patch& p, const cv::Mat& map) {
  const double wide = static_cast<double>(p.box.width) / map.cols,
               high = static_cast<double>(p.box.height) / map.rows;
  const double near = 0.12;
  const bool level =
      wide > 0.75 && high < 0.08 && (p.box.y < near * map.rows || p.box.br().y > (1 - near) * map.rows);
  const bool upright =
      high > 0.75 && wide < 0.08 && (p.box.x < near * map.cols || p.box.br().x > (1 - near) * map.cols);
  return level || upright;
}

/// Ink that hangs together at the joining distance.
struct Marks {
  std::vector<cv::Point> points;  // of the finding resolution
};

/// How much of it lies along the four sides of its box, 0 to 1: near 1 for a frame.
double alongSides(const std::vector<cv::Point>& points, const cv::Rect& b, double width_px) {
  const auto n = std::count_if(points.begin(), points.end(), [&](cv::Point p) {
    return std::min({p.x - b.x, b.br().x - 1 - p.x, p.y - b.y, b.br().y - 1 - p.y}) <= width_px;
  });
  return static_cast<double>(n) / static_cast<double>(std::max<size_t>(1, points.size()));
}

/// Is it the square that Havlo prints for photos? What lies in it is no part of it.
bool isCalibrationSquare(const std::vector<cv::Point>& points, const cv::Rect& b) {
  const double side = kCalibrationSide_mm * kFind_pxPerMm, slack = 2.5 * kFind_pxPerMm;
  return std::fabs(b.width - side) < slack && std::fabs(b.height - side) < slack &&
         alongSides(points, b, 1.5 * kCalibrationLine_mm * kFind_pxPerMm) > 0.97;
}

/// A frame near the picture's border with other marks inside is the sheet's own edge all round.
void dropSheetEdge(std::vector<Marks>& groups, cv::Size picture) {
  const int rim = cvRound(12 * kFind_pxPerMm);
  std::vector<cv::Rect> boxes;
  for (const Marks& m : groups) boxes.push_back(m.points.empty() ? cv::Rect() : cv::boundingRect(m.points));
  for (size_t g = 0; g < groups.size(); ++g) {
    const cv::Rect& b = boxes[g];
    const bool frame = b.x < rim && b.y < rim && b.br().x > picture.width - rim &&
                       b.br().y > picture.height - rim && b.width > picture.width / 2 &&
                       b.height > picture.height / 2 &&
                       alongSides(groups[g].points, b, 1.5 * kFind_pxPerMm) > 0.6;
    if (!frame) continue;
    for (size_t o = 0; o < groups.size(); ++o)
      if (o != g && !boxes[o].empty() && b.contains((boxes[o].tl() + boxes[o].br()) / 2)) {
        groups[g].points.clear();
        break;
      }
  }
}

/// Whether all of one lies within the outermost outlines of another.
bool enclosed(const std::vector<cv::Point>& part, const std::vector<std::vector<cv::Point>>& outlines) {
  return std::any_of(outlines.begin(), outlines.end(), [&](const std::vector<cv::Point>& outline) {
    return std::all_of(part.begin(), part.end(),
                       [&](cv::Point p) { return cv::pointPolygonTest(outline, p, false) >= 0; });
  });
}

double nearest_px(const std::vector<cv::Point>& a, const std::vector<cv::Point>& b) {
  // A few hundred of each tell it to a pixel.
  const size_t i = std::max<size_t>(1, a.size() / 400), k = std::max<size_t>(1, b.size() / 800);
  double least = 1e9;
  for (size_t m = 0; m < a.size(); m += i)
    for (size_t n = 0; n < b.size(); n += k) least = std::min(least, cv::norm(a[m] - b[n]));
  return least;
}

/// Parts of one drawing are one impression, however far from each other they are drawn: what lies inside
/// another's outline, and small things in its bays. Two stamps beside each other lie outside each other's
/// hulls.
std::vector<Marks> together(const std::vector<Marks>& groups, const cv::Mat& joined, const cv::Mat& labels) {
  constexpr double kInBay_mm = 9, kSmaller = 0.6;
  struct Known {
    size_t group;
    std::vector<cv::Point> hull;
    cv::Rect box;
    std::vector<std::vector<cv::Point>> outlines;
  };
  std::vector<Known> known;
  for (size_t g = 1; g < groups.size(); ++g) {
    if (groups[g].points.empty()) continue;
    Known k{g, {}, cv::boundingRect(groups[g].points), {}};
    cv::convexHull(groups[g].points, k.hull);
    known.push_back(std::move(k));
  }
  std::stable_sort(known.begin(), known.end(),
                   [](const Known& a, const Known& b) { return a.box.area() > b.box.area(); });
  std::vector<Marks> out;
  std::vector<size_t> into(known.size());
  for (size_t k = 0; k < known.size(); ++k) {
    const Known& part = known[k];
    std::optional<size_t> host;
    for (size_t h = 0; h < k && !host; ++h) {
      Known& whole = known[h];
      if ((whole.box & part.box) != part.box || isCalibrationSquare(groups[whole.group].points, whole.box))
        continue;
      if (whole.outlines.empty()) {
        const cv::Rect around =
            (whole.box + cv::Size(24, 24) - cv::Point(12, 12)) & cv::Rect({}, joined.size());
        const cv::Mat own = (labels(around) == static_cast<int>(whole.group)) & joined(around);
        cv::findContours(own, whole.outlines, cv::RETR_EXTERNAL, cv::CHAIN_APPROX_SIMPLE, around.tl());
      }
      const bool inBay = std::all_of(part.hull.begin(), part.hull.end(), [&](cv::Point p) {
        return cv::pointPolygonTest(whole.hull, p, false) >= 0;
      });
      const std::vector<cv::Point>&a = groups[part.group].points, &b = groups[whole.group].points;
      if (enclosed(part.hull, whole.outlines) ||
          (inBay && static_cast<double>(a.size()) < kSmaller * static_cast<double>(b.size()) &&
           nearest_px(a, b) < kInBay_mm * kFind_pxPerMm))
        host = into[h];
    }
    into[k] = host.value_or(out.size());
    if (!host) out.emplace_back();
    const auto& points = groups[part.group].points;
    out[into[k]].points.insert(out[into[k]].points.end(), points.begin(), points.end());
  }
  return out;
}

std::vector<Box> findPatches(cv::Mat map, const FindSettings& settings) {
  // Edges of the sheet go first, else they would join impressions with each other.
  cv::Mat labels, stats, centroids;
  const int n = cv::connectedComponentsWithStats(map, labels, stats, centroids, 8, CV_32S);
  std::vector<char> edge(ix(n), 0);
  for (int i = 1; i < n; ++i) {
    const cv::Rect box(stats.at<int>(i, cv::CC_STAT_LEFT), stats.at<int>(i, cv::CC_STAT_TOP),
                       stats.at<int>(i, cv::CC_STAT_WIDTH), stats.at<int>(i, cv::CC_STAT_HEIGHT));
    const Patch p{box, 0, 0};
    edge[ix(i)] = isEdge(p, map) || isShadowLine(p, map);
    // Specks of one or two cells join nothing.
    if (stats.at<int>(i, cv::CC_STAT_AREA) <= 2) edge[ix(i)] = 1;
  }
  for (int y = 0; y < map.rows; ++y)
    for (int x = 0; x < map.cols; ++x)
      if (edge[ix(labels.at<int>(y, x))]) map.at<uchar>(y, x) = 0;

  cv::Mat away, joined;
  cv::distanceTransform(255 - map, away, cv::DIST_L2, 3);
  cv::compare(away, settings.joinGap_mm / 2 * kFind_pxPerMm, joined, cv::CMP_LE);
  const int groups = cv::connectedComponents(joined, labels, 8, CV_32S);
  std::vector<Marks> marks(ix(groups));
  for (int y = 0; y < map.rows; ++y)
    for (int x = 0; x < map.cols; ++x)
      if (map.at<uchar>(y, x)) marks[ix(labels.at<int>(y, x))].points.emplace_back(x, y);
  dropSheetEdge(marks, map.size());
  std::vector<Box> out;
  for (const Marks& m : together(marks, joined, labels)) {
    if (static_cast<double>(m.points.size()) < settings.leastInk_mm2 * kFind_pxPerMm * kFind_pxPerMm)
      continue;
    const cv::Rect box = cv::boundingRect(m.points);
    out.push_back({box.x / kFind_pxPerMm, box.y / kFind_pxPerMm, box.br().x / kFind_pxPerMm,
                   box.br().y / kFind_pxPerMm});
  }
  // In reading order: by rows of half overlapping heights, then from the left.
  std::sort(out.begin(), out.end(), [](const Box& a, const Box& b) { return a.bottom < b.bottom; });
  std::vector<Box> rows;
  while (!out.empty()) {
    const Box first = out.front();
    std::vector<Box> row;
    std::erase_if(out, [&](const Box& b) {
      const bool same = b.centre().y < first.top;
      if (same) row.push_back(b);
      return same;
    });
    std::sort(row.begin(), row.end(), [](const Box& a, const Box& b) { return a.left < b.left; });
    rows.insert(rows.end(), row.begin(), row.end());
  }
  return rows;
}

}  // namespace

Result<FoundSheet> readSheet(const Scan& scan, const FindSettings& settings, const Progress& progress) {
  if (scan.empty()) return Error{ErrorCode::BadInput, "the picture is empty", {}};
  if (!(scan.pxPerMm > 0)) return Error{ErrorCode::BadInput, "the picture has no scale yet", {}};
  if (scan.pxPerMm < 2)
    return Error{ErrorCode::BadInput, "the picture is too coarse to cut from; scan at 150 dpi or more", {}};
  FoundSheet sheet;
  sheet.light = fitLight(scan);
  progress.at(0.3);
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  double brightest = 0;
  for (double u : {0.1, 0.5, 0.9})
    for (double v : {0.1, 0.5, 0.9})
      brightest = std::max(brightest, sheet.light.at(u * scan.width, v * scan.height));
  if (brightest < kDarkestPaper)
    return Error{ErrorCode::BadInput, "the picture is nearly black: there is no paper to tell ink from", {}};
  const auto levels = findLevels(scan, sheet.light);
  if (!levels)
    return Error{ErrorCode::BadInput, "there is nothing on this sheet that stands out from its paper", {}};
  sheet.threshold = levels->threshold, sheet.inkLevel = levels->ink, sheet.noise = levels->noise;
  if (settings.pale) sheet.threshold = std::max(sheet.threshold, 1 - std::max(0.1, 6 * sheet.noise));
  progress.at(0.5);
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  sheet.level = settings.level ? *settings.level : sheetSkew(scan);
  progress.at(0.7);
  sheet.impressions = findPatches(inkMap(scan, sheet, kFind_pxPerMm), settings);
  progress.at(1);
  if (progress.stopped()) return Error{ErrorCode::Stopped, "stopped", {}};
  if (sheet.impressions.empty())
    return Error{ErrorCode::BadInput, "there is no impression on this sheet, only specks or its edge", {}};
  return sheet;
}

PixelPoint toScan(const Scan& scan, Degrees level, Point p) {
  const double a = level.value * CV_PI / 180, c = std::cos(a), n = std::sin(a);
  const double x = (p.x - scan.widthMm() / 2) * scan.pxPerMm, y = (p.y - scan.heightMm() / 2) * scan.pxPerMm;
  return {scan.width / 2.0 + c * x + n * y, scan.height / 2.0 - n * x + c * y};
}

Point toSheet(const Scan& scan, Degrees level, PixelPoint p) {
  const double a = level.value * CV_PI / 180, c = std::cos(a), n = std::sin(a);
  const double x = p.x - scan.width / 2.0, y = p.y - scan.height / 2.0;
  return {scan.widthMm() / 2 + (c * x - n * y) / scan.pxPerMm,
          scan.heightMm() / 2 + (n * x + c * y) / scan.pxPerMm};
}

}  // namespace havlo
