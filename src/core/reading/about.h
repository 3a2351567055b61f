// What rules ask of a thing again and again.
#pragma once

#include "core/analysis/analysis.h"
#include "core/focus/greeting.h"

namespace havlo {

inline const Stamp& stampAt(const Analysis& a, int i) { return *a.meetings.placed[ix(i)]->outline->stamp; }
inline Role roleAt(const Analysis& a, int i) { return stampAt(a, i).role; }
inline const Impression& thingAt(const Plan& plan, int i) { return plan.impressions[ix(i)]; }

/// The first hero, or -1.
inline int heroOf(const Plan& plan) {
  for (size_t i = 0; i < plan.impressions.size(); ++i)
    if (plan.impressions[i].hero) return static_cast<int>(i);
  return -1;
}

/// Holds on to another thing, directly or through others.
inline bool holdsOn(const Plan& plan, int thing, int to) {
  for (const Impression* i = &thingAt(plan, thing);;) {
    const auto* on = std::get_if<OnThing>(&i->depth);
    if (!on) return false;
    if (on->id == thingAt(plan, to).id) return true;
    i = plan.impression(on->id);
    if (!i) return false;
  }
}

inline Fix moveTo(int thing, Point to) {
  Fix f;
  f.what = Fix::What::MoveFoot, f.impression = thing, f.to = to;
  return f;
}

}  // namespace havlo
