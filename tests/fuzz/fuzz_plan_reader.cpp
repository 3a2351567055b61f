// libFuzzer on the plan reader: no text may crash it; what it accepts must survive writing, and
// analysis if that is built.
#include <cstdint>
#include <cstdlib>
#include <string_view>

#ifdef HAVLO_FUZZ_WHOLE
#include "core/chain/chain.h"
#endif
#include "core/plan/plan_text.h"

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
  const auto read = havlo::readPlan(std::string_view(reinterpret_cast<const char*>(data), size));
  if (!read) return 0;
  const havlo::Plan& plan = read.value().plan;
  const auto back = havlo::readPlan(havlo::writePlan(plan));
  if (!back || !(back.value().plan == plan)) std::abort();
#ifdef HAVLO_FUZZ_WHOLE
  size_t points = 0;
  for (const auto& s : plan.stamps)
    for (const auto& ring : s->silhouette) points += ring.size();
  if (plan.impressions.size() < 12 && points < 400) havlo::analyse(plan);
#endif
  return 0;
}
