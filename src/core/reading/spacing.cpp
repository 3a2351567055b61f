// Things in a row stand evenly in the scene, so on the card they crowd together toward the horizon.
#include <algorithm>
#include <cmath>
#include <map>

#include "core/analysis/analysis.h"
#include "core/viewpoint/projection.h"

namespace havlo {
namespace {

constexpr double kUneven = 1.6;   // widest over narrowest real gap
constexpr double kLine_mm = 1.5;  // off the line through the first and the last foot
constexpr double kDeep = 1.3;     // farthest over nearest distance; flatter rows do not recede

struct Row {
  std::vector<int> things;  // near to far
  std::vector<ScenePoint> feet;
};

/// Along the panel line from first to last foot; nothing if some foot is off it or the row does not recede.
std::optional<Row> rowOf(const Plan& plan, const Projection& projection, std::vector<int> things) {
  std::sort(things.begin(), things.end(),
            [&](int a, int b) { return plan.impressions[ix(a)].at.y < plan.impressions[ix(b)].at.y; });
  const auto foot = [&](int i) { return plan.impressions[ix(i)].at; };
  const Point a = foot(things.front()), b = foot(things.back());
  const double length = std::hypot(b.x - a.x, b.y - a.y);
  if (length < 1) return {};
  Row row;
  for (const int i : things) {
    const Point p = foot(i);
    if (p.y >= plan.view->horizon_mm - 0.01) return {};
    if (std::fabs((p.x - a.x) * (b.y - a.y) - (p.y - a.y) * (b.x - a.x)) / length > kLine_mm) return {};
    row.feet.push_back(projection.onGround(p));
  }
  if (row.feet.back().away < kDeep * row.feet.front().away) return {};
  row.things = std::move(things);
  return row;
}

std::optional<Finding> judged(const Projection& projection, const Row& row) {
  double least = 1e300, most = 0;
  for (size_t k = 1; k < row.feet.size(); ++k) {
    const double gap = std::hypot(row.feet[k].x - row.feet[k - 1].x, row.feet[k].away - row.feet[k - 1].away);
    least = std::min(least, gap), most = std::max(most, gap);
  }
  if (most <= kUneven * least) return {};
  Finding f{FindingKind::Spacing, Level::Warn, row.things, least > 0 ? most / least : 99, {}};
  Fix fix;
  fix.what = Fix::What::MoveFeet;
  const ScenePoint a = row.feet.front(), b = row.feet.back();
  for (size_t k = 1; k + 1 < row.feet.size(); ++k) {
    const double t = static_cast<double>(k) / static_cast<double>(row.feet.size() - 1);
    fix.feet.push_back(
        {row.things[k], projection.toPanel({a.x + t * (b.x - a.x), 0, a.away + t * (b.away - a.away)})});
  }
  fix.impression = row.things[1];
  f.fix = std::move(fix);
  return f;
}

}  // namespace

void readSpacing(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  if (!plan.view) return;
  const Projection projection(*plan.view, plan.card.panel.width_mm);
  // Rows the maker laid, else three and more prints of one stamp in a line.
  std::map<std::string, std::vector<int>> groups;
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    if (!std::holds_alternative<OnGround>(thing.depth)) continue;
    groups[thing.row.empty() ? "of " + std::to_string(analysis.stampOf[i]) : "row " + thing.row].push_back(
        static_cast<int>(i));
  }
  for (auto& [name, things] : groups) {
    if (things.size() < 3) continue;
    if (const auto row = rowOf(plan, projection, std::move(things)))
      if (auto f = judged(projection, *row)) out.push_back(std::move(*f));
  }
}

}  // namespace havlo
