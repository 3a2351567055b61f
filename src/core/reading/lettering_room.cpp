// What is lettered by hand wants room: a line long enough, and nothing printed where the letters come.
#include "core/handwork/hand_kind.h"
#include "core/handwork/letters.h"
#include "core/outline/shared_area.h"
#include "core/plan/role_facts.h"
#include "core/reading/about.h"

namespace havlo {

namespace {

/// Letters may go over the ground or the sky, but not where it is drawn densely. @return mm² of ink there, 0
/// where it leaves the letters room enough
double busyArea(const Rings& room, const Placed& thing) {
  constexpr double kEach_mm = 0.4, kBusy = 0.3;  // of the room; common practice, no source
  const Box box = boxOf(room);
  int all = 0, inked = 0;
  for (double y = box.bottom; y < box.top; y += kEach_mm)
    for (double x = box.left; x < box.right; x += kEach_mm)
      if (covers(room, {x, y})) ++all, inked += thing.outline->inked.at(thing.placing.toFrame({x, y}));
  return inked > kBusy * all ? inked * kEach_mm * kEach_mm : 0;
}

}  // namespace

void readLetteringRoom(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kSqueezed_mm = 1, kLeast_mm2 = 4, kPlain = 0.97;  // common practice, no source
  for (size_t k = 0; k < plan.lines.size(); ++k) {
    const HandLine& line = plan.lines[k];
    if (line.text.empty()) continue;
    const double has = lengthOf(line.along), wants = letteringLength(line.text, line.height_mm);
    if (wants > has + kSqueezed_mm) {
      Finding f{FindingKind::LetteringRoom, Level::Warn, {}, wants - has, {}};
      f.other = static_cast<double>(k);
      f.fix = Fix{};
      f.fix->what = Fix::What::LetterHeight, f.fix->other = static_cast<int>(k);
      f.fix->amount = std::floor(10 * kPlain * letteringHeightFor(line.text, has)) / 10;
      if (f.fix->amount < 1) f.fix.reset();
      out.push_back(std::move(f));
    }
    const Rings room = letteringRoom(line);
    int worst = -1;
    double most = kLeast_mm2;
    for (size_t i = 0; i < plan.impressions.size(); ++i) {
      const Placed& thing = *a.meetings.placed[i];
      if (plan.impressions[i].id == line.on || !boxOf(room).meets(thing.box)) continue;
      const bool backdrop = factsOf(thing.outline->stamp->role).backdrop;
      const double shared = backdrop ? busyArea(room, thing) : sharedArea(SweepEdges(room), thing.onPanel);
      if (shared > most) most = shared, worst = static_cast<int>(i);
    }
    if (worst < 0) continue;
    Finding f{FindingKind::LetteringRoom, Level::Warn, {worst}, most, {}};
    f.other = static_cast<double>(k);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
