#include "core/chain/foretell.h"

#include <algorithm>

namespace havlo {

int warningsOf(const Analysis& a) {
  return static_cast<int>(std::count_if(a.findings.begin(), a.findings.end(),
                                        [](const Finding& f) { return !f.known && f.level != Level::Note; }));
}

FindingKey keyOf(const Plan& plan, const Finding& f) {
  std::vector<std::string> ids;
  for (int i : f.impressions) ids.push_back(plan.impressions[ix(i)].id);
  std::sort(ids.begin(), ids.end());
  if (f.style) ids.push_back(std::to_string(static_cast<int>(*f.style)));
  return {f.kind, ids, f.wash >= 0 ? plan.washes[ix(f.wash)].id : std::string(),
          f.mark >= 0 ? plan.ground[ix(f.mark)].id : std::string()};
}

std::set<FindingKey> keysOf(const Plan& plan, const Analysis& a, bool seriousOnly) {
  std::set<FindingKey> out;
  for (const Finding& f : a.findings)
    if (!f.known && (!seriousOnly || f.level != Level::Note)) out.insert(keyOf(plan, f));
  return out;
}

double readingScore(const Analysis& a) {
  double score = 100;
  for (const Finding& f : a.findings) {
    if (f.known) continue;
    score -= f.level == Level::Fault ? 25 : f.level == Level::Warn ? 10 : 3;
  }
  if (a.looks && a.looks->hero >= 0) {
    score += 40 * a.looks->heroShare();
    if (a.looks->heroRank == 1) score += 10;
    if (!a.looks->path.empty() && a.looks->path[0].thing == a.looks->hero) score += 5;
  }
  return score;
}

}  // namespace havlo
