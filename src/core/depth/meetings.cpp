// Candidates by boxes, shared areas by sweeping, nearness by each stamp's own index.
#include "core/depth/meetings.h"

#include <algorithm>
#include <unordered_map>

#include "core/base/parallel.h"
#include "core/outline/hull.h"

namespace havlo {
namespace {

constexpr double kStraight_mm = 0.6;  // width of the strip that is within 0.3 mm of a line
constexpr double kPanelEdge_mm = 0.05;

/// Least width of a convex polygon: the narrowest strip has one side along an edge.
double widthOf(const std::vector<Point>& hull) {
  if (hull.size() < 3) return 0;
  double least = 1e300;
  for (size_t i = 0; i < hull.size(); ++i) {
    const Point a = hull[i], b = hull[(i + 1) % hull.size()];
    double most = 0;
    for (Point p : hull) most = std::fmax(most, cross(a, b, p));
    least = std::fmin(least, most / std::hypot(b.x - a.x, b.y - a.y));
  }
  return least;
}

NeededEdge edgeNeeded(const Placed& front, const Placed& back) {
  NeededEdge edge;
  if (front.areaOnPanel_mm2 <= 0 || back.areaOnPanel_mm2 <= 0 || !inkFallsOn(front, back)) return edge;
  const CellMap& ink = back.outline->inked;
  const Box inner = front.panel.grown(-kPanelEdge_mm);
  const auto& border = front.outline->border;
  std::vector<Point> found;
  // Wide strides first: a few scattered points already show that an edge is not straight.
  for (size_t stride = 64, first = 0; stride > 0 && edge.mayBeStraight();
       first = stride, stride = stride == 64  ? 8
                                : stride == 8 ? 1
                                              : 0) {
    for (size_t i = 0; i < border.size(); i += stride) {
      if (first && i % first == 0) continue;
      const Point p = front.placing.toPanel(border[i]);
      if (inner.contains(p) && ink.at(back.placing.toFrame(p))) found.push_back(p);
    }
    addToEdge(edge, found, front);
    found.clear();
  }
  if (!edge.any) edge.any = edge.inside = true;
  return edge;
}

/// Index pairs whose boxes come within the ink margin, found along x.
std::vector<std::pair<int, int>> candidates(const std::vector<PlacedRef>& placed) {
  std::vector<int> byLeft(placed.size());
  for (size_t i = 0; i < placed.size(); ++i) byLeft[i] = static_cast<int>(i);
  const auto box = [&](int i) -> const Box& { return placed[ix(i)]->onPanel.box(); };
  std::erase_if(byLeft, [&](int i) { return box(i).empty(); });
  std::sort(byLeft.begin(), byLeft.end(), [&](int a, int b) { return box(a).left < box(b).left; });
  std::vector<std::pair<int, int>> out;
  for (size_t i = 0; i < byLeft.size(); ++i)
    for (size_t k = i + 1; k < byLeft.size(); ++k) {
      const Box &a = box(byLeft[i]), &b = box(byLeft[k]);
      if (b.left > a.right + kMeet_mm) break;
      if (a.meets(b, kMeet_mm)) out.push_back(std::minmax(byLeft[i], byLeft[k]));
    }
  std::sort(out.begin(), out.end());
  return out;
}

Meeting meetingOf(int first, int second, const std::vector<PlacedRef>& placed, const DepthOrder& depth) {
  Meeting m;
  const bool firstInFront = depth.inFront(first, second);
  m.front = firstInFront ? first : second;
  m.back = firstInFront ? second : first;
  m.contradictory = depth.said(first, second) == PairWord::Both;
  const Placed &f = *placed[ix(m.front)], &b = *placed[ix(m.back)];
  m.area_mm2 = sharedArea(f.onPanel, b.onPanel);
  m.edge = edgeNeeded(f, b);
  return m;
}

}  // namespace

namespace {

/// @param inked  whether there is ink at a point of the panel. @param where  outside it there is none
template <typename F>
bool fallsOn(const Placed& front, std::span<const Placed* const> hiding, const Box& where, F inked) {
  constexpr double kStep_mm = CellMap::kCell_mm;
  const CellMap& thing = front.outline->covered;
  const Box box = front.onPanel.box().common(where).common(front.panel);
  if (box.empty() || thing.empty()) return false;
  const auto enough = static_cast<int>(kLeastInked_mm2 / (kStep_mm * kStep_mm));
  const int rows = static_cast<int>(std::ceil(box.height() / kStep_mm));
  const int columns = static_cast<int>(std::ceil(box.width() / kStep_mm));
  int cells = 0;
  // Rows far apart first: where much ink falls, that is soon known.
  for (int first : {0, 16, 8, 24, 4, 20, 12, 28, 2, 18, 10, 26, 6, 22, 14, 30,
                    1, 17, 9, 25, 5, 21, 13, 29, 3, 19, 11, 27, 7, 23, 15, 31})
    for (int row = first; row < rows; row += 32) {
      const double y = box.bottom + (row + 0.5) * kStep_mm;
      for (int column = 0; column < columns; ++column) {
        const Point p{box.left + (column + 0.5) * kStep_mm, y};
        if (!inked(p) || !thing.at(front.placing.toFrame(p))) continue;
        const bool hidden = std::any_of(hiding.begin(), hiding.end(), [&](const Placed* h) {
          return h->outline->covered.at(h->placing.toFrame(p));
        });
        if (!hidden && ++cells > enough) return true;
      }
    }
  return false;
}

}  // namespace

bool inkFallsOn(const Placed& front, const Placed& back, std::span<const Placed* const> hiding) {
  const CellMap& ink = back.outline->inked;
  if (ink.empty()) return false;
  return fallsOn(front, hiding, boxOf(back.placing.toPanel(rectangle(ink.box()))),
                 [&](Point p) { return ink.at(back.placing.toFrame(p)); });
}

bool colourFallsOn(const Placed& front, const CellMap& seen, std::span<const Placed* const> hiding) {
  if (seen.empty()) return false;
  return fallsOn(front, hiding, seen.box(), [&](Point p) { return seen.at(p); });
}

namespace {

/// More points on what should be one line. @return whether they still are
bool addToLine(std::vector<Point>& hull, const std::vector<Point>& points) {
  std::vector<Point> all = std::move(hull);
  all.insert(all.end(), points.begin(), points.end());
  hull = hullOf(std::move(all));
  return widthOf(hull) <= kStraight_mm + 1e-9;
}

/// The near points of an edge, to be added to.
class Near {
 public:
  explicit Near(NeededEdge& edge) : m_edge(edge) {
    if (edge.near) m_points = *edge.near;
  }
  /// Keeps them with the edge, as far as it may still be straight there.
  ~Near() {
    if (!m_edge.straight) m_points.hull.clear();
    if (!m_edge.twoStraight) m_points.sides = {};
    const bool none = m_points.hull.empty() && m_points.sides[0].empty() && m_points.sides[1].empty();
    m_edge.near = none ? nullptr : std::make_shared<const NearPoints>(std::move(m_points));
  }
  Near(const Near&) = delete;
  Near& operator=(const Near&) = delete;

  void add(const std::vector<Point>& points) {
    if (m_edge.straight && !points.empty()) m_edge.straight = addToLine(m_points.hull, points);
  }
  void add(const std::array<std::vector<Point>, 2>& sides) {
    for (size_t side = 0; side < 2 && m_edge.twoStraight; ++side)
      if (!sides[side].empty()) m_edge.twoStraight = addToLine(m_points.sides[side], sides[side]);
  }

 private:
  NeededEdge& m_edge;
  NearPoints m_points;
};

}  // namespace

void addToEdge(NeededEdge& edge, const std::vector<Point>& points, const Placed& front) {
  if (points.empty()) return;
  edge.any = true;
  if (!edge.mayBeStraight()) return;
  Near near(edge);
  near.add(points);
  if (!edge.twoStraight) return;
  const double middle = boxOf(front.outline->stamp->silhouette).centre().x;
  std::array<std::vector<Point>, 2> sides;
  for (Point p : points) {
    const Point q = front.placing.toFrame(p);
    sides[q.x < middle ? 0 : 1].push_back(q);
  }
  near.add(sides);
}

void addToEdge(NeededEdge& edge, const NeededEdge& more) {
  edge.any = edge.any || more.any;
  edge.inside = edge.inside || more.inside;
  edge.straight = edge.straight && more.straight;
  edge.twoStraight = edge.twoStraight && more.twoStraight;
  if (!edge.near && !more.near) return;
  Near near(edge);
  if (!more.near) return;
  near.add(more.near->hull);
  near.add(more.near->sides);
}

int NeededEdge::strips() const {
  if (!any || inside || !near) return 0;
  if (straight && !near->hull.empty()) return 1;
  if (!twoStraight || near->sides[0].empty() || near->sides[1].empty()) return 0;
  double left = -1e300, right = 1e300;
  for (Point p : near->sides[0]) left = std::fmax(left, p.x);
  for (Point p : near->sides[1]) right = std::fmin(right, p.x);
  return right - left >= kBetweenStrips_mm ? 2 : 0;
}

Meetings meet(std::vector<PlacedRef> placed, const DepthOrder& depth, const Meetings* before) {
  Meetings out;
  out.placed = std::move(placed);
  out.of.resize(out.placed.size());
  std::unordered_map<const Placed*, int> known;
  if (before)
    for (size_t i = 0; i < before->placed.size(); ++i)
      known.emplace(before->placed[i].get(), static_cast<int>(i));
  std::vector<int> was(out.placed.size(), -1);
  for (size_t i = 0; i < was.size(); ++i)
    if (const auto it = known.find(out.placed[i].get()); it != known.end()) was[i] = it->second;

  const auto earlier = [&](int a, int b) -> const Meeting* {
    const int oldA = was[ix(a)], oldB = was[ix(b)];
    if (oldA < 0 || oldB < 0) return nullptr;
    const int front = depth.inFront(a, b) ? oldA : oldB;
    const auto& fewer = before->of[ix(oldA)].size() < before->of[ix(oldB)].size() ? before->of[ix(oldA)]
                                                                                  : before->of[ix(oldB)];
    for (int k : fewer) {
      const Meeting& m = before->list[ix(k)];
      if ((m.front == oldA && m.back == oldB) || (m.front == oldB && m.back == oldA))
        return m.front == front ? &m : nullptr;
    }
    return nullptr;
  };

  const auto pairs = candidates(out.placed);
  out.list.resize(pairs.size());
  std::vector<size_t> fresh;
  for (size_t k = 0; k < pairs.size(); ++k) {
    const auto [a, b] = pairs[k];
    out.of[ix(a)].push_back(static_cast<int>(k));
    out.of[ix(b)].push_back(static_cast<int>(k));
    const Meeting* same = earlier(a, b);
    if (!same) {
      fresh.push_back(k);
      continue;
    }
    Meeting& m = out.list[k];
    m = *same;
    m.front = depth.inFront(a, b) ? a : b;
    m.back = m.front == a ? b : a;
    m.contradictory = depth.said(a, b) == PairWord::Both;
  }
  forEachIndex(fresh.size(), 12, [&](size_t k) {
    const auto [a, b] = pairs[fresh[k]];
    out.list[fresh[k]] = meetingOf(a, b, out.placed, depth);
  });
  return out;
}

}  // namespace havlo
