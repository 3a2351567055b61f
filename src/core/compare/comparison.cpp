// The card is found, straightened and lit evenly; then print after print and join after join.
#include "core/compare/comparison.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "core/base/parallel.h"
#include "core/card/card_fit.h"
#include "core/colour/colour.h"
#include "core/compare/seen_card.h"

namespace havlo {
namespace {

constexpr double kMostPerMm = 7;     // 180 dpi: finer tells no more
constexpr double kLeastPerMm = 2.7;  // 70 dpi
constexpr double kOtherSize = 0.05;  // a sheet that differs so much from the panel is another
constexpr double kSeenFromAslant = 0.12;

Error cannot(const std::string& what) { return Error{ErrorCode::BadInput, what, {}}; }

/// With what would put it right, for whoever can.
Error lies(const std::string& what, const std::string& mend) {
  return Error{ErrorCode::BadInput, what, mend};
}

cv::Mat pixelsIn(const ColourScan& s) {
  return cv::Mat(s.height, s.width, CV_8UC3, const_cast<uint8_t*>(s.rgb.data()));
}

/// The plan's card after so many steps, and which prints are on it by then.
Result<ColourScan> wantedCard(const PressInput& in, const Analysis& analysis, PressTiles& tiles, size_t steps,
                              std::vector<char>& stamped, const Progress& progress) {
  RunSheet sheet = analysis.sheet;
  if (steps < sheet.steps.size()) sheet.steps.own().resize(steps);
  stamped.assign(in.plan.impressions.size(), 0);
  for (const Step& s : sheet.steps)
    if (s.what == Do::Stamp && !s.piece && s.impression >= 0)
      stamped[ix(s.impression)] = 1;
    else if (s.what == Do::Attach && s.impression >= 0)
      stamped[ix(s.impression)] = 1;
  PressRun run;
  run.explain = false;
  auto made = replay(in, sheet, tiles, progress, {}, run);
  if (!made) return made.error();
  const Grid& g = tiles.grid();
  return ColourScan{g.width, g.height, made.value().card.bytes()};
}

/// Where the panel lies in what was found: it is the panel, or a layer below it.
struct Try {
  std::array<PixelPoint, 4> corners;
  double likeness = -1;
  bool turned = false;
};

/// A point of the found sheet by its share of width and height from the upper left.
PixelPoint within(const FoundCard& f, double u, double v) {
  std::array<cv::Point2f, 4> from = {cv::Point2f(0, 0), {1, 0}, {1, 1}, {0, 1}}, to;
  for (size_t k = 0; k < 4; ++k)
    to[k] = {static_cast<float>(f.corners[k].x), static_cast<float>(f.corners[k].y)};
  std::vector<cv::Point2f> in{{static_cast<float>(u), static_cast<float>(v)}}, out;
  cv::perspectiveTransform(in, out, cv::getPerspectiveTransform(from.data(), to.data()));
  return {out[0].x, out[0].y};
}

/// Light of the lamp over the panel and how it and the camera colour everything: in each channel a polynomial
/// of second degree of what is seen over what should be, where paper is bare; where too little is bare,
/// anywhere light.
void lightEvenly(cv::Mat& seen, const cv::Mat& wanted, const LinearRgb& paper) {
  const int stride = std::max(1, static_cast<int>(std::sqrt(static_cast<double>(seen.total()) / 40000)));
  std::vector<cv::Point> bare, light;
  std::array<int, 9> spread{};
  for (int y = 0; y < seen.rows; y += stride)
    for (int x = 0; x < seen.cols; x += stride) {
      const cv::Vec3f w = wanted.at<cv::Vec3f>(y, x);
      bool is = true, may = true;
      for (int c = 0; c < 3; ++c) is &= std::fabs(w[c] - paper[ix(c)])<0.02, may &= w[c]> 0.12;
      if (may) light.emplace_back(x, y);
      if (is) bare.emplace_back(x, y), ++spread[ix(3 * (3 * y / seen.rows) + 3 * x / seen.cols)];
    }
  // Bare paper tells only where it lies all about.
  const auto thirds = std::count_if(spread.begin(), spread.end(), [&](int n) { return n > 40; });
  const std::vector<cv::Point>& at = thirds >= 8 ? bare : light;
  if (at.size() < 60) return;
  const auto terms = [&](cv::Point p) {
    const double u = 2.0 * p.x / seen.cols - 1, v = 2.0 * p.y / seen.rows - 1;
    return cv::Vec<double, 6>(1, u, v, u * u, u * v, v * v);
  };
  for (int c = 0; c < 3; ++c) {
    cv::Vec<double, 6> k(0, 0, 0, 0, 0, 0);
    double spreadOf = 0.4;
    for (int round = 0; round < 10; ++round) {
      cv::Mat normal = cv::Mat::eye(6, 6, CV_64F) * 1e-6, right = cv::Mat::zeros(6, 1, CV_64F), solved;
      std::vector<double> off;
      for (cv::Point p : at) {
        const double ratio = std::log(std::max(1e-3f, seen.at<cv::Vec3f>(p)[c])) -
                             std::log(std::max(1e-3f, wanted.at<cv::Vec3f>(p)[c]));
        const auto t = terms(p);
        double e = ratio;
        for (int j = 0; j < 6; ++j) e -= k[j] * t[j];
        off.push_back(std::fabs(e));
        const double q = e / (3.5 * spreadOf);
        if (std::fabs(q) >= 1 && round > 0) continue;
        const double w = round > 0 ? (1 - q * q) * (1 - q * q) : 1;
        for (int a = 0; a < 6; ++a) {
          right.at<double>(a) += w * t[a] * ratio;
          for (int b = 0; b < 6; ++b) normal.at<double>(a, b) += w * t[a] * t[b];
        }
      }
      cv::solve(normal, right, solved, cv::DECOMP_CHOLESKY);
      for (int j = 0; j < 6; ++j) k[j] = solved.at<double>(j);
      const auto middle = off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2);
      std::nth_element(off.begin(), middle, off.end());
      spreadOf = std::clamp(1.4826 * *middle, 0.01, 0.5);
    }
    for (int y = 0; y < seen.rows; ++y)
      for (int x = 0; x < seen.cols; ++x) {
        const auto t = terms({x, y});
        double l = 0;
        for (int j = 0; j < 6; ++j) l += k[j] * t[j];
        float& v = seen.at<cv::Vec3f>(y, x)[c];
        v = static_cast<float>(v / std::exp(l));
      }
  }
}

cv::Mat linearOf(const ColourScan& s) {
  static const std::vector<float> table = [] {
    std::vector<float> t(256);
    for (size_t k = 0; k < 256; ++k) t[k] = static_cast<float>(havlo::linearOf(static_cast<double>(k) / 255));
    return t;
  }();
  cv::Mat out(s.height, s.width, CV_32FC3);
  const uint8_t* from = s.rgb.data();
  for (int y = 0; y < s.height; ++y)
    for (int x = 0; x < s.width; ++x, from += 3)
      out.at<cv::Vec3f>(y, x) = {table[from[0]], table[from[1]], table[from[2]]};
  return out;
}

/// Encoded 0 to 1, a little beyond white.
cv::Mat encoded(const cv::Mat& linear) {
  cv::Mat out(linear.size(), CV_32FC3);
  for (int y = 0; y < linear.rows; ++y)
    for (int x = 0; x < linear.cols; ++x)
      for (int c = 0; c < 3; ++c) {
        const float v = std::clamp(linear.at<cv::Vec3f>(y, x)[c], 0.f, 1.3f);
        out.at<cv::Vec3f>(y, x)[c] = v <= 0.0031308f ? 12.92f * v : 1.055f * std::pow(v, 1 / 2.4f) - 0.055f;
      }
  return out;
}

/// A large place that is like nothing of the card nearby: fingers, a pen, a mask forgotten.
std::optional<Point> lyingOnIt(const SeenCard& card) {
  const double perMm = card.perMm(), height_mm = card.grid().panelHeight_mm;
  cv::Mat s, w, low, high, inked;
  const double by = perMm > 3 ? 3 / perMm : 1;
  cv::resize(card.seen(), s, {}, by, by, cv::INTER_AREA);
  cv::resize(card.wanted(), w, s.size(), 0, 0, cv::INTER_AREA);
  cv::resize(card.inked(), inked, s.size(), 0, 0,
             cv::INTER_AREA);  // a print may be missing: that is told of it
  const cv::Mat near =
      cv::getStructuringElement(cv::MORPH_ELLIPSE, {9, 9});  // a millimetre and a half to all sides
  cv::erode(w, low, near), cv::dilate(w, high, near);
  cv::Mat odd(s.size(), CV_8U);
  for (int y = 0; y < s.rows; ++y)
    for (int x = 0; x < s.cols; ++x) {
      float most = 0;
      for (int c = 0; c < 3; ++c) {
        const float v = s.at<cv::Vec3f>(y, x)[c];
        most = std::max({most, low.at<cv::Vec3f>(y, x)[c] - v, v - high.at<cv::Vec3f>(y, x)[c]});
      }
      odd.at<uint8_t>(y, x) = most > 0.16f && inked.at<uint8_t>(y, x) < 128 ? 255 : 0;
    }
  cv::morphologyEx(odd, odd, cv::MORPH_OPEN, cv::getStructuringElement(cv::MORPH_ELLIPSE, {9, 9}));
  cv::Mat labels, stats, middles;
  const int count = cv::connectedComponentsWithStats(odd, labels, stats, middles);
  const double scale = perMm * by;
  for (int k = 1; k < count; ++k)
    if (stats.at<int>(k, cv::CC_STAT_AREA) / (scale * scale) > 140)
      return Point{middles.at<double>(k, 0) / scale, height_mm - middles.at<double>(k, 1) / scale};
  return {};
}

std::string placeWord(Point p, const Grid& g) {
  const double u = p.x / g.panelWidth_mm, v = p.y / g.panelHeight_mm;
  if (u < 0.33) return "on the left";
  if (u > 0.67) return "on the right";
  return v > 0.6 ? "at the top" : v < 0.4 ? "at the bottom" : "in the middle";
}

}  // namespace

std::string_view wordOf(PrintState state) {
  constexpr std::array<std::string_view, 7> kWords = {"asPlanned", "off",  "missing", "doubled",
                                                      "smeared",   "pale", "untold"};
  return kWords[ix(state)];
}

ColourScan turnedBy(const ColourScan& picture, int quarters) {
  quarters = ((quarters % 4) + 4) % 4;
  if (quarters == 0) return picture;
  cv::Mat out;
  cv::rotate(pixelsIn(picture), out,
             quarters == 1   ? cv::ROTATE_90_CLOCKWISE
             : quarters == 2 ? cv::ROTATE_180
                             : cv::ROTATE_90_COUNTERCLOCKWISE);
  ColourScan turned{out.cols, out.rows, {}};
  turned.rgb.assign(out.datastart, out.dataend);
  return turned;
}

Result<Comparison> compared(const Plan& plan, const Analysis& analysis, const ArtSource* art,
                            const ColourScan& picture, const CompareOptions& options,
                            const Progress& progress) {
  auto found = findCard(picture, progress);
  if (!found) return found.error();
  Comparison out;
  out.found = found.value();
  const Box panel = plan.card.panel.box();
  const auto [wide, high] = sidesOf(out.found);
  const double perMm = (wide / panel.width() + high / panel.height()) / 2;
  if (perMm < kLeastPerMm)
    return cannot("the card is too small in the picture: at least 70 dots an inch are needed");
  progress.at(0.1);
  // What the card should look like, at the resolution that tells.
  const Grid grid(panel, std::min(perMm, kMostPerMm) * 25.4);
  const PressInput in = analysis.press(plan, art);
  PressTiles tiles(in, grid);
  std::vector<char> stamped;
  const auto wanted = wantedCard(in, analysis, tiles, options.steps, stamped, progress);
  if (!wanted) return wanted.error();
  progress.at(0.4);
  // Which of the card's layers was found, and which way up does it lie?
  const CardFit fit = fitCard(plan);
  std::vector<Try> tries;
  for (const Layer& layer : fit.layers) {
    if (layer.what != Layer::What::Panel && options.steps < analysis.sheet.steps.size()) continue;
    const double w = layer.box.width(), h = layer.box.height();
    const double aspect = std::fabs(std::log(wide / high * h / w));
    double off = aspect;
    if (options.dpi) {
      const double mm = *options.dpi / 25.4;
      off = std::max(std::fabs(std::log(wide / mm / w)), std::fabs(std::log(high / mm / h)));
    }
    if (off > (options.dpi ? kOtherSize : kSeenFromAslant)) continue;
    Try t;
    const double l = (panel.left - layer.box.left) / w, r = (panel.right - layer.box.left) / w;
    const double top = (layer.box.top - panel.top) / h, bottom = (layer.box.top - panel.bottom) / h;
    t.corners = {within(out.found, l, top), within(out.found, r, top), within(out.found, r, bottom),
                 within(out.found, l, bottom)};
    if (layer.what != Layer::What::Panel)
      if (const auto sharper = sidesNear(picture, t.corners, 3 * wide / w)) t.corners = sharper->corners;
    const ColourScan seen = flattened(picture, t.corners, grid.width, grid.height);
    t.likeness = likenessOf(seen, wanted.value());
    if (const double other = likenessOf(seen, wanted.value(), true); other > t.likeness)
      t.likeness = other, t.turned = true;
    tries.push_back(t);
  }
  const double sideways = std::fabs(std::log(wide / high * panel.width() / panel.height()));
  if (tries.empty()) {
    if (sideways < kSeenFromAslant &&
        std::fabs(std::log(panel.width() / panel.height())) > 2 * kSeenFromAslant)
      return lies("the card lies on its side in the picture: turn the picture by a quarter", "--turn 90");
    return cannot("this sheet has other sides than the plan's card: is it another card, or half of it?");
  }
  const Try best = *std::max_element(tries.begin(), tries.end(),
                                     [](const Try& a, const Try& b) { return a.likeness < b.likeness; });
  const ColourScan seen = flattened(picture, best.corners, grid.width, grid.height);
  const bool any = std::any_of(stamped.begin(), stamped.end(), [](char s) { return s != 0; });
  out.likeness = best.likeness;
  if (any) {
    cv::Scalar mean, spread;
    cv::Mat blurred;
    cv::GaussianBlur(pixelsIn(seen), blurred, {0, 0}, 2);
    cv::Mat slow;
    cv::blur(blurred, slow, {81, 81});
    cv::meanStdDev(blurred - slow, mean, spread);
    if (spread[0] + spread[1] + spread[2] < 6)
      return cannot("there is nothing on this paper: is it the right side?");
    constexpr double kAlike = 0.3;
    if (best.turned && best.likeness > kAlike)
      return lies("the card lies upside down in the picture: turn the picture by half a circle",
                  "--turn 180");
    if (best.likeness < kAlike) {
      if (std::fabs(sideways) < kSeenFromAslant && !options.dpi) {
        const ColourScan side = turnedBy(flattened(picture, best.corners, grid.height, grid.width), 1);
        if (std::max(likenessOf(side, wanted.value()), likenessOf(side, wanted.value(), true)) > kAlike + 0.1)
          return lies("the card lies on its side in the picture: turn the picture by a quarter", "--turn 90");
      }
      return cannot("this is not the plan's card: hardly anything of it lies where it should");
    }
  }
  out.found.corners = best.corners;
  out.pxPerMm = perMm;
  out.unsure_mm = out.found.unsure_px / perMm;
  progress.at(0.5);
  cv::Mat linear = linearOf(seen);
  const cv::Mat meant = linearOf(wanted.value());
  lightEvenly(linear, meant, havlo::linearOf(plan.card.paper.colour));
  const SeenCard card(plan, analysis, tiles, stamped, encoded(linear), encoded(meant));
  if (const auto at = lyingOnIt(card))
    return cannot("something lies on the card " + placeWord(*at, grid) +
                  ", or much of it is not the plan's: take it away");
  for (size_t i = 0; i < stamped.size(); ++i)  // made when first asked for, so before many ask at once
    if (stamped[i]) tiles.ink(static_cast<int>(i)), tiles.silhouette(static_cast<int>(i));
  std::vector<int> which;
  for (size_t i = 0; i < stamped.size(); ++i)
    if (stamped[i]) which.push_back(static_cast<int>(i));
  out.prints.resize(which.size());
  forEachIndex(which.size(), 2, [&](size_t k) {
    if (progress.stopped()) return;
    out.prints[k] = card.look(which[k]);
  });
  if (progress.stopped()) return Error{ErrorCode::Stopped, {}, {}};
  progress.at(0.9);
  double there = 0, all = 0;
  for (const SeenPrint& p : out.prints)
    if (p.state != PrintState::Untold) {
      all += p.shows_mm2;
      if (p.state != PrintState::Missing) there += p.shows_mm2;
    }
  if (all > 0 && there < 0.35 * all)
    return cannot("this is not the plan's card: hardly anything of it lies where it should");
  std::vector<const SeenPrint*> known(plan.impressions.size(), nullptr);
  for (const SeenPrint& p : out.prints)
    if (p.state == PrintState::AsPlanned || p.state == PrintState::Off || p.state == PrintState::Pale)
      known[ix(p.impression)] = &p;
  lookAtJoins(plan, analysis, card, known, out);
  out.flat = ColourScan{grid.width, grid.height, {}};
  cv::Mat bytes;
  card.seen().convertTo(bytes, CV_8UC3, 255);
  out.flat.rgb.assign(bytes.datastart, bytes.dataend);
  out.flatPxPerMm = card.perMm();
  progress.at(1);
  return out;
}

}  // namespace havlo
