// Ink stays wet on masking paper for minutes; a mask moved too soon smears it onto the card.
#include <map>

#include "core/ink/ink_facts.h"
#include "core/reading/about.h"
#include "core/reading/step_times.h"

namespace havlo {

void readWetMask(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kBlotted_min = 5;  // less than this is blotted
  const std::vector<StepTime> times = stepTimes(a.sheet);
  struct Wet {
    double until = 0;
    int by = -1, on = -1;
  };
  std::map<std::string, Wet> wet;
  std::map<std::string, int> lies;  // mask -> thing
  Finding worst{FindingKind::WetMask, Level::Note, {}, kBlotted_min, {}};
  for (size_t s = 0; s < a.sheet.steps.size(); ++s) {
    const Step& step = a.sheet.steps[s];
    if (step.what == Do::MaskOn)
      for (const Cover& c : step.covers) {
        const auto it = wet.find(c.mask);
        const double still =
            it == wet.end() || it->second.on == c.impression ? 0 : it->second.until - times[s].begins;
        if (still >= worst.value) worst.value = still, worst.impressions = {c.impression, it->second.by};
        lies[c.mask] = c.impression;
      }
    if (step.what == Do::Stamp && !step.piece)
      for (const auto& [mask, on] : lies)
        if (std::binary_search(step.needed.begin(), step.needed.end(), on))
          wet[mask] = {times[s].ends + plan.ink(thingAt(plan, step.impression).ink)->dryOnMask_s / 60,
                       step.impression, on};
    if (step.what == Do::MaskOff)
      for (const Cover& c : step.covers) lies.erase(c.mask);
  }
  if (worst.impressions.empty()) return;
  const Ink& ink = *plan.ink(thingAt(plan, worst.impressions[1]).ink);
  if (const Ink* quick =
          nearestInk(plan, ink, 15, [&](const Ink& o) { return o.dryOnMask_s < ink.dryOnMask_s / 2; })) {
    Fix fix;
    fix.what = Fix::What::PressAll, fix.impression = worst.impressions[1], fix.ink = quick->id;
    for (size_t k = 0; k < plan.impressions.size(); ++k)
      if (plan.impressions[k].ink == ink.id) fix.feet.push_back({static_cast<int>(k), {}});
    worst.fix = std::move(fix);
  }
  out.push_back(std::move(worst));
}

}  // namespace havlo
