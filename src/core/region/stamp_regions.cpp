// Connected components of what is neither ink nor outside; an OpenCV bridge.
#include "core/region/stamp_regions.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <opencv2/imgproc.hpp>

#include "core/depth/stamp_outline.h"

namespace havlo {
namespace {

constexpr double kPerMm = 12;
constexpr double kMostPixels = 4e6;
constexpr double kMargin_mm = 0.5;
constexpr double kUnderLine_mm = 0.25, kNearLine_mm = 0.6;
constexpr uint8_t kLine = 128;

cv::Mat discOf(double radius_px) {
  const int r = std::max(1, static_cast<int>(std::lround(radius_px)));
  return cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * r + 1, 2 * r + 1});
}

cv::Mat matOf(const Tile& tile, const Grid& grid) {
  cv::Mat out(grid.height, grid.width, CV_8U, cv::Scalar(0));
  for (int y = tile.y; y < tile.y + tile.height; ++y)
    std::copy(tile.row(y), tile.row(y) + tile.width, out.ptr<uint8_t>(y) + tile.x);
  return out;
}

Rings moved(Rings rings, Point by) {
  for (Ring& ring : rings)
    for (Point& p : ring) p = p + by;
  return rings;
}

/// Every pixel of `where` gets the label of the nearest labelled one, if that is within `by_px`.
void grow(cv::Mat& labels, const cv::Mat& where, double by_px) {
  cv::Mat far, nearest;
  cv::distanceTransform(labels == 0, far, nearest, cv::DIST_L2, cv::DIST_MASK_5, cv::DIST_LABEL_PIXEL);
  // distanceTransform numbers the pixels it measured from by itself: find what each number stands for.
  std::vector<int> labelOf;
  for (int y = 0; y < labels.rows; ++y)
    for (int x = 0; x < labels.cols; ++x)
      if (const int label = labels.at<int>(y, x)) {
        const auto n = static_cast<size_t>(nearest.at<int>(y, x));
        if (labelOf.size() <= n) labelOf.resize(n + 1, 0);
        labelOf[n] = label;
      }
  cv::Mat out = labels.clone();
  for (int y = 0; y < labels.rows; ++y)
    for (int x = 0; x < labels.cols; ++x)
      if (!labels.at<int>(y, x) && where.at<uint8_t>(y, x) && far.at<float>(y, x) <= by_px)
        if (const auto n = static_cast<size_t>(nearest.at<int>(y, x)); n < labelOf.size())
          out.at<int>(y, x) = labelOf[n];
  labels = out;
}

/// Keeps the regions that are worth a colour: `labels` says their numbers then, by area, largest first, from
/// 1 on.
/// @param n  labels there are, with 0, which is none
/// @return how many are kept, and how many more there were
std::pair<size_t, size_t> keepLargest(cv::Mat& labels, int n, double pixel_mm2) {
  std::vector<double> area(ix(n), 0);
  for (int y = 0; y < labels.rows; ++y)
    for (int x = 0; x < labels.cols; ++x) area[ix(labels.at<int>(y, x))] += 1;
  std::vector<int> kept;
  for (int i = 1; i < n; ++i)
    if (area[ix(i)] * pixel_mm2 >= kLeastRegion_mm2) kept.push_back(i);
  std::stable_sort(kept.begin(), kept.end(), [&](int a, int b) { return area[ix(a)] > area[ix(b)]; });
  const size_t leftOut = kept.size() > kMostRegions ? kept.size() - kMostRegions : 0;
  kept.resize(kept.size() - leftOut);
  std::vector<int> newLabel(ix(n), 0);
  for (size_t k = 0; k < kept.size(); ++k) newLabel[ix(kept[k])] = static_cast<int>(k) + 1;
  for (int y = 0; y < labels.rows; ++y)
    for (int x = 0; x < labels.cols; ++x) labels.at<int>(y, x) = newLabel[ix(labels.at<int>(y, x))];
  return {kept.size(), leftOut};
}

/// Distance of each pixel to the border of its region, pixels: borders to other regions count as well as
/// lines.
cv::Mat depthIn(const cv::Mat& labels) {
  cv::Mat same(labels.rows, labels.cols, CV_8U, cv::Scalar(0));
  for (int y = 0; y < labels.rows; ++y)
    for (int x = 0; x < labels.cols; ++x) {
      const int label = labels.at<int>(y, x);
      const bool border = (x > 0 && labels.at<int>(y, x - 1) != label) ||
                          (x + 1 < labels.cols && labels.at<int>(y, x + 1) != label) ||
                          (y > 0 && labels.at<int>(y - 1, x) != label) ||
                          (y + 1 < labels.rows && labels.at<int>(y + 1, x) != label);
      same.at<uint8_t>(y, x) = label && !border ? 255 : 0;
    }
  cv::Mat deep;
  cv::distanceTransform(same, deep, cv::DIST_L2, cv::DIST_MASK_PRECISE);
  return deep;
}

/// Where each region lies, how large it is and how long it is open.
/// @param deep   distance of each pixel to its region's border
/// @param stamp  what is the stamp's, lines or paper
std::vector<Region> described(const cv::Mat& labels, size_t count, const cv::Mat& deep, const cv::Mat& stamp,
                              double perMm, Point origin) {
  std::vector<Region> out(count);
  std::vector<float> deepest(count, -1);
  for (int y = 0; y < labels.rows; ++y)
    for (int x = 0; x < labels.cols; ++x) {
      const int label = labels.at<int>(y, x) - 1;
      if (label < 0) continue;
      Region& r = out[ix(label)];
      const float d = deep.at<float>(y, x);
      const Point p = origin + Point{(x + 0.5) / perMm, (labels.rows - y - 0.5) / perMm};
      r.area_mm2 += 1 / (perMm * perMm);
      r.box.include(p);
      if (d > deepest[ix(label)]) deepest[ix(label)] = d, r.at = p;
      // At the stamp's edge, with no line between: it is open.
      const auto outside = [&](int u, int v) {
        return u < 0 || v < 0 || u >= labels.cols || v >= labels.rows || !stamp.at<uint8_t>(v, u);
      };
      if (outside(x - 1, y) || outside(x + 1, y) || outside(x, y - 1) || outside(x, y + 1))
        r.open_mm += 1 / perMm;
    }
  return out;
}

}  // namespace

StampRegions::StampRegions(const Stamp& stamp, const ArtSource* art) {
  const double wide = stamp.width_mm + 2 * kMargin_mm, high = stamp.height_mm + 2 * kMargin_mm;
  m_perMm = std::min(kPerMm, std::sqrt(kMostPixels / (wide * high)));
  Grid grid;
  grid.width = std::max(1, static_cast<int>(std::lround(wide * m_perMm)));
  grid.height = std::max(1, static_cast<int>(std::lround(high * m_perMm)));
  grid.panelWidth_mm = grid.width / m_perMm, grid.panelHeight_mm = grid.height / m_perMm;
  m_columns = grid.width, m_rows = grid.height;
  m_origin = {-kMargin_mm, -kMargin_mm};
  const Point by = Point{0, 0} - m_origin;
  std::optional<Tile> drawn;
  if (!stamp.art.empty() && art) drawn = art->draw(stamp, Placing({0, 0}, by, Degrees{0}), grid);
  if (!drawn)
    drawn = softTile(grid, moved(stamp.art.empty() ? printedShape(stamp, {}) : stamp.silhouette, by));
  const cv::Mat ink = matOf(*drawn, grid);
  const cv::Mat shape = matOf(hardTile(grid, moved(stamp.silhouette, by)), grid);
  const cv::Mat line = ink >= kLine;
  const cv::Mat paper = shape & ~line;

  cv::Mat closed;
  cv::morphologyEx(line, closed, cv::MORPH_CLOSE, discOf(kClosedGap_mm / 2 * m_perMm));
  cv::Mat labels, stats, middles;
  const int n = cv::connectedComponentsWithStats(paper & ~closed, labels, stats, middles, 4, CV_32S);
  // What closing took from corners belongs to the part it was taken from.
  grow(labels, paper, kNearLine_mm * m_perMm);

  const auto [kept, leftOut] = keepLargest(labels, n, 1 / (m_perMm * m_perMm));
  m_leftOut = leftOut;
  const cv::Mat deep = depthIn(labels);
  m_regions = described(labels, kept, deep, shape | line, m_perMm, m_origin);
  m_own.resize(ix(m_columns) * ix(m_rows)), m_coloured.resize(m_own.size()), m_depth.resize(m_own.size());
  for (int y = 0; y < m_rows; ++y)
    for (int x = 0; x < m_columns; ++x) {
      const size_t at = ix(y) * ix(m_columns) + ix(x);
      m_own[at] = static_cast<int16_t>(labels.at<int>(y, x) - 1);
      if (m_own[at] >= 0)
        m_depth[at] = static_cast<uint8_t>(std::min(255.0, std::round(deep.at<float>(y, x) / m_perMm * 20)));
    }
  grow(labels, line & shape, kUnderLine_mm * m_perMm + 0.5);
  for (int y = 0; y < m_rows; ++y)
    for (int x = 0; x < m_columns; ++x)
      m_coloured[ix(y) * ix(m_columns) + ix(x)] = static_cast<int16_t>(labels.at<int>(y, x) - 1);
  for (const StampRegion& named : stamp.regions)
    if (const int r = at(named.at); r >= 0 && m_regions[ix(r)].id.empty())
      m_regions[ix(r)].id = named.id, m_regions[ix(r)].name = named.name;
}

size_t StampRegions::pixelAt(Point p) const {
  const double u = (p.x - m_origin.x) * m_perMm, v = m_rows - (p.y - m_origin.y) * m_perMm;
  if (!(u >= 0 && v >= 0 && u < m_columns && v < m_rows)) return m_own.size();
  return static_cast<size_t>(v) * ix(m_columns) + static_cast<size_t>(u);
}

int StampRegions::labelAt(const std::vector<int16_t>& map, Point p) const {
  const size_t at = pixelAt(p);
  return at < map.size() ? map[at] : -1;
}

int StampRegions::at(Point p) const {
  if (const int here = labelAt(m_own, p); here >= 0) return here;
  int best = -1;
  double least = kNearLine_mm;
  for (double dy = -kNearLine_mm; dy <= kNearLine_mm; dy += 1 / m_perMm)
    for (double dx = -kNearLine_mm; dx <= kNearLine_mm; dx += 1 / m_perMm)
      if (const double d = std::hypot(dx, dy); d < least)
        if (const int there = labelAt(m_own, p + Point{dx, dy}); there >= 0) least = d, best = there;
  return best;
}

double StampRegions::inside_mm(Point p) const {
  const size_t at = pixelAt(p);
  return at < m_depth.size() ? m_depth[at] / 20.0 : 0;
}

std::vector<int> StampRegions::chosen(const RegionChoice& choice,
                                      const std::vector<RegionChoice>& others) const {
  std::vector<int> out;
  if (const Point* p = std::get_if<Point>(&choice)) {
    if (const int r = at(*p); r >= 0) out.push_back(r);
    return out;
  }
  if (const auto* named = std::get_if<NamedRegion>(&choice)) {
    for (size_t r = 0; r < m_regions.size(); ++r)
      if (m_regions[r].id == named->id) out.push_back(static_cast<int>(r));
    return out;
  }
  out.resize(m_regions.size());
  std::iota(out.begin(), out.end(), 0);
  if (!std::holds_alternative<RestOfRegions>(choice)) return out;
  for (const RegionChoice& other : others) {
    if (std::holds_alternative<RestOfRegions>(other)) continue;
    const std::vector<int> taken = chosen(other);
    std::erase_if(out, [&](int r) { return std::binary_search(taken.begin(), taken.end(), r); });
  }
  return out;
}

}  // namespace havlo
