#include "core/cutting/cut_sheet.h"

#include <algorithm>

#include "core/outline/shared_area.h"

namespace havlo {
namespace {

/// How many lines each line lies inside of.
std::vector<std::vector<size_t>> holders(const std::vector<CutLine>& lines) {
  std::vector<Box> boxes;
  for (const CutLine& l : lines) boxes.push_back(boxOf({l.points}));
  std::vector<std::vector<size_t>> inside(lines.size());
  for (size_t outer = 0; outer < lines.size(); ++outer) {
    if (!lines[outer].closed) continue;
    for (size_t k = 0; k < lines.size(); ++k) {
      if (k == outer || lines[k].points.empty()) continue;
      const Box &a = boxes[outer], &b = boxes[k];
      const bool held = b.left >= a.left && b.right <= a.right && b.bottom >= a.bottom && b.top <= a.top;
      if (held && covers({lines[outer].points}, lines[k].points.front())) inside[k].push_back(outer);
    }
  }
  return inside;
}

/// The nearest place to begin a line, and how far it is.
struct Start {
  size_t at = 0;
  bool backward = false;
  double distance_mm = 0;
};

Start nearestStart(const CutLine& line, Point from) {
  const Ring& p = line.points;
  Start best{0, false, distance(from, p.front())};
  if (!line.closed) {
    if (const double d = distance(from, p.back()); d < best.distance_mm) best = {p.size() - 1, true, d};
    return best;
  }
  for (size_t i = 1; i < p.size(); ++i)
    if (const double d = distance(from, p[i]); d < best.distance_mm) best = {i, false, d};
  return best;
}

void beginAt(CutLine& line, const Start& start) {
  Ring& p = line.points;
  if (start.backward) std::reverse(p.begin(), p.end());
  if (!line.closed) return;
  if (p.size() > 1 && p.front() == p.back()) p.pop_back();
  std::rotate(p.begin(), p.begin() + static_cast<std::ptrdiff_t>(start.at % p.size()), p.end());
  p.push_back(p.front());
}

}  // namespace

std::vector<CutLine> inCuttingOrder(std::vector<CutLine> lines, Point start) {
  std::erase_if(lines, [](const CutLine& l) { return l.points.size() < 2; });
  const auto held = holders(lines);
  std::vector<size_t> waiting(lines.size(), 0);  // lines inside this one that are not cut yet
  for (const auto& outer : held)
    for (size_t o : outer) ++waiting[o];
  std::vector<char> done(lines.size(), 0);
  std::vector<CutLine> out;
  Point knife = start;
  for (size_t n = 0; n < lines.size(); ++n) {
    size_t best = lines.size();
    Start where;
    for (size_t k = 0; k < lines.size(); ++k) {
      if (done[k] || waiting[k] > 0) continue;
      const Start s = nearestStart(lines[k], knife);
      if (best == lines.size() || s.distance_mm < where.distance_mm) best = k, where = s;
    }
    if (best == lines.size()) break;  // cannot be: being inside is never mutual
    done[best] = 1;
    for (size_t o : held[best]) --waiting[o];
    beginAt(lines[best], where);
    knife = lines[best].points.back();
    out.push_back(std::move(lines[best]));
  }
  return out;
}

}  // namespace havlo
