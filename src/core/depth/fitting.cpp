#include "core/depth/fitting.h"

#include <algorithm>
#include <cmath>

#include "core/outline/distance.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/ground.h"
#include "core/viewpoint/room.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

double away(Point a, Point b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// The highest border point of a silhouette straight above or below.
std::optional<double> topAt(const Rings& rings, double x) {
  std::optional<double> top;
  for (const Ring& ring : rings)
    for (size_t i = 0, k = ring.size() - 1; i < ring.size(); k = i++)
      if ((ring[i].x > x) != (ring[k].x > x)) {
        const double y = ring[k].y + (x - ring[k].x) * (ring[i].y - ring[k].y) / (ring[i].x - ring[k].x);
        if (!top || y > *top) top = y;
      }
  return top;
}

/// Whether `host` is, directly or not, on the thing.
bool restsOn(const Plan& plan, const Impression* host, const std::string& thing) {
  for (size_t steps = 0; host && steps <= plan.impressions.size(); ++steps) {
    if (host->id == thing) return true;
    const auto* on = std::get_if<OnThing>(&host->depth);
    host = on ? plan.impression(on->id) : nullptr;
  }
  return false;
}

}  // namespace

std::vector<FittingStamp> stampsAt(const View& view, std::span<const StampRef> stamps, double foot_mm) {
  std::vector<FittingStamp> out;
  if (foot_mm >= view.horizon_mm) return out;
  for (size_t k = 0; k < stamps.size(); ++k) {
    const Stamp& s = *stamps[k];
    if (!s.realHeight) continue;
    FittingStamp f;
    f.stamp = static_cast<int>(k);
    f.ratio = s.height_mm / printedHeight(view, Metres{s.realHeight->typical_m}, Millimetres{foot_mm}).value;
    f.fits = standingBand(view, *s.realHeight, Millimetres{s.height_mm}).contains(foot_mm);
    out.push_back(f);
  }
  std::stable_sort(out.begin(), out.end(), [](const FittingStamp& a, const FittingStamp& b) {
    if (a.fits != b.fits) return a.fits;
    return std::fabs(std::log(a.ratio)) < std::fabs(std::log(b.ratio));
  });
  return out;
}

std::optional<Rest> restFor(const Plan& plan, int impression, Point foot, double reach_mm,
                            std::span<const PlacedRef> placed) {
  const Impression& thing = plan.impressions[ix(impression)];
  const Stamp& stamp = *plan.stamp(thing.stamp);
  std::optional<Rest> best;
  double least = reach_mm;
  // Its own points that rest on something: the foot, undersides, and a hand that holds.
  std::vector<Point> mine{{0, 0}};
  const Placing placing = placingOf(thing, stamp);
  const bool standsOnGround = std::holds_alternative<OnGround>(thing.depth);
  for (const Contact& c : stamp.contacts)
    if (c.kind == ContactKind::Underside || c.kind == ContactKind::Start) {
      const Point p = placing.toPanel(c.at);
      mine.push_back({p.x - thing.at.x, p.y - thing.at.y});
    }
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Impression& host = plan.impressions[k];
    if (static_cast<int>(k) == impression) continue;
    const auto nearer = [&](double off) {
      if (off >= least || restsOn(plan, &host, thing.id)) return false;
      least = off;
      return true;
    };
    const Stamp& its = *placed[k]->outline->stamp;
    for (const Contact& c : its.contacts) {
      if (c.kind != ContactKind::Perch && c.kind != ContactKind::Hand) continue;
      // Nothing stands or hangs on what is smaller than itself, unless it already hangs.
      if (standsOnGround && stamp.height_mm > its.height_mm) continue;
      const Point p = placed[k]->placing.toPanel(c.at);
      for (const Point own : mine)
        // A point meant for it is caught before a mere edge.
        if (nearer(0.5 * away(p, {foot.x + own.x, foot.y + own.y})))
          best = Rest{
              Rest::On::Contact, {p.x - own.x, p.y - own.y}, OnThing{host.id, false}, static_cast<int>(k)};
    }
    const Box& box = placed[k]->box;
    if (!factsOf(its.role).stands() || foot.x < box.left || foot.x > box.right) continue;
    if (const auto top = topAt(placed[k]->silhouette, foot.x); top && nearer(std::fabs(*top - foot.y)))
      best = Rest{Rest::On::Top, {foot.x, *top}, OnThing{host.id, false}, static_cast<int>(k)};
  }
  if (!plan.view) return best;
  const auto offer = [&](Rest rest, double off) {
    if (off < least) least = off, best = std::move(rest);
  };
  for (size_t k = 0; k < plan.ground.size(); ++k) {
    const GroundKind kind = plan.ground[k].kind;
    if (kind == GroundKind::Shadow || kind == GroundKind::Ripples) continue;
    for (const Ring& ring : areaOf(plan.ground[k], *plan.view, plan.card.panel))
      for (size_t i = 0; i < ring.size(); ++i) {
        const Point p = nearestOnSide(ring[i], ring[(i + 1) % ring.size()], foot);
        if (p.y < plan.view->horizon_mm)
          offer({Rest::On::GroundEdge, p, OnGround{}, static_cast<int>(k)}, away(p, foot));
      }
  }
  if (plan.room) {
    const Projection projection(*plan.view, plan.card.panel.width_mm);
    const RoomSize size = sizeOf(*plan.room, *plan.view, plan.card.panel);
    for (size_t k = 0; k < plan.room->boxes.size(); ++k) {
      const RoomBox& b = plan.room->boxes[k];
      // The middle of its top, from left to right.
      const double deep = size.back_m - b.back_m - b.depth_m / 2;
      if (deep < projection.nearest_m()) continue;
      const double up = b.up_m + b.height_m, left = size.left_m + b.left_m;
      const Point p = nearestOnSide(projection.toPanel({left, up, deep}),
                                    projection.toPanel({left + b.width_m, up, deep}), foot);
      offer({Rest::On::RoomBox, p, AtMetres{deep}, static_cast<int>(k)}, away(p, foot));
    }
  }
  return best;
}

int boxUnder(const Plan& plan, Point foot, double distance_m) {
  if (!plan.room || !plan.view || !std::isfinite(distance_m)) return -1;
  const ScenePoint at = Projection(*plan.view, plan.card.panel.width_mm).atDistance(foot, distance_m);
  const RoomSize size = sizeOf(*plan.room, *plan.view, plan.card.panel);
  const double slack = 0.02;  // m: a hair of the hand
  for (size_t k = 0; k < plan.room->boxes.size(); ++k) {
    const RoomBox& b = plan.room->boxes[k];
    const double left = size.left_m + b.left_m, far = size.back_m - b.back_m;
    if (std::fabs(at.up - b.up_m - b.height_m) < slack && at.x > left - slack &&
        at.x < left + b.width_m + slack && distance_m < far + slack && distance_m > far - b.depth_m - slack)
      return static_cast<int>(k);
  }
  return -1;
}

}  // namespace havlo
