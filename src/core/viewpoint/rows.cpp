#include "core/viewpoint/rows.h"

#include <algorithm>
#include <cmath>

#include "core/viewpoint/scale.h"

namespace havlo {
namespace {

constexpr int kMost = 60;

double ratioOf(const Stamp& stamp, const View& view, double foot_mm) {
  return stamp.height_mm /
         printedHeight(view, Metres{stamp.realHeight->typical_m}, Millimetres{foot_mm}).value;
}

RowPlace placed(const RowWish& wish, const View& view, const PanelSize& panel, Point foot, double away_m) {
  RowPlace p;
  p.at = foot, p.away_m = away_m;
  double least = 1e300;
  for (size_t k = 0; k < wish.sizes.size(); ++k)
    if (const double off = std::fabs(std::log(ratioOf(*wish.sizes[k], view, foot.y))); off < least)
      least = off, p.size = static_cast<int>(k);
  const Stamp& stamp = *wish.sizes[ix(p.size)];
  p.ratio = ratioOf(stamp, view, foot.y);
  p.fits = standingBand(view, *stamp.realHeight, Millimetres{stamp.height_mm}).contains(foot.y);
  const double left = foot.x - stamp.foot.x, low = foot.y - stamp.foot.y;
  p.seen = Box{left, low, left + stamp.width_mm, low + stamp.height_mm}.meets(panel.box());
  return p;
}

/// Log of the middle between the largest and the smallest ratio of printed to expected height.
double middleLog(const RowPlan& row) {
  double least = 1e300, most = -1e300;
  for (const RowPlace& p : row.places)
    least = std::min(least, std::log(p.ratio)), most = std::max(most, std::log(p.ratio));
  return (least + most) / 2;
}

RowPlan along(const RowWish& wish, const View& view, const PanelSize& panel, ScenePoint from,
              ScenePoint step) {
  const Projection projection(view, panel.width_mm);
  RowPlan row;
  row.spacing_m = std::hypot(step.x, step.away);
  for (int k = 0; k < wish.count; ++k) {
    const ScenePoint here{from.x + k * step.x, 0, from.away + k * step.away};
    if (here.away < projection.nearest_m()) continue;
    row.places.push_back(placed(wish, view, panel, projection.toPanel(here), here.away));
    const double r = row.places.back().ratio;
    row.worst = std::max({row.worst, r, 1 / r});
  }
  std::stable_sort(row.places.begin(), row.places.end(),
                   [](const RowPlace& a, const RowPlace& b) { return a.away_m < b.away_m; });
  return row;
}

}  // namespace

Result<RowPlan> planRow(const View& view, const PanelSize& panel, const RowWish& given) {
  RowWish wish = given;
  wish.count = std::clamp(wish.count, 2, kMost);
  if (wish.sizes.empty()) return Error{ErrorCode::BadInput, "a row needs a stamp", {}};
  for (const StampRef& s : wish.sizes)
    if (!s->realHeight)
      return Error{
          ErrorCode::BadInput, "\"" + s->name + "\" has no real height, so its size cannot be judged", {}};
  if (wish.from.y > wish.to.y) std::swap(wish.from, wish.to);
  if (wish.from.y >= view.horizon_mm)
    return Error{ErrorCode::BadInput, "a row must begin on the ground, below the horizon", {}};
  if (std::hypot(wish.to.x - wish.from.x, wish.to.y - wish.from.y) < 0.5)
    return Error{ErrorCode::BadInput, "the first and the last of the row stand at one place", {}};
  const Projection projection(view, panel.width_mm);
  ScenePoint first = projection.onGround(wish.from);
  const bool endless = wish.to.y >= view.horizon_mm - 1e-6;
  ScenePoint step;
  if (!endless) {
    const ScenePoint last = projection.onGround(wish.to);
    const int gaps = wish.count - 1;
    step = {(last.x - first.x) / gaps, 0, (last.away - first.away) / gaps};
  } else {
    // Straight away to a point of the horizon: (dx, d) in the proportion the panel shows there.
    const double slope = (wish.to.x - projection.vanishX_mm()) / projection.focal_mm();
    const double spacing = wish.spacing_m > 0 ? wish.spacing_m : first.away / 2;
    const double level = std::hypot(slope, 1);
    step = {spacing * slope / level, 0, spacing / level};
  }
  RowPlan row = along(wish, view, panel, first, step);
  if (row.places.empty()) return Error{ErrorCode::BadInput, "the row lies behind the viewer", {}};
  if (wish.balanced) {
    // All distances times one factor: expected heights are divided by it, so the two worst errors come to be
    // alike.
    for (int round = 0; round < 4; ++round) {
      const double factor = std::exp(-middleLog(row));
      first = {first.x * factor, 0, first.away * factor};
      step = {step.x * factor, 0, step.away * factor};
      row = along(wish, view, panel, first, step);
      if (row.places.empty()) return Error{ErrorCode::BadInput, "the row lies behind the viewer", {}};
    }
  }
  return row;
}

}  // namespace havlo
