// Compares replay and intention. The OpenCV bridge of the press: connected patches of differing pixels.
#include <algorithm>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>

#include "core/press/blame.h"
#include "core/press/press.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

constexpr float kVisible = 2.0f;  // in 255ths of an sRGB channel
constexpr double kForgiven_mm2 =
    kLeastOverlap_mm2;  // overlaps below this make no order, so they prove nothing
constexpr double kForgivenPixels = 3;
constexpr double kSpecksPerEdge_mm =
    0.004;  // mm² a mm of border between two marks; settled in the plan format
constexpr size_t kMostListed = 20;

bool differs(const LinearRgb& a, const LinearRgb& b) {
  for (size_t k = 0; k < 3; ++k)
    if (a[k] != b[k] && std::fabs(srgbOf(a[k]) - srgbOf(b[k])) > kVisible) return true;
  return false;
}

std::vector<int> inkedBy(const RunSheet& sheet, PressTiles& tiles, const PressInput& in, int x, int y) {
  std::vector<int> steps;
  for (size_t k = 0; k < sheet.steps.size(); ++k) {
    const Step& s = sheet.steps[k];
    const bool stamped = s.what == Do::Stamp && tiles.ink(s.impression).at(x, y) > 0;
    const bool washed =
        s.what == Do::Wash && covers(in.washes.reached[ix(s.wash)], tiles.grid().centre(x, y));
    const bool byHand = std::any_of(s.hand.begin(), s.hand.end(), [&](int h) {
      const auto& films = tiles.byHand(h);
      return std::any_of(films.begin(), films.end(), [&](const HandFilm& f) { return f.tile.at(x, y) > 0; });
    });
    if (stamped || washed || byHand) steps.push_back(static_cast<int>(k) + 1);
  }
  return steps;
}

/// Patches of the pixels set in `map`, largest first.
/// @param blame  who did it, at a pixel; left empty for what is explained
template <typename F>
std::vector<Difference> patches(const cv::Mat& map, bool explained, const RunSheet& sheet, PressTiles& tiles,
                                const PressInput& in, F blame) {
  cv::Mat labels, stats, centroids;
  const int n = cv::connectedComponentsWithStats(map, labels, stats, centroids, 8, CV_32S);
  std::vector<int> order;
  for (int i = 1; i < n; ++i) order.push_back(i);
  const auto pixels = [&](int i) { return stats.at<int>(i, cv::CC_STAT_AREA); };
  std::sort(order.begin(), order.end(), [&](int a, int b) { return pixels(a) > pixels(b); });
  order.resize(std::min(order.size(), kMostListed));
  std::vector<Difference> out;
  for (int i : order) {
    Difference d;
    d.area_mm2 = pixels(i) * tiles.grid().pixelArea_mm2();
    d.explained = explained;
    // The pixel of the patch nearest its centroid: a ring's centroid lies outside it.
    const double cx = centroids.at<double>(i, 0), cy = centroids.at<double>(i, 1);
    int bestX = 0, bestY = 0;
    double best = 1e300;
    const int left = stats.at<int>(i, cv::CC_STAT_LEFT), top = stats.at<int>(i, cv::CC_STAT_TOP);
    for (int y = top; y < top + stats.at<int>(i, cv::CC_STAT_HEIGHT); ++y)
      for (int x = left; x < left + stats.at<int>(i, cv::CC_STAT_WIDTH); ++x)
        if (labels.at<int>(y, x) == i && std::hypot(x - cx, y - cy) < best)
          best = std::hypot(x - cx, y - cy), bestX = x, bestY = y;
    d.at = tiles.grid().centre(bestX, bestY);
    d.steps = inkedBy(sheet, tiles, in, bestX, bestY);
    if (!explained) d.blame = blame(bestX, bestY);
    out.push_back(std::move(d));
  }
  return out;
}

/// The pixels of all patches of more than so many.
std::vector<cv::Point> largePatches(const cv::Mat& map, double morePixels) {
  cv::Mat labels, stats, centroids;
  const int n = cv::connectedComponentsWithStats(map, labels, stats, centroids, 8, CV_32S);
  std::vector<char> large(ix(n), 0);
  for (int i = 1; i < n; ++i) large[ix(i)] = stats.at<int>(i, cv::CC_STAT_AREA) > morePixels;
  std::vector<cv::Point> out;
  if (std::find(large.begin(), large.end(), 1) == large.end()) return out;
  for (int y = 0; y < map.rows; ++y)
    for (int x = 0; x < map.cols; ++x)
      if (large[ix(labels.at<int>(y, x))]) out.emplace_back(x, y);
  return out;
}

/// Length of the borders along which one mark ends on another, mm: counted by the border points in it.
double sharedEdge_mm(const PressInput& in) {
  double sum = 0;
  const auto along = [&](int i, auto inside) {
    const Placed& p = *in.meetings.placed[ix(i)];
    const auto& border = p.outline->border;
    for (size_t k = 0; k + 1 < border.size(); ++k)
      if (const Point q = p.placing.toPanel(border[k]); p.panel.contains(q) && inside(q))
        sum += std::min(1.0, distance(border[k], border[k + 1]));
  };
  for (const Meeting& m : in.meetings.list) {
    const Placed& back = *in.meetings.placed[ix(m.back)];
    along(m.front, [&](Point q) { return back.outline->covered.at(back.placing.toFrame(q)); });
  }
  for (size_t w = 0; w < in.washes.seen.size(); ++w)
    for (int i = 0; i < static_cast<int>(in.plan.impressions.size()); ++i)
      if (in.washes.of(static_cast<int>(w), i).touches)
        along(i, [&](Point q) { return in.washes.seen[w].at(q); });
  return sum;
}

}  // namespace

namespace {

/// The softer, the smoother: what is soft over many pixels is worked out on a coarser grid.
Tile coarserField(const Grid& grid, const Rings& rings, double soft_mm) {
  const Grid coarse({0, 0, grid.panelWidth_mm, grid.panelHeight_mm}, 25.4 * grid.pxPerMmY() / 2);
  const Tile field = fieldTile(coarse, rings, soft_mm);
  Tile out = tileFor(grid, boxOf(rings).grown(soft_mm));
  for (int y = out.y; y < out.y + out.height; ++y)
    for (int x = out.x; x < out.x + out.width; ++x) {
      const Point p = grid.centre(x, y);
      out.row(y)[x - out.x] = field.at(static_cast<int>(p.x * coarse.pxPerMmX()),
                                       static_cast<int>((grid.panelHeight_mm - p.y) * coarse.pxPerMmY()));
    }
  return out;
}

}  // namespace

Tile fieldTile(const Grid& grid, const Rings& rings, double soft_mm) {
  constexpr double kMostSoft_px = 400;
  if (soft_mm <= 0) return hardTile(grid, rings);
  if (soft_mm * grid.pxPerMmY() > kMostSoft_px && grid.height > 8) return coarserField(grid, rings, soft_mm);
  Tile out = tileFor(grid, boxOf(rings).grown(soft_mm));
  if (out.empty()) return out;
  const double pxX = grid.pxPerMmX(), pxY = grid.pxPerMmY();
  // Beyond the panel the area goes on: distances are measured there too, as far as it goes.
  const Box box = boxOf(rings);
  const auto pad = [&](double overhang_mm, double px) {
    return static_cast<int>(std::ceil(std::clamp(overhang_mm, 0.0, soft_mm) * px)) + 1;
  };
  const int left = pad(out.x / pxX - box.left, pxX), right = pad(box.right - (out.x + out.width) / pxX, pxX);
  const int top = pad(box.top - (grid.panelHeight_mm - out.y / pxY), pxY);
  const int bottom = pad(grid.panelHeight_mm - (out.y + out.height) / pxY - box.bottom, pxY);
  cv::Mat outside(out.height + top + bottom, out.width + left + right, CV_8U, cv::Scalar(255));
  for (int y = 0; y < outside.rows; ++y) {
    const double py = grid.panelHeight_mm - (out.y + y - top + 0.5) / pxY;
    std::vector<double> xs;
    for (const Ring& ring : rings)
      for (size_t i = 0; i < ring.size(); ++i) {
        const Point a = ring[i], b = ring[(i + 1) % ring.size()];
        if ((a.y > py) != (b.y > py)) xs.push_back(a.x + (py - a.y) * (b.x - a.x) / (b.y - a.y));
      }
    std::sort(xs.begin(), xs.end());
    for (size_t i = 0; i + 1 < xs.size(); i += 2) {
      const auto column = [&](double x) {
        return std::clamp(x * pxX - 0.5 - out.x + left, -1.0, outside.cols + 1.0);
      };
      const int from = std::max(0, static_cast<int>(std::ceil(column(xs[i]))));
      const int to = std::min(outside.cols - 1, static_cast<int>(std::floor(column(xs[i + 1]))));
      for (int x = from; x <= to; ++x) outside.at<uchar>(y, x) = 0;
    }
  }
  cv::Mat far;
  cv::distanceTransform(outside, far, cv::DIST_L2, cv::DIST_MASK_PRECISE);
  const double mmEach = 2 / (pxX + pxY);
  for (int y = 0; y < out.height; ++y)
    for (int x = 0; x < out.width; ++x) {
      const auto d = static_cast<double>(far.at<float>(y + top, x + left));
      // From the pixel's middle to the border runs half a pixel less.
      const double mm = d > 0 ? (d - 0.5) * mmEach : 0;
      out.cover[ix(y) * ix(out.width) + ix(x)] =
          static_cast<uint8_t>(std::lround(255 * softShare(mm, soft_mm)));
    }
  return out;
}

Result<Simulation> simulate(const PressInput& in, const RunSheet& sheet, double dpi, const Progress& progress,
                            const StepWatcher& watch, std::shared_ptr<TileStore> kept, const PressRun& run) {
  PressTiles tiles(in, Grid(in.plan.card.panel.box(), dpi), std::move(kept));
  auto replayed = replay(in, sheet, tiles, progress, watch, run);
  if (!replayed) return replayed.error();
  Replay done = std::move(replayed).value();
  const PressInput& planned = run.intended ? *run.intended : in;
  std::optional<PressTiles> others;
  if (run.intended) others.emplace(planned, tiles.grid());
  PressTiles& plannedTiles = others ? *others : tiles;
  const Canvas intended = intendedCard(planned, plannedTiles);
  const Grid& grid = tiles.grid();
  cv::Mat open(grid.height, grid.width, CV_8U, cv::Scalar(0)), explained = open.clone(), fine = open.clone();
  std::map<uint32_t, size_t> pixels;
  size_t differing = 0;
  for (int y = 0; y < grid.height; ++y)
    for (int x = 0; x < grid.width; ++x) {
      if (!differs(done.card.at(x, y), intended.at(x, y))) continue;
      ++differing;
      const uint32_t why = done.explained[ix(y) * ix(grid.width) + ix(x)];
      (why ? explained : open).at<uchar>(y, x) = 255;
      if (why & 1) fine.at<uchar>(y, x) = 255;
    }
  // A large patch of what is too fine is no trifle any more.
  for (const cv::Point& p : largePatches(fine, kLargestFine_mm2 / grid.pixelArea_mm2()))
    explained.at<uchar>(p) = 0, open.at<uchar>(p) = 255;
  Simulation out;
  for (int y = 0; y < grid.height; ++y)
    for (int x = 0; x < grid.width; ++x)
      if (explained.at<uchar>(y, x)) ++pixels[done.explained[ix(y) * ix(grid.width) + ix(x)]];
  for (const auto& [code, count] : pixels)
    out.explained.push_back({static_cast<int>(code / 2) - 1, code & 1 ? Excuse::TooFine : Excuse::AlongEdge,
                             static_cast<double>(count) * grid.pixelArea_mm2()});
  std::stable_sort(out.explained.begin(), out.explained.end(),
                   [](const Explained& a, const Explained& b) { return a.area_mm2 > b.area_mm2; });
  out.mismatch_mm2 = static_cast<double>(differing) * grid.pixelArea_mm2();
  out.unexplained_mm2 = cv::countNonZero(open) * grid.pixelArea_mm2();
  const auto blame = [&](int x, int y) {
    Blame b =
        blameAt(in, sheet, tiles, planned, plannedTiles, x, y, run.maskLife.value_or(in.plan.maskLife()));
    if (const uint32_t why = done.explained[ix(y) * ix(grid.width) + ix(x)]; why)
      b = {Blame::Kind::TooFine, 0, -1, static_cast<int>(why / 2) - 1, -1, false};
    return b;
  };
  out.worst = patches(open, false, sheet, tiles, in, blame);
  for (Difference& d : patches(explained, true, sheet, tiles, in, blame))
    if (out.worst.size() < kMostListed) out.worst.push_back(std::move(d));
  if (!out.worst.empty() && !out.worst[0].explained) out.largestPatch_mm2 = out.worst[0].area_mm2;
  // Single pixels on an edge tell of the raster, not of the plan: coarse pictures forgive three of them, and
  // many edges a speck here and there.
  const double speck = std::max(kForgiven_mm2, grid.pixelArea_mm2());
  out.proven =
      out.unexplained_mm2 <= std::max(kForgiven_mm2, kForgivenPixels * grid.pixelArea_mm2()) ||
      (out.largestPatch_mm2 <= speck && out.unexplained_mm2 <= kSpecksPerEdge_mm * sharedEdge_mm(in));
  out.card = std::move(done.card);
  return out;
}

Result<Simulation> lookedAtOnceMore(const PressInput& in, const RunSheet& sheet, double dpi, Simulation first,
                                    const Progress& progress) {
  if (first.proven) return first;
  auto fine = simulate(in, sheet, 2 * dpi, {progress.stop, {}});
  if (!fine) return fine.error();
  Simulation out = std::move(fine).value();
  out.card = std::move(first.card);
  return out;
}

}  // namespace havlo
