// Something narrow and tall behind a head seems to grow out of it.
#include "core/outline/shape_ops.h"
#include "core/outline/shared_area.h"
#include "core/plan/figures.h"
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

void readMerging(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kHead = 0.25;   // of a figure's height from its top
  constexpr double kNarrow = 0.6;  // of the head's width: what is wider is a background, not an antler
  constexpr double kAbove_mm = 4;  // it must rise so far above the head
  for (const Meeting& m : a.meetings.list) {
    const Role role = roleAt(a, m.front);
    if (!factsOf(role).lives()) continue;
    if (factsOf(roleAt(a, m.back)).backdrop || holdsOn(plan, m.back, m.front) ||
        holdsOn(plan, m.front, m.back))
      continue;
    if (factsOf(roleAt(a, m.back)).words || sameFigure(plan, m.front, m.back)) continue;
    const Placed &f = *a.meetings.placed[ix(m.front)], &b = *a.meetings.placed[ix(m.back)];
    const Box figure = f.box;
    const Box top{figure.left, figure.top - kHead * figure.height(), figure.right, figure.top};
    const Box head = boxOf(clippedTo(top, f.silhouette));
    if (head.empty()) continue;
    // What rises directly above the head, and what of it is seen through the head's own height.
    const Box above{head.left - 200, head.top, head.right + 200, head.top + kAbove_mm};
    const Rings rising = clippedTo(above, b.silhouette);
    const Box r = boxOf(rising);
    if (r.empty() || r.height() < kAbove_mm - 0.1) continue;
    const Box at = boxOf(clippedTo({head.left, head.top, head.right, head.top + kAbove_mm}, b.silhouette));
    if (at.empty() || r.width() > kNarrow * head.width()) continue;
    // It must come down to the head, not float above it.
    const Box down = boxOf(clippedTo({head.left, head.bottom, head.right, head.top}, b.silhouette));
    if (down.empty()) continue;
    Finding finding{FindingKind::Merging, Level::Warn, {m.front, m.back}, r.width(), {}};
    const Point foot = thingAt(plan, m.back).at;
    const bool left = r.centre().x < head.centre().x;
    const double by = left ? -(r.right - head.left + 2) : head.right - r.left + 2;
    finding.fix = moveTo(m.back, {foot.x + by, foot.y});
    out.push_back(std::move(finding));
  }
}

}  // namespace havlo
