#include "core/depth/snapping.h"

#include <algorithm>
#include <cmath>

namespace havlo {
namespace {

/// The nearest of what is offered, one way.
struct Caught {
  double reach = 0, by = 0;
  std::optional<SnapLine> line;

  void offer(double from, SnapLine to) {
    const double d = to.at_mm - from;
    // What is offered first wins among equals.
    if (std::fabs(d) > reach - (line ? 1e-9 : 0)) return;
    reach = std::fabs(d), by = d, line = to;
  }
};

}  // namespace

Snapped snapped(const Plan& plan, std::span<const PlacedRef> placed, const std::vector<int>& moving,
                int impression, Point foot, double reach_mm) {
  using To = SnapLine::To;
  const Impression& thing = plan.impressions[ix(impression)];
  const PanelSize& panel = plan.card.panel;
  const Placed& now = *placed[ix(impression)];
  Box box = now.box;
  const Point by = foot - now.at;
  box.left += by.x, box.right += by.x, box.bottom += by.y, box.top += by.y;
  const bool grounded = std::holds_alternative<OnGround>(thing.depth);

  Caught across{reach_mm, 0, {}}, up{reach_mm, 0, {}};
  const auto feet = [&](auto take) {
    for (size_t k = 0; k < plan.impressions.size(); ++k)
      if (std::find(moving.begin(), moving.end(), static_cast<int>(k)) == moving.end())
        take(static_cast<int>(k), plan.impressions[k].at);
  };
  if (plan.view && !grounded) {
    up.offer(foot.y, {To::Horizon, false, plan.view->horizon_mm});
    up.offer(box.bottom, {To::Horizon, false, plan.view->horizon_mm});
  }
  feet([&](int k, Point at) {
    // Two on the ground at one height are equally far: that is worth more than a third of the paper.
    if (grounded == std::holds_alternative<OnGround>(plan.impressions[ix(k)].depth))
      up.offer(foot.y, {To::Foot, false, at.y, 0, k});
    across.offer(foot.x, {To::Foot, true, at.x, 0, k});
  });
  across.offer(box.centre().x, {To::Middle, true, panel.width_mm / 2});
  across.offer(foot.x, {To::Middle, true, panel.width_mm / 2});
  for (const int side : {0, 1}) {
    across.offer(foot.x, {To::Third, true, panel.width_mm * (side + 1) / 3, side});
    up.offer(foot.y, {To::Third, false, panel.height_mm * (side + 1) / 3, side});
  }
  up.offer(box.centre().y, {To::Middle, false, panel.height_mm / 2});
  const double border = std::max(plan.card.tape_mm, plan.card.bare_mm);
  for (const int side : {0, 1}) {
    const double x = side ? box.right : box.left, y = side ? box.top : box.bottom;
    const double w = side ? panel.width_mm : 0, h = side ? panel.height_mm : 0, in = side ? -border : border;
    if (border > 0) {
      across.offer(x, {To::Border, true, w + in, side});
      up.offer(y, {To::Border, false, h + in, side});
    }
    across.offer(x, {To::Edge, true, w, side});
    up.offer(y, {To::Edge, false, h, side});
  }
  return {{foot.x + across.by, foot.y + up.by}, across.line, up.line};
}

}  // namespace havlo
