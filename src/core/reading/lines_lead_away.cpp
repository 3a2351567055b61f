// Looks, rows and paths are lines the eye follows; if none of several leads to the hero they lead away from
// it.
#include "core/reading/about.h"

namespace havlo {

void readLinesLeadAway(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  if (!a.looks || a.looks->hero < 0) return;
  constexpr size_t kSeveral = 3;
  std::vector<const EyeLine*> lines;
  for (const EyeLine& l : a.looks->lines) {
    if (l.thing == a.looks->hero) continue;
    if (l.leads) return;
    lines.push_back(&l);
  }
  if (lines.size() < kSeveral) return;
  const EyeLine* nearest = lines[0];
  for (const EyeLine* l : lines)
    if (l->misses_mm < nearest->misses_mm) nearest = l;
  Finding f{FindingKind::LinesLeadAway, Level::Note, {a.looks->hero}, nearest->misses_mm, {}};
  f.other = static_cast<double>(lines.size());
  // A hero on the ground goes to where the nearest line passes, if that is along its own ground line.
  const Box hero = a.meetings.placed[ix(a.looks->hero)]->box;
  const Point at = thingAt(plan, a.looks->hero).at;
  if (nearest->kind == EyeLineKind::Path && nearest->to.y != nearest->from.y) {
    const double t = (at.y - nearest->from.y) / (nearest->to.y - nearest->from.y);
    if (t > 0 && t < 1) {
      const double x = nearest->from.x + t * (nearest->to.x - nearest->from.x);
      if (x > hero.width() / 2 && x < plan.card.panel.width_mm - hero.width() / 2)
        f.fix = moveTo(a.looks->hero, {at.x + x - hero.centre().x, at.y});
    }
  }
  out.push_back(std::move(f));
}

}  // namespace havlo
