// Things that stand need something under them: the ground at their distance, or what they are on.
#include <algorithm>

#include "core/analysis/analysis.h"
#include "core/depth/fitting.h"
#include "core/outline/distance.h"
#include "core/outline/shape_ops.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "core/plan/thing_index.h"

namespace havlo {
namespace {

constexpr double kOffGround_mm = 2.0;
constexpr double kOffHost_mm = 1.0;

Finding floating(int i, double gap_mm, Point to) {
  return {FindingKind::Floating, Level::Warn, {i}, gap_mm, Fix{Fix::What::MoveFoot, i, -1, to}};
}

/// Said to stand on the ground, but its foot is at or above the horizon.
std::optional<Finding> aboveHorizon(const Plan& plan, const Stamp& stamp, int i, Point at) {
  const View& view = *plan.view;
  if (at.y < view.horizon_mm) return {};
  double to = view.horizon_mm - 1;
  if (stamp.realHeight) {
    const StandingBand band = standingBand(view, *stamp.realHeight, Millimetres{stamp.height_mm});
    to = (band.low_mm + band.high_mm) / 2;
  }
  return floating(i, at.y - view.horizon_mm, {at.x, to});
}

std::optional<Finding> aboveGround(const Plan& plan, int i, Point at, double distance_m) {
  if (boxUnder(plan, at, distance_m) >= 0) return {};
  const double ground = groundHeight(*plan.view, Metres{distance_m}).value;
  if (at.y <= ground + kOffGround_mm) return {};
  return floating(i, at.y - ground, {at.x, ground});
}

/// The hills and banks of a card.
class Lands {
 public:
  Lands(const Plan& plan, const Analysis& a) {
    for (size_t k = 0; k < plan.impressions.size(); ++k)
      if (const Placed& land = *a.meetings.placed[k]; land.outline->stamp->role == Role::Landform)
        m_all.push_back({static_cast<int>(k), &land, land.box.grown(kOffHost_mm)});
  }
  /// One of them, other than the thing itself, lies under its foot and is not nearer than it.
  bool carry(int i, Point foot) const {
    return std::any_of(m_all.begin(), m_all.end(), [&](const Land& l) {
      const Rings& shape = l.placed->silhouette;
      return l.index != i && l.reach.contains(foot) &&
             (covers(shape, foot) || nearestPoint(shape, foot).distance_mm <= kOffHost_mm);
    });
  }

 private:
  struct Land {
    int index;
    const Placed* placed;
    Box reach;
  };
  std::vector<Land> m_all;
};

std::optional<Finding> awayFromHost(const Placed& host, int i, int on, Point at) {
  const NearestPoint near = nearestPoint(host.silhouette, at);
  if (near.distance_mm <= kOffHost_mm) return {};
  Finding f = floating(i, near.distance_mm, near.at);
  f.impressions.push_back(on);
  return f;
}

}  // namespace

void readFloating(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  const std::vector<int> leads = figureLeads(plan);
  const Lands lands(plan, analysis);
  const ThingIndex things(plan);
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const Impression& impression = plan.impressions[k];
    const Stamp& stamp = *plan.stamps[ix(analysis.stampOf[k])];
    const int i = static_cast<int>(k);
    std::optional<Finding> found;
    // A branch holds on by its beginning, which has a rule of its own.
    const bool branch = std::any_of(stamp.contacts.begin(), stamp.contacts.end(),
                                    [](const Contact& c) { return c.kind == ContactKind::Start; });
    if (branch || leads[k] != i) continue;  // what belongs to a figure is carried by that
    if (const auto* on = std::get_if<OnThing>(&impression.depth)) {
      const int host = things.of(on->id);
      found = awayFromHost(*analysis.meetings.placed[ix(host)], i, host, impression.at);
    } else if (!factsOf(stamp.role).stands() || stamp.home == Home::Air || !plan.view) {
      continue;
    } else if (std::holds_alternative<OnGround>(impression.depth)) {
      found = aboveHorizon(plan, stamp, i, impression.at);
    } else {
      found = aboveGround(plan, i, impression.at, analysis.depth->distance_m(i));
    }
    if (!found) continue;
    if (found->impressions.size() == 1) {
      if (impression.at.y < 0) continue;  // nobody sees what is under a foot off the card
      // What is up in the sky and could fly is most likely meant to.
      if (!factsOf(stamp.role).wantsLand && impression.at.y >= plan.view->horizon_mm)
        found->level = Level::Note;
      if (lands.carry(i, impression.at)) continue;
      Fix flies;
      flies.what = Fix::What::SayHome, flies.impression = i, flies.home = Home::Air;
      found->instead = std::move(flies);
    }
    out.push_back(std::move(*found));
  }
}

}  // namespace havlo
