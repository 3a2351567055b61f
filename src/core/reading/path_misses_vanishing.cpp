// A path that goes straight away from the viewer runs to the vanishing point; one that nearly does looks
// bent.
#include <cmath>

#include "core/analysis/analysis.h"
#include "core/viewpoint/ground.h"

namespace havlo {
namespace {

constexpr double kMeets_mm = 2;      // nearer than this it meets it
constexpr double kElsewhere = 0.15;  // of the panel's width; farther off it plainly goes elsewhere

}  // namespace

void readPathMissesVanishing(const Plan& plan, const Analysis&, std::vector<Finding>& out) {
  if (!plan.view) return;
  const double vx = vanishX(*plan.view, plan.card.panel.width_mm);
  for (size_t k = 0; k < plan.ground.size(); ++k) {
    const auto x = runsTo(plan.ground[k], *plan.view, plan.card.panel);
    if (!x) continue;
    const double off = std::fabs(*x - vx);
    if (off <= kMeets_mm || off > kElsewhere * plan.card.panel.width_mm) continue;
    Finding f{FindingKind::PathMissesVanishing, Level::Warn, {}, off, {}};
    f.mark = static_cast<int>(k);
    const Point a = plan.ground[k].along.front(), b = plan.ground[k].along.back();
    const double t = (b.y - a.y) / (plan.view->horizon_mm - a.y);
    f.fix = Fix{Fix::What::EndMark, -1, static_cast<int>(k), {a.x + t * (vx - a.x), b.y}};
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
