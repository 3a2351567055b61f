#include "core/viewpoint/ground.h"

#include <algorithm>
#include <cmath>

namespace havlo {
namespace {

constexpr int kMostLines = 400;  // of one mark
// Level lines nearer than this run together: a pen of 0.3 mm leaves a little more paper than ink. Common
// practice, no source.
constexpr double kLeastGap_mm = 0.7;
constexpr int kSmooth = 10;       // pieces of a bend between two points
constexpr double kMitre = 3;      // of the half width, at sharp corners
constexpr double kSleeper = 1.7;  // length of a sleeper over the gauge. Common practice, no source.

/// The middle line on the panel, bends rounded (centripetal enough for a hand's line: Catmull and Rom 1974).
std::vector<Point> smooth(const std::vector<Point>& along) {
  if (along.size() < 3) return along;
  std::vector<Point> out;
  for (size_t i = 0; i + 1 < along.size(); ++i) {
    const Point p0 = along[i > 0 ? i - 1 : 0], p1 = along[i], p2 = along[i + 1],
                p3 = along[std::min(i + 2, along.size() - 1)];
    for (int k = 0; k < kSmooth; ++k) {
      const double t = static_cast<double>(k) / kSmooth;
      const auto mix = [t](double a, double b, double c, double d) {
        return 0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t * t +
                      (3 * b - a - 3 * c + d) * t * t * t);
      };
      out.push_back({mix(p0.x, p1.x, p2.x, p3.x), mix(p0.y, p1.y, p2.y, p3.y)});
    }
  }
  out.push_back(along.back());
  return out;
}

std::vector<ScenePoint> onGround(const std::vector<Point>& line, const Projection& projection) {
  std::vector<ScenePoint> out;
  for (const Point p : line) out.push_back(projection.onGround(p));
  return out;
}

/// The line moved sideways on the ground, to the right when looking along it; mitred.
std::vector<ScenePoint> beside(const std::vector<ScenePoint>& line, double by_m) {
  const auto right = [](ScenePoint p, ScenePoint q) {
    const double l = std::hypot(q.x - p.x, q.away - p.away);
    return l > 0 ? Point{(q.away - p.away) / l, -(q.x - p.x) / l} : Point{1, 0};
  };
  std::vector<ScenePoint> out;
  for (size_t i = 0; i < line.size(); ++i) {
    const Point before = i > 0 ? right(line[i - 1], line[i]) : right(line[i], line[i + 1]);
    const Point after = i + 1 < line.size() ? right(line[i], line[i + 1]) : before;
    Point n{before.x + after.x, before.y + after.y};
    const double length = std::hypot(n.x, n.y);
    if (length < 1e-9) {
      n = before;
    } else {
      const double stretch = std::min(kMitre, 2 / length) / length;
      n = {n.x * stretch, n.y * stretch};
    }
    out.push_back({line[i].x + by_m * n.x, 0, line[i].away + by_m * n.y});
  }
  return out;
}

void draw(std::vector<SeenLine>& to, const Projection& projection, const std::vector<ScenePoint>& line) {
  for (size_t i = 1; i < line.size(); ++i)
    if (const auto seen = seenLine(projection, line[i - 1], line[i])) to.push_back(*seen);
}

std::vector<ScenePoint> lifted(std::vector<ScenePoint> line, double up_m) {
  for (ScenePoint& p : line) p.up = up_m;
  return line;
}

/// Distances from near to far, evenly spaced, as long as the lines stay apart on the panel.
std::vector<double> levels(const Projection& projection, double from_m, double to_m, double spacing_m) {
  std::vector<double> out;
  double before = -1e9;
  for (int k = 0; k < kMostLines; ++k) {
    const double d = from_m + k * spacing_m;
    if (d > to_m * (1 + 1e-9)) break;
    const double y = projection.toPanel({0, 0, d}).y;
    if (y - before < kLeastGap_mm) break;
    out.push_back(d);
    before = y;
  }
  return out;
}

/// Where a level line at this distance lies between the two edges, x in m; nothing where it misses them.
std::optional<std::pair<double, double>> across(const std::vector<ScenePoint>& left,
                                                const std::vector<ScenePoint>& right, double away_m) {
  const auto at = [&](const std::vector<ScenePoint>& edge) -> std::optional<double> {
    for (size_t i = 1; i < edge.size(); ++i) {
      const double a = edge[i - 1].away, b = edge[i].away;
      if ((a <= away_m) != (b <= away_m))
        return edge[i - 1].x + (away_m - a) / (b - a) * (edge[i].x - edge[i - 1].x);
    }
    return {};
  };
  const auto l = at(left), r = at(right);
  if (!l || !r) return {};
  return std::pair{*l, *r};
}

/// A point at every `spacing` along a line on the ground, with its direction.
template <typename F>
void everyStep(const std::vector<ScenePoint>& line, double spacing_m, F f) {
  double since = 0;
  int count = 0;
  for (size_t i = 1; i < line.size(); ++i) {
    const ScenePoint p = line[i - 1], q = line[i];
    const double length = std::hypot(q.x - p.x, q.away - p.away);
    if (length <= 0) continue;
    for (double s = (count == 0 ? 0 : spacing_m - since); s <= length; s += spacing_m) {
      const double t = s / length;
      if (!f(ScenePoint{p.x + t * (q.x - p.x), 0, p.away + t * (q.away - p.away)}) || ++count > kMostLines)
        return;
      since = -s;
    }
    since += length;
  }
}

struct Edges {
  std::vector<ScenePoint> middle, left, right;
};

Edges edgesOf(const GroundMark& mark, const Projection& projection) {
  Edges e;
  e.middle = onGround(smooth(mark.along), projection);
  if (e.middle.size() < 2) return e;
  e.left = beside(e.middle, -mark.width_m / 2);
  e.right = beside(e.middle, mark.width_m / 2);
  return e;
}

void drawWaterLines(DrawnThing& out, const GroundMark& mark, const Projection& projection, const Edges& e,
                    double spacing_m) {
  double from = e.middle.front().away, to = e.middle.back().away;
  if (from > to) std::swap(from, to);
  if (mark.kind == GroundKind::Canal) {
    // Between its ends: whether one falls on the far end itself is not left to rounding.
    for (const double d : levels(projection, from + spacing_m, to - 1e-6 * spacing_m, spacing_m))
      if (const auto x = across(e.left, e.right, d))
        draw(out.ink, projection, {{x->first, 0, d}, {x->second, 0, d}});
    return;
  }
  for (const double d : levels(projection, from, to, spacing_m)) {
    const double t = to > from ? (d - from) / (to - from) : 0;
    const ScenePoint a = e.middle.front(), b = e.middle.back();
    const double x = a.away <= b.away ? a.x + t * (b.x - a.x) : b.x + t * (a.x - b.x);
    draw(out.ink, projection, {{x - mark.width_m / 2, 0, d}, {x + mark.width_m / 2, 0, d}});
  }
}

void drawRipples(DrawnThing& out, const GroundMark& mark, const Projection& projection, double spacing_m) {
  const ScenePoint centre = projection.onGround(mark.along[0]);
  constexpr int kSides = 48;
  for (int k = 1; k <= 40 && k * spacing_m <= mark.width_m / 2 * (1 + 1e-9); ++k) {
    std::vector<ScenePoint> ring;
    for (int i = 0; i <= kSides; ++i) {
      const double a = 2 * 3.14159265358979323846 * i / kSides;
      ring.push_back({centre.x + k * spacing_m * std::cos(a), 0, centre.away + k * spacing_m * std::sin(a)});
    }
    draw(out.ink, projection, ring);
  }
}

void drawSleepers(DrawnThing& out, const GroundMark& mark, const Projection& projection, const Edges& e,
                  double spacing_m) {
  const auto wide = [&](double by) { return beside(e.middle, by * mark.width_m * kSleeper / 2); };
  const std::vector<ScenePoint> left = wide(-1), right = wide(1);
  double before = 1e9;
  size_t at = 0;
  std::vector<std::pair<ScenePoint, ScenePoint>> ends;
  everyStep(left, spacing_m, [&](ScenePoint p) {
    ends.emplace_back(p, p);
    return true;
  });
  everyStep(right, spacing_m, [&](ScenePoint p) {
    if (at >= ends.size()) return false;
    ends[at++].second = p;
    return true;
  });
  ends.resize(std::min(at, ends.size()));
  for (const auto& [l, r] : ends) {
    if (l.away < projection.nearest_m() || r.away < projection.nearest_m()) continue;
    const double y = projection.toPanel(l).y;
    if (std::fabs(y - before) < kLeastGap_mm) continue;
    before = y;
    draw(out.ink, projection, {l, r});
  }
}

void drawWall(DrawnThing& out, const GroundMark& mark, const Projection& projection, const Edges& e) {
  const std::vector<ScenePoint> top = lifted(e.middle, mark.height_m);
  draw(out.ink, projection, e.middle);
  draw(out.ink, projection, top);
  for (const size_t end : {size_t{0}, e.middle.size() - 1})
    draw(out.ink, projection, {e.middle[end], top[end]});
  for (size_t i = 1; i < top.size(); ++i)
    if (auto face = seenFace(projection, {e.middle[i - 1], e.middle[i], top[i], top[i - 1]}))
      out.faces.push_back(std::move(*face));
}

}  // namespace

double usualSpacing(GroundKind kind) {
  switch (kind) {
    case GroundKind::Rails:
      return 0.65;
    case GroundKind::Ripples:
      return 0.25;
    default:
      return 1.0;
  }
}

DrawnThing drawnOf(const GroundMark& mark, const View& view, const PanelSize& panel) {
  const Projection projection(view, panel.width_mm);
  DrawnThing out;
  const double spacing = mark.spacing_m.value_or(usualSpacing(mark.kind));
  if (mark.kind == GroundKind::Ripples) {
    if (!mark.along.empty()) drawRipples(out, mark, projection, spacing);
    return out;
  }
  if (mark.along.size() < 2) return out;
  const Edges e = edgesOf(mark, projection);
  switch (mark.kind) {
    case GroundKind::Rails:
      drawSleepers(out, mark, projection, e, spacing);
      [[fallthrough]];
    case GroundKind::Path:
    case GroundKind::Canal:
      draw(out.ink, projection, e.left);
      draw(out.ink, projection, e.right);
      if (mark.kind == GroundKind::Canal) drawWaterLines(out, mark, projection, e, spacing);
      break;
    case GroundKind::Water:
      drawWaterLines(out, mark, projection, e, spacing);
      break;
    case GroundKind::Wall:
      drawWall(out, mark, projection, e);
      break;
    case GroundKind::Shadow:
      draw(out.ink, projection, e.middle);
      break;
    case GroundKind::Ripples:
      break;
  }
  // To rub out: where a straight one goes on to the horizon.
  if (const auto x = runsTo(mark, view, panel)) {
    const Point far{*x, view.horizon_mm};
    for (const auto* edge : {&e.left, &e.right, &e.middle})
      if (edge->front().away >= projection.nearest_m())
        out.construction.push_back({projection.toPanel(edge->front()), far, 1 / edge->front().away, 0});
  }
  return out;
}

Rings areaOf(const GroundMark& mark, const View& view, const PanelSize& panel) {
  const Projection projection(view, panel.width_mm);
  std::vector<ScenePoint> border;
  if (mark.kind == GroundKind::Ripples) {
    const ScenePoint c = projection.onGround(mark.along[0]);
    for (int i = 0; i < 48; ++i) {
      const double a = 2 * 3.14159265358979323846 * i / 48;
      border.push_back({c.x + mark.width_m / 2 * std::cos(a), 0, c.away + mark.width_m / 2 * std::sin(a)});
    }
  } else if (mark.along.size() >= 2 && (mark.kind == GroundKind::Path || mark.kind == GroundKind::Canal ||
                                        mark.kind == GroundKind::Rails)) {
    const Edges e = edgesOf(mark, projection);
    border = e.left;
    border.insert(border.end(), e.right.rbegin(), e.right.rend());
  } else if (mark.kind == GroundKind::Water && mark.along.size() >= 2) {
    const ScenePoint a = projection.onGround(mark.along.front()), b = projection.onGround(mark.along.back());
    const double w = mark.width_m / 2;
    border = {{a.x - w, 0, a.away}, {a.x + w, 0, a.away}, {b.x + w, 0, b.away}, {b.x - w, 0, b.away}};
  }
  if (border.empty()) return {};
  const auto face = seenFace(projection, border);
  return face ? face->shape : Rings{};
}

std::optional<double> runsTo(const GroundMark& mark, const View& view, const PanelSize&) {
  const bool straight = mark.kind == GroundKind::Path || mark.kind == GroundKind::Canal ||
                        mark.kind == GroundKind::Rails || mark.kind == GroundKind::Wall;
  if (!straight || mark.along.size() != 2) return {};
  const Point a = mark.along[0], b = mark.along[1];
  if (std::fabs(b.y - a.y) < 1e-9) return {};
  const double t = (view.horizon_mm - a.y) / (b.y - a.y);
  const double x = a.x + t * (b.x - a.x);
  return t > 0 && std::fabs(x) < 1e5 ? std::optional(x) : std::nullopt;
}

}  // namespace havlo
