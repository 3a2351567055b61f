#include "core/cutting/registration.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

namespace havlo {
namespace {

using std::numbers::pi;
constexpr int kSides = 48;
constexpr double kStoodIn_mm = 20;  // the fourth mark along the top
constexpr double kMatch_mm = 40;    // a mark is not looked for farther away
constexpr double kMostStretch = 0.05;

/// How marks lie when the sheet is turned by so many quarters about the middle of the marks.
std::vector<Point> quarterTurned(std::span<const Point> marks, int quarters) {
  Point middle{};
  for (Point p : marks) middle = middle + p * (1.0 / static_cast<double>(marks.size()));
  std::vector<Point> out;
  for (Point p : marks) {
    Point d = p - middle;
    for (int k = 0; k < quarters; ++k) d = {-d.y, d.x};
    out.push_back(middle + d);
  }
  return out;
}

/// Pairs of marks, each seen one taken once: the nearest first, once their middles lie on each other.
std::vector<std::pair<Point, Point>> matched(std::span<const Point> expected, std::span<const Point> turned,
                                             std::span<const Point> seen) {
  struct Pair {
    double apart;
    size_t e, s;
  };
  Point shift{};
  if (seen.size() == turned.size())
    for (size_t k = 0; k < seen.size(); ++k)
      shift = shift + (seen[k] - turned[k]) * (1.0 / static_cast<double>(seen.size()));
  std::vector<Pair> all;
  for (size_t e = 0; e < turned.size(); ++e)
    for (size_t s = 0; s < seen.size(); ++s)
      if (const double d = distance(turned[e] + shift, seen[s]); d < kMatch_mm) all.push_back({d, e, s});
  std::sort(all.begin(), all.end(), [](const Pair& a, const Pair& b) { return a.apart < b.apart; });
  std::vector<char> usedE(turned.size(), 0), usedS(seen.size(), 0);
  std::vector<std::pair<Point, Point>> out;
  for (const Pair& p : all)
    if (!usedE[p.e] && !usedS[p.s]) {
      usedE[p.e] = usedS[p.s] = 1;
      out.emplace_back(expected[p.e], seen[p.s]);
    }
  return out;
}

/// The affine map of least squares. Nothing where the pairs do not span a plane.
std::optional<SheetFit> affine(const std::vector<std::pair<Point, Point>>& pairs) {
  if (pairs.size() < 3) return {};
  Point from{}, to{};
  const double share = 1.0 / static_cast<double>(pairs.size());
  for (const auto& [e, s] : pairs) from = from + e * share, to = to + s * share;
  double xx = 0, xy = 0, yy = 0;
  Point atX{}, atY{};
  for (const auto& [e, s] : pairs) {
    const Point d = e - from, g = s - to;
    xx += d.x * d.x, xy += d.x * d.y, yy += d.y * d.y;
    atX = atX + Point{g.x * d.x, g.x * d.y}, atY = atY + Point{g.y * d.x, g.y * d.y};
  }
  const double det = xx * yy - xy * xy;
  if (!(det > 1e-6 * xx * xx + 1e-9)) return {};
  SheetFit fit;
  fit.xx = (atX.x * yy - atX.y * xy) / det, fit.xy = (atX.y * xx - atX.x * xy) / det;
  fit.yx = (atY.x * yy - atY.y * xy) / det, fit.yy = (atY.y * xx - atY.x * xy) / det;
  fit.by = to - Point{fit.xx * from.x + fit.xy * from.y, fit.yx * from.x + fit.yy * from.y};
  for (const auto& [e, s] : pairs) fit.off_mm = std::max(fit.off_mm, distance(fit(e), s));
  return fit;
}

/// Turned and moved, hardly stretched, never mirrored.
bool likeASheet(const SheetFit& f) {
  const double along = std::hypot(f.xx, f.yx), across = std::hypot(f.xy, f.yy);
  const double square = std::fabs(f.xx * f.xy + f.yx * f.yy) / (along * across);
  return std::fabs(along - 1) < kMostStretch && std::fabs(across - 1) < kMostStretch &&
         square < kMostStretch && f.xx * f.yy - f.xy * f.yx > 0;
}

}  // namespace

std::vector<Point> registrationMarks(double width_mm, double height_mm) {
  const double in = kMarkInset_mm;
  if (width_mm < 4 * in + kStoodIn_mm || height_mm < 4 * in) return {};
  return {{in, in}, {width_mm - in, in}, {in, height_mm - in}, {width_mm - in - kStoodIn_mm, height_mm - in}};
}

std::vector<CutLine> registrationLines(double width_mm, double height_mm) {
  std::vector<CutLine> out;
  for (Point at : registrationMarks(width_mm, height_mm)) {
    CutLine line{"register-" + std::to_string(out.size() + 1), {}, true};
    for (int k = 0; k < kSides; ++k) {
      const double a = 2 * pi * k / kSides;
      line.points.push_back(at + Point{std::cos(a), std::sin(a)} * kMarkRadius_mm);
    }
    line.points.push_back(line.points.front());
    out.push_back(std::move(line));
  }
  return out;
}

std::vector<Point> marksOn(const CutSheet& sheet) {
  constexpr double kRound_mm = 0.1;
  std::vector<Point> out;
  for (const CutLine& line : sheet.marks) {
    if (line.points.size() < static_cast<size_t>(kSides) / 2) continue;
    if (distance(line.points.front(), line.points.back()) > kRound_mm && !line.closed) continue;
    const Point middle = boxOf(Rings{line.points}).centre();
    if (std::all_of(line.points.begin(), line.points.end(),
                    [&](Point p) { return std::fabs(distance(p, middle) - kMarkRadius_mm) < kRound_mm; }))
      out.push_back(middle);
  }
  return out;
}

Result<SheetFit> fitSheet(std::span<const Point> expected, std::span<const Point> seen) {
  if (seen.size() < 3) return Error{ErrorCode::BadInput, "fewer than three marks are seen on the sheet", {}};
  std::optional<SheetFit> best;
  for (int quarters = 0; quarters < 4; ++quarters) {
    const std::vector<Point> turned = quarterTurned(expected, quarters);
    auto fit = affine(matched(expected, turned, seen));
    if (!fit || !likeASheet(*fit)) continue;
    fit->wrongWay = quarters != 0;
    if (!best || fit->off_mm < best->off_mm) best = fit;
  }
  if (!best || best->off_mm > kWorstFit_mm)
    return Error{ErrorCode::BadInput, "the marks seen on the sheet are not those of the file", {}};
  return *best;
}

std::vector<CutLine> laidOn(std::vector<CutLine> lines, const SheetFit& fit) {
  for (CutLine& line : lines)
    for (Point& p : line.points) p = fit(p);
  return lines;
}

}  // namespace havlo
