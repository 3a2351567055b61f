// A stamp cannot shrink: where its size and its distance disagree, its foot must move.
#include <algorithm>

#include "core/analysis/analysis.h"
#include "core/plan/figures.h"

namespace havlo {
namespace {

constexpr double kGross = 2.0;  // twice or half the size is a fault, less is worth a look

/// Nearest foot height well inside the band; nothing if the stamp would then be off the panel.
std::optional<double> fittingFoot(const ScaleReading& s, double foot_mm, const PanelSize& panel) {
  const double inside = std::min(0.5, (s.band.high_mm - s.band.low_mm) / 4);
  const double y = std::clamp(foot_mm, s.band.low_mm + inside, s.band.high_mm - inside);
  if (y + s.printed_mm * 0.25 < 0 || y > panel.height_mm) return {};
  return y;
}

}  // namespace

void readOutOfScale(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  const std::vector<int> leads = figureLeads(plan);
  for (const ScaleReading& s : analysis.scale) {
    if (s.verdict != ScaleVerdict::TooTall && s.verdict != ScaleVerdict::TooShort) continue;
    if (leads[ix(s.impression)] != s.impression) continue;  // its figure's size is read
    Finding f{FindingKind::OutOfScale, Level::Warn, {s.impression}, *s.ratio, {}};
    if (*s.ratio >= kGross || *s.ratio <= 1 / kGross) f.level = Level::Fault;
    const Point at = plan.impressions[ix(s.impression)].at;
    if (const auto y = fittingFoot(s, at.y, plan.card.panel))
      f.fix = Fix{Fix::What::MoveFoot, s.impression, -1, {at.x, *y}};
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
