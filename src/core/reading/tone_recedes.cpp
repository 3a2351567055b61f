// In mist, what is farther is paler; a far thing pressed as dark as a near one comes forward.
#include <cmath>

#include "core/analysis/analysis.h"
#include "core/plan/role_facts.h"

namespace havlo {
namespace {

constexpr double kOff = 0.3;        // of strength
constexpr double kGain = 0.1;       // what the proposal must mend of it
constexpr double kGrossTone = 0.6;  // a fault from here on

constexpr double kPalest =
    0.5;  // beyond the mist nothing at hand is pale enough; this is not held against it

}  // namespace

void readToneRecedes(const Plan& plan, const Analysis& analysis, std::vector<Finding>& out) {
  for (const ToneReading& t : analysis.tone) {
    const Impression& thing = plan.impressions[ix(t.impression)];
    const Role role = analysis.meetings.placed[ix(t.impression)]->outline->stamp->role;
    // What reaches over many distances, or is not in the scene at all, has no one tone.
    if (!factsOf(role).stands() || !std::isfinite(analysis.depth->distance_m(t.impression))) continue;
    // A paler near thing is a choice; a dark far one breaks the depth.
    const double over = t.seen - std::fmax(t.wanted, std::fmin(t.proposed, kPalest));
    if (over <= kOff) continue;
    Finding f{FindingKind::Tone, over >= kGrossTone ? Level::Warn : Level::Note, {t.impression}, over, {}};
    if (std::fabs(t.proposed - t.wanted) + kGain <= over) {
      Fix fix;
      fix.what = Fix::What::Press;
      fix.impression = t.impression;
      fix.ink = t.proposedInk.empty() ? thing.ink : t.proposedInk;
      fix.generation = t.proposedGeneration;
      f.fix = std::move(fix);
    }
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
