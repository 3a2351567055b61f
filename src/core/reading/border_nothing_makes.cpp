// A blend that is to end sharply where no paper lies: only paper, tape or the panel's own rim makes a crisp
// border.
#include <algorithm>
#include <cmath>

#include "core/press/canvas.h"
#include "core/reading/about.h"
#include "core/wash/limit_shape.h"
#include "core/wash/wash_area.h"

namespace havlo {
namespace {

constexpr double kStep_mm = 1, kRim_mm = 0.3, kOnPaper_mm = 0.6, kLeast_mm = 4, kLevel_mm = 1.5;
constexpr float kLeastStep = 2;  // of 255: what the press takes for a difference

/// The length of a ring's border in the panel that shows and follows no paper, and the heights it keeps to.
struct Bare {
  double length_mm = 0, lowest = 1e300, highest = -1e300;
};

/// The papers that bound a wash: heights of edges, outlines of openings.
struct Papers {
  struct Opening {
    Ring ring;
    Box near;  // farther off nothing follows it: a stencil has hundreds of openings
  };
  std::vector<const WashLimit*> edges;
  std::vector<Opening> openings;

  Papers(const Plan& plan, const Wash& wash) {
    for (const WashBound& b : wash.limits) {
      const WashLimit& l = *plan.limit(b.id);
      if (l.isEdge()) {
        edges.push_back(&l);
      } else {
        for (const Ring& r : openingOf(l, plan.card.panel.box()))
          openings.push_back({r, boxOf(Rings{r}).grown(kOnPaper_mm)});
      }
    }
  }
  bool border(Point p, double panelWidth_mm) const {
    for (const WashLimit* l : edges)
      if (std::fabs(p.y - edgeHeight(*l, panelWidth_mm, p.x)) < kOnPaper_mm) return true;
    for (const auto& [r, near] : openings) {
      if (!near.contains(p)) continue;
      for (size_t i = 0; i < r.size(); ++i) {
        const Point a = r[i], c = r[(i + 1) % r.size()];
        const double dx = c.x - a.x, dy = c.y - a.y, l2 = dx * dx + dy * dy;
        const double t = l2 > 0 ? std::clamp(((p.x - a.x) * dx + (p.y - a.y) * dy) / l2, 0.0, 1.0) : 0;
        if (std::hypot(a.x + t * dx - p.x, a.y + t * dy - p.y) < kOnPaper_mm) return true;
      }
    }
    return false;
  }
};

Bare bareBorder(const Plan& plan, const Wash& wash) {
  const Box inside = plan.card.panel.box().grown(-plan.card.tape_mm - kRim_mm);
  const WashFalloff falloff(plan, wash);
  const Papers papers(plan, wash);
  const Ink& ink = *plan.ink(wash.ink);
  const LinearRgb paper = linearOf(plan.card.paper.colour);
  Bare out;
  for (const Ring& r : wash.area)
    for (size_t i = 0; i < r.size(); ++i) {
      const Point a = r[i], b = r[(i + 1) % r.size()];
      const double length = std::hypot(b.x - a.x, b.y - a.y);
      const int parts = std::max(1, static_cast<int>(std::ceil(length / kStep_mm)));
      for (int k = 0; k < parts; ++k) {
        const double t = (k + 0.5) / parts;
        const Point p{a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
        if (!inside.contains(p) || papers.border(p, plan.card.panel.width_mm)) continue;
        const InkFilm film(ink.colour, ink.opacity, wash.strength * falloff.shareAt(p));
        bool shows = false;
        for (size_t c = 0; c < 3; ++c)
          shows = shows || std::fabs(srgbOf(paper[c] * film.multiply[c] + film.add[c]) - srgbOf(paper[c])) >
                               kLeastStep;
        if (!shows) continue;
        out.length_mm += length / parts;
        out.lowest = std::min(out.lowest, p.y), out.highest = std::max(out.highest, p.y);
      }
    }
  return out;
}

}  // namespace

void readBorderNothingMakes(const Plan& plan, const Analysis&, std::vector<Finding>& out) {
  for (size_t w = 0; w < plan.washes.size(); ++w) {
    const Wash& wash = plan.washes[w];
    if (wash.softness_mm > 0 || wash.way == WashWay::Marker || wash.strength <= 0 || wash.reach <= 0)
      continue;
    const Bare bare = bareBorder(plan, wash);
    if (bare.length_mm < kLeast_mm) continue;
    Finding f{FindingKind::BorderNothingMakes, Level::Fault, {}, bare.length_mm, {}};
    f.wash = static_cast<int>(w);
    Fix fix;
    fix.impression = -1, fix.other = static_cast<int>(w);
    fix.what = Fix::What::SoftenWash, fix.amount = kUsualSoftness_mm;
    // One level line right across: a strip of tape makes it.
    if (bare.highest - bare.lowest < kLevel_mm && bare.length_mm > 0.6 * plan.card.panel.width_mm) {
      fix.what = Fix::What::LayEdge, fix.amount = (bare.lowest + bare.highest) / 2;
      f.other = 1;
    }
    f.fix = std::move(fix);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
