#include "core/cutting/tool.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

using std::numbers::pi;
constexpr double kStep_rad = 8 * pi / 180;  // of a swivel
constexpr double kPast_mm = 0.3;   // past where a closed line began, so that no thread of paper is left
constexpr double kScratch_mm = 6;  // four times the farthest a tip trails: then it points along it
constexpr double kScratchRoom_mm = 1.5;
constexpr double kDrag_mm = 0.005, kApart_mm = 0.02;  // of steps, of points that are kept

Point unit(Point p) {
  const double l = length(p);
  return l > 0 ? p * (1 / l) : Point{1, 0};
}

/// "hare#1" of "hare#1.2".
std::string maskOf(const std::string& id) {
  const size_t dot = id.rfind('.');
  return dot != std::string::npos && dot + 1 < id.size() &&
                 id.find_first_not_of("0123456789", dot + 1) == std::string::npos
             ? id.substr(0, dot)
             : id;
}

/// Outlines moved outward, holes inward; masks are told apart by their ids, open lines stay.
std::vector<CutLine> widened(const std::vector<CutLine>& lines, double by_mm) {
  std::vector<CutLine> out;
  std::vector<char> done(lines.size(), 0);
  for (size_t k = 0; k < lines.size(); ++k) {
    if (done[k]) continue;
    if (!lines[k].closed) {
      out.push_back(lines[k]);
      continue;
    }
    const std::string mask = maskOf(lines[k].id);
    Rings rings;
    for (size_t j = k; j < lines.size(); ++j)
      if (lines[j].closed && maskOf(lines[j].id) == mask) done[j] = 1, rings.push_back(lines[j].points);
    int ring = 0;
    for (Ring& r : offset(rings, Millimetres{by_mm})) {
      if (!r.empty() && !(r.front() == r.back())) r.push_back(r.front());
      out.push_back(
          {++ring == 1 || mask.empty() ? mask : mask + "." + std::to_string(ring), std::move(r), true});
    }
  }
  return inCuttingOrder(std::move(out));
}

/// Consecutive points that are one and the same are dropped.
Ring distinct(const Ring& points) {
  Ring out;
  for (Point p : points)
    if (out.empty() || distance(out.back(), p) > 1e-6) out.push_back(p);
  return out;
}

/// The axis of a trailing blade, led so that the tip follows.
class Led {
 public:
  Led(double trailing_mm, Point pointing) : m_trailing(trailing_mm), m_way(pointing * -1) {}

  CutLine along(const CutLine& line) {
    CutLine out{line.id, {}, false};
    Ring way = distinct(line.points);
    if (way.size() < 2) return {line.id, {}, false};
    if (line.closed) goOn(way);
    // Down where the blade points as it was left, with its tip on the first point; then it is turned about
    // it.
    out.points.push_back(way.front() + m_way * m_trailing);
    for (size_t i = 0; i + 1 < way.size(); ++i) {
      swivel(out.points, way[i], unit(way[i + 1] - way[i]));
      out.points.push_back(way[i + 1] + m_way * m_trailing);
    }
    return out;
  }

 private:
  double m_trailing;
  Point m_way;  // in which the axis runs: away from the tip

  void swivel(Ring& out, Point about, Point to) {
    const double turn = std::atan2(cross(m_way, to), dot(m_way, to));
    const double from = std::atan2(m_way.y, m_way.x);
    const int steps = static_cast<int>(std::ceil(std::fabs(turn) / kStep_rad));
    for (int k = 1; k <= steps; ++k) {
      const double a = from + turn * k / steps;
      out.push_back(about + Point{std::cos(a), std::sin(a)} * m_trailing);
    }
    m_way = to;
  }

  static void goOn(Ring& way) {
    double left = kPast_mm;
    for (size_t i = 1; i < way.size() && left > 0; ++i) {
      const double l = distance(way[i - 1], way[i]);
      way.push_back(l <= left ? way[i] : midway(way[i - 1], way[i], left / l));
      left -= l;
    }
  }
};

/// A place in the waste for the scratch that sets the blade: along an edge of the sheet, off everything that
/// is cut.
std::optional<CutLine> scratch(const std::vector<CutLine>& lines, double width_mm, double height_mm) {
  const double in = 3;
  if (width_mm < 3 * kScratch_mm || height_mm < 3 * kScratch_mm) return {};
  for (const auto& [across, y] : {std::pair(0.5, in),
                                  {0.2, in},
                                  {0.8, in},
                                  {0.5, height_mm - in},
                                  {0.2, height_mm - in},
                                  {0.8, height_mm - in}}) {
    const Point from{across * width_mm - kScratch_mm / 2, y}, to{from.x + kScratch_mm, y};
    const Box room = Box{from.x, y, to.x, y}.grown(kScratchRoom_mm);
    bool free = true;
    for (const CutLine& line : lines) {
      free = free && !(line.closed && covers(Rings{line.points}, room.centre()));
      if (free && boxOf(Rings{line.points}).meets(room))
        for (size_t i = 0; i + 1 < line.points.size() && free; ++i) {
          Box piece;
          piece.include(line.points[i]), piece.include(line.points[i + 1]);
          free = !piece.meets(room);
        }
    }
    if (free) return CutLine{kBladeScratch, {from, to}, false};
  }
  return {};
}

}  // namespace

std::vector<CutLine> forTool(const std::vector<CutLine>& lines, const CuttingTool& tool, double width_mm,
                             double height_mm) {
  std::vector<CutLine> out = tool.width_mm > 0 ? widened(lines, tool.width_mm / 2) : lines;
  if (!(tool.trailing_mm > 0) || out.empty()) return out;
  std::vector<CutLine> led;
  const auto first = scratch(out, width_mm, height_mm);
  if (first) led.push_back(*first);
  Led blade(tool.trailing_mm, Point{-1, 0});  // after the scratch, which runs to the right
  for (const CutLine& line : out) led.push_back(blade.along(line));
  std::erase_if(led, [](const CutLine& l) { return l.points.size() < 2; });
  return led;
}

std::vector<CutLine> draggedTip(const std::vector<CutLine>& axis, double trailing_mm, Point pointing) {
  std::vector<CutLine> out;
  Point arm = unit(pointing) * trailing_mm;
  for (const CutLine& line : axis) {
    CutLine tip{line.id, {}, false};
    if (line.points.empty()) continue;
    Point at = line.points.front() + arm;
    tip.points.push_back(at);
    for (size_t i = 1; i < line.points.size(); ++i) {
      const Point a = line.points[i - 1], b = line.points[i];
      const int steps = std::max(1, static_cast<int>(std::ceil(distance(a, b) / kDrag_mm)));
      for (int k = 1; k <= steps; ++k) {
        const Point holder = midway(a, b, static_cast<double>(k) / steps);
        at = holder + unit(at - holder) * trailing_mm;
        // Points nearer than a step say nothing.
        if (distance(tip.points.back(), at) >= kApart_mm || (k == steps && i + 1 == line.points.size()))
          tip.points.push_back(at);
      }
      arm = at - b;
    }
    out.push_back(std::move(tip));
  }
  return out;
}

}  // namespace havlo
