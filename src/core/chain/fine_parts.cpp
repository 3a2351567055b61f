#include "core/chain/fine_parts.h"

#include "core/edit/card_edits.h"
#include "core/edit/wash_edits.h"
#include "core/outline/distance.h"
#include "core/outline/shared_area.h"

namespace havlo {
namespace {

constexpr double kNear_mm = 3;  // of a patch's middle, which may lie outside of it
constexpr double kHalf = 0.5;   // of the patch is not another part's

bool isTooFine(const Difference& d) {
  return !d.explained && d.blame.kind == Blame::Kind::TooFine && d.blame.front >= 0;
}

}  // namespace

std::optional<FiddlyPart> finePart(const Plan& plan, const Analysis& analysis, const Difference& difference) {
  if (!isTooFine(difference)) return {};
  const Placed& front = *analysis.meetings.placed[ix(difference.blame.front)];
  const Point middle = front.placing.toFrame(difference.at);
  std::optional<FiddlyPart> nearest;
  double least = kNear_mm;
  for (FiddlyPart& part : fiddlyParts(*front.outline->stamp, plan.supplies)) {
    if (part.cut || part.area_mm2 < kHalf * difference.area_mm2) continue;
    const double away =
        covers(part.shape, middle) ? 0 : distance(nearestPoint(part.shape, middle).at, middle);
    if (away < least) least = away, nearest = std::move(part);
  }
  return nearest;
}

Result<Plan> withFinePartsCut(const Plan& plan, const Analysis& analysis, const Simulation& simulation) {
  Plan out = plan;
  for (const Difference& d : simulation.worst) {
    const auto part = finePart(plan, analysis, d);
    if (!part) continue;
    auto cut = withMaskPart(out, plan.impressions[ix(d.blame.front)].stamp, part->inside, true);
    if (cut) out = std::move(cut).value();
  }
  if (out == plan) return Error{ErrorCode::BadInput, "nothing is too fine to cut that could be cut", {}};
  return out;
}

Result<Plan> withBlendsOverFineParts(const Plan& plan, const Analysis& analysis,
                                     const Simulation& simulation) {
  Plan out = plan;
  const std::vector<Step>& steps = analysis.sheet.steps;
  for (const Difference& d : simulation.worst) {
    if (!isTooFine(d)) continue;
    const std::string& id = plan.impressions[ix(d.blame.front)].id;
    for (const int number : d.steps) {
      const int wash =
          number > 0 && number <= static_cast<int>(steps.size()) ? steps[ix(number - 1)].wash : -1;
      if (wash < 0) continue;
      if (auto over = washedOver(out, plan.washes[ix(wash)].id, id, true)) out = std::move(over).value();
    }
  }
  if (out == plan) return Error{ErrorCode::BadInput, "no blend runs over what is too fine to cut", {}};
  return out;
}

}  // namespace havlo
