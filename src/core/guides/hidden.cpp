#include "core/guides/hidden.h"

#include <algorithm>
#include <cmath>

namespace havlo {
namespace {

constexpr double kShort_mm = 0.05;
constexpr double kSame = 1e-6;  // relative: a line in a face is not hidden by it

/// Even-odd, without the border's fine points: asked at middles between crossings only.
bool inside(const Rings& rings, Point p) {
  bool in = false;
  for (const Ring& ring : rings)
    for (size_t i = 0, k = ring.size() - 1; i < ring.size(); k = i++)
      if ((ring[i].y > p.y) != (ring[k].y > p.y) &&
          p.x < (ring[k].x - ring[i].x) * (p.y - ring[i].y) / (ring[k].y - ring[i].y) + ring[i].x)
        in = !in;
  return in;
}

}  // namespace

void Screen::add(SeenFace face) {
  Held held;
  for (const Ring& ring : face.shape)
    for (const Point p : ring) held.box.include(p), held.nearest = std::max(held.nearest, face.inverseAt(p));
  if (held.box.empty()) return;
  held.face = std::move(face);
  m_faces.push_back(std::move(held));
}

std::vector<SeenLine> Screen::visible(const SeenLine& line) const {
  Box box;
  box.include(line.a), box.include(line.b);
  const double farther = std::min(line.inverseA, line.inverseB);
  const double dx = line.b.x - line.a.x, dy = line.b.y - line.a.y;
  const auto at = [&](double t) { return Point{line.a.x + t * dx, line.a.y + t * dy}; };
  const auto inverse = [&](double t) { return line.inverseA + t * (line.inverseB - line.inverseA); };
  std::vector<std::pair<double, double>> hidden;
  std::vector<double> cuts;
  for (const Held& held : m_faces) {
    if (held.nearest <= farther || !held.box.meets(box)) continue;
    cuts.assign({0, 1});
    for (const Ring& ring : held.face.shape)
      for (size_t i = 0, k = ring.size() - 1; i < ring.size(); k = i++) {
        const Point p = ring[k], q = ring[i];
        // Signed distances of the border's two ends from the line.
        const double sp = dx * (p.y - line.a.y) - dy * (p.x - line.a.x),
                     sq = dx * (q.y - line.a.y) - dy * (q.x - line.a.x);
        if ((sp > 0) == (sq > 0)) continue;
        const double u = sp / (sp - sq);
        const double cx = p.x + u * (q.x - p.x) - line.a.x, cy = p.y + u * (q.y - p.y) - line.a.y;
        const double t = (cx * dx + cy * dy) / (dx * dx + dy * dy);
        if (t > 0 && t < 1) cuts.push_back(t);
      }
    const double gapA = held.face.inverseAt(line.a) - line.inverseA,
                 gapB = held.face.inverseAt(line.b) - line.inverseB;
    if ((gapA > 0) != (gapB > 0)) cuts.push_back(gapA / (gapA - gapB));
    std::sort(cuts.begin(), cuts.end());
    for (size_t k = 1; k < cuts.size(); ++k) {
      const double middle = (cuts[k - 1] + cuts[k]) / 2;
      if (cuts[k] - cuts[k - 1] < 1e-12) continue;
      const double mine = inverse(middle), its = held.face.inverseAt(at(middle));
      if (its > mine * (1 + kSame) + 1e-12 && inside(held.face.shape, at(middle)))
        hidden.emplace_back(cuts[k - 1], cuts[k]);
    }
  }
  std::sort(hidden.begin(), hidden.end());
  std::vector<SeenLine> out;
  const double length = std::hypot(dx, dy);
  double from = 0;
  const auto keep = [&](double to) {
    if ((to - from) * length >= kShort_mm) out.push_back({at(from), at(to), inverse(from), inverse(to)});
  };
  for (const auto& [a, b] : hidden) {
    if (a > from) keep(a);
    from = std::max(from, b);
  }
  keep(1);
  return out;
}

}  // namespace havlo
