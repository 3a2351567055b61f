// One print after the other: where it lies, how much of its ink came, whether it came twice or slid.
#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "core/colour/colour.h"
#include "core/compare/registration.h"
#include "core/compare/seen_card.h"

namespace havlo {
namespace {

constexpr double kNear_mm = 0.5, kRound_mm = 0.8, kFrontEdge_mm = 1, kFarthestDouble_mm = 2.6;
constexpr double kLeastInk_mm2 = 3;                        // less ink than this tells nothing
constexpr double kLeastContrast = 0.07;                    // of encoded brightness
constexpr double kLeastLikeness = 0.25, kLeastInk = 0.13;  // below one of them there is no print
constexpr double kHalfLike = 0.5, kHalfInk = 0.28;  // nor below both: colouring by hand follows lines too
constexpr double kPale = 0.62;
constexpr double kRaster_mm = 0.025;  // a quarter of a pixel that tells
constexpr double kField_mm = 1.2;
constexpr uint8_t kSolid = 230;

/// With room round it, as far as the grid goes.
Tile roomy(const Tile& t, const Grid& grid, int by) {
  Tile out;
  out.x = std::max(0, t.x - by), out.y = std::max(0, t.y - by);
  out.width = std::min(grid.width, t.x + t.width + by) - out.x;
  out.height = std::min(grid.height, t.y + t.height + by) - out.y;
  if (t.empty() || out.empty()) return {};
  out.cover.assign(ix(out.width) * ix(out.height), 0);
  for (int y = t.y; y < t.y + t.height; ++y)
    std::copy(t.row(y), t.row(y) + t.width, out.row(y) + (t.x - out.x));
  return out;
}

double inkOf(const Tile& t) {
  double sum = 0;
  for (uint8_t a : t.cover) sum += a;
  return sum / 255;
}

}  // namespace

SeenCard::SeenCard(const Plan& plan, const Analysis& analysis, PressTiles& tiles, std::vector<char> stamped,
                   cv::Mat seen, cv::Mat wanted)
    : m_plan(plan),
      m_analysis(analysis),
      m_tiles(tiles),
      m_stamped(std::move(stamped)),
      m_seen(std::move(seen)),
      m_wanted(std::move(wanted)),
      m_perMm(tiles.grid().pxPerMmX()) {
  const Grid& grid = tiles.grid();
  m_count = cv::Mat::zeros(grid.height, grid.width, CV_8U);
  m_inked = m_count.clone();
  const int room = static_cast<int>(std::ceil(kNear_mm * m_perMm)) + 1;
  m_fronts.resize(plan.impressions.size()), m_wide.resize(plan.impressions.size());
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    Tile& printed = m_printed.emplace_back();
    Tile& near = m_near.emplace_back();
    if (!m_stamped[i]) continue;
    printed = tiles.ink(static_cast<int>(i));
    for (int k : analysis.meetings.of[i]) {
      const Meeting& m = analysis.meetings.list[ix(k)];
      if (m.back == static_cast<int>(i) && !printsOver(plan.impressions[ix(m.front)].school))
        block(printed, tiles.silhouette(m.front)), m_fronts[i].push_back(m.front);
    }
    for (int y = printed.y; y < printed.y + printed.height; ++y)
      for (int x = printed.x; x < printed.x + printed.width; ++x)
        m_inked.at<uint8_t>(y, x) = std::max(m_inked.at<uint8_t>(y, x), printed.row(y)[x - printed.x]);
    near = dilated(roomy(printed, grid, room), grid, kNear_mm, 40);
    for (int y = near.y; y < near.y + near.height; ++y)
      for (int x = near.x; x < near.x + near.width; ++x)
        if (near.row(y)[x - near.x]) {
          uint8_t& n = m_count.at<uint8_t>(y, x);
          if (n < 255) ++n;
        }
  }
  const int wide = static_cast<int>(std::ceil(kFrontEdge_mm * m_perMm)) + 1;
  for (const auto& fronts : m_fronts)
    for (int f : fronts)
      if (m_wide[ix(f)].empty())
        m_wide[ix(f)] = dilated(roomy(tiles.silhouette(f), grid, wide), grid, kFrontEdge_mm);
}

bool SeenCard::hiddenAt(int i, int x, int y) const {
  return std::any_of(m_fronts[ix(i)].begin(), m_fronts[ix(i)].end(),
                     [&](int f) { return m_wide[ix(f)].at(x, y) != 0; });
}

bool SeenCard::nearOthersAt(int i, int x, int y) const {
  // What lies beside another's line may be that line, if that one was pressed off its place.
  const auto others = [&](int gx, int gy) {
    return gx >= 0 && gy >= 0 && gx < grid().width && gy < grid().height && othersAt(i, gx, gy);
  };
  const int by = static_cast<int>(std::lround(kNear_mm * m_perMm));
  return others(x - by, y) || others(x + by, y) || others(x, y - by) || others(x, y + by);
}

bool SeenCard::othersAt(int i, int x, int y) const {
  return m_count.at<uint8_t>(y, x) > (m_near[ix(i)].at(x, y) ? 1 : 0);
}

std::optional<PrintScale> SeenCard::scaleOf(int i) const {
  const Tile& t = m_printed[ix(i)];
  const Tile round = roomy(t, grid(), static_cast<int>(kRound_mm * m_perMm) + 1);
  cv::Vec3d ink(0, 0, 0), ground(0, 0, 0);
  double inked = 0, bare = 0;
  for (int y = round.y; y < round.y + round.height; ++y)
    for (int x = round.x; x < round.x + round.width; ++x) {
      const double a = t.at(x, y) / 255.0;
      if (othersAt(i, x, y)) continue;
      const cv::Vec3f c = m_wanted.at<cv::Vec3f>(y, x);
      const double wi = a * a * a, wb = a < 0.04 ? 1 : 0;
      ink += wi * cv::Vec3d(c), inked += wi;
      ground += wb * cv::Vec3d(c), bare += wb;
    }
  if (inked < 20 || bare < 20) return {};
  PrintScale out;
  out.ground = ground / bare;
  const cv::Vec3f way = cv::Vec3f(ink / inked) - out.ground;
  out.contrast = cv::norm(way);
  if (out.contrast < kLeastContrast) return {};
  out.across = way / static_cast<float>(out.contrast * out.contrast);
  return out;
}

cv::Point2d SeenCard::toSeen(const SeenPrint& print, cv::Point2d p) const {
  const cv::Point2d pivot = pixelOf(m_plan.impressions[ix(print.impression)].at);
  const double turn = -print.turn_deg * 3.14159265358979 / 180, c = std::cos(turn), s = std::sin(turn);
  const cv::Point2d d = p - pivot;
  return {pivot.x + print.by.x * m_perMm + c * d.x - s * d.y,
          pivot.y - print.by.y * m_perMm + s * d.x + c * d.y};
}

cv::Point2d SeenCard::toPlan(const SeenPrint& print, cv::Point2d p) const {
  const cv::Point2d pivot = pixelOf(m_plan.impressions[ix(print.impression)].at);
  const double turn = print.turn_deg * 3.14159265358979 / 180, c = std::cos(turn), s = std::sin(turn);
  const cv::Point2d d(p.x - pivot.x - print.by.x * m_perMm, p.y - pivot.y + print.by.y * m_perMm);
  return {pivot.x + c * d.x - s * d.y, pivot.y + s * d.x + c * d.y};
}

SeenPrint SeenCard::look(int i) const {
  SeenPrint found = lookWithin(i, kFarthest_mm);
  // What was found far off may be a neighbour that looks alike.
  constexpr double kFar_mm = 1.6, kOthers = 0.5, kNearby_mm = 1.8;
  if (length(found.by) > kFar_mm && onOthers(found) > kOthers) found = lookWithin(i, kNearby_mm);
  return found;
}

double SeenCard::onOthers(const SeenPrint& print) const {
  const Tile& t = m_printed[ix(print.impression)];
  int on = 0, all = 0;
  for (int y = t.y; y < t.y + t.height; y += 2)
    for (int x = t.x; x < t.x + t.width; x += 2) {
      if (t.row(y)[x - t.x] < 150) continue;
      const cv::Point2d p = toSeen(print, {x + 0.5, y + 0.5});
      const int sx = static_cast<int>(p.x), sy = static_cast<int>(p.y);
      if (sx < 0 || sy < 0 || sx >= grid().width || sy >= grid().height) continue;
      ++all, on += othersAt(print.impression, sx, sy);
    }
  return all > 0 ? static_cast<double>(on) / all : 0;
}

SeenPrint SeenCard::lookWithin(int i, double farthest_mm) const {
  SeenPrint out;
  out.impression = i;
  const Tile& printed = m_printed[ix(i)];
  const double perMm2 = m_perMm * m_perMm;
  out.shows_mm2 = inkOf(printed) / perMm2;
  const auto scale = scaleOf(i);
  if (!scale || out.shows_mm2 < kLeastInk_mm2) return out;
  // The part of the picture about it, in its own scale.
  const Tile part = roomy(printed, grid(), static_cast<int>((kFarthest_mm + 1) * m_perMm));
  const Tile near =
      dilated(roomy(printed, grid(), static_cast<int>(kRound_mm * m_perMm) + 2), grid(), kRound_mm, 40);
  cv::Mat seen(part.height, part.width, CV_32F);
  WantedPrint wanted;
  wanted.weight = cv::Mat::zeros(part.height, part.width, CV_32F);
  cv::Mat meant(part.height, part.width, CV_32F);
  double free = 0;
  for (int y = 0; y < part.height; ++y)
    for (int x = 0; x < part.width; ++x) {
      const int gx = part.x + x, gy = part.y + y;
      seen.at<float>(y, x) = std::clamp(scale->of(m_seen.at<cv::Vec3f>(gy, gx)), -0.6f, 1.8f);
      meant.at<float>(y, x) = std::clamp(scale->of(m_wanted.at<cv::Vec3f>(gy, gx)), -0.6f, 1.6f);
      if (!near.at(gx, gy) || othersAt(i, gx, gy) || hiddenAt(i, gx, gy)) continue;
      wanted.weight.at<float>(y, x) = nearOthersAt(i, gx, gy) ? 0.15f : 1;
      free += printed.at(gx, gy) / 255.0;
    }
  // What is drawn, not what is coloured in: lines stay, plain fields go.
  const auto drawn = [&](const cv::Mat& m) {
    cv::Mat slow;
    cv::GaussianBlur(m, slow, {0, 0}, kField_mm * m_perMm);
    return cv::Mat(m - slow);
  };
  seen = drawn(seen), wanted.ink = drawn(meant);
  if (free / perMm2 < kLeastInk_mm2) return out;
  const cv::Point2d pivot = pixelOf(m_plan.impressions[ix(i)].at);
  wanted.pivot = pivot - cv::Point2d(part.x, part.y);
  wanted.pxPerMm = m_perMm;
  const auto fit = fitPrint(seen, wanted, farthest_mm);
  if (!fit) return out;
  out.likeness = fit->likeness;
  out.strength = std::max(0.0, fit->gain);
  out.by = {fit->by.x / m_perMm, -fit->by.y / m_perMm};
  out.turn_deg = -fit->turn_rad * 180 / 3.14159265358979;
  out.bySd_mm = std::hypot(fit->bySd_px / m_perMm, kRaster_mm),
  out.turnSd_deg = fit->turnSd_rad * 180 / 3.14159265358979;
  out.strength = inkThatCame(out, i);
  if (fit->likeness < kLeastLikeness || out.strength < kLeastInk || fit->gain < 3 * fit->gainSd ||
      (fit->likeness < kHalfLike && out.strength < kHalfInk)) {
    SeenPrint missing;
    missing.impression = i, missing.state = PrintState::Missing, missing.likeness = fit->likeness;
    missing.strength = 0, missing.shows_mm2 = out.shows_mm2;
    return missing;
  }
  const bool off = length(out.by) > kOff_mm || std::fabs(out.turn_deg) > kOffTurn_deg;
  out.state = out.strength < kPale ? PrintState::Pale : off ? PrintState::Off : PrintState::AsPlanned;
  mishaps(out, i, *scale);
  return out;
}

double SeenCard::inkThatCame(const SeenPrint& print, int i) const {
  // In linear light a half-inked place is half as dark. Beside the ink lies what it was stamped on, coloured
  // or not.
  const Tile& printed = m_printed[ix(i)];
  const auto linear = [](const cv::Vec3f& c) {
    cv::Vec3f out;
    for (int k = 0; k < 3; ++k) out[k] = static_cast<float>(linearOf(std::clamp<double>(c[k], 0, 1)));
    return out;
  };
  std::vector<std::pair<cv::Vec3f, cv::Vec3f>> pairs;  // wanted and seen, less what lies beside
  const int near = std::max(2, static_cast<int>(std::lround(0.55 * m_perMm)));
  const size_t stride = std::max<size_t>(1, static_cast<size_t>(inkOf(printed)) / 3000);
  size_t count = 0;
  for (int y = printed.y; y < printed.y + printed.height; ++y)
    for (int x = printed.x; x < printed.x + printed.width; ++x) {
      if (printed.row(y)[x - printed.x] < 200 || othersAt(i, x, y) || hiddenAt(i, x, y) || count++ % stride)
        continue;
      const cv::Point2d p = toSeen(print, {x + 0.5, y + 0.5});
      const int sx = static_cast<int>(p.x), sy = static_cast<int>(p.y);
      if (sx < 1 || sy < 1 || sx >= grid().width - 1 || sy >= grid().height - 1) continue;
      const cv::Vec3f meant = linear(m_wanted.at<cv::Vec3f>(y, x));
      // The bare pixel nearby that differs most from the ink.
      cv::Vec3f ground = meant;
      double most = 0;
      for (int k = 0; k < 16; ++k) {
        const double a = k * 3.14159265358979 / 8;
        const int gx = x + static_cast<int>(std::lround(near * std::cos(a))),
                  gy = y + static_cast<int>(std::lround(near * std::sin(a)));
        if (gx < 0 || gy < 0 || gx >= grid().width || gy >= grid().height || printed.at(gx, gy) > 12 ||
            othersAt(i, gx, gy))
          continue;
        const cv::Vec3f g = linear(m_wanted.at<cv::Vec3f>(gy, gx));
        if (const double d = cv::norm(g - meant); d > most) most = d, ground = g;
      }
      if (most < 0.04) continue;
      pairs.emplace_back(meant - ground, linear(m_seen.at<cv::Vec3f>(sy, sx)) - ground);
    }
  std::vector<double> shares;
  for (const auto& [meant, seen] : pairs)
    shares.push_back(std::clamp<double>(seen.dot(meant) / meant.dot(meant), -0.5, 1.6));
  if (shares.size() < 12) {  // no solid ink: as much as the drawing stands out
    return print.strength;
  }
  const auto middle = shares.begin() + static_cast<std::ptrdiff_t>(shares.size() / 2);
  std::nth_element(shares.begin(), middle, shares.end());
  return std::max(0.0, *middle);
}

void SeenCard::mishaps(SeenPrint& out, int i, const PrintScale& scale) const {
  const Tile& printed = m_printed[ix(i)];
  const int room = static_cast<int>((kFarthestDouble_mm + 1) * m_perMm);
  const Tile part = roomy(printed, grid(), room);
  const int w = part.width, h = part.height;
  // Brought back to where it was planned: what is there beyond what should be, and whether that can be told.
  cv::Mat more = cv::Mat::zeros(h, w, CV_32F), told = cv::Mat::zeros(h, w, CV_8U),
          ink = cv::Mat::zeros(h, w, CV_8U);
  cv::Mat mapX(h, w, CV_32F), mapY(h, w, CV_32F), there;
  for (int y = 0; y < h; ++y)
    for (int x = 0; x < w; ++x) {
      const cv::Point2d p = toSeen(out, {part.x + x + 0.5, part.y + y + 0.5});
      mapX.at<float>(y, x) = static_cast<float>(p.x - 0.5),
                        mapY.at<float>(y, x) = static_cast<float>(p.y - 0.5);
    }
  cv::remap(m_seen, there, mapX, mapY, cv::INTER_LINEAR, cv::BORDER_REPLICATE);
  std::array<std::vector<float>, 3> solid, meant;
  for (int y = 0; y < h; ++y)
    for (int x = 0; x < w; ++x) {
      const int gx = part.x + x, gy = part.y + y;
      const double px = mapX.at<float>(y, x), py = mapY.at<float>(y, x);
      const uint8_t a = printed.at(gx, gy);
      ink.at<uint8_t>(y, x) = a;
      if (px < 0 || py < 0 || px >= grid().width - 1 || py >= grid().height - 1 || othersAt(i, gx, gy) ||
          hiddenAt(i, gx, gy))
        continue;
      const cv::Vec3f& c = there.at<cv::Vec3f>(y, x);
      const cv::Vec3f& want = m_wanted.at<cv::Vec3f>(gy, gx);
      told.at<uint8_t>(y, x) = 255;
      more.at<float>(y, x) = scale.of(c) - scale.of(want);
      if (a >= kSolid)
        for (size_t k = 0; k < 3; ++k)
          solid[k].push_back(c[static_cast<int>(k)]), meant[k].push_back(want[static_cast<int>(k)]);
    }
  const auto middle = [](std::vector<float>& v) {
    const auto m = v.begin() + static_cast<std::ptrdiff_t>(v.size() / 2);
    std::nth_element(v.begin(), m, v.end());
    return *m;
  };
  if (!solid[0].empty()) {
    std::array<Colour, 2> colours;
    for (size_t which = 0; which < 2; ++which) {
      auto& from = which ? meant : solid;
      const auto level = [&](size_t k) {
        return static_cast<uint8_t>(std::clamp<long>(std::lround(middle(from[k]) * 255), 0, 255));
      };
      colours[which] = {level(0), level(1), level(2)};
    }
    out.colour = colours[0];
    out.difference = ciede2000(labOf(colours[0]), labOf(colours[1]));
  }
  // Ink where the drawing, pushed aside, would put it and where there should be none.
  cv::Mat wide;
  const int edge = std::max(1, static_cast<int>(std::lround(0.22 * m_perMm)));
  cv::dilate(ink > 40, wide, cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * edge + 1, 2 * edge + 1}));
  std::vector<cv::Point> inked;
  for (int y = 0; y < h; ++y)
    for (int x = 0; x < w; ++x)
      if (ink.at<uint8_t>(y, x) >= 150) inked.emplace_back(x, y);
  const size_t stride = std::max<size_t>(1, inked.size() / 1500);
  const auto beside = [&](double dx_mm, double dy_mm) -> std::pair<double, double> {
    const int dx = static_cast<int>(std::lround(dx_mm * m_perMm)),
              dy = static_cast<int>(std::lround(dy_mm * m_perMm));
    double sum = 0;
    int n = 0, all = 0;
    for (size_t k = 0; k < inked.size(); k += stride) {
      const int x = inked[k].x + dx, y = inked[k].y + dy;
      ++all;
      if (x < 0 || y < 0 || x >= w || y >= h || wide.at<uint8_t>(y, x) || !told.at<uint8_t>(y, x)) continue;
      sum += std::clamp(more.at<float>(y, x), -0.5f, 1.2f), ++n;
    }
    return n < 25 ? std::pair(0.0, 0.0) : std::pair(sum / n, static_cast<double>(n) / all);
  };
  double best = 0;
  Point far;
  const auto search = [&](Point about, double reach, double step) {
    for (double dy = about.y - reach; dy <= about.y + reach + 1e-9; dy += step)
      for (double dx = about.x - reach; dx <= about.x + reach + 1e-9; dx += step) {
        const double d = std::hypot(dx, dy);
        if (d < 0.5 || d > kFarthestDouble_mm) continue;
        if (const auto [m, share] = beside(dx, dy); share > 0.12 && m > best) best = m, far = {dx, dy};
      }
  };
  search({}, kFarthestDouble_mm, 0.3);
  search(Point(far), 0.2, 0.1);
  const double scaleBy = std::max(0.3, out.strength);
  // A slide leaves ink all the way, fading; a jump leaves none between.
  double slid = 0;
  for (int k = 0; k < 12; ++k) {
    const Point way{std::cos(k * 3.14159265358979 / 6), std::sin(k * 3.14159265358979 / 6)};
    double from = 0;
    for (double s = 0.35; s <= kFarthestDouble_mm; s += 0.1) {
      const auto [m, share] = beside(way.x * s, way.y * s);
      if (share < 0.02) continue;
      if (m / scaleBy < 0.2) break;
      from = s;
    }
    slid = std::max(slid, from);
  }
  if (best / scaleBy >= 0.45 || slid >= 0.5) {
    // Is there ink on the way to a second print?
    cv::Mat second, moved = cv::Mat::zeros(h, w, CV_8U);
    const cv::Mat shift = (cv::Mat_<double>(2, 3) << 1, 0, far.x * m_perMm, 0, 1, far.y * m_perMm);
    cv::warpAffine(ink, moved, shift, ink.size());
    cv::dilate(moved > 40, second,
               cv::getStructuringElement(cv::MORPH_ELLIPSE, {2 * edge + 1, 2 * edge + 1}));
    double between = 0;
    int places = 0;
    for (const double share : {0.35, 0.5, 0.65})
      for (size_t k = 0; k < inked.size(); k += stride) {
        const int x = inked[k].x + static_cast<int>(std::lround(share * far.x * m_perMm)),
                  y = inked[k].y + static_cast<int>(std::lround(share * far.y * m_perMm));
        if (x < 0 || y < 0 || x >= w || y >= h || !told.at<uint8_t>(y, x) || wide.at<uint8_t>(y, x) ||
            second.at<uint8_t>(y, x))
          continue;
        between += std::clamp(more.at<float>(y, x), -0.5f, 1.2f), ++places;
      }
    const bool whole = best / scaleBy > 0.8 && length(far) > 0.6;  // a slide has faded by then
    if (whole || (best / scaleBy > 0.45 && (places < 25 ? slid < 0.5 : between / places < 0.45 * best))) {
      out.state = PrintState::Doubled;
      out.again = {far.x, -far.y};
      // The nearer one of the two is the print that was meant.
      if (const Point other = out.by + out.again; length(other) < length(out.by) - 0.1)
        out.by = other, out.again = out.again * -1;
    } else if (slid >= 0.5) {
      out.state = PrintState::Smeared, out.smear_mm = slid;
    }
  }
  if (out.state == PrintState::Pale) return;
  // Bare places within solid ink.
  const int thin = std::max(1, static_cast<int>(std::lround(0.3 * m_perMm)));
  cv::Mat bare = (more < -0.55) & (ink >= kSolid) & told;
  cv::erode(bare, bare, cv::getStructuringElement(cv::MORPH_ELLIPSE, {thin, thin}));
  cv::dilate(bare, bare, cv::getStructuringElement(cv::MORPH_ELLIPSE, {thin, thin}));
  cv::Mat labels, stats, middles;
  const int count = cv::connectedComponentsWithStats(bare, labels, stats, middles);
  for (int k = 1; k < count; ++k) {
    const double area = stats.at<int>(k, cv::CC_STAT_AREA) / (m_perMm * m_perMm);
    if (area < 0.6) continue;
    const cv::Point2d p = toSeen(out, {part.x + middles.at<double>(k, 0), part.y + middles.at<double>(k, 1)});
    out.bare.push_back({mmOf(p), area});
  }
  std::sort(out.bare.begin(), out.bare.end(),
            [](const BareSpot& a, const BareSpot& b) { return a.area_mm2 > b.area_mm2; });
}

}  // namespace havlo
