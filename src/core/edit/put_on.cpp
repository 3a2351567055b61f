#include "core/edit/put_on.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "core/edit/view_edits.h"
#include "core/ink/ink_facts.h"
#include "core/outline/hull.h"
#include "core/outline/shape_ops.h"
#include "core/plan/role_facts.h"
#include "core/viewpoint/scale.h"

namespace havlo {
namespace {
constexpr double kFillsGround = 0.6;    // of what lies below the horizon
constexpr double kBelowHorizon_mm = 1;  // a hill's lower edge: no paper shows between it and the ground
}  // namespace

Lies liesHow(const Plan& plan, const Stamp& stamp) {
  if (!plan.view || stamp.realHeight) return Lies::No;
  switch (stamp.role) {
    case Role::Landform:
      return stamp.height_mm < kFillsGround * plan.view->horizon_mm ? Lies::AtHorizon : Lies::OnGround;
    case Role::Water:
    case Role::Texture:
      return Lies::OnGround;
    default:
      return Lies::No;
  }
}

std::optional<AtMetres> distanceOfLand(const Plan& plan, const Stamp& stamp, Point foot) {
  switch (liesHow(plan, stamp)) {
    case Lies::No:
      return {};
    case Lies::AtHorizon:
      // A bank that is put nearer rises where its foot is.
      if (foot.y < plan.view->horizon_mm - 2 * kBelowHorizon_mm) return {};
      return AtMetres{kHills_m};
    case Lies::OnGround:
      return AtMetres{kGround_m};
  }
  return {};
}

std::optional<AtMetres> distanceInSky(const Stamp& stamp) {
  if (stamp.role != Role::Sky || stamp.realHeight || !stamp.contacts.empty()) return {};
  // How well a band round it encloses it: 1 for a disc, 3/4 for half of one, less for a kite.
  constexpr double kRound = 0.7, kDisc = 0.15, kCrescent = 0.75;
  // Of the band: a cloud is wide and nearly fills it, birds do not.
  constexpr double kWide = 1.2, kSolid = 0.7;
  std::vector<Point> all;
  for (const Ring& ring : stamp.silhouette) all.insert(all.end(), ring.begin(), ring.end());
  const std::vector<Point> hull = hullOf(std::move(all));
  if (hull.size() < 3) return {};
  double area = 0, length = 0;
  for (size_t i = 0; i < hull.size(); ++i) {
    const Point a = hull[i], b = hull[(i + 1) % hull.size()];
    area += cross(a, b) / 2, length += std::hypot(b.x - a.x, b.y - a.y);
  }
  const double solid = areaOf(stamp.silhouette) / area, aspect = stamp.width_mm / stamp.height_mm;
  const bool round = 4 * std::numbers::pi * area >= kRound * length * length;
  if (round && (std::fabs(aspect - 1) < kDisc || solid < kCrescent)) return AtMetres{kLights_m};
  if (round || (aspect > kWide && solid > kSolid)) return AtMetres{kClouds_m};
  return {};
}

Plan pressedAsUsual(const Plan& plan, const std::string& impression) {
  Plan out = plan;
  for (Impression& i : out.impressions) {
    if (i.id != impression) continue;
    const Stamp& stamp = *plan.stamp(i.stamp);
    const auto usual = [&]() -> std::optional<UsualColour> {
      if (const auto sky = distanceInSky(stamp))
        return sky->metres < kLights_m ? kCloudsColour : kLightsColour;
      switch (liesHow(plan, stamp)) {
        case Lies::No:
          return {};
        case Lies::AtHorizon:
          return kHillsColour;
        case Lies::OnGround:
          return stamp.role == Role::Water ? kWaterColour : kEarthColour;
      }
      return {};
    }();
    if (!usual) continue;
    if (const Ink* ink = inkNear(plan, usual->colour, usual->least, isForRubber))
      i.ink = ink->id, i.generation = kFarPressing;
  }
  return out;
}

std::optional<Point> besideItsLike(const Plan& plan, const Stamp& stamp) {
  const Impression* last = nullptr;
  for (const Impression& i : plan.impressions)
    if (i.stamp == stamp.id) last = &i;
  if (!last) return {};
  constexpr double kBetween_mm = 4;
  const double step = stamp.width_mm + kBetween_mm, width = plan.card.panel.width_mm;
  const auto taken = [&](double x) {
    return std::any_of(plan.impressions.begin(), plan.impressions.end(), [&](const Impression& i) {
      return i.stamp == stamp.id && std::fabs(i.at.x - x) < 0.6 * step;
    });
  };
  for (const double by : {1.0, -1.0, 2.0, -2.0, 3.0, -3.0}) {
    const double x = last->at.x + by * step;
    if (x - stamp.foot.x >= 0 && x + stamp.width_mm - stamp.foot.x <= width && !taken(x))
      return Point{x, last->at.y};
  }
  return {};
}

Plan seenByFirst(const Plan& plan, const Stamp& stamp) {
  constexpr double kFoot = 0.12;  // of the card's height
  if (!plan.view || !stamp.realHeight || !factsOf(stamp.role).stands()) return plan;
  for (const Impression& i : plan.impressions)
    if (factsOf(plan.stamp(i.stamp)->role).stands()) return plan;
  const double foot = kFoot * plan.card.panel.height_mm, below = plan.view->horizon_mm - foot;
  const StandingBand band = standingBand(*plan.view, *stamp.realHeight, Millimetres{stamp.height_mm});
  if (below <= 0) return plan;
  // Where the horizon meets it, as a share of its height from the foot.
  constexpr double kNeck = 0.66, kOverCrown = 1.06;
  const double real = stamp.realHeight->typical_m, seen = plan.view->eyeHeight_m / real;
  double share = band.high_mm < foot / 2 ? below / stamp.height_mm : seen;
  const bool throughHead = share > kNeck && share < kOverCrown;
  if (throughHead) share = kNeck;
  if (share == seen) return plan;
  const double eyes = real * share;
  // To the centimetre, as one would say it.
  auto lower = withEyes(plan, Metres{eyes > 0.1 ? std::round(100 * eyes) / 100 : eyes});
  return lower ? std::move(lower).value() : plan;
}

Point goodSpot(const Plan& plan, const Stamp& stamp, std::optional<double> wanted) {
  // In the middle, or where there is room beside what stands there.
  const double width = plan.card.panel.width_mm;
  const auto roomAt = [&](double x) {
    double least = width;
    for (const Impression& i : plan.impressions) least = std::min(least, std::fabs(i.at.x - x));
    return least;
  };
  double middle = width / 2;
  for (const double share : {0.3, 0.7, 0.15, 0.85})
    if (roomAt(middle) < 0.12 * width && roomAt(share * width) >= 0.12 * width) middle = share * width;
  // A second of its kind stands beside the first.
  if (const auto beside = besideItsLike(plan, stamp)) middle = beside->x;
  if (wanted) middle = *wanted;
  // Never off the card sideways: as far in as it is wide.
  const double left = std::min(stamp.foot.x, width / 2),
               right = std::max(width - (stamp.width_mm - stamp.foot.x), width / 2);
  middle = std::clamp(middle, std::min(left, right), std::max(left, right));
  if (plan.view && stamp.realHeight) {
    const StandingBand band = standingBand(*plan.view, *stamp.realHeight, Millimetres{stamp.height_mm});
    // On the card in any case: where that is not its right place the reading says so, and the ways out begin
    // there.
    const double height = plan.card.panel.height_mm, least = 0.05 * height;
    double y = (band.low_mm + band.high_mm) / 2;
    // Not right at the edge, if it need not be.
    constexpr double kAtEdge_mm = 1;
    if (y < least)
      y = band.high_mm >= kAtEdge_mm ? std::min(least, std::max(band.high_mm - 0.5, kAtEdge_mm)) : least;
    return {middle, std::min(y, 0.9 * height)};
  }
  if (const Lies lies = liesHow(plan, stamp); lies != Lies::No) {
    const double horizon = plan.view->horizon_mm, height = plan.card.panel.height_mm;
    if (lies == Lies::AtHorizon) return {middle, std::clamp(horizon - kBelowHorizon_mm, 0.0, 0.9 * height)};
    // Ground ends at the horizon; a patch of it lies half way there.
    const double room = std::min(horizon, height) - (stamp.height_mm - stamp.foot.y);
    return {middle, std::max(stamp.foot.y, stamp.height_mm < kFillsGround * horizon ? room / 2 : room)};
  }
  const double sky = plan.view
                         ? plan.view->horizon_mm + (plan.card.panel.height_mm - plan.view->horizon_mm) * 0.4
                         : plan.card.panel.height_mm * 0.5;
  return {middle, std::min(sky, plan.card.panel.height_mm - stamp.height_mm * 0.6)};
}

}  // namespace havlo
