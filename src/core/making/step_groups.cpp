#include "core/making/step_groups.h"

#include <algorithm>

#include "core/making/making.h"

namespace havlo {
namespace {

/// How many of the steps shown, from `k` on, are of these kinds.
template <typename Is>
size_t runOf(const RunSheet& sheet, const std::vector<int>& shown, size_t k, Is is) {
  size_t n = 0;
  while (k + n < shown.size() && is(sheet.steps[ix(shown[k + n])])) ++n;
  return n;
}

/// From `k` on: masks cut, waits, masks laid, up to the last that is laid; 0 where none is.
size_t coverRun(const RunSheet& sheet, const std::vector<int>& shown, size_t k) {
  const int evening = sheet.steps[ix(shown[k])].evening;
  const size_t all = runOf(sheet, shown, k, [&](const Step& s) {
    return s.evening == evening && s.limit < 0 &&
           (s.what == Do::CutMask || s.what == Do::Dry || s.what == Do::MaskOn);
  });
  for (size_t n = all; n > 0; --n)
    if (sheet.steps[ix(shown[k + n - 1])].what == Do::MaskOn) return n;
  return 0;
}

}  // namespace

std::vector<StepGroup> stepGroups(const RunSheet& sheet) {
  const std::vector<int> shown = stepsToShow(sheet);
  std::vector<StepGroup> out;
  for (size_t k = 0; k < shown.size();) {
    const auto same = [&](Do what) {
      return runOf(sheet, shown, k, [&](const Step& s) {
        return s.what == what && s.limit < 0 && s.evening == sheet.steps[ix(shown[k])].evening;
      });
    };
    const Do what = sheet.steps[ix(shown[k])].what;
    StepGroup group;
    size_t n = 1;
    // An edge or opening lies over everything, not on a thing: it is cut, laid and lifted for itself.
    const bool onThings = sheet.steps[ix(shown[k])].limit < 0;
    if (onThings && what == Do::Print) {
      n = same(Do::Print), group.kind = StepGroup::Kind::Print;
    } else if (onThings && what == Do::MaskOff) {
      n = same(Do::MaskOff), group.kind = StepGroup::Kind::Uncover;
    } else if (onThings && (what == Do::CutMask || what == Do::Dry || what == Do::MaskOn)) {
      n = coverRun(sheet, shown, k), group.kind = StepGroup::Kind::Cover;
      if (n == 0 && what == Do::CutMask) n = same(Do::CutMask), group.kind = StepGroup::Kind::Cut;
    }
    n = std::max<size_t>(1, n);
    if (n == 1) group.kind = StepGroup::Kind::One;
    group.steps.assign(shown.begin() + static_cast<std::ptrdiff_t>(k),
                       shown.begin() + static_cast<std::ptrdiff_t>(k + n));
    group.first = static_cast<int>(k) + 1, group.last = static_cast<int>(k + n);
    out.push_back(std::move(group));
    k += n;
  }
  return out;
}

Step merged(const RunSheet& sheet, const StepGroup& group) {
  Step out = sheet.steps[ix(group.steps.back())];
  if (group.steps.size() == 1) return out;
  out.covers.clear();
  out.wait = out.minutes = 0;
  for (const int k : group.steps) {
    const Step& s = sheet.steps[ix(k)];
    out.wait += s.wait, out.minutes += s.minutes;
    if (s.what == out.what) out.covers.insert(out.covers.end(), s.covers.begin(), s.covers.end());
  }
  return out;
}

}  // namespace havlo
