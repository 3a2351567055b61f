// What rules ask of a thing again and again.
#pragma once

#include <algorithm>

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

/// What lies printed and bare where a wash is blended over it: stamped before, visibly coloured, not covered.
inline std::vector<int> inkedBefore(const Plan& plan, const Analysis& a, int wash) {
  std::vector<int> covered, out;
  for (const NeedStep& s : a.needTable->washSteps())
    if (s.index == wash) covered = s.covered;
  for (int act : a.acts) {
    if (act == actOfWash(plan, wash)) break;
    if (ix(act) >= plan.impressions.size() || isStampedApart(thingAt(plan, act).school)) continue;
    if (a.washes.of(wash, act).edge.any && std::find(covered.begin(), covered.end(), act) == covered.end())
      out.push_back(act);
  }
  std::sort(out.begin(), out.end());
  return out;
}

inline Fix moveTo(int thing, Point to) {
  Fix f;
  f.what = Fix::What::MoveFoot, f.impression = thing, f.to = to;
  return f;
}

}  // namespace havlo
