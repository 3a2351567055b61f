// Work that nobody will see: everything of it lies behind other things.
#include "core/analysis/analysis.h"

namespace havlo {

void readWhollyHidden(const Plan&, const Analysis& analysis, std::vector<Finding>& out) {
  for (size_t i = 0; i < analysis.visible.size(); ++i) {
    const Visible& v = analysis.visible[i];
    if (v.share > kHiddenShare) continue;
    Finding f{FindingKind::WhollyHidden, Level::Warn, {static_cast<int>(i)}, v.share, {}};
    if (v.behind.size() == 1) f.fix = Fix{Fix::What::PutInFront, static_cast<int>(i), v.behind[0], {}};
    f.impressions.insert(f.impressions.end(), v.behind.begin(), v.behind.end());
    out.push_back(std::move(f));
  }
}

}  // namespace havlo
