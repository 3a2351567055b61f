// Embossing powder clings to every ink that is still damp, not only to the one it is meant for, so embossing
// waits.
#include "core/reading/about.h"
#include "core/reading/step_times.h"

namespace havlo {

void readPowderOnDamp(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kNear_mm = 8;  // powder is poured over a thing's surroundings too
  constexpr double kLeast_min = 0.5;
  const std::vector<StepTime> times = stepTimes(a.sheet);
  std::vector<double> dryAt(plan.impressions.size(), -1);
  for (size_t s = 0; s < a.sheet.steps.size(); ++s) {
    const Step& step = a.sheet.steps[s];
    if (step.what == Do::Stamp && !step.piece)
      dryAt[ix(step.impression)] =
          times[s].ends + plan.ink(thingAt(plan, step.impression).ink)->dryOnCard_s / 60;
    if (step.what != Do::Emboss) continue;
    // The sheet waits until all ink is dry; without that wait it would be this damp.
    double ready = times[s].begins;
    if (s > 0 && a.sheet.steps[s - 1].what == Do::Dry)
      ready = times[s - 1].begins - a.sheet.steps[s - 1].wait;
    for (int powdered : step.things) {
      const Box box = a.meetings.placed[ix(powdered)]->onPanel.box();
      double worst = kLeast_min;
      Finding f{FindingKind::PowderOnDamp, Level::Note, {powdered}, 0, {}};
      for (size_t i = 0; i < dryAt.size(); ++i) {
        const double damp = dryAt[i] - ready;
        if (static_cast<int>(i) == powdered || damp < kLeast_min) continue;
        if (thingAt(plan, static_cast<int>(i)).school == School::Resist) continue;
        if (!a.meetings.placed[i]->onPanel.box().meets(box, kNear_mm)) continue;
        f.impressions.push_back(static_cast<int>(i));
        worst = std::max(worst, damp);
      }
      if (f.impressions.size() < 2) continue;
      f.value = worst;
      Fix fix;
      fix.what = Fix::What::First, fix.impression = powdered;
      const auto& first = plan.making.first;
      if (std::find(first.begin(), first.end(), thingAt(plan, powdered).id) == first.end())
        f.fix = std::move(fix);
      out.push_back(std::move(f));
    }
  }
}

}  // namespace havlo
