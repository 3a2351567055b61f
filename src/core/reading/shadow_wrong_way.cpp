// A shadow drawn by hand must fall as the light makes it.
#include <cmath>
#include <numbers>

#include "core/analysis/analysis.h"
#include "core/light/light.h"

namespace havlo {
namespace {

constexpr double kWrong_deg = 20;

/// The thing whose foot is nearest to where the shadow begins, within 6 mm.
const CastShadow* shadowAt(const std::vector<CastShadow>& all, Point foot) {
  const CastShadow* best = nullptr;
  double least = 6;
  for (const CastShadow& s : all)
    if (const double off = std::hypot(s.foot.x - foot.x, s.foot.y - foot.y); off < least)
      least = off, best = &s;
  return best;
}

}  // namespace

void readShadowWrongWay(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  std::vector<CastShadow> all;
  for (size_t k = 0; k < plan.ground.size(); ++k) {
    const GroundMark& mark = plan.ground[k];
    if (mark.kind != GroundKind::Shadow || !plan.light || !plan.view) continue;
    if (all.empty()) all = castShadows(plan, *analysis.depth, analysis.meetings.placed);
    const Point a = mark.along.front(), b = mark.along.back();
    const CastShadow* true_ = shadowAt(all, a);
    const double length = std::hypot(b.x - a.x, b.y - a.y);
    if (!true_ || length < 1) continue;
    const double drawn = std::atan2(b.y - a.y, b.x - a.x) * 180 / std::numbers::pi;
    const double off = std::fabs(std::remainder(drawn - true_->turn_deg, 360.0));
    if (off <= kWrong_deg) continue;
    Finding f{FindingKind::ShadowWrongWay, Level::Warn, {true_->impression}, off, {}};
    f.mark = static_cast<int>(k);
    const double turn = true_->turn_deg * std::numbers::pi / 180;
    f.fix = Fix{Fix::What::EndMark,
                true_->impression,
                static_cast<int>(k),
                {a.x + length * std::cos(turn), a.y + length * std::sin(turn)}};
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
