#include "core/cutting/cutter.h"

#include <algorithm>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr size_t kMostPoints = 1'000'000;

double distance(Point a, Point b) { return std::hypot(a.x - b.x, a.y - b.y); }

double lengthOf(const Ring& chain) {
  double sum = 0;
  for (size_t i = 1; i < chain.size(); ++i) sum += distance(chain[i - 1], chain[i]);
  return sum;
}

void move(const std::vector<CutLine>& lines, const CutterSettings& s, CutReport& report) {
  Point knife{};
  bool down = false;
  for (const CutLine& line : lines) {
    if (line.points.size() < 2) continue;
    const double way = distance(knife, line.points.front());
    if (!down || way > 1e-9) {
      if (down) ++report.lifts;
      report.travel_mm += way;
      ++report.lifts;  // down
    }
    down = true;
    report.cut_mm += lengthOf(line.points);
    knife = line.points.back();
  }
  if (down) ++report.lifts;
  report.travel_mm += distance(knife, {});
  report.seconds =
      report.cut_mm / s.cut_mm_per_s + report.travel_mm / s.travel_mm_per_s + report.lifts * s.lift_s;
}

/// Lines whose ends nearly meet are closed, so that rounding in a file does not hold a piece.
Rings joined(const std::vector<CutLine>& lines, double join_mm) {
  Rings out;
  for (const CutLine& line : lines) {
    Ring points = line.points;
    if (points.size() > 2 && distance(points.front(), points.back()) <= join_mm)
      points.back() = points.front();
    out.push_back(std::move(points));
  }
  // Ends of different lines that nearly meet come to lie on each other.
  for (size_t a = 0; a < out.size(); ++a) {
    if (out[a].size() < 2 || out[a].front() == out[a].back()) continue;
    for (Point* end : {&out[a].front(), &out[a].back()})
      for (size_t b = 0; b < a; ++b) {
        if (out[b].size() < 2) continue;
        for (const Point& other : {out[b].front(), out[b].back()})
          if (distance(*end, other) <= join_mm) *end = other;
      }
  }
  return out;
}

/// When in the order the last bit of a ring's border was cut: the last line that runs along it.
size_t lastCutAlong(const Ring& ring, const std::vector<CutLine>& lines) {
  size_t last = 0;
  const Box box = boxOf({ring});
  for (size_t k = 0; k < lines.size(); ++k) {
    if (!boxOf({lines[k].points}).meets(box, 0.01)) continue;
    for (Point p : lines[k].points)
      if (std::find(ring.begin(), ring.end(), p) != ring.end()) {
        last = k;
        break;
      }
  }
  return last;
}

}  // namespace

Result<CutReport> runCutter(const std::vector<CutLine>& lines, const CutterSettings& settings) {
  size_t points = 0;
  for (const CutLine& line : lines) points += line.points.size();
  if (points > kMostPoints)
    return Error{ErrorCode::BadInput, "there are more than a million points to cut", {}};
  CutReport report;
  move(lines, settings, report);
  const Rings chains = joined(lines, settings.join_mm);
  CutFaces cut = facesCutBy(chains);
  for (Rings& face : cut.faces) {
    FreePiece piece;
    piece.area_mm2 = sweptArea(SweepEdges(face));
    const size_t outline = lastCutAlong(face[0], lines);
    for (size_t h = 1; h < face.size(); ++h)
      if (lastCutAlong(face[h], lines) > outline) piece.movedBefore = true;
    piece.shape = std::move(face);
    report.pieces.push_back(std::move(piece));
  }
  std::stable_sort(report.pieces.begin(), report.pieces.end(),
                   [](const FreePiece& a, const FreePiece& b) { return a.area_mm2 > b.area_mm2; });
  for (const Ring& chain : cut.open)
    report.open.push_back(
        {chain.front(), chain.back(), lengthOf(chain), distance(chain.front(), chain.back())});
  return report;
}

}  // namespace havlo
