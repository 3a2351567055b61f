// Part of a stamp that no straight strip of tape makes: the run sheet cannot say it in words.
#include "core/edit/edits.h"
#include "core/reading/about.h"

namespace havlo {

void readPartUntold(const Plan& plan, const Analysis& a, std::vector<Finding>& out) {
  for (size_t i = 0; i < plan.impressions.size(); ++i) {
    const Impression& thing = plan.impressions[i];
    if (thing.part.empty() || partLineOf(thing, stampAt(a, static_cast<int>(i)))) continue;
    double corners = 0;
    for (const Ring& ring : thing.part) corners += static_cast<double>(ring.size());
    out.push_back({FindingKind::PartUntold, Level::Note, {static_cast<int>(i)}, corners, {}});
  }
}

}  // namespace havlo
