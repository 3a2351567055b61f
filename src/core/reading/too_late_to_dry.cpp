// Slow ink that comes last keeps the finished card on the table.
#include "core/reading/about.h"
#include "core/reading/step_times.h"

namespace havlo {

void readTooLateToDry(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kLong_min = 30, kGain_min = 10;  // what it must gain by being stamped first
  const std::vector<StepTime> times = stepTimes(a.sheet);
  if (times.empty()) return;
  const double end = times.back().ends;
  for (size_t k = 0; k < a.sheet.steps.size(); ++k) {
    const Step& s = a.sheet.steps[k];
    if (s.what != Do::Stamp) continue;
    const double damp = times[k].ends + plan.ink(thingAt(plan, s.impression).ink)->dryOnCard_s / 60 - end;
    if (damp < kLong_min || times[k].begins < kGain_min || isEmbossed(plan, s.impression)) continue;
    Finding f{FindingKind::TooLateToDry, Level::Note, {s.impression}, damp, {}};
    if (!isStampedApart(thingAt(plan, s.impression).school)) {
      f.fix = Fix{};
      f.fix->what = Fix::What::First, f.fix->impression = s.impression;
    }
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
