// Of two things on the ground the one whose foot is lower is nearer; drawn behind the other it seems to sink.
#include "core/analysis/analysis.h"
#include "core/plan/figures.h"

namespace havlo {
namespace {

constexpr double kLower_mm = 2.0;

}  // namespace

void readDrawnBehind(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  for (const Meeting& m : analysis.meetings.list) {
    if (!m.overlaps() || m.contradictory || sameFigure(plan, m.front, m.back)) continue;
    const Impression &front = plan.impressions[ix(m.front)], &back = plan.impressions[ix(m.back)];
    if (!std::holds_alternative<OnGround>(front.depth) || !std::holds_alternative<OnGround>(back.depth))
      continue;
    const double lower = front.at.y - back.at.y;
    if (lower < kLower_mm || analysis.depth->said(m.front, m.back) != PairWord::First) continue;
    out.push_back({FindingKind::DrawnBehind,
                   Level::Warn,
                   {m.back, m.front},
                   lower,
                   Fix{Fix::What::DropInFront, m.front, m.back, {}}});
  }
}

}  // namespace havlo
