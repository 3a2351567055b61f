// A slab sweep. Between two neighbouring heights at which an edge begins or ends all edges are straight, so
// the covered width is linear in y unless edges cross; slabs with crossings are cut at the crossings. The
// width at a slab's middle times its height is then exact. Coinciding edges bound strips of width 0 and need
// no special case.
#include "core/outline/shared_area.h"

#include <algorithm>

namespace havlo {
namespace {

struct ActiveEdge {
  const SweepEdges::Edge* edge;
  int shape;
  bool beside;               // left of the window: it only says whether the window's left side lies inside
  double low, high, middle;  // x at the slab's bottom, top and middle
};

/// @tparam Inside  (in the first shape, number of the others it is in) -> whether a point counts
template <typename Inside>
class Sweep {
 public:
  /// @param window  nothing that counts lies outside it. Edges right of it are passed over; those left of it
  /// change what is inside only where one meets an edge that is not left of it, horizontal ones among them,
  /// and bring no slabs of their own.
  Sweep(std::span<const SweepEdges* const> shapes, const Box& window, Inside inside)
      : m_shapes(shapes), m_window(window), m_inside(inside), m_next(shapes.size()) {}

  double run(double enough = 1e300) {
    std::vector<double> heights{m_window.bottom, m_window.top};
    for (const SweepEdges* shape : m_shapes) {
      for (const auto& f : shape->flats())
        if (f.y > m_window.bottom && f.y < m_window.top && f.right >= m_window.left &&
            f.left <= m_window.right)
          heights.push_back(f.y);
      for (const auto& e : shape->edges()) {
        if (e.y0 >= m_window.top) break;
        if (e.y1 <= m_window.bottom || e.rightmost() < m_window.left || e.leftmost() > m_window.right)
          continue;
        if (e.y0 > m_window.bottom) heights.push_back(e.y0);
        if (e.y1 < m_window.top) heights.push_back(e.y1);
      }
    }
    std::sort(heights.begin(), heights.end());
    double area = 0;
    for (size_t i = 0; i + 1 < heights.size() && area <= enough; ++i)
      if (heights[i + 1] > heights[i]) area += slab(heights[i], heights[i + 1]);
    return area;
  }

 private:
  std::span<const SweepEdges* const> m_shapes;
  Box m_window;
  Inside m_inside;
  std::vector<size_t> m_next;
  std::vector<ActiveEdge> m_active;
  std::vector<double> m_cuts;
  std::vector<char> m_in;

  double slab(double low, double high) {
    refreshActive(low);
    const double middle = (low + high) / 2;
    for (ActiveEdge& a : m_active)
      if (!a.beside) a.low = a.edge->xAt(low), a.high = a.edge->xAt(high), a.middle = a.edge->xAt(middle);
    sortByMiddle();
    m_cuts.clear();
    findCrossings(low, high);
    if (m_cuts.empty()) return width() * (high - low);
    std::sort(m_cuts.begin(), m_cuts.end());
    m_cuts.push_back(high);
    double area = 0, from = low;
    for (double to : m_cuts) {
      if (to <= from) continue;
      for (ActiveEdge& a : m_active)
        if (!a.beside) a.middle = a.edge->xAt((from + to) / 2);
      sortByMiddle();
      area += width() * (to - from);
      from = to;
    }
    return area;
  }

  void refreshActive(double low) {
    std::erase_if(m_active, [&](const ActiveEdge& a) { return a.edge->y1 <= low; });
    for (size_t s = 0; s < m_shapes.size(); ++s) {
      const auto& edges = m_shapes[s]->edges();
      for (; m_next[s] < edges.size() && edges[m_next[s]].y0 <= low; ++m_next[s]) {
        const SweepEdges::Edge& e = edges[m_next[s]];
        if (e.y1 <= low || e.leftmost() > m_window.right) continue;
        const bool beside = e.rightmost() < m_window.left;
        const double x = beside ? -1e300 : 0;
        m_active.push_back({&e, static_cast<int>(s), beside, x, x, x});
      }
    }
  }

  void sortByMiddle() {  // nearly sorted from the slab below
    for (size_t i = 1; i < m_active.size(); ++i) {
      const ActiveEdge a = m_active[i];
      size_t k = i;
      for (; k > 0 && m_active[k - 1].middle > a.middle; --k) m_active[k] = m_active[k - 1];
      m_active[k] = a;
    }
  }

  void findCrossings(double low, double high) {
    double lowSoFar = -1e300, highSoFar = -1e300;
    bool crossed = false;
    for (const ActiveEdge& a : m_active) {
      crossed = crossed || a.low < lowSoFar || a.high < highSoFar;
      lowSoFar = std::fmax(lowSoFar, a.low);
      highSoFar = std::fmax(highSoFar, a.high);
    }
    if (!crossed) return;
    for (size_t i = 0; i < m_active.size(); ++i)
      for (size_t k = i + 1; k < m_active.size(); ++k) {
        const double d0 = m_active[i].low - m_active[k].low, d1 = m_active[i].high - m_active[k].high;
        if ((d0 < 0) != (d1 < 0) && d0 != d1) {
          const double y = low + (high - low) * d0 / (d0 - d1);
          if (y > low && y < high) m_cuts.push_back(y);
        }
      }
  }

  double width() {
    m_in.assign(m_shapes.size(), 0);
    double sum = 0, from = 0;
    bool inside = false;
    int others = 0;
    for (const ActiveEdge& a : m_active) {
      char& in = m_in[ix(a.shape)];
      in ^= 1;
      if (a.shape > 0) others += in ? 1 : -1;
      const bool now = m_inside(m_in[0] != 0, others);
      if (now && !inside) from = a.middle;
      if (!now && inside) sum += a.middle - from;
      inside = now;
    }
    return sum;
  }
};

template <typename Inside>
double sweep(std::span<const SweepEdges* const> shapes, const Box& window, Inside inside,
             double enough = 1e300) {
  if (!(window.bottom < window.top)) return 0;
  return Sweep<Inside>(shapes, window, inside).run(enough);
}

/// Keeps what lies where `inside(p)`; `cut` gives the point where a side crosses the border.
template <typename InsideF, typename CutF>
Ring clippedRing(const Ring& ring, InsideF inside, CutF cut) {
  Ring out;
  for (size_t i = 0; i < ring.size(); ++i) {
    const Point a = ring[i], b = ring[(i + 1) % ring.size()];
    if (inside(a)) out.push_back(a);
    if (inside(a) != inside(b)) out.push_back(cut(a, b));
  }
  return out;
}

Point atX(Point a, Point b, double x) { return {x, a.y + (b.y - a.y) * (x - a.x) / (b.x - a.x)}; }
Point atY(Point a, Point b, double y) { return {a.x + (b.x - a.x) * (y - a.y) / (b.y - a.y), y}; }

}  // namespace

SweepEdges::SweepEdges(const Rings& rings) : m_box(boxOf(rings)) {
  for (const Ring& ring : rings)
    for (size_t i = 0; i < ring.size(); ++i) {
      Point a = ring[i], b = ring[(i + 1) % ring.size()];
      if (a.y == b.y) {
        if (a.x != b.x) m_flats.push_back({a.y, std::fmin(a.x, b.x), std::fmax(a.x, b.x)});
        continue;
      }
      if (a.y > b.y) std::swap(a, b);
      m_edges.push_back({a.y, b.y, a.x, (b.x - a.x) / (b.y - a.y)});
    }
  std::sort(m_edges.begin(), m_edges.end(), [](const Edge& a, const Edge& b) { return a.y0 < b.y0; });
}

Rings clippedTo(const Box& box, const Rings& rings) {
  Rings out;
  for (const Ring& ring : rings) {
    Ring r = clippedRing(
        ring, [&](Point p) { return p.x >= box.left; },
        [&](Point a, Point b) { return atX(a, b, box.left); });
    r = clippedRing(
        r, [&](Point p) { return p.x <= box.right; }, [&](Point a, Point b) { return atX(a, b, box.right); });
    r = clippedRing(
        r, [&](Point p) { return p.y >= box.bottom; },
        [&](Point a, Point b) { return atY(a, b, box.bottom); });
    r = clippedRing(
        r, [&](Point p) { return p.y <= box.top; }, [&](Point a, Point b) { return atY(a, b, box.top); });
    if (r.size() >= 3) out.push_back(std::move(r));
  }
  return out;
}

double sweptArea(const SweepEdges& shape) {
  const SweepEdges* const one[] = {&shape};
  return sweep(one, shape.box(), [](bool own, int) { return own; });
}

double sharedArea(const SweepEdges& a, const SweepEdges& b) {
  if (!a.box().meets(b.box())) return 0;
  const SweepEdges* const both[] = {&a, &b};
  return sweep(both, a.box().common(b.box()), [](bool own, int others) { return own && others; });
}

double areaLeft(const SweepEdges& shape, std::span<const SweepEdges* const> covers, double enough) {
  std::vector<const SweepEdges*> shapes{&shape};
  shapes.insert(shapes.end(), covers.begin(), covers.end());
  return sweep(
      shapes, shape.box(), [](bool own, int others) { return own && !others; }, enough);
}

bool covers(const Rings& rings, Point p) {
  bool inside = false;
  for (const Ring& ring : rings)
    for (size_t i = 0, j = ring.size() - 1; i < ring.size(); j = i++) {
      const Point a = ring[i], b = ring[j];
      if ((a.y > p.y) != (b.y > p.y) && p.x < a.x + (b.x - a.x) * (p.y - a.y) / (b.y - a.y)) inside = !inside;
    }
  return inside;
}

}  // namespace havlo
