#include "core/cutting/cutter.h"

#include <algorithm>
#include <map>
#include <optional>
#include <unordered_map>

#include "core/cutting/tool.h"
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/outline/tangle.h"

namespace havlo {
namespace {

constexpr size_t kMostCrossings = 400'000;
constexpr double kTail_mm = 1.2;  // of a line that goes on past its beginning
constexpr double kCrumb_mm2 = 0.05;
constexpr double kThread_mm = 0.1;     // of paper between two cuts: it tears. Common practice, no source
constexpr double kThinned_mm = 0.005;  // no point of the knife's way is farther from what is kept

/// Ends of lines, found by where they lie.
class EndGrid {
 public:
  explicit EndGrid(double reach_mm) : m_reach(std::max(reach_mm, 1e-6)) {}
  void add(Point p) { m_cells[cell(p.x, p.y)].push_back(p); }
  std::optional<Point> nearest(Point p) const {
    std::optional<Point> best;
    for (int dx = -1; dx <= 1; ++dx)
      for (int dy = -1; dy <= 1; ++dy) {
        const auto at = m_cells.find(cell(p.x + dx * m_reach, p.y + dy * m_reach));
        if (at == m_cells.end()) continue;
        for (const Point q : at->second)
          if (distance(p, q) <= m_reach && (!best || distance(p, q) < distance(p, *best))) best = q;
      }
    return best;
  }

 private:
  double m_reach;
  std::map<std::pair<double, double>, std::vector<Point>> m_cells;
  std::pair<double, double> cell(double x, double y) const {
    return {std::floor(x / m_reach), std::floor(y / m_reach)};
  }
};

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

/// Does the first line look like what sets a trailing blade: short, straight, as long as forTool() makes it?
bool likeAScratch(const std::vector<CutLine>& lines) {
  constexpr double kLeast_mm = 5.5, kMost_mm = 6.5;
  if (lines.empty() || lines[0].closed || lines[0].points.size() != 2) return false;
  const double length = lengthOf(lines[0].points);
  return length > kLeast_mm && length < kMost_mm;
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
  EndGrid ends(join_mm);
  for (Ring& ring : out) {
    if (ring.size() < 2) continue;
    if (!(ring.front() == ring.back()))
      for (Point* end : {&ring.front(), &ring.back()})
        if (const auto other = ends.nearest(*end)) *end = *other;
    ends.add(ring.front()), ends.add(ring.back());
  }
  return out;
}

struct PointHash {
  size_t operator()(Point p) const { return std::hash<double>()(p.x) * 31 + std::hash<double>()(p.y); }
};
/// The last line in the order that has each point.
using LastAt = std::unordered_map<Point, size_t, PointHash>;

LastAt lastLines(const std::vector<CutLine>& lines) {
  LastAt out;
  for (size_t k = 0; k < lines.size(); ++k)
    for (const Point p : lines[k].points) out[p] = k;
  return out;
}

/// When in the order the last bit of a ring's border was cut: the last line that runs along it.
size_t lastCutAlong(const Ring& ring, const LastAt& lastAt) {
  size_t last = 0;
  for (const Point p : ring)
    if (const auto at = lastAt.find(p); at != lastAt.end()) last = std::max(last, at->second);
  return last;
}

}  // namespace

Result<CutReport> runCutter(const std::vector<CutLine>& lines, const CutterSettings& settings) {
  size_t points = 0;
  for (const CutLine& line : lines) points += line.points.size();
  if (points > kMostCutPoints)
    return Error{ErrorCode::BadInput, "there are more than 300 000 points to cut", {}};
  CutReport report;
  move(lines, settings, report);
  if (settings.trailing_mm > 0) {
    report.knife = draggedTip(lines, settings.trailing_mm);
    for (CutLine& line : report.knife) line.points = thinned(line.points, Millimetres{kThinned_mm});
    // The scratch that sets the blade is meant to free nothing; ids do not outlast a file.
    if (likeAScratch(lines)) report.knife.erase(report.knife.begin());
  }
  const std::vector<CutLine>& cuts = settings.trailing_mm > 0 ? report.knife : lines;
  const Rings chains = joined(cuts, settings.join_mm);
  if (tangled(chains, kMostCrossings))
    return Error{ErrorCode::BadInput, "its lines cross each other too often to be cut", {}};
  CutFaces cut = facesCutBy(chains, Millimetres{settings.trailing_mm > 0 ? kThread_mm : 0});
  const LastAt lastAt = lastLines(cuts);
  for (Rings& face : cut.faces) {
    FreePiece piece;
    piece.area_mm2 = sweptArea(SweepEdges(face));
    const size_t outline = lastCutAlong(face[0], lastAt);
    for (size_t h = 1; h < face.size(); ++h)
      if (lastCutAlong(face[h], lastAt) > outline) piece.movedBefore = true;
    piece.shape = std::move(face);
    report.pieces.push_back(std::move(piece));
  }
  std::stable_sort(report.pieces.begin(), report.pieces.end(),
                   [](const FreePiece& a, const FreePiece& b) { return a.area_mm2 > b.area_mm2; });
  // A trailing blade goes on past where its line began: that frees nothing and is meant.
  if (settings.trailing_mm > 0)
    std::erase_if(cut.open, [](const Ring& chain) { return lengthOf(chain) < kTail_mm; });
  // Where it goes over its own way once more, there are crumbs between the two.
  if (settings.trailing_mm > 0)
    std::erase_if(report.pieces, [](const FreePiece& piece) { return piece.area_mm2 < kCrumb_mm2; });
  for (const Ring& chain : cut.open)
    report.open.push_back(
        {chain.front(), chain.back(), lengthOf(chain), distance(chain.front(), chain.back())});
  return report;
}

}  // namespace havlo
