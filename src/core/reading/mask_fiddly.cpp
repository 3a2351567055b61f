// A thing that wants a mask, but of which scissors can follow little or nothing.
#include "core/reading/about.h"

namespace havlo {

void readMaskFiddly(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  constexpr double kMuch = 0.45;    // of the silhouette left uncovered
  constexpr double kHair_mm2 = 80;  // a string or a hair: what is behind may run across it
  std::vector<char> covered(plan.impressions.size(), 0);
  for (const NeedStep& s : a.needs.steps)
    for (int i : s.covered) covered[ix(i)] = 1;
  for (size_t k = 0; k < plan.impressions.size(); ++k) {
    const bool impossible = a.needs.uncuttable[k] != 0;
    if (!impossible && (!covered[k] || a.needs.taped[k])) continue;
    const double whole = a.meetings.placed[k]->outline->area_mm2;
    if (whole < kHair_mm2) continue;
    const double left = impossible ? 1 : a.masks[ix(a.stampOf[k])]->uncovered_mm2 / std::max(whole, 1e-9);
    if (left < kMuch) continue;
    Finding f{
        FindingKind::MaskFiddly, impossible ? Level::Warn : Level::Note, {static_cast<int>(k)}, left, {}};
    Fix fix;
    fix.what = Fix::What::School, fix.impression = static_cast<int>(k), fix.school = School::Resist;
    f.fix = std::move(fix);
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
