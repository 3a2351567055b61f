// Stages: crop levelled, ink or not, drop specks and close breaks, outer shape, enclosed regions, outlines.
// An OpenCV bridge.
#include "core/trace/stamp_trace.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/trace/bitmap_outline.h"
#include "core/trace/scan_mat.h"
#include "core/units/decimal.h"

namespace havlo {
namespace {

constexpr double kLeastTrace_pxPerMm = 23.6;  // 600 dpi: coarser scans are enlarged first
constexpr double kMostTrace_pxPerMm = 32;     // 813 dpi: finer scans are made that coarse
constexpr double kMostTrace_px = 3e7;
constexpr double kShape_pxPerMm = 20;  // silhouettes are found at this resolution
constexpr double kPad_mm = 2.5;
constexpr double kSolid = 0.5;  // share of the silhouette that is ink from which a stamp counts as solid
constexpr double kLeastRegion_mm2 = 1.0;  // enclosed regions smaller than this are not worth a question
constexpr double kSolidHole_mm2 = 3.0;
constexpr double kPinhole_mm2 = 0.05;
constexpr double kOutline_mm = 0.03;

using Mask = cv::Mat;

cv::Mat crop(const Scan& scan, Degrees level, const Box& box, double px) {
  const cv::Size size(std::max(1, static_cast<int>(std::ceil(box.width() * px))),
                      std::max(1, static_cast<int>(std::ceil(box.height() * px))));
  // From crop pixels to scan pixels, pixel middles to pixel middles.
  const Point o = toScan(scan, level, {box.left + 0.5 / px, box.bottom + 0.5 / px});
  const Point ex = toScan(scan, level, {box.left + 1.5 / px, box.bottom + 0.5 / px});
  const Point ey = toScan(scan, level, {box.left + 0.5 / px, box.bottom + 1.5 / px});
  // Only the part that is needed: the library's warp is limited to 32 767 pixels a side.
  Box reach;
  for (Point p :
       {Point{box.left, box.bottom}, {box.right, box.bottom}, {box.right, box.top}, {box.left, box.top}})
    reach.include(toScan(scan, level, p));
  const int x0 = std::clamp(static_cast<int>(reach.left) - 4, 0, scan.width - 1),
            y0 = std::clamp(static_cast<int>(reach.bottom) - 4, 0, scan.height - 1);
  const int x1 = std::clamp(static_cast<int>(reach.right) + 4, x0 + 1, scan.width),
            y1 = std::clamp(static_cast<int>(reach.top) + 4, y0 + 1, scan.height);
  cv::Mat from = matOf(scan)(cv::Rect(x0, y0, x1 - x0, y1 - y0));
  const double shrink = scan.pxPerMm / px;
  if (shrink > 1.25) {
    cv::Mat soft;  // a picture of its own: `from` is the scan itself
    cv::GaussianBlur(from, soft, cv::Size(0, 0), 0.4 * shrink);
    from = soft;
  }
  const cv::Mat map = (cv::Mat_<double>(2, 3) << ex.x - o.x, ey.x - o.x, o.x - 0.5 - x0, ex.y - o.y,
                       ey.y - o.y, o.y - 0.5 - y0);
  cv::Mat out;
  cv::warpAffine(from, out, map, size, cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_CONSTANT,
                 cv::Scalar(255));
  return out;
}

/// Divides by the paper's light, so that paper is 250 all over.
void evenOut(cv::Mat& picture, const Scan& scan, const FoundSheet& sheet, const Box& box, double px) {
  constexpr int kStep = 16;
  for (int y0 = 0; y0 < picture.rows; y0 += kStep)
    for (int x0 = 0; x0 < picture.cols; x0 += kStep) {
      const Point p =
          toScan(scan, sheet.level, {box.left + (x0 + kStep / 2) / px, box.bottom + (y0 + kStep / 2) / px});
      const double light = sheet.light.at(p.x, p.y);
      for (int y = y0; y < std::min(picture.rows, y0 + kStep); ++y)
        for (int x = x0; x < std::min(picture.cols, x0 + kStep); ++x)
          picture.at<uchar>(y, x) = cv::saturate_cast<uchar>(picture.at<uchar>(y, x) / light * 250);
    }
}

cv::Mat distanceTo(const Mask& mask) {
  cv::Mat out;
  if (cv::countNonZero(mask) == 0) {
    out = cv::Mat(mask.size(), CV_32F, cv::Scalar(1e6));
  } else {
    cv::distanceTransform(255 - mask, out, cv::DIST_L2, cv::DIST_MASK_PRECISE);
  }
  return out;
}

Mask within(const Mask& mask, double radius_px) {
  Mask out;
  cv::compare(distanceTo(mask), radius_px, out, cv::CMP_LE);
  return out;
}

Mask shrunk(const Mask& mask, double radius_px) { return 255 - within(255 - mask, radius_px); }

/// Ink by the threshold, with paler stretches that hang on to it.
Mask inkOf(const cv::Mat& picture, const FoundSheet& sheet, const TraceSettings& s, double px) {
  const double lean = s.darkness * 0.5 * (1 - sheet.threshold);
  const double strongAt = 250 * std::clamp(sheet.threshold + lean, 0.05, 0.97);
  const double faintest = 250 * std::min(0.97, 1 - 6 * sheet.noise);
  const double paleAt = std::min(faintest, 250 * (sheet.threshold + lean + 0.45 * (1 - sheet.threshold)));
  Mask strong, pale;
  cv::compare(picture, strongAt, strong, cv::CMP_LT);
  if (paleAt <= strongAt) return strong;
  cv::compare(picture, paleAt, pale, cv::CMP_LT);
  // Pale pixels beside strong ones are the soft edge of the line, not a faint print.
  const Mask nearStrong = within(strong, 0.15 * px);
  Mask far = pale & (255 - nearStrong);
  cv::Mat labels, stats, centroids;
  cv::Mat both = strong | far | (pale & nearStrong);
  const int n = cv::connectedComponents(both, labels, 8, CV_32S);
  std::vector<char> holdsStrong(ix(n), 0);
  for (int y = 0; y < strong.rows; ++y)
    for (int x = 0; x < strong.cols; ++x)
      if (strong.at<uchar>(y, x)) holdsStrong[ix(labels.at<int>(y, x))] = 1;
  for (int y = 0; y < far.rows; ++y)
    for (int x = 0; x < far.cols; ++x)
      if (far.at<uchar>(y, x) && !holdsStrong[ix(labels.at<int>(y, x))]) far.at<uchar>(y, x) = 0;
  // A faint print is broad enough to be one; single pixels are noise.
  far = shrunk(far, 0.04 * px);
  return strong | (within(far, 0.2 * px) & pale);
}

/// Drops ink spots and paper spots smaller than a speck, and what belongs to neighbours outside the box.
int dropSpecks(Mask& ink, const TraceSettings& s, double px, const cv::Rect& own) {
  const double least = s.speck_mm2 * px * px;
  int dropped = 0;
  cv::Mat labels, stats, centroids;
  const int n = cv::connectedComponentsWithStats(ink, labels, stats, centroids, 8, CV_32S);
  std::vector<char> drop(ix(n), 0);
  for (int i = 1; i < n; ++i) {
    const cv::Rect box(stats.at<int>(i, cv::CC_STAT_LEFT), stats.at<int>(i, cv::CC_STAT_TOP),
                       stats.at<int>(i, cv::CC_STAT_WIDTH), stats.at<int>(i, cv::CC_STAT_HEIGHT));
    const bool small = stats.at<int>(i, cv::CC_STAT_AREA) < least;
    const bool foreign = (box & own).area() < 0.5 * box.area();
    drop[ix(i)] = small || foreign;
    dropped += small && !foreign;
  }
  for (int y = 0; y < ink.rows; ++y)
    for (int x = 0; x < ink.cols; ++x)
      if (drop[ix(labels.at<int>(y, x))]) ink.at<uchar>(y, x) = 0;
  // Bare pinholes of an uneven print are filled; gaps that belong to the drawing are not.
  const double paperLeast = 0.4 * std::min(s.speck_mm2, kPinhole_mm2) * px * px;
  const cv::Mat paper = 255 - ink;
  const int m = cv::connectedComponentsWithStats(paper, labels, stats, centroids, 4, CV_32S);
  std::vector<char> fill(ix(m), 0);
  for (int i = 1; i < m; ++i) fill[ix(i)] = stats.at<int>(i, cv::CC_STAT_AREA) < paperLeast;
  for (int y = 0; y < ink.rows; ++y)
    for (int x = 0; x < ink.cols; ++x)
      if (fill[ix(labels.at<int>(y, x))]) ink.at<uchar>(y, x) = 255;
  return dropped;
}

/// What the border cannot reach when openings narrower than `gap` are shut.
Mask filledFromOutside(const Mask& ink, double gap_px) {
  const cv::Mat away = distanceTo(ink);
  Mask free;
  cv::compare(away, gap_px / 2, free, cv::CMP_GT);
  // The picture has paper all round, so the region of the first pixel is outside.
  cv::Mat labels;
  cv::copyMakeBorder(free, free, 1, 1, 1, 1, cv::BORDER_CONSTANT, cv::Scalar(255));
  cv::connectedComponents(free, labels, 4, CV_32S);
  Mask outside = labels == labels.at<int>(0, 0);
  outside = outside(cv::Rect(1, 1, ink.cols, ink.rows)).clone();
  return 255 - (within(outside, gap_px / 2) & (255 - ink));
}

/// Ink that hangs together, and whether each piece of it is a closed outline by itself.
class InkPieces {
 public:
  InkPieces(const Mask& ink, double px) : m_px(px) {
    cv::Mat centroids;
    m_count = cv::connectedComponentsWithStats(ink, m_labels, m_stats, centroids, 8, CV_32S);
    m_closed.assign(ix(m_count), -1);
  }
  int at(cv::Point p) const { return m_labels.at<int>(p); }
  bool isClosed(int piece) {
    int& known = m_closed[ix(piece)];
    if (known < 0) {
      const cv::Rect box(m_stats.at<int>(piece, cv::CC_STAT_LEFT), m_stats.at<int>(piece, cv::CC_STAT_TOP),
                         m_stats.at<int>(piece, cv::CC_STAT_WIDTH),
                         m_stats.at<int>(piece, cv::CC_STAT_HEIGHT));
      const Mask own = m_labels(box) == piece;
      const int inside = cv::countNonZero(filledFromOutside(own, 0.24 * m_px)) - cv::countNonZero(own);
      known = inside > kLeastRegion_mm2 * m_px * m_px;
    }
    return known > 0;
  }

 private:
  double m_px;
  int m_count = 0;
  cv::Mat m_labels, m_stats;
  std::vector<int> m_closed;
};

/// The ends of the ink on both sides of the mouth of a pocket, pixels; nothing where there are no two.
std::optional<std::array<cv::Point, 2>> endsOf(const Mask& mouth, const Mask& ink) {
  cv::Rect box = cv::boundingRect(mouth);
  box = (box + cv::Size(10, 10) - cv::Point(5, 5)) & cv::Rect({}, ink.size());
  const Mask contact = ink(box) & within(mouth(box), 2.6);
  cv::Mat labels, stats, centroids;
  const int n = cv::connectedComponentsWithStats(contact, labels, stats, centroids, 8, CV_32S);
  std::vector<std::vector<cv::Point>> ends(ix(n));
  for (int y = 0; y < labels.rows; ++y)
    for (int x = 0; x < labels.cols; ++x)
      if (const int l = labels.at<int>(y, x); l > 0) ends[ix(l)].emplace_back(x, y);
  // The two that are farthest apart: the mouth is an arc from one end to the other.
  std::optional<std::array<cv::Point, 2>> best;
  double most = 0;
  for (int i = 1; i < n; ++i)
    for (int k = i + 1; k < n; ++k) {
      double least = 1e9;
      std::array<cv::Point, 2> pair;
      for (const cv::Point p : ends[ix(i)])
        for (const cv::Point q : ends[ix(k)])
          if (const double d = cv::norm(p - q); d < least) least = d, pair = {p + box.tl(), q + box.tl()};
      if (least > most && least < 1e9) most = least, best = pair;
    }
  return best;
}

struct Pocket {
  Mask room;
  std::vector<std::array<cv::Point, 2>> mouths;
  bool betweenClosed = false;  // it lies between outlines that are each closed
};

/// Roomy places outside `shape` that can be reached only through openings narrower than `gap`.
std::vector<Pocket> pocketsOf(const Mask& ink, const Mask& shape, double gap_px, double px) {
  const Mask filled = filledFromOutside(ink, gap_px) | shape;
  const Mask more = filled & (255 - shape);
  const Mask roomy = shrunk(more, gap_px / 2 + 1);
  std::vector<Pocket> out;
  if (cv::countNonZero(roomy) == 0) return out;
  InkPieces pieces(ink, px);
  cv::Mat labels, stats, centroids;
  const int n = cv::connectedComponentsWithStats(more, labels, stats, centroids, 4, CV_32S);
  for (int i = 1; i < n; ++i) {
    Pocket p;
    p.room = labels == i;
    if (cv::countNonZero(p.room & roomy) == 0) continue;
    const Mask rim = within(p.room, 1.6) & (255 - filled);
    cv::Mat rims, rimStats;
    const int mouths = cv::connectedComponentsWithStats(rim, rims, rimStats, centroids, 8, CV_32S);
    for (int k = 1; k < mouths; ++k) {
      if (rimStats.at<int>(k, cv::CC_STAT_AREA) < 3) continue;
      const auto ends = endsOf(rims == k, ink);
      if (!ends) continue;
      const int a = pieces.at((*ends)[0]), b = pieces.at((*ends)[1]);
      p.betweenClosed = p.betweenClosed || (a != b && pieces.isClosed(a) && pieces.isClosed(b));
      p.mouths.push_back(*ends);
    }
    out.push_back(std::move(p));
  }
  return out;
}

/// The outer shape: narrow slots stay open, but where an opening in the outline lets the outside in to a
/// roomy inside, the opening is shut. Two closed outlines are never joined.
Mask outerShape(const Mask& ink, const TraceSettings& s, double px) {
  const double fine = 0.24 * px, wide = std::max(s.gap_mm, 0.24) * px;
  Mask shape = filledFromOutside(ink, fine);
  if (wide <= fine) return shape;
  const Mask before = shape.clone();
  for (const Pocket& p : pocketsOf(ink, before, wide, px)) {
    if (p.betweenClosed) continue;
    const Mask roomy = shrunk(p.room, wide / 2 + 1);
    shape |= within(roomy, wide * 0.75 + 2) & p.room;
  }
  return shape;
}

Bitmap bitmapOf(const Mask& mask, double px) {
  Bitmap b;
  b.width = mask.cols, b.height = mask.rows, b.pxPerMm = px;
  b.ink.resize(mask.total());
  for (int y = 0; y < mask.rows; ++y)
    std::copy(mask.ptr<uchar>(y), mask.ptr<uchar>(y) + mask.cols,
              b.ink.begin() + static_cast<std::ptrdiff_t>(y) * mask.cols);
  return b;
}

/// Between sheet mm (y down), crop mm (y up, from the crop's lower left corner) and the stamp frame.
struct Frames {
  Box crop;          // sheet mm
  double height_mm;  // of the crop's picture
  Point origin;      // of the stamp frame, crop mm
  Point cropOf(Point sheet) const { return {sheet.x - crop.left, height_mm - (sheet.y - crop.bottom)}; }
  Point sheetOf(Point c) const { return {c.x + crop.left, crop.bottom + height_mm - c.y}; }
  Rings cropOf(const Rings& sheet) const {
    Rings out = sheet;
    for (Ring& r : out)
      for (Point& p : r) p = cropOf(p);
    return out;
  }
  Rings stampOf(Rings cropRings) const {
    for (Ring& r : cropRings)
      for (Point& p : r) p = {p.x - origin.x, p.y - origin.y};
    return cropRings;
  }
};

void paint(Mask& mask, const Rings& cropRings, double height_mm, double px, int value) {
  std::vector<std::vector<cv::Point>> polygons;
  for (const Ring& ring : cropRings) {
    std::vector<cv::Point> polygon;
    for (Point p : ring) polygon.emplace_back(cvRound(p.x * px), cvRound((height_mm - p.y) * px));
    polygons.push_back(std::move(polygon));
  }
  if (!polygons.empty()) cv::fillPoly(mask, polygons, cv::Scalar(value));
}

/// Middle of the lowest part of the silhouette.
Point footOf(const Rings& silhouette) {
  const Box box = boxOf(silhouette);
  const double strip = std::fmin(1.0, box.height() * 0.05);
  Box low;
  for (const Ring& ring : silhouette)
    for (Point p : ring)
      if (p.y <= box.bottom + strip) low.include(p);
  return {low.centre().x, std::fmax(0, box.bottom)};
}

double rounded(double v) { return std::round(v * 100) / 100; }

}  // namespace

Scan levelledPicture(const Scan& scan, const FoundSheet& sheet, const Box& box, double pxPerMm) {
  cv::Mat picture = crop(scan, sheet.level, box, pxPerMm);
  evenOut(picture, scan, sheet, box, pxPerMm);
  Scan out;
  out.width = picture.cols, out.height = picture.rows, out.pxPerMm = pxPerMm;
  out.grey.assign(picture.datastart, picture.dataend);
  return out;
}

Scan turnedPicture(const Scan& scan, Degrees level, const Box& box, double pxPerMm) {
  const cv::Mat picture = crop(scan, level, box, pxPerMm);
  Scan out;
  out.width = picture.cols, out.height = picture.rows, out.pxPerMm = pxPerMm;
  out.grey.assign(picture.datastart, picture.dataend);
  return out;
}

Result<TracedStamp> traceStamp(const Scan& scan, const FoundSheet& sheet, const Box& wanted,
                               const TraceSettings& s, const Progress& progress) {
  const Error stopped{ErrorCode::Stopped, "stopped", {}};
  const Error nothing{
      ErrorCode::BadInput, "nothing is left of this impression; take a smaller size of specks", {}};
  const Box box = wanted.grown(kPad_mm + s.gap_mm);
  double px = std::clamp(scan.pxPerMm, kLeastTrace_pxPerMm, kMostTrace_pxPerMm);
  px = std::min(px, std::sqrt(kMostTrace_px / (box.width() * box.height())));
  TracedStamp out;
  const Box whole{0, 0, scan.widthMm(), scan.heightMm()};
  out.touchesEdge = wanted.left < whole.left + 0.5 || wanted.bottom < whole.bottom + 0.5 ||
                    wanted.right > whole.right - 0.5 || wanted.top > whole.top - 0.5;

  cv::Mat picture = crop(scan, sheet.level, box, px);
  evenOut(picture, scan, sheet, box, px);
  progress.at(0.2);
  if (progress.stopped()) return stopped;
  Mask ink = inkOf(picture, sheet, s, px);
  picture.release();
  Frames frames{box, ink.rows / px, {}};
  for (const Rings& r : s.removed) paint(ink, frames.cropOf(r), frames.height_mm, px, 0);
  const double pad = kPad_mm + s.gap_mm - 0.7;
  const cv::Rect own(static_cast<int>(pad * px), static_cast<int>(pad * px),
                     ink.cols - static_cast<int>(2 * pad * px), ink.rows - static_cast<int>(2 * pad * px));
  out.specks = dropSpecks(ink, s, px, own);
  if (s.line_mm > 0 && cv::countNonZero(ink) > 0) {
    const double r = s.line_mm / 2 * px;
    Mask grown = within(ink, r);
    cv::copyMakeBorder(grown, grown, 4, 4, 4, 4, cv::BORDER_CONSTANT, cv::Scalar(0));
    ink |= shrunk(grown, r)(cv::Rect(4, 4, ink.cols, ink.rows));
  }
  if (cv::countNonZero(ink) == 0) return nothing;
  progress.at(0.4);
  if (progress.stopped()) return stopped;

  // The silhouette, at a resolution at which it is quick.
  const double shapePx = std::min(px, kShape_pxPerMm);
  Mask low;
  if (shapePx < px) {
    cv::Mat soft;
    const auto scaled = [&](int side) {
      return std::max(1, static_cast<int>(std::lround(side * shapePx / px)));
    };
    cv::resize(ink, soft, cv::Size(scaled(ink.cols), scaled(ink.rows)), 0, 0, cv::INTER_AREA);
    cv::compare(soft, 110, low, cv::CMP_GT);
  } else {
    low = ink;
  }
  const double sx = low.cols / (ink.cols / px);
  const double lowHeight = frames.height_mm;
  const double sy = low.rows / lowHeight;
  // Both scales agree to a tenth of a pixel; the upright one is used for distances.
  Mask outlines = low;
  if (!s.bridges.empty()) {
    outlines = low.clone();
    const auto pixel = [&](Point p) {
      const Point c = frames.cropOf(p);
      return cv::Point(static_cast<int>(c.x * sx), static_cast<int>((lowHeight - c.y) * sy));
    };
    for (const auto& [from, to] : s.bridges)
      cv::line(outlines, pixel(from), pixel(to), cv::Scalar(255), std::max(2, cvRound(0.3 * sy)));
  }
  Mask shape = outerShape(outlines, s, sy);
  for (const Pocket& p : pocketsOf(outlines, shape, kWidestOpening_mm * sy, sy)) {
    if (p.betweenClosed) continue;
    for (const auto& [from, to] : p.mouths) {
      Opening o;
      o.a = frames.sheetOf({(from.x + 0.5) / sx, lowHeight - (from.y + 0.5) / sy});
      o.b = frames.sheetOf({(to.x + 0.5) / sx, lowHeight - (to.y + 0.5) / sy});
      o.width_mm = std::hypot(o.a.x - o.b.x, o.a.y - o.b.y);
      out.openings.push_back(o);
    }
  }
  for (const Rings& r : s.added) paint(shape, frames.cropOf(r), lowHeight, sy, 255);
  progress.at(0.6);
  if (progress.stopped()) return stopped;
  const double inkArea = cv::countNonZero(low), shapeArea = std::max(1, cv::countNonZero(shape));
  out.stamp.solid = inkArea / shapeArea > kSolid;

  // Plain regions inside; which of them are holes?
  Mask plain = shape & (255 - within(low, 0.5));
  for (const Rings& r : s.added) paint(plain, frames.cropOf(r), lowHeight, sy, 0);
  cv::Mat labels, stats, centroids;
  const int n = cv::connectedComponentsWithStats(plain, labels, stats, centroids, 4, CV_32S);
  struct Region {
    int label;
    double area_mm2;
  };
  std::vector<Region> regions;
  for (int i = 1; i < n; ++i)
    if (const double a = stats.at<int>(i, cv::CC_STAT_AREA) / (sx * sy); a >= kLeastRegion_mm2)
      regions.push_back({i, a});
  std::sort(regions.begin(), regions.end(),
            [](const Region& a, const Region& b) { return a.area_mm2 > b.area_mm2; });
  std::vector<Mask> holes;
  const auto labelAt = [&](Point sheetPoint) {
    const Point c = frames.cropOf(sheetPoint);
    const int x = static_cast<int>(c.x * sx), y = static_cast<int>((lowHeight - c.y) * sy);
    return x < 0 || y < 0 || x >= labels.cols || y >= labels.rows ? 0 : labels.at<int>(y, x);
  };
  for (const Region& r : regions) {
    const Mask region = labels == r.label;
    EnclosedRegion e;
    e.area_mm2 = r.area_mm2;
    e.hole = out.stamp.solid && r.area_mm2 >= kSolidHole_mm2;
    for (Point p : s.holes)
      if (labelAt(p) == r.label) e.hole = !e.hole;
    // The point deepest inside names the region.
    cv::Mat depth;
    cv::distanceTransform(region, depth, cv::DIST_L2, 3);
    cv::Point deepest;
    cv::minMaxLoc(depth, nullptr, nullptr, nullptr, &deepest);
    e.inside = frames.sheetOf({(deepest.x + 0.5) / sx, lowHeight - (deepest.y + 0.5) / sy});
    e.shape = outlineOf(bitmapOf(region, sy), 0).rings;
    if (e.hole) shape.setTo(0, within(region, 0.75) & (255 - low));
    out.regions.push_back(std::move(e));
  }
  progress.at(0.75);
  if (progress.stopped()) return stopped;

  const BitmapOutline art = outlineOf(bitmapOf(ink, px), std::min(s.speck_mm2, kPinhole_mm2) / 2);
  BitmapOutline border = outlineOf(bitmapOf(shape, sy), 0.3);
  if (art.rings.empty() || border.rings.empty()) return nothing;
  progress.at(0.9);
  Box frame = boxOf(art.rings);
  for (const Rings& r : s.added) {
    const Box more = boxOf(frames.cropOf(r));
    frame.include({more.left, more.bottom});
    frame.include({more.right, more.top});
  }
  frames.origin = {frame.left, frame.bottom};
  Rings silhouette = border.rings;
  if (s.grow_mm != 0) silhouette = offset(silhouette, Millimetres{s.grow_mm});
  auto clean = withoutCrossings(simplified(silhouette, Millimetres{kOutline_mm}));
  if (!clean) return nothing;
  Stamp& stamp = out.stamp;
  stamp.silhouette = frames.stampOf(std::move(clean).value().rings);
  for (Ring& ring : stamp.silhouette)
    for (Point& p : ring) p = {rounded(p.x), rounded(p.y)};
  // Rounding to a hundredth may make two sides touch.
  if (auto again = withoutCrossings(stamp.silhouette)) stamp.silhouette = std::move(again).value().rings;
  stamp.width_mm = rounded(frame.width());
  stamp.height_mm = rounded(frame.height());
  stamp.foot = footOf(stamp.silhouette);
  stamp.foot = {rounded(stamp.foot.x), rounded(stamp.foot.y)};
  const std::string width = decimal(stamp.width_mm, 2), height = decimal(stamp.height_mm, 2);
  stamp.art = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + width + "mm\" height=\"" + height +
              "mm\" viewBox=\"0 0 " + width + " " + height +
              "\"><path fill=\"#000000\" fill-rule=\"evenodd\" d=\"" +
              pathData(art, frames.origin, stamp.height_mm) + "\"/></svg>";
  for (EnclosedRegion& e : out.regions) e.shape = frames.stampOf(std::move(e.shape));
  out.lowerLeft = frames.sheetOf(frames.origin);
  out.ink_mm2 = sweptArea(SweepEdges(art.rings));
  out.silhouette_mm2 = sweptArea(SweepEdges(stamp.silhouette));
  progress.at(1);
  return out;
}

}  // namespace havlo
