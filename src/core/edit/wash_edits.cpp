// Areas of bound washes are made from their limit; those of free ones are boxes dragged by their borders.
#include "core/edit/wash_edits.h"

#include <algorithm>
#include <cmath>

#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/plan/plan_words.h"
#include "core/plan/wash_facts.h"
#include "core/wash/limit_shape.h"
#include "core/wash/stencil.h"

namespace havlo {
namespace {

template <typename F>
Result<Plan> changedWash(const Plan& plan, const std::string& id, F change) {
  Plan out = plan;
  for (Wash& w : out.washes)
    if (w.id == id) {
      change(out, w);
      return out;
    }
  return Error{ErrorCode::BadInput, "there is no wash \"" + id + "\"", {}};
}

bool share(double v) { return v >= 0 && v <= 1; }

Error noInk(const std::string& ink) { return {ErrorCode::BadInput, "there is no ink \"" + ink + "\"", {}}; }

/// What a limit lets through of the panel, and of a larger area that a glow or halo is blended over.
Rings areaBy(const Plan& plan, const WashLimit& limit, LimitSide side, WashKind kind) {
  const Box panel = plan.card.panel.box();
  Rings area = clippedTo(panel, allowedBy(limit, side, panel));
  if (factsOf(kind).round && side == LimitSide::Outside && !limit.isEdge()) {
    // A halo reaches as far again as the disc is wide.
    const Box b = limit.opening;
    const double by = std::max(b.width(), b.height()) / 2;
    area = intersection(area, rectangle(b.grown(by)));
  }
  return area;
}

WashFrom usualFrom(WashKind kind, const std::string& limit) {
  return factsOf(kind).fromLimit && !limit.empty() ? WashFrom::Limit : factsOf(kind).from;
}

LimitSide fittingSide(const WashLimit& limit, LimitSide side) {
  const bool level = side == LimitSide::Above || side == LimitSide::Below;
  return limit.isEdge() == level ? side : limit.isEdge() ? LimitSide::Above : LimitSide::Inside;
}

/// A bound wash lies wherever its limits let it.
void takeArea(const Plan& plan, Wash& w) {
  Rings area;
  for (const WashBound& b : w.limits) {
    const Rings one = areaBy(plan, *plan.limit(b.id), b.side, w.kind);
    area = area.empty() ? one : intersection(area, one);
  }
  if (!area.empty()) w.area = area;
}

/// The strip of the panel that a kind of wash is usually for.
Box usualBox(const Plan& plan, WashKind kind) {
  Box b = plan.card.panel.box();
  const double horizon =
      plan.view ? std::clamp(plan.view->horizon_mm, b.bottom + 5, b.top - 5) : b.height() * 0.4;
  switch (factsOf(kind).lies) {
    case WashFacts::Lies::AboveHorizon:
      b.bottom = horizon;
      break;
    case WashFacts::Lies::BelowHorizon:
      b.top = horizon;
      break;
    case WashFacts::Lies::AlongHorizon:
      b.bottom = horizon - 12, b.top = horizon + 12;
      break;
    case WashFacts::Lies::AroundLight: {
      Point c{b.centre().x, (horizon + b.top) / 2};
      if (plan.light && plan.light->at) c = *plan.light->at;
      const double r = 0.2 * std::min(b.width(), b.height());
      b = Box{c.x - r, c.y - r, c.x + r, c.y + r}.common(b);
      if (b.empty()) b = plan.card.panel.box();
      break;
    }
    case WashFacts::Lies::Everywhere:
      break;
  }
  return b;
}

}  // namespace

std::string freshWashId(const Plan& plan, const std::string& wish) {
  const auto taken = [&](const std::string& id) {
    return std::any_of(plan.washes.begin(), plan.washes.end(), [&](const Wash& w) { return w.id == id; });
  };
  if (!taken(wish)) return wish;
  for (int n = 2;; ++n)
    if (const std::string id = wish + std::to_string(n); !taken(id)) return id;
}

std::string freshLimitId(const Plan& plan, const std::string& wish) {
  if (!plan.limit(wish)) return wish;
  for (int n = 2;; ++n)
    if (const std::string id = wish + std::to_string(n); !plan.limit(id)) return id;
}

Result<Plan> withoutWash(const Plan& plan, const std::string& wash) {
  return changedWash(plan, wash, [&](Plan& p, Wash&) {
    std::erase_if(p.washes, [&](const Wash& w) { return w.id == wash; });
    std::erase_if(p.lifts, [&](const Lift& l) { return l.wash == wash; });
    std::erase_if(p.making.sequence,
                  [act = "wash:" + wash](const ActWish& w) { return w.act == act || w.before == act; });
  });
}

Result<Plan> withWashReach(const Plan& plan, const std::string& wash, double reach) {
  if (!share(reach)) return Error{ErrorCode::BadInput, "a wash reaches from nothing to all of its area", {}};
  return changedWash(plan, wash, [&](Plan&, Wash& w) { w.reach = reach; });
}

Result<Plan> withWashStrength(const Plan& plan, const std::string& wash, double strength) {
  if (!share(strength)) return Error{ErrorCode::BadInput, "strength goes from nothing to full", {}};
  return changedWash(plan, wash, [&](Plan&, Wash& w) { w.strength = strength; });
}

Result<Plan> withWashInk(const Plan& plan, const std::string& wash, const std::string& ink) {
  if (!plan.ink(ink)) return noInk(ink);
  return changedWash(plan, wash, [&](Plan&, Wash& w) { w.ink = ink; });
}

Result<Plan> withWashFrom(const Plan& plan, const std::string& wash, WashFrom from) {
  return changedWash(plan, wash, [&](Plan&, Wash& w) {
    if (from != WashFrom::Limit || w.bound()) w.from = from;
  });
}

Result<Plan> washedOver(const Plan& plan, const std::string& wash, const std::string& impression, bool over) {
  if (!plan.impression(impression))
    return Error{ErrorCode::BadInput, "there is no impression \"" + impression + "\"", {}};
  return changedWash(plan, wash, [&](Plan&, Wash& w) {
    std::erase(w.lets, impression);
    if (over) w.lets.push_back(impression);
  });
}

Result<Plan> withNewWash(const Plan& plan, WashKind kind, const std::string& ink, const std::string& limit,
                         LimitSide side) {
  if (!plan.ink(ink)) return noInk(ink);
  Wash w;
  w.kind = kind;
  w.id =
      freshWashId(plan, kind == WashKind::Plain ? "wash" : std::string(words::of(words::kWashKinds, kind)));
  w.ink = ink;
  w.strength = factsOf(kind).strength;
  w.reach = kind == WashKind::DarkEdges ? 0.5 : 1;
  w.area = rectangle(usualBox(plan, kind));
  if (kind == WashKind::DarkEdges || kind == WashKind::Plain) w.area = rectangle(plan.card.panel.box());
  w.from = usualFrom(kind, limit);
  Plan out = plan;
  out.washes.push_back(std::move(w));
  if (limit.empty()) return out;
  const std::string id = out.washes.back().id;
  return boundBy(out, id, limit, side);
}

Result<Plan> withSteppedWash(const Plan& plan, WashKind kind, const std::vector<std::string>& inks,
                             const std::vector<double>& reaches, const std::string& limit, LimitSide side) {
  if (inks.size() != reaches.size() || inks.empty())
    return Error{ErrorCode::BadInput, "every step of a wash wants one ink and one reach", {}};
  Result<Plan> out = plan;
  for (size_t k = 0; k < inks.size() && out; ++k) {
    out = withNewWash(out.value(), kind, inks[k], limit, side);
    if (!out) break;
    const std::string id = out.value().washes.back().id;
    // The steps keep the area of the first and start at its far side from the limit.
    out = withWashFrom(out.value(), id, usualFrom(kind, {}));
    if (out) out = withWashReach(out.value(), id, reaches[k]);
  }
  return out;
}

Result<Plan> withWashBorder(const Plan& plan, const std::string& wash, WashBorder border, double to) {
  if (!(std::fabs(to) <= 1e5)) return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
  constexpr double kLeast_mm = 2;
  return changedWash(plan, wash, [&](Plan& p, Wash& w) {
    Box b = boxOf(w.area);
    if (border == WashBorder::Left) b.left = std::min(to, b.right - kLeast_mm);
    if (border == WashBorder::Right) b.right = std::max(to, b.left + kLeast_mm);
    if (border == WashBorder::Bottom) b.bottom = std::min(to, b.top - kLeast_mm);
    if (border == WashBorder::Top) b.top = std::max(to, b.bottom + kLeast_mm);
    w.area = rectangle(b);
    for (const WashBound& bound : w.limits) {
      const Rings cut = intersection(w.area, allowedBy(*p.limit(bound.id), bound.side, p.card.panel.box()));
      if (!cut.empty()) w.area = cut;
    }
  });
}

Plan withNewLimit(const Plan& plan, LimitKind kind, std::string* id) {
  const Box panel = plan.card.panel.box();
  WashLimit l;
  l.kind = kind;
  const char* wish = l.isEdge()                   ? "edge"
                     : kind == LimitKind::Rays    ? "rays"
                     : kind == LimitKind::Circle  ? "disc"
                     : kind == LimitKind::Stencil ? "stencil"
                                                  : "frame";
  l.id = freshLimitId(plan, wish);
  const double horizon =
      plan.view ? std::clamp(plan.view->horizon_mm, panel.bottom + 5, panel.top - 5) : panel.height() * 0.4;
  if (l.isEdge()) l.left_mm = l.right_mm = horizon;
  if (kind == LimitKind::Wavy || kind == LimitKind::Torn) l.length_mm = panel.width() / 2, l.wave_mm = 6;
  const Point sky{panel.centre().x, (horizon + panel.top) / 2};
  const Point light = plan.light && plan.light->at ? *plan.light->at : sky;
  if (kind == LimitKind::Circle) {
    const double r = 0.12 * std::min(panel.width(), panel.height());
    l.opening = {light.x - r, light.y - r, light.x + r, light.y + r};
  } else if (kind == LimitKind::Rays) {
    l.at = light;
  } else if (!l.isEdge()) {
    l.opening = panel.grown(-0.1 * std::min(panel.width(), panel.height()));
  }
  if (kind == LimitKind::Stencil) {
    l.shape = stencilPattern(StencilPattern::Dots, l.opening, kUsualStencilDot_mm);
    l.opening = boxOf(l.shape);
  }
  if (id) *id = l.id;
  Plan out = plan;
  out.limits.push_back(std::move(l));
  return out;
}

Result<Plan> withLimit(const Plan& plan, const WashLimit& limit) {
  const auto sane = [](double v) { return std::fabs(v) <= 1e5; };
  if (!sane(limit.left_mm) || !sane(limit.right_mm) || !sane(limit.at.x) || !sane(limit.at.y) ||
      !sane(limit.opening.left) || !sane(limit.opening.top))
    return Error{ErrorCode::BadInput, "that is too far from the panel", {}};
  const bool opening = !limit.isEdge() && limit.kind != LimitKind::Rays;
  if (opening && !(limit.opening.width() > 0.5 && limit.opening.height() > 0.5))
    return Error{ErrorCode::BadInput, "an opening wants a width and a height", {}};
  Plan out = plan;
  for (WashLimit& l : out.limits) {
    if (l.id != limit.id) continue;
    l = limit;
    if (l.kind == LimitKind::Stencil) {  // dragged it moves as a whole; its openings have their size
      const Point by = l.opening.centre() - boxOf(l.shape).centre();
      for (Ring& ring : l.shape)
        for (Point& p : ring) p = p + by;
      l.opening = boxOf(l.shape);
    }
    for (Wash& w : out.washes)
      if (std::any_of(w.limits.begin(), w.limits.end(), [&](const WashBound& b) { return b.id == l.id; }))
        takeArea(out, w);
    return out;
  }
  return Error{ErrorCode::BadInput, "there is no edge or frame \"" + limit.id + "\"", {}};
}

Result<Plan> withoutLimit(const Plan& plan, const std::string& limit) {
  if (!plan.limit(limit))
    return Error{ErrorCode::BadInput, "there is no edge or frame \"" + limit + "\"", {}};
  Plan out = plan;
  std::erase_if(out.limits, [&](const WashLimit& l) { return l.id == limit; });
  for (Wash& w : out.washes)
    if (std::erase_if(w.limits, [&](const WashBound& b) { return b.id == limit; }) > 0 && !w.bound() &&
        w.from == WashFrom::Limit)
      w.from = usualFrom(w.kind, {});
  return out;
}

Result<Plan> boundBy(const Plan& plan, const std::string& wash, const std::string& limit, LimitSide side) {
  const WashLimit* l = plan.limit(limit);
  if (!limit.empty() && !l)
    return Error{ErrorCode::BadInput, "there is no edge or frame \"" + limit + "\"", {}};
  return changedWash(plan, wash, [&](Plan& p, Wash& w) {
    w.limits.clear();
    if (!l) {
      if (w.from == WashFrom::Limit) w.from = usualFrom(w.kind, {});
      return;
    }
    w.limits.push_back({limit, fittingSide(*l, side), {}});
    takeArea(p, w);
  });
}

Result<Plan> alsoBoundBy(const Plan& plan, const std::string& wash, const std::string& limit,
                         LimitSide side) {
  const WashLimit* l = plan.limit(limit);
  if (!l) return Error{ErrorCode::BadInput, "there is no edge or frame \"" + limit + "\"", {}};
  return changedWash(plan, wash, [&](Plan& p, Wash& w) {
    const auto it =
        std::find_if(w.limits.begin(), w.limits.end(), [&](const WashBound& b) { return b.id == limit; });
    if (it == w.limits.end()) {
      w.limits.push_back({limit, fittingSide(*l, side), {}});
    } else {
      it->side = fittingSide(*l, side);
    }
    if (w.limits.size() == 1) takeArea(p, w);
  });
}

Result<Plan> unboundFrom(const Plan& plan, const std::string& wash, const std::string& limit) {
  return changedWash(plan, wash, [&](Plan&, Wash& w) {
    std::erase_if(w.limits, [&](const WashBound& b) { return b.id == limit; });
    if (!w.bound() && w.from == WashFrom::Limit) w.from = usualFrom(w.kind, {});
  });
}

Result<Plan> withWashSoftness(const Plan& plan, const std::string& wash, double softness) {
  if (!(softness >= 0 && softness <= 200))
    return Error{ErrorCode::BadInput, "a soft edge is from 0 to 200 mm wide", {}};
  return changedWash(plan, wash, [&](Plan&, Wash& w) { w.softness_mm = softness; });
}

Result<Plan> withWashDepth(const Plan& plan, const std::string& wash, const WashDepth& depth) {
  if (const auto* by = std::get_if<BesideThing>(&depth); by && !plan.impression(by->id))
    return Error{ErrorCode::BadInput, "there is no impression \"" + by->id + "\"", {}};
  if (const auto* at = std::get_if<AtMetres>(&depth); at && !(at->metres > 0 && at->metres <= 1e9))
    return Error{ErrorCode::BadInput, "a distance is more than nothing", {}};
  return changedWash(plan, wash, [&](Plan&, Wash& w) {
    w.depth = depth;
    w.depthExtra.clear();
  });
}

Result<Plan> withWashWay(const Plan& plan, const std::string& wash, WashWay way) {
  return changedWash(plan, wash, [&](Plan& p, Wash& w) {
    w.way = way;
    if (!isRaised(way)) return;
    // Paste and relief come through a stencil, end where it ends and are the same all over.
    w.softness_mm = 0;
    w.strength = way == WashWay::Paste ? 1 : kReliefShadow;
    const bool stencil = std::any_of(w.limits.begin(), w.limits.end(), [&](const WashBound& b) {
      return p.limit(b.id) && p.limit(b.id)->kind == LimitKind::Stencil;
    });
    if (stencil) return;
    w.area = rectangle(p.card.panel.box());  // the stencil ends it, not the strip it was blended over
    std::string id;
    p = withNewLimit(p, LimitKind::Stencil, &id);
    for (Wash& mine : p.washes)
      if (mine.id == wash) mine.limits.insert(mine.limits.begin(), {id, LimitSide::Inside, {}});
  });
}

Plan withKnown(const Plan& plan, const std::string& kind, std::vector<std::string> impressions) {
  Plan out = withoutKnown(plan, kind, impressions);
  out.known.push_back({kind, std::move(impressions), {}});
  return out;
}

Plan withoutKnown(const Plan& plan, const std::string& kind, const std::vector<std::string>& impressions) {
  Plan out = plan;
  std::erase_if(out.known,
                [&](const KnownFinding& k) { return k.kind == kind && k.impressions == impressions; });
  return out;
}

Plan withPaper(const Plan& plan, const Paper& paper) {
  Plan out = plan;
  out.card.paper = paper;
  return out;
}

}  // namespace havlo
